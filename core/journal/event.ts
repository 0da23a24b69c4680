import * as v from 'valibot'
import { fail, ok, type Outcome } from '../outcome/outcome'
import type { Effect } from './amend'
import { foreignEvent, type ForeignEvent } from './foreign'
import * as amending from './kinds/amending'
import * as building from './kinds/building'
import * as comparing from './kinds/comparing'
import * as foretelling from './kinds/foretelling'
import * as joining from './kinds/joining'
import * as measuring from './kinds/measuring'
import * as sensing from './kinds/sensing'
import * as store from './kinds/store'
import * as testing from './kinds/testing'
import * as tending from './kinds/tending'
import * as undoing from './kinds/undoing'

/** What a gardener records, and can set right. */
const recorded = [
  store.stockedSchema,
  store.stockAmendedSchema,
  store.stockRemovedSchema,
  store.madeSchema,
  store.usedSchema,
  building.beganSchema,
  building.builtSchema,
  building.renamedSchema,
  joining.sitedSchema,
  building.tookSchema,
  building.finishedSchema,
  tending.putSchema,
  tending.didSchema,
  tending.addedSchema,
  tending.turnedSchema,
  tending.wateredSchema,
  sensing.gaugedSchema,
  sensing.readingSchema,
  sensing.observedSchema,
  sensing.measuredSchema,
  sensing.notedSchema,
  sensing.loggedSchema,
  sensing.photographedSchema,
  testing.testBegunSchema,
  testing.testReadSchema,
  testing.putOffSchema,
  comparing.comparedSchema,
  measuring.weighedSchema,
  measuring.driedSchema,
] as const

/** Everything that can happen in a garden, as far as this version knows. Events never change once written. */
export const knownEventSchema = v.variant('kind', [
  ...recorded, foretelling.foretoldSchema, undoing.undoneSchema, amending.amendedSchemaOf(v.variant('kind', recorded)),
])

export type KnownEvent = v.InferOutput<typeof knownEventSchema>
export type EventKind = KnownEvent['kind']
export type EventOf<K extends EventKind> = Extract<KnownEvent, { kind: K }>
/** What a journal holds: what this version understands, and what a newer one wrote. */
export type GardenEvent = KnownEvent | ForeignEvent

/** An event before it is given an author and a time of writing; and an id, unless another of the same record points at it. */
export type NewEvent = { [K in EventKind]: Omit<EventOf<K>, 'id' | 'recordedAt' | 'by'> & { readonly id?: string } }[EventKind]

type Effects = { readonly [K in EventKind]: Effect<EventOf<K>> }

const EFFECTS: Effects = {
  'stocked': store.stocked,
  'stock-amended': store.stockAmended,
  'stock-removed': store.stockRemoved,
  'made': store.made,
  'used': store.used,
  'began': building.began,
  'built': building.built,
  'renamed': building.renamed,
  'sited': joining.sited,
  'took': building.took,
  'finished': building.finished,
  'put': tending.put,
  'did': tending.did,
  'added': tending.added,
  'turned': tending.turned,
  'watered': tending.watered,
  'gauged': sensing.gauged,
  'reading': sensing.reading,
  'observed': sensing.observed,
  'measured': sensing.measured,
  'noted': {},
  'logged': sensing.logged,
  'photographed': sensing.photographed,
  'test-begun': testing.testBegun,
  'test-read': testing.testRead,
  'put-off': testing.putOff,
  'foretold': foretelling.foretold,
  'compared': comparing.compared,
  'weighed': measuring.weighed,
  'dried': measuring.dried,
  'undone': {},
  'amended': amending.amended,
}

const NO_EFFECT: Effect<GardenEvent> = {}

/** What an event changes: nothing, when this version does not know its kind. */
export function effectOf(event: GardenEvent): Effect<GardenEvent> {
  return event.kind === 'foreign' ? NO_EFFECT : EFFECTS[event.kind] as Effect<GardenEvent>
}

/** The batch that an event is about, if any. */
export function batchIdOf(event: GardenEvent): string | undefined {
  return 'batchId' in event ? event.batchId : undefined
}

const isKnownKind = (kind: unknown): kind is EventKind => typeof kind === 'string' && Object.hasOwn(EFFECTS, kind)

/** An event as it was stored or sent, or what is wrong with it. A kind that this version does not know is kept as it is. */
export function readEvent(written: unknown): Outcome<GardenEvent, readonly v.BaseIssue<unknown>[]> {
  const kind = written !== null && typeof written === 'object' && 'kind' in written ? written.kind : undefined
  if (typeof kind === 'string' && !isKnownKind(kind)) return foreignEvent(written)
  const parsed = v.safeParse(knownEventSchema, written)
  return parsed.success ? ok(parsed.output) : fail(parsed.issues)
}

/**
 * Stored events as this version carries them, unchecked: they were checked when they were written. Those that even lack an id
 * are left where they are.
 */
export function takenEvents(written: readonly unknown[]): GardenEvent[] {
  return written.flatMap((one): GardenEvent[] => {
    if (one !== null && typeof one === 'object' && 'kind' in one && isKnownKind(one.kind)) return [one as KnownEvent]
    const foreign = foreignEvent(one)
    return foreign.ok ? [foreign.value] : []
  })
}

/** An event as it is stored and sent: what a newer version wrote goes out word for word. */
export function writtenEvent(event: GardenEvent): unknown {
  return event.kind === 'foreign' ? event.written : event
}
