import { traitsBy } from '../course'
import { WORM } from './constants'

const TRAITS = traitsBy(WORM.spreads, WORM.shifts)
/** The traits of one herd: 1 is usual, `warmerK` in kelvin. */
export type WormTraits = typeof TRAITS.usual
export const { at: traitsAt, dimensions: DIMENSIONS, usual: USUAL_TRAITS } = TRAITS
