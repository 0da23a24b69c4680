/**
 * Hours in which half of the chlorine leaves an open vessel: standing in a bucket, and stirred or bubbled now and then.
 * Practice: gone in a day; own estimate for stirring.
 */
const HALF_HOURS = { still: 7.2, stirred: 3 } as const
/** Milligrams of ascorbic acid for a milligram of chloramine. */
const ASCORBIC = { low: 2.5, high: 3 } as const
/** What mains water may hold where nothing better is known, mg a litre. */
export const USUAL_MG_L = 2

/** Share of the chlorine that is left after so many hours in the open: first order. @param hours not negative. */
export function chlorineLeft(hours: number, stirred: boolean): number {
  return 0.5 ** (hours / HALF_HOURS[stirred ? 'stirred' : 'still'])
}

/** Hours until no more than a share is left. @param share above 0, up to 1. */
export function hoursUntilChlorine(share: number, stirred: boolean): number {
  return Math.max(0, Math.log2(1 / share) * HALF_HOURS[stirred ? 'stirred' : 'still'])
}

/**
 * Grams of ascorbic acid that take the chloramine out of so much water; standing does not. @param mgPerL of chloramine, usually
 * up to 3.
 */
export function ascorbicAcidG(litres: number, mgPerL: number): { readonly low: number, readonly high: number } {
  return { low: litres * mgPerL * ASCORBIC.low / 1000, high: litres * mgPerL * ASCORBIC.high / 1000 }
}
