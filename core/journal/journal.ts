import { emptyBatch, inOrder, type Growing } from './amend'
import { amendedBy, asTold, changedBetween, type Amended } from './amendments'
import { batchIdOf, effectOf, type EventOf, type GardenEvent } from './event'
import { emptyGarden, type Batch, type Garden, type StoreState } from './garden'
import { byHappening, turnOf, undoneIds } from './order'
import { FIRST_TURN, laterTurn, type Turn } from './turn'

/** Each id once. Two different events under one id come only from a damaged or forged file: the same one wins on every device. */
function keepOne(byId: Map<string, GardenEvent>, event: GardenEvent): void {
  const known = byId.get(event.id)
  if (!known || (known !== event && JSON.stringify(event) < JSON.stringify(known))) byId.set(event.id, event)
}

/** The union of journals' events, each id once, in the order in which they happened. */
export function mergeEvents(...journals: readonly Iterable<GardenEvent>[]): GardenEvent[] {
  const byId = new Map<string, GardenEvent>()
  for (const events of journals) for (const event of events) keepOne(byId, event)
  return [...byId.values()].sort(byHappening)
}

/** Events of one batch, or of the store, in the order in which they happened. */
type Strand = GardenEvent[]

/** Events with the garden they add up to, kept in step. Handed on by `extendJournal`, never changed from outside. */
export interface Journal {
  readonly events: ReadonlyMap<string, GardenEvent>
  readonly garden: Garden
  /** The turn of the last thing written down, on any device. */
  readonly lastTurn: Turn
  /** Events that could not be folded, with the technical reason: their batch stands without them. */
  readonly leftOut: ReadonlyMap<string, string>
  readonly undone: ReadonlySet<string>
  /** Events that were set right, as they read now. */
  readonly amended: Amended
  /** What touches each batch, and what touches the store, standing or not: a change folds its own strand anew and no other. */
  readonly strands: { readonly batches: Map<string, Strand>, readonly store: Strand }
  readonly undos: readonly GardenEvent[]
  readonly amendings: readonly EventOf<'amended'>[]
  /** Ids that some undo points at, whether or not the event has arrived yet. */
  readonly undoTargets: ReadonlySet<string>
}

function latestTurn(known: Turn, events: Iterable<GardenEvent>): Turn {
  let latest = known
  for (const event of events) latest = laterTurn(latest, turnOf(event))
  return latest
}

type LeftOut = Map<string, string>
/** What is settled before anything is folded: what stands, and how it reads. */
type Settled = Pick<Journal, 'undone' | 'amended'>

/** Lets an event have its effect; one that cannot is left out, so that a single odd one never closes the whole garden. */
function effected(leftOut: LeftOut, event: GardenEvent, effect: () => void): boolean {
  try {
    effect()
    return true
  }
  catch (cause) {
    leftOut.set(event.id, cause instanceof Error ? `${cause.name}: ${cause.message}` : 'unknown')
    return false
  }
}

/** Lets an event happen to its batch, and enters it in the log. */
function happen(batch: Growing, event: GardenEvent, leftOut: LeftOut): void {
  const { onBatch, unlogged } = effectOf(event)
  if (effected(leftOut, event, () => onBatch?.(batch, event)) && !unlogged) batch.log.push(event.id)
}

function foldBatch(id: string, strand: Strand, { undone, amended }: Settled, leftOut: LeftOut): Batch | undefined {
  const batch = emptyBatch(id)
  for (const event of asTold(strand, amended)) {
    if (undone.has(event.id)) continue
    happen(batch, event, leftOut)
  }
  inOrder(batch)
  return batch.log.length > 0 ? batch : undefined
}

function foldStore(store: StoreState, strand: Strand, { undone, amended }: Settled, leftOut: LeftOut): void {
  store.lots.clear()
  store.drawnL.clear()
  store.measurements.clear()
  store.spreads.length = 0
  store.makings.length = 0
  store.comparisons.length = 0
  for (const event of asTold(strand, amended)) {
    if (!undone.has(event.id)) effected(leftOut, event, () => effectOf(event).onStore?.(store, event))
  }
}

function settle(garden: Garden, id: string, batch: Batch | undefined): void {
  if (batch) garden.batches.set(id, batch)
  else garden.batches.delete(id)
}

/** So many events are looked at between two breaths while a journal is opened. */
const A_BREATH = 400

