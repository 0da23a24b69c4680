import type { GardenEvent } from './event'
import { compareTurns, turnAt, type Turn } from './turn'

const textOrder = (a: string, b: string) => a < b ? -1 : a > b ? 1 : 0

/** The turn at which an event was written down. */
export function turnOf({ recordedAt, turn }: GardenEvent): Turn {
  return turnAt(recordedAt, turn)
}

/** The order in which things happened; what happened at once, in the order of writing, then by id. */
export function byHappening(a: GardenEvent, b: GardenEvent): number {
  return (
    textOrder(a.at, b.at)
    || (a.turn || b.turn ? compareTurns(turnOf(a), turnOf(b)) : textOrder(a.recordedAt, b.recordedAt))
    || textOrder(a.id, b.id)
  )
}

interface Undo { readonly id: string, readonly targetId: string }

const undosAmong = (events: Iterable<GardenEvent>): Undo[] => [...events].flatMap(event => event.kind === 'undone' ? [event] : [])

/**
 * The undos that stand: those that no standing undo points at. No clock is asked. Each undo points at one thing, so what is not
 * settled from the last undo down goes round in a circle, which only a forged file holds: those count for nothing.
 */
function standingUndos(undos: readonly Undo[]): Undo[] {
  const byId = new Map(undos.map(undo => [undo.id, undo]))
  const waitsFor = new Map<string, number>()
  for (const { targetId } of undos) waitsFor.set(targetId, (waitsFor.get(targetId) ?? 0) + 1)
  const settled = new Map<string, boolean>()
  const queue: Undo[] = []
  const settle = (undo: Undo, stands: boolean) => {
    settled.set(undo.id, stands)
    queue.push(undo)
  }
  for (const undo of undos) if (!waitsFor.has(undo.id)) settle(undo, true)
  for (let undo = queue.shift(); undo; undo = queue.shift()) {
    const target = byId.get(undo.targetId)
    if (!target || settled.has(target.id)) continue
    const left = (waitsFor.get(target.id) ?? 0) - 1
    waitsFor.set(target.id, left)
    if (settled.get(undo.id)) settle(target, false)
    else if (left === 0) settle(target, true)
  }
  return undos.filter(({ id }) => settled.get(id))
}

const byId = (events: Iterable<GardenEvent>) => new Map(Array.from(events, event => [event.id, event]))

/**
 * The ids of events that are undone. An undo refers to its target alone: it counts whatever any clock said, as long as it stands
 * itself.
 */
export function undoneIds(events: Iterable<GardenEvent>, all: ReadonlyMap<string, GardenEvent> = byId(events)): Set<string> {
  return new Set(standingUndos(undosAmong(events)).flatMap(({ targetId }) => all.has(targetId) ? [targetId] : []))
}

/** The events that stand, in the order in which they happened. */
export function standingEvents(events: Iterable<GardenEvent>): GardenEvent[] {
  const all = byId(events)
  const undone = undoneIds(all.values(), all)
  return [...all.values()].filter(event => !undone.has(event.id)).sort(byHappening)
}
