import type { GardenEvent } from './event'

const textOrder = (a: string, b: string) => a < b ? -1 : a > b ? 1 : 0

/** The order in which things happened; what happened at once, in the order of writing, then by id. */
export function byHappening(a: GardenEvent, b: GardenEvent): number {
  return textOrder(a.at, b.at) || textOrder(a.recordedAt, b.recordedAt) || textOrder(a.id, b.id)
}

function byWriting(a: GardenEvent, b: GardenEvent): number {
  return textOrder(a.recordedAt, b.recordedAt) || textOrder(a.id, b.id)
}

const byId = (events: Iterable<GardenEvent>) => new Map(Array.from(events, event => [event.id, event]))

/**
 * The ids of events that are undone. An undo counts when it is itself standing and was written after its
 * target; so undos are settled from the latest to the earliest, and circles in a foreign file do no harm.
 */
export function undoneIds(events: Iterable<GardenEvent>, all: ReadonlyMap<string, GardenEvent> = byId(events)): Set<string> {
  const undone = new Set<string>()
  for (const undo of [...events].filter(({ kind }) => kind === 'undone').sort((a, b) => byWriting(b, a))) {
    const target = undo.kind === 'undone' ? all.get(undo.targetId) : undefined
    if (target && !undone.has(undo.id) && byWriting(target, undo) < 0) undone.add(target.id)
  }
  return undone
}

/** The events that stand, in the order in which they happened. */
export function standingEvents(events: Iterable<GardenEvent>): GardenEvent[] {
  const all = byId(events)
  const undone = undoneIds(all.values(), all)
  return [...all.values()].filter(event => !undone.has(event.id)).sort(byHappening)
}
