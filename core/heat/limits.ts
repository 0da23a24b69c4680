/*
 * What holds decay back beside temperature: each a share of the best rate, 0 to 1 (Haug 1993).
 */

/** Oxygen in fresh air, % by volume. */
export const FRESH_AIR_O2_PCT = 20.9
/** Oxygen at which decay runs at half its pace, %. */
const HALF_O2_PCT = 2

/** By moisture (wet basis): dry stuff stands still, from about 55 % on water does not hold it back. */
export function moistureShare(moistureFraction: number): number {
  return 1 / (Math.exp(-17.684 * moistureFraction + 7.0622) + 1)
}

/** By free air space, a share of the volume. */
export function airSpaceShare(freeAirSpace: number): number {
  return 1 / (Math.exp(-23.675 * freeAirSpace + 3.4945) + 1)
}

/** By oxygen between the pieces, %. */
export function oxygenShare(oxygenPct: number): number {
  return oxygenPct / (oxygenPct + HALF_O2_PCT)
}

/** By the carbon to nitrogen ratio: not at all up to 30, then as 30 over the ratio. */
export function nitrogenShare(carbonToNitrogen: number): number {
  return carbonToNitrogen > 30 ? 30 / carbonToNitrogen : 1
}

/**
 * Oxygen between the pieces, %, where what streams in equals what is used up:
 * supply·(1 − x/20.9) = demand·x/(x + 2), solved for x. Between 0 and 20.9.
 * @param supplyKgDay oxygen in the air that passes, kg a day, above 0.
 * @param demandKgDay oxygen that would be used if it were not short, kg a day, not negative.
 */
export function steadyOxygenPct(supplyKgDay: number, demandKgDay: number): number {
  const b = FRESH_AIR_O2_PCT * demandKgDay - (FRESH_AIR_O2_PCT - HALF_O2_PCT) * supplyKgDay
  const c = FRESH_AIR_O2_PCT * HALF_O2_PCT * supplyKgDay
  const root = Math.sqrt(b * b + 4 * supplyKgDay * c)
  // Two forms of one root: the one that does not take the difference of two near numbers.
  return b > 0 ? 2 * c / (b + root) : (root - b) / (2 * supplyKgDay)
}
