import { traitsBy } from '../course'

/**
 * What differs from one herd to another and is not known: factors beside the usual, and shifts. Spreads are own estimates:
 * intake from 0.2 to 0.75 kg a kilogram and day, castings from 40 to 60 % of what is eaten.
 */
const SPREADS = { intake: 0.48, growth: 0.28, castings: 0.12, drying: 0.35, heat: 0.35, herd: 0.25, bedding: 0.35, souring: 0.3 }
/** Its place beside what was said, K. */
const SHIFTS = { warmerK: 2 }

const TRAITS = traitsBy(SPREADS, SHIFTS)
/** The traits of one herd: 1 is usual, `warmerK` in kelvin. */
export type WormTraits = typeof TRAITS.usual
export const { at: traitsAt, dimensions: DIMENSIONS, usual: USUAL_TRAITS } = TRAITS
