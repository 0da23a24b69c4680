import { numberText } from './format'
import type { UnitSystem } from './system'

/** One ounce avoirdupois, exactly (NIST Special Publication 811). */
const OUNCE_G = 28.349523125
/** Below this a tenth still tells. */
const FINE = 10

/** A mass that is weighed in a kitchen: grams or ounces. @param grams finite. */
export function smallMassText(system: UnitSystem, grams: number): string {
  const value = system === 'us' ? grams / OUNCE_G : grams
  return `${numberText(value, value < FINE ? 1 : 0)} ${system === 'us' ? 'oz' : 'g'}`
}

/** The area that a dose is told for: a square metre, or ten square feet, which are a little less. */
export const DOSE_AREA: Readonly<Record<UnitSystem, { readonly areaM2: number, readonly words: string }>> = {
  metric: { areaM2: 1, words: 'a square metre' },
  us: { areaM2: 10 * 0.3048 ** 2, words: 'ten square feet' },
}
