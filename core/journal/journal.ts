import { emptyBatch, type Growing } from './amend'
import { batchIdOf, effectOf, type GardenEvent } from './event'
import { emptyGarden, type Batch, type Garden, type StoreState } from './garden'
import { byHappening, undoneIds } from './order'

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

/** Events of one batch, or of the store, in the order in which they happened. */
type Strand = GardenEvent[]

/** Events with the garden they add up to, kept in step. Handed on by `extendJournal`, never changed from outside. */
export interface Journal {
  readonly events: ReadonlyMap<string, GardenEvent>
  readonly garden: Garden
  /** The latest moment at which anything was written down, on any device. */
  readonly lastWritten: string
  readonly undone: ReadonlySet<string>
  /** What touches each batch, and what touches the store, standing or not: a change folds its own strand anew and no other. */
  readonly strands: { readonly batches: Map<string, Strand>, readonly store: Strand }
  readonly undos: readonly GardenEvent[]
  /** Ids that some undo points at, whether or not the event has arrived yet. */
  readonly undoTargets: ReadonlySet<string>
}

function latestWriting(known: string, events: readonly GardenEvent[]): string {
  return events.reduce((latest, { recordedAt }) => recordedAt > latest ? recordedAt : latest, known)
}

function foldBatch(id: string, strand: Strand, undone: ReadonlySet<string>): Batch | undefined {
  const batch = emptyBatch(id)
  for (const event of strand) {
    if (undone.has(event.id)) continue
    effectOf(event).onBatch?.(batch, event)
    batch.log.push(event.id)
  }
  return batch.log.length > 0 ? batch : undefined
}

function foldStore(store: StoreState, strand: Strand, undone: ReadonlySet<string>): void {
  store.lots.clear()
  store.drawnL.clear()
  store.measurements.clear()
  for (const event of strand) {
    if (!undone.has(event.id)) effectOf(event).onStore?.(store, event)
  }
}

function settle(garden: Garden, id: string, batch: Batch | undefined): void {
  if (batch) garden.batches.set(id, batch)
  else garden.batches.delete(id)
}

/** A journal from any events, in any order; an id counts once. */
export function openJournal(events: Iterable<GardenEvent>): Journal {
  const ordered = mergeEvents(events)
  const all = new Map(ordered.map(event => [event.id, event]))
  const undos = ordered.filter(({ kind }) => kind === 'undone')
  const undone = undoneIds(undos, all)
  const strands = { batches: new Map<string, Strand>(), store: [] as Strand }
  for (const event of ordered) {
    const id = batchIdOf(event)
    if (id !== undefined) strandOf(strands.batches, id).push(event)
    if (effectOf(event).onStore) strands.store.push(event)
  }
  const garden = emptyGarden()
  for (const [id, strand] of strands.batches) settle(garden, id, foldBatch(id, strand, undone))
  foldStore(garden, strands.store, undone)
  return { events: all, garden, lastWritten: latestWriting('', ordered), undone, strands, undos, undoTargets: targetsOf(undos) }
}

const targetsOf = (undos: readonly GardenEvent[]) => new Set(undos.flatMap(event => event.kind === 'undone' ? [event.targetId] : []))

function strandOf(strands: Map<string, Strand>, id: string): Strand {
  const known = strands.get(id) ?? []
  strands.set(id, known)
  return known
}

/** The garden that events add up to: fold(events). The order of the input does not matter. */
export function foldGarden(events: Iterable<GardenEvent>): Garden {
  return openJournal(events).garden
}

/** Adds to a strand. @returns whether it came after all that is known of it. */
function append(strand: Strand, event: GardenEvent): boolean {
  const last = strand.at(-1)
  const inOrder = !last || byHappening(last, event) < 0
  strand.push(event)
  return inOrder
}

/** What has to be folded anew. */
interface Stale { readonly batches: Set<string>, store: boolean }

function markStale(stale: Stale, event: GardenEvent | undefined): void {
  if (!event) return
  const id = batchIdOf(event)
  if (id !== undefined) stale.batches.add(id)
  if (effectOf(event).onStore) stale.store = true
}

function foldStale({ garden, strands }: Journal, undone: ReadonlySet<string>, stale: Stale): void {
  for (const id of stale.batches) settle(garden, id, foldBatch(id, strandOf(strands.batches, id).sort(byHappening), undone))
  if (stale.store) foldStore(garden, strands.store.sort(byHappening), undone)
}

/**
 * A batch grows by one event: it gets a new identity, so that views notice, while its lists grow in place, so that
 * appending stays cheap however long they are.
 */
function grow(garden: Garden, id: string, event: GardenEvent): void {
  const batch: Growing = { ...(garden.batches.get(id) as Growing | undefined ?? emptyBatch(id)) }
  effectOf(event).onBatch?.(batch, event)
  batch.log.push(event.id)
  garden.batches.set(id, batch)
}

/**
 * A journal with more events. What happened after all that is known of its batch takes one step, whatever the length
 * of the journal; what is late, or undoes something, folds that batch anew and no other. The journal handed in is used up.
 */
export function extendJournal(journal: Journal, events: readonly GardenEvent[]): Journal {
  const fresh = mergeEvents(events.filter(({ id }) => !journal.events.has(id)))
  if (fresh.length === 0) return journal
  const all = journal.events as Map<string, GardenEvent>
  for (const event of fresh) all.set(event.id, event)
  const more = fresh.filter(({ kind }) => kind === 'undone')
  const undos = more.length > 0 ? [...journal.undos, ...more] : journal.undos
  const unsettled = more.length > 0 || fresh.some(({ id }) => journal.undoTargets.has(id))
  const undone = unsettled ? undoneIds(undos, all) : journal.undone
  const stale: Stale = { batches: new Set(), store: false }
  if (unsettled) {
    for (const id of undone) if (!journal.undone.has(id)) markStale(stale, all.get(id))
    for (const id of journal.undone) if (!undone.has(id)) markStale(stale, all.get(id))
  }
  for (const event of fresh) {
    const id = batchIdOf(event)
    const stands = !undone.has(event.id)
    if (id !== undefined) {
      const inOrder = append(strandOf(journal.strands.batches, id), event)
      if (!inOrder || stale.batches.has(id)) stale.batches.add(id)
      else if (stands) grow(journal.garden, id, event)
    }
    const { onStore } = effectOf(event)
    if (!onStore) continue
    const inOrder = append(journal.strands.store, event)
    if (!inOrder || stale.store) stale.store = true
    else if (stands) onStore(journal.garden, event)
  }
  foldStale(journal, undone, stale)
  return { ...journal, undone, undos, undoTargets: more.length > 0 ? targetsOf(undos) : journal.undoTargets, lastWritten: latestWriting(journal.lastWritten, fresh) }
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
