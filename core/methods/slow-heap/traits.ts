import { traitsBy } from '../course'
import { SLOW } from './constants'

const TRAITS = traitsBy(SLOW.spreads, SLOW.shifts)
/** The traits of one slow heap: 1 is usual, `weatherK` in kelvin. */
export type SlowTraits = typeof TRAITS.usual
export const { at: traitsAt, dimensions: DIMENSIONS, usual: USUAL_TRAITS } = TRAITS
