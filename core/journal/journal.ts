import { applyEvent, type GardenEvent } from './event'
import { emptyGarden, type Garden } from './garden'
import { byHappening, standingEvents } from './order'

/** The garden that events add up to: fold(events). The order of the input does not matter. */
export function foldGarden(events: Iterable<GardenEvent>): Garden {
  const garden = emptyGarden()
  for (const event of standingEvents(events)) applyEvent(garden, event)
  return garden
}

/** The union of journals' events, each id once, in the order in which they happened. */
export function mergeEvents(...journals: readonly Iterable<GardenEvent>[]): GardenEvent[] {
  const byId = new Map<string, GardenEvent>()
  for (const events of journals) {
    for (const event of events) {
      const known = byId.get(event.id)
      // Two different events under one id come only from a damaged or forged file: the same one wins on every device.
      if (!known || (known !== event && JSON.stringify(event) < JSON.stringify(known))) byId.set(event.id, event)
    }
  }
  return [...byId.values()].sort(byHappening)
}

/** Events with the garden they add up to, kept in step. Handed on by `extendJournal`, never changed from outside. */
export interface Journal {
  readonly events: ReadonlyMap<string, GardenEvent>
  readonly garden: Garden
  readonly last: GardenEvent | undefined
  /** The latest moment at which anything was written down, on any device. */
  readonly lastWritten: string
  /** Ids that some undo points at, whether or not the event has arrived yet. */
  readonly undoTargets: ReadonlySet<string>
}

function latestWriting(known: string, events: readonly GardenEvent[]): string {
  return events.reduce((latest, { recordedAt }) => recordedAt > latest ? recordedAt : latest, known)
}

/** A journal from any events, in any order; an id counts once. */
export function openJournal(events: Iterable<GardenEvent>): Journal {
  const ordered = mergeEvents(events)
  return {
    events: new Map(ordered.map(event => [event.id, event])),
    garden: foldGarden(ordered),
    last: ordered.at(-1),
    lastWritten: latestWriting('', ordered),
    undoTargets: new Set(ordered.flatMap(event => event.kind === 'undone' ? [event.targetId] : [])),
  }
}

/**
 * A journal with more events. What happened after all that is known takes one step of the fold, whatever the
 * length of the journal; what is late, or undoes something, folds anew. The journal handed in is used up.
 */
export function extendJournal(journal: Journal, events: readonly GardenEvent[]): Journal {
  const fresh = mergeEvents(events.filter(({ id }) => !journal.events.has(id)))
  const first = fresh[0]
  if (!first) return journal
  const inOrder = !journal.last || byHappening(journal.last, first) < 0
  const plain = fresh.every(event => event.kind !== 'undone' && !journal.undoTargets.has(event.id))
  if (!inOrder || !plain) return openJournal([...journal.events.values(), ...fresh])
  const known = journal.events as Map<string, GardenEvent>
  for (const event of fresh) {
    known.set(event.id, event)
    applyEvent(journal.garden, event)
  }
  return { ...journal, last: fresh.at(-1), lastWritten: latestWriting(journal.lastWritten, fresh) }
}

const A_DAY_MS = 86_400_000

/**
 * The moment to write something down at: now, but after everything written so far, so that an undo always comes
 * after what it undoes even if the clock was set back. A journal that is more than a day ahead is not followed.
 */
export function writingMoment({ lastWritten }: Journal, now: Date): Date {
  const next = Date.parse(lastWritten) + 1
  return next > now.getTime() && next < now.getTime() + A_DAY_MS ? new Date(next) : now
}