/** A journal from any events, in any order; an id counts once. Each step is short; what is yielded is the share that is done, 0 to 1. */
export function* openingJournal(events: Iterable<GardenEvent>): Generator<number, Journal> {
  const all = new Map<string, GardenEvent>()
  const strands = { batches: new Map<string, Strand>(), store: [] as Strand }
  let lastTurn = FIRST_TURN
  for (const event of events) {
    keepOne(all, event)
    if (all.size % A_BREATH === 0) yield 0
  }
  const undos: GardenEvent[] = []
  const amendings: EventOf<'amended'>[] = []
  let seen = 0
  for (const event of all.values()) {
    if (event.kind === 'undone') undos.push(event)
    if (event.kind === 'amended') amendings.push(event)
    const id = batchIdOf(event)
    if (id !== undefined) strandOf(strands.batches, id).push(event)
    if (effectOf(event).onStore) strands.store.push(event)
    lastTurn = laterTurn(lastTurn, turnOf(event))
    if (++seen % A_BREATH === 0) yield 0.4 * seen / all.size
  }
  const undone = undoneIds(undos, all)
  const settled = { undone, amended: amendedBy(amendings, undone, all) }
  const leftOut: LeftOut = new Map()
  const garden = emptyGarden()
  let folded = 0
  // In the order in which they began, whatever order their events came in.
  const inTurn = [...strands.batches]
    .map(([id, strand]) => ({ id, strand: strand.sort(byHappening) }))
    .sort((a, b) => byHappening(a.strand[0]!, b.strand[0]!))
  yield 0.4
  for (const { id, strand } of inTurn) {
    settle(garden, id, foldBatch(id, strand, settled, leftOut))
    folded += strand.length
    if (folded >= A_BREATH) {
      seen += folded
      folded = 0
      yield 0.4 + 0.6 * Math.min(1, (seen - all.size) / all.size)
    }
  }
  foldStore(garden, strands.store.sort(byHappening), settled, leftOut)
  return { events: all, garden, lastTurn, leftOut, ...settled, strands, undos, amendings, undoTargets: targetsOf(undos) }
}

/** A journal from any events, in any order, in one go; an id counts once. */
export function openJournal(events: Iterable<GardenEvent>): Journal {
  const opening = openingJournal(events)
  let step = opening.next()
  while (!step.done) step = opening.next()
  return step.value
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

function foldStale({ garden, strands }: Journal, settled: Settled, stale: Stale, leftOut: LeftOut): void {
  for (const id of stale.batches) settle(garden, id, foldBatch(id, strandOf(strands.batches, id).sort(byHappening), settled, leftOut))
  if (stale.store) foldStore(garden, strands.store.sort(byHappening), settled, leftOut)
}

const sharesStrand = (one: GardenEvent, other: GardenEvent) =>
  (batchIdOf(one) !== undefined && batchIdOf(one) === batchIdOf(other))
  || (effectOf(one).onStore !== undefined && effectOf(other).onStore !== undefined)

/** An event as it reads now: as it was set right, where it was. */
export function eventOf({ events, amended }: Pick<Journal, 'events' | 'amended'>, id: string): GardenEvent | undefined {
  return amended.get(id) ?? events.get(id)
}

/**
 * A batch grows by one event: it gets a new identity, so that views notice, while its lists grow in place, so that
 * appending stays cheap however long they are.
 */
function grow(garden: Garden, id: string, event: GardenEvent, leftOut: LeftOut): void {
  const batch: Growing = { ...(garden.batches.get(id) as Growing | undefined ?? emptyBatch(id)) }
  happen(batch, event, leftOut)
  inOrder(batch)
  settle(garden, id, batch.log.length > 0 ? batch : undefined)
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
  const amendings = [...journal.amendings, ...fresh.flatMap(event => event.kind === 'amended' ? [event] : [])]
  const amended = amendings.length > 0 ? amendedBy(amendings, undone, all) : journal.amended
  const stale: Stale = { batches: new Set(), store: false }
  for (const event of changedBetween(journal.amended, amended)) markStale(stale, event)
  // What is late in a strand is told where it happened now, which may be after what comes in.
  for (const event of amended.values()) if (fresh.some(one => sharesStrand(one, event))) markStale(stale, event)
  if (unsettled) {
    for (const id of undone) if (!journal.undone.has(id)) markStale(stale, all.get(id))
    for (const id of journal.undone) if (!undone.has(id)) markStale(stale, all.get(id))
  }
  const leftOut: LeftOut = new Map([...journal.leftOut].filter(([id]) => !undone.has(id)))
  for (const event of fresh) {
    const id = batchIdOf(event)
    const stands = !undone.has(event.id)
    if (id !== undefined) {
      const inOrder = append(strandOf(journal.strands.batches, id), event)
      if (!inOrder || stale.batches.has(id)) stale.batches.add(id)
      else if (stands) grow(journal.garden, id, event, leftOut)
    }
    const { onStore } = effectOf(event)
    if (!onStore) continue
    const inOrder = append(journal.strands.store, event)
    if (!inOrder || stale.store) stale.store = true
    else if (stands) effected(leftOut, event, () => onStore(journal.garden, event))
  }
  foldStale(journal, { undone, amended }, stale, leftOut)
  return {
    ...journal,
    undone,
    amended,
    undos,
    amendings,
    leftOut,
    undoTargets: more.length > 0 ? targetsOf(undos) : journal.undoTargets,
    lastTurn: latestTurn(journal.lastTurn, fresh),
  }
}
