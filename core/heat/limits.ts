import { cardinalShare, type CardinalTemperatures } from './cardinal'

/*
 * What holds decay back beside temperature: each a share of the best rate, 0 to 1 (Haug 1993).
 */

/** Oxygen in fresh air, % by volume. */
export const FRESH_AIR_O2_PCT = 20.9

/** Those that like it hot, and those that begin in the cold: one curve alone lies too flat near freezing. */
const HOT_LOVERS: CardinalTemperatures = { minC: 0, optimumC: 59, maxC: 82 }
const COOL_LOVERS: CardinalTemperatures = { minC: -5, optimumC: 38, maxC: 50 }

/** Share of their own best pace at a temperature, of each guild. */
export const hotLoversShare = (celsius: number): number => cardinalShare(celsius, HOT_LOVERS)
export const coolLoversShare = (celsius: number): number => cardinalShare(celsius, COOL_LOVERS)

/** Share of the best pace at a temperature: whichever of the two guilds is quicker; the cool one at best at `coolShare`. */
export function temperatureShare(celsius: number, coolShare: number): number {
  return Math.max(hotLoversShare(celsius), coolShare * coolLoversShare(celsius))
}

/** By moisture (wet basis): dry stuff stands still, from about 55 % on water does not hold it back. */
export function moistureShare(moistureFraction: number): number {
  return 1 / (Math.exp(-17.684 * moistureFraction + 7.0622) + 1)
}

/** By free air space, a share of the volume. */
export function airSpaceShare(freeAirSpace: number): number {
  return 1 / (Math.exp(-23.675 * freeAirSpace + 3.4945) + 1)
}

/** By oxygen between the pieces, %, at half speed at `halfPct`. */
export function oxygenShare(oxygenPct: number, halfPct: number): number {
  return oxygenPct / (oxygenPct + halfPct)
}

/** By the carbon to nitrogen ratio of what decays: not at all up to 30, then as 30 over the ratio; nothing without nitrogen. */
export function nitrogenShare(carbonKg: number, nitrogenKg: number): number {
  return carbonKg > 30 * nitrogenKg ? 30 * nitrogenKg / carbonKg : 1
}

/**
 * Oxygen between the pieces, %, where what streams in equals what is used up:
 * supply·(1 − x/20.9) = demand·x/(x + half), solved for x. Between 0 and 20.9.
 * @param supplyKgDay oxygen in the air that passes, kg a day, above 0.
 * @param demandKgDay oxygen that would be used if it were not short, kg a day, not negative.
 * @param halfPct oxygen at half speed, %, above 0.
 */
export function steadyOxygenPct(supplyKgDay: number, demandKgDay: number, halfPct: number): number {
  const b = FRESH_AIR_O2_PCT * demandKgDay - (FRESH_AIR_O2_PCT - halfPct) * supplyKgDay
  const c = FRESH_AIR_O2_PCT * halfPct * supplyKgDay
  const root = Math.sqrt(b * b + 4 * supplyKgDay * c)
  // Two forms of one root: the one that does not take the difference of two near numbers.
  return b > 0 ? 2 * c / (b + root) : (root - b) / (2 * supplyKgDay)
}
