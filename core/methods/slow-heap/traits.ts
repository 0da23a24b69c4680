import { traitsBy } from '../course'

/**
 * What differs from one slow heap to another and is not known: factors beside the usual, and shifts. Spreads are own estimates,
 * wide enough for a truth that is not this model (docs/models.md).
 */
const SPREADS = {
  /** How fast it all rots, and the slow part on its own. */
  pace: 0.24, slow: 0.25,
  /** How far it slumps, and how fast it dries. */
  settling: 0.14, drying: 0.4,
  /** Share of the rain that gets in. */
  rain: 0.5,
  /** What will be fed beside what was, and what is really in a caddy. */
  feeding: 0.18, caddy: 0.12,
  /** How much is still respired when it is called ripe. */
  ripe: 0.12,
}
/** The weather of the place beside the usual, K. */
const SHIFTS = { weatherK: 1 }

const TRAITS = traitsBy(SPREADS, SHIFTS)
/** The traits of one slow heap: 1 is usual, `weatherK` in kelvin. */
export type SlowTraits = typeof TRAITS.usual
export const { at: traitsAt, dimensions: DIMENSIONS, usual: USUAL_TRAITS } = TRAITS
