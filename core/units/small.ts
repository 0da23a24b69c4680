import { numberText } from './format'
import { SHOWN_UNITS, toShown, type UnitSystem } from './system'

/** Below this a tenth still tells, and below the other a hundredth. */
const FINE = 10
const FINEST = 0.5

/** A mass that is weighed in a kitchen: grams or ounces. @param grams finite. */
export function smallMassText(system: UnitSystem, grams: number): string {
  const value = toShown('smallMass', system, grams)
  return `${numberText(value, value < FINEST ? 2 : value < FINE ? 1 : 0)} ${SHOWN_UNITS.smallMass[system].symbol}`
}

/** The area that a dose is told for: a square metre, or ten square feet, which are a little less. */
export const DOSE_AREA: Readonly<Record<UnitSystem, { readonly areaM2: number, readonly words: string }>> = {
  metric: { areaM2: 1, words: 'a square metre' },
  us: { areaM2: 10 * 0.3048 ** 2, words: 'ten square feet' },
}
