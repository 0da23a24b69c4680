/** Corrugated card opened flat, one wall, kg a square metre; double wall about half as much again. Usual trade weights. */
export const CARD_KG_M2 = 0.55
/** One sheet of newsprint, kg a square metre. */
export const NEWS_KG_M2 = 0.045
/** As it comes, and soaked through: water as a share of wet mass. */
export const CARD_MOISTURE = { dry: 0.08, soaked: 0.65 } as const
/** Dry ground drinks so much before it is covered, litres a square metre; damp ground none. */
export const GROUND_L_M2 = { dry: 10, moist: 4, wet: 0 } as const

/**
 * Water that brings so much from one moisture to another, litres: dry matter stays.
 * @param wetKg mass as it comes, not negative. @param from @param to shares of wet mass, 0 to below 1; nothing where it is moist enough.
 */
export function waterToSoakL(wetKg: number, from: number, to: number): number {
  const dryKg = wetKg * (1 - from)
  return Math.max(0, dryKg * to / (1 - to) - wetKg * from)
}
