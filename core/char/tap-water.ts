import { CHAR } from './constants'

/** Share of the chlorine that is left after so many hours in the open: first order. @param hours not negative. */
export function chlorineLeft(hours: number, stirred: boolean): number {
  return 0.5 ** (hours / CHAR.halfHours[stirred ? 'stirred' : 'still'])
}

/** Hours until no more than a share is left. @param share above 0, up to 1. */
export function hoursUntilChlorine(share: number, stirred: boolean): number {
  return Math.max(0, Math.log2(1 / share) * CHAR.halfHours[stirred ? 'stirred' : 'still'])
}

/**
 * Grams of ascorbic acid that take the chloramine out of so much water; standing does not. @param mgPerL of chloramine, usually
 * up to 3.
 */
export function ascorbicAcidG(litres: number, mgPerL: number): { readonly low: number, readonly high: number } {
  return { low: litres * mgPerL * CHAR.ascorbic.low / 1000, high: litres * mgPerL * CHAR.ascorbic.high / 1000 }
}
