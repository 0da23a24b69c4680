import type { Purpose } from '../methods/contract'
import { fromShown, type UnitSystem } from '../units/system'

/** Amounts that people want of a thing, by what it is for: round in litres, and round in gallons. */
const USUAL: Readonly<Record<Purpose, Readonly<Record<UnitSystem, readonly number[]>>>> = {
  beds: { metric: [60, 150, 300, 600], us: [15, 40, 80, 150] },
  mulch: { metric: [100, 250, 500, 1000], us: [25, 60, 125, 250] },
  potting: { metric: [20, 40, 80, 150], us: [5, 10, 20, 40] },
  seeds: { metric: [5, 10, 20, 40], us: [1, 2.5, 5, 10] },
  feeding: { metric: [5, 10, 20, 50], us: [1, 2.5, 5, 15] },
  microbes: { metric: [5, 10, 20, 50], us: [1, 2.5, 5, 15] },
  lasting: { metric: [10, 20, 40, 80], us: [2.5, 5, 10, 20] },
}

/** The amounts to pick from, litres. */
export function usualAmountsL(purpose: Purpose, units: UnitSystem): readonly number[] {
  return USUAL[purpose][units].map(shown => fromShown('volume', units, shown))
}
