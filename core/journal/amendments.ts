import { batchIdOf, type EventOf, type GardenEvent } from './event'
import { byHappening, turnOf } from './order'
import { compareTurns } from './turn'

/** Events as they read now, by their id: only those that were set right. */
export type Amended = ReadonlyMap<string, GardenEvent>

type Amending = EventOf<'amended'>

const isLater = (one: Amending, other: Amending) => (compareTurns(turnOf(one), turnOf(other)) || (one.id < other.id ? -1 : 1)) > 0

/** What is set right stays of its kind and with its batch: anything else comes only from a forged file, and counts for nothing. */
const fits = ({ to }: Amending, target: GardenEvent) => to.kind === target.kind && batchIdOf(to) === batchIdOf(target)

/** Who wrote it down and when is not set right: it stays what it was. */
function asToldNow({ to }: Amending, { id, by, recordedAt, turn }: GardenEvent): GardenEvent {
  const { turn: _, ...rest } = to
  return { ...rest, id, by, recordedAt, ...(turn ? { turn } : {}) } as GardenEvent
}

/** Events as they read now: of several who set one right, the last that was written down and stands. */
export function amendedBy(amendings: readonly Amending[], undone: ReadonlySet<string>, all: ReadonlyMap<string, GardenEvent>): Amended {
  const last = new Map<string, Amending>()
  for (const one of amendings) {
    const target = all.get(one.targetId)
    if (undone.has(one.id) || !target || !fits(one, target)) continue
    const known = last.get(one.targetId)
    if (!known || isLater(one, known)) last.set(one.targetId, one)
  }
  return new Map([...last].map(([id, one]) => [id, asToldNow(one, all.get(id)!)]))
}

/** Events of a strand as they read now, in the order in which that happened. */
export function asTold(strand: readonly GardenEvent[], amended: Amended): readonly GardenEvent[] {
  if (amended.size === 0 || !strand.some(({ id }) => amended.has(id))) return strand
  return strand.map(event => amended.get(event.id) ?? event).sort(byHappening)
}

/** What reads otherwise than before: as it read and as it reads now. */
export function changedBetween(before: Amended, after: Amended): GardenEvent[] {
  const ids = new Set([...before.keys(), ...after.keys()])
  return [...ids].flatMap((id) => {
    const [was, is] = [before.get(id), after.get(id)]
    return JSON.stringify(was) === JSON.stringify(is) ? [] : [was, is].filter(one => one !== undefined)
  })
}
