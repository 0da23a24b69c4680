import { normal, seededRandom, seedFromText, type Random } from '../random/random'
import { Z80 } from '../statistics/counts'
import type { Range } from '../units/range'
import { YEAR } from './constants'
import type { Stage, Stock } from './stock'

/** One stage in one possible year. */
export interface StageThen { readonly day: number, readonly litres: number, readonly untilDay: number }
/** Every stage of every stock in one possible year. */
export type World = readonly (readonly StageThen[])[]

/** A value of a range by a standard normal: its middle at 0, its ends where one in ten lies beyond; never below 0. */
export function valueAt({ low, typical, high }: Range, z: number, later = 1): number {
  return Math.max(0, typical + (z < 0 ? z * (typical - low) : z * later * (high - typical)) / Z80)
}

function stageThen({ days, litres, orLater, untilDay, lastsDays }: Stage, pace: number, amount: number): StageThen {
  const day = valueAt(days, pace, orLater ? YEAR.laterTimes : 1)
  return {
    day, litres: valueAt(litres, amount),
    untilDay: untilDay ?? (lastsDays === undefined ? Infinity : day + lastsDays),
  }
}

function worldOf(stocks: readonly Stock[], weather: number, random: ReadonlyMap<string, Random>): World {
  const [shared, own] = [Math.sqrt(YEAR.sharedPace), Math.sqrt(1 - YEAR.sharedPace)]
  return stocks.map(({ id, stages }) => {
    const mine = random.get(id) as Random
    const [pace, amount] = [shared * weather + own * normal(mine), normal(mine)]
    let before = 0
    return stages.map((stage) => {
      // What is made of something else comes after it.
      const then = stageThen(stage, pace, amount)
      before = Math.max(before, then.day)
      return { ...then, day: before }
    })
  })
}

/**
 * Possible years: when and how much comes of each stock. A batch that is quick is quick in all its stages, and part of the pace is
 * weather that all have in common. Each stock has chances of its own, so that another one beside it changes none of them.
 * @param draws whole, above 0.
 */
export function worldsOf(stocks: readonly Stock[], draws: number, seed: number): World[] {
  const weather = seededRandom(seed)
  const random = new Map(stocks.map(({ id }) => [id, seededRandom(seed ^ seedFromText(id))]))
  return Array.from({ length: draws }, () => worldOf(stocks, normal(weather), random))
}
