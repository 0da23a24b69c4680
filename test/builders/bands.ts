import type { Comfort } from '#core/mix/judgement'
import type { Outcome } from '#core/outcome/outcome'

/** Where mixes are comfortable in tests: the usual bands, written out so that a change of the real ones shows. */
export const BANDS: Comfort = {
  carbonToNitrogen: { least: 20, low: 25, high: 35, most: 40 }, availableCarbonToNitrogen: { least: 11, low: 15 },
  moistureFraction: { low: 0.5, target: 0.55, high: 0.62 },
  freeAirSpace: { least: 0.22, low: 0.3 },
  mattingShare: { high: 0.5, most: 0.65 },
}

/** What an outcome holds; a failure fails the test. */
export function must<T, E>(outcome: Outcome<T, E>): T {
  if (!outcome.ok) throw new Error(`an outcome was expected, not ${JSON.stringify(outcome.error)}`)
  return outcome.value
}
