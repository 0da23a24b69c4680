import type { BegunBatch } from '../../journal/garden'
import type { Carrier } from './carrying'
import type { Forecast } from './forecast'
import type { Spare } from './trouble'
import type { MaterialBook } from '../../materials/book'
import type { ContainerThen } from '../../units/container'
import type { UnitSystem } from '../../units/system'

/** Everything outside a batch that a method needs to think about it. */
export interface Surroundings {
  readonly now: Date
  readonly units: UnitSystem
  readonly ambientC: (at: Date) => number
  /** The coldest and the hottest hour of a day, where it is foretold or was noted, °C. */
  readonly extremesC?: (at: Date) => { readonly minC: number, readonly maxC: number } | undefined
  /** Whether the weather of a day was measured, and is not only what is usual. */
  readonly weatherKnown?: (at: Date) => boolean
  /** Rain on a day, mm. */
  readonly rainMm: (at: Date) => number
  /** The next day, from one on, on which a spring's last frost is usual here. */
  readonly nextLastFrost?: (at: Date) => Date
  readonly waterCan: ContainerThen
  readonly materials: MaterialBook
  /** Where water comes from in this garden. */
  readonly water?: 'rain' | 'mains' | 'well'
  /** What the store could give to a remedy. */
  readonly spares?: readonly Spare[]
  /** The batches of a method that are over, the earliest first: what was learned from them. */
  readonly past?: (methodId: string) => readonly BegunBatch[]
  /** What stands in the garden that char could go into, as it is called. */
  readonly carriers?: readonly Carrier[]
  /** The forecast of a batch, once it has been worked out. */
  readonly forecastOf?: (batchId: string) => Forecast | undefined
}
