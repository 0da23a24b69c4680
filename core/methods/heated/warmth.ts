/** What a hand or an iron bar tells of the core, °C: feelings differ by some degrees. */
export const WARMTH = 'warmth'
export const FELT_C: Readonly<Record<string, readonly [low: number, high: number]>> = { cool: [-20, 27], warm: [27, 47], hot: [47, 80] }
export const FELT_SPREAD_K = 5
