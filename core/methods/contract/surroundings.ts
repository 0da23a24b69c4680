import type { BegunBatch } from '../../journal/garden'
import type { Carrier } from './carrying'
import type { Forecast } from '../../learning/forecast'
import type { Spare } from './spare'
import type { MaterialBook } from '../../materials/book'
import { everyday, type Container, type ContainerThen, type Everyday } from '../../units/container'
import type { UnitSystem } from '../../units/system'

/** The weather of the garden: as it was measured, as it is foretold, and beyond that as it usually is. */
export interface Weather {
  /** The air on the mean of a day, °C. */
  readonly ambientC: (at: Date) => number
  /** Rain on a day, mm. */
  readonly rainMm: (at: Date) => number
  /** The coldest and the hottest hour of a day, where it is foretold or was noted, °C. */
  readonly extremesC?: (at: Date) => { readonly minC: number, readonly maxC: number } | undefined
  /** Whether the weather of a day was measured, and is not only what is usual. */
  readonly measured?: (at: Date) => boolean
  /** The next day, from one on, on which a spring's last frost is usual here. */
  readonly nextLastFrost?: (at: Date) => Date
  /** How far north it lies, °; south below 0. */
  readonly latitudeDeg?: number
}

/** The garden itself, as far as a batch minds it. */
export interface Around {
  readonly waterCan: ContainerThen
  /** What the gardener measures with; the usual sizes where nothing is known of it. */
  readonly containers?: readonly Container[]
  /** Where water comes from in this garden. */
  readonly water?: 'rain' | 'mains' | 'well'
  /** What stands in the garden that char could go into, as it is called. */
  readonly carriers?: readonly Carrier[]
}

/**
 * What changes seldom outside a batch: what is worked out of a batch may be kept by it. Each group is one and the same while
 * nothing in it changes.
 */
export interface Lasting {
  readonly now: Date
  readonly units: UnitSystem
  readonly materials: MaterialBook
  readonly weather: Weather
  readonly garden: Around
  /** The batches of a method that are over, the earliest first: what was learned from them. */
  readonly past?: (methodId: string) => readonly BegunBatch[]
}

/** Everything outside a batch that a method needs to think about it. */
export interface Surroundings extends Lasting {
  /** What the store could give to a remedy. */
  readonly spares?: readonly Spare[]
  /** The forecast of a batch, once it has been worked out. */
  readonly forecastOf?: (batchId: string) => Forecast | undefined
}

/** In what a garden measures: its units and its own containers. */
export type Measuring = Pick<Lasting, 'units' | 'garden'>

/** The garden's own bucket, sack, barrow or caddy. */
export function ownOf(wanted: Everyday, { units, garden: { containers } }: Measuring): ContainerThen {
  return everyday(wanted, containers, units)
}
