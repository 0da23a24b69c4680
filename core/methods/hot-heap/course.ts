import type { MaterialBook } from '../../materials/book'
import { mixBalance } from '../../mix/balance'
import type { Measures } from '../../mix/measures'
import { ingredientsOf, portionOf } from '../../mix/portion'
import type { StandingBatch } from '../../journal/garden'

/*
 * A first, plain course of heat: a rise, a slow loss of fuel, a dip and a fresh breath at each turn. It has the
 * right shape and the right order of size; it knows nothing of weather beyond the air temperature.
 */

/** Warmth above the air that a well-made, big heap would reach if fuel and air did not fade, K. */
const FULL_GAIN_K = 74
const RISE_DAYS = 1
const FUEL_DAYS = 22
/** Without turning, air runs short: the heat falls to this share, with this pace. */
const STALE_SHARE = 0.75
const STALE_DAYS = 4
/** Right after a turn the core is this share cooler; it makes up for it within days. */
const TURN_DIP = 0.5
const DIP_DAYS = 0.5
/** The edge, a hand's breadth in, keeps this share of the warmth. */
export const EDGE_SHARE = 0.42

/** How well a heap can heat, 0 to 1, and the parts it is made of. */
export interface Vigour {
  readonly overall: number
  readonly ratio: number
  readonly moisture: number
  readonly air: number
  readonly size: number
}

const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value))

/** Nitrogen is short above about 32 to 1; below 22 heat hardly suffers, only the nose does. */
function ratioShare(ratio: number): number {
  if (ratio > 32) return Math.exp(-(((ratio - 32) / 18) ** 1.2))
  return ratio < 18 ? 0.85 : 1
}

/** Haug (1993): moisture and free air space, each relative to a good value. */
function moistureShare(moisture: number): number {
  const dryness = (fraction: number) => 1 / (Math.exp(-17.684 * fraction + 7.0622) + 1)
  const drowned = moisture > 0.66 ? Math.exp(-(((moisture - 0.66) / 0.08) ** 2)) : 1
  return clamp(dryness(moisture) / dryness(0.58), 0, 1) * drowned
}

function airShare({ freeAirSpace, mattingShare }: Measures): number {
  const open = 1 / (Math.exp(-23.675 * freeAirSpace + 3.4945) + 1)
  return open * (mattingShare > 0.6 ? 0.7 : 1)
}

/** Heat is kept by bulk: 1.2 m each way keeps nearly all, 0.6 m about six tenths. */
function sizeShare(volumeL: number): number {
  const sideM = Math.cbrt(volumeL / 1000)
  return 1 - Math.exp(-((sideM / 0.62) ** 2.5))
}

/** The vigour of a mix of this volume. */
export function vigourOf(measures: Measures): Vigour {
  const ratio = ratioShare(measures.carbonToNitrogen)
  const moisture = moistureShare(measures.moistureFraction)
  const air = airShare(measures)
  const size = sizeShare(measures.volumeL)
  return { overall: ratio * moisture * air * size, ratio, moisture, air, size }
}

/** The balance of a batch as built and added to, or nothing when it holds only unknown materials. */
export function batchMeasures({ built, additions, waterings }: StandingBatch, book: MaterialBook): Measures | undefined {
  const portions = ingredientsOf([...built.ingredients, ...additions.map(({ ingredient }) => ingredient)], book).map(portionOf)
  // What is poured on later mostly replaces what steam carried off; half of it is taken to stay.
  const laterL = waterings.reduce((sum, { litres }) => sum + litres, 0) / 2
  const balance = mixBalance(portions, built.waterL + laterL)
  return balance.ok ? balance.value : undefined
}

/** What is left to burn after so many days, 1 at the start. Each turn speeds it up a little. */
export function fuelLeft(day: number, turnsSoFar: number): number {
  return Math.exp(-day * (1 + 0.05 * turnsSoFar) / FUEL_DAYS)
}

/** Days before it begins to warm: half a day, longer in the cold. */
function lagDays(ambientC: number): number {
  return 0.4 + clamp((15 - ambientC) * 0.05, 0, 1.5)
}

/**
 * Warmth of the core above the air, K.
 * @param day days since building, not negative.
 * @param turnDays days at which it was turned, ascending.
 */
export function gainK(day: number, vigour: number, turnDays: readonly number[], ambientC: number): number {
  const warming = day - lagDays(ambientC)
  if (warming <= 0) return 0
  const done = turnDays.filter(turn => turn <= day)
  const sinceAir = day - (done.at(-1) ?? 0)
  const stale = STALE_SHARE + (1 - STALE_SHARE) * Math.exp(-sinceAir / STALE_DAYS)
  const dip = done.length > 0 ? 1 - TURN_DIP * Math.exp(-sinceAir / DIP_DAYS) : 1
  return FULL_GAIN_K * vigour * (1 - Math.exp(-warming / RISE_DAYS)) * fuelLeft(day, done.length) * stale * dip
}

/** Share of the built height that is left: it settles by an eighth in days, then sinks as it is used up. */
export function heightShare(day: number, vigour: number, turnsSoFar: number): number {
  const used = (1 - fuelLeft(day, turnsSoFar)) * (0.35 + 0.65 * vigour)
  return 1 - 0.12 * (1 - Math.exp(-day / 2)) - 0.38 * used
}
