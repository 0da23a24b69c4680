import * as v from 'valibot'
import type { Garden } from './garden'
import * as building from './kinds/building'
import * as measuring from './kinds/measuring'
import * as sensing from './kinds/sensing'
import * as store from './kinds/store'
import * as testing from './kinds/testing'
import * as tending from './kinds/tending'
import * as undoing from './kinds/undoing'

/** Everything that can happen in a garden. Events never change once written. */
export const gardenEventSchema = v.variant('kind', [
  store.stockedSchema,
  store.stockRemovedSchema,
  building.builtSchema,
  building.renamedSchema,
  building.addedSchema,
  building.finishedSchema,
  tending.turnedSchema,
  tending.wateredSchema,
  sensing.readingSchema,
  sensing.observedSchema,
  sensing.measuredSchema,
  sensing.notedSchema,
  sensing.loggedSchema,
  sensing.photographedSchema,
  testing.testBegunSchema,
  testing.testReadSchema,
  testing.putOffSchema,
  measuring.weighedSchema,
  measuring.driedSchema,
  undoing.undoneSchema,
])

export type GardenEvent = v.InferOutput<typeof gardenEventSchema>
export type EventKind = GardenEvent['kind']
export type EventOf<K extends EventKind> = Extract<GardenEvent, { kind: K }>

/** An event before it is given an id, an author and a time of writing. */
export type NewEvent = { [K in EventKind]: Omit<EventOf<K>, 'id' | 'recordedAt' | 'by'> }[EventKind]

type Apply = { readonly [K in EventKind]: (garden: Garden, event: EventOf<K>) => void }

const APPLY: Apply = {
  'stocked': store.applyStocked,
  'stock-removed': store.applyStockRemoved,
  'built': building.applyBuilt,
  'renamed': building.applyRenamed,
  'added': building.applyAdded,
  'finished': building.applyFinished,
  'turned': tending.applyTurned,
  'watered': tending.applyWatered,
  'reading': sensing.applyReading,
  'observed': sensing.applyObserved,
  'measured': sensing.applyMeasured,
  'noted': sensing.applyNoted,
  'logged': sensing.applyLogged,
  'photographed': sensing.applyPhotographed,
  'test-begun': testing.applyTestBegun,
  'test-read': testing.applyTestRead,
  'put-off': testing.applyPutOff,
  'weighed': measuring.applyWeighed,
  'dried': measuring.applyDried,
  'undone': undoing.applyUndone,
}

/** One step of the fold: what an event does to the garden. */
export function applyEvent<K extends EventKind>(garden: Garden, event: EventOf<K>): void {
  (APPLY[event.kind as K] as (garden: Garden, event: EventOf<K>) => void)(garden, event)
}
