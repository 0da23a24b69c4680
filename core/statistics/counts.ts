import { fail, ok, type Outcome } from '../outcome/outcome'
import { range, type Range } from '../units/range'

/** So many of so many. */
export interface Count {
  readonly hits: number
  readonly of: number
}

/** Why a count makes no sense. */
export type CountTrouble = { readonly kind: 'not-a-count' }

/** Whole numbers, at least one tried, no more hits than that. */
export function checkedCount({ hits, of }: Count): Outcome<Count, CountTrouble> {
  const whole = Number.isInteger(hits) && Number.isInteger(of) && hits >= 0 && of >= 1 && hits <= of
  return whole ? ok({ hits, of }) : fail({ kind: 'not-a-count' })
}

/** Standard deviations that hold 80 % of a normal distribution. */
export const Z80 = 1.2815515655446004

/** The interval of a share that so many of so many speak for (Wilson 1927); `typical` is the plain share. Within 0..1. */
export function wilson({ hits, of }: Count, z = Z80): Range {
  const share = hits / of
  const square = z * z / of
  const middle = (share + square / 2) / (1 + square)
  const half = z * Math.sqrt(share * (1 - share) / of + square / (4 * of)) / (1 + square)
  return range(Math.max(0, Math.min(share, middle - half)), share, Math.min(1, Math.max(share, middle + half)))
}

const STEPS = 400

/** What a count says of the true share at each step from 0 to 1: a flat beginning times the binomial, adding up to 1. */
function belief({ hits, of }: Count): Float64Array {
  const logs = Float64Array.from({ length: STEPS }, (_, step) => {
    const share = (step + 0.5) / STEPS
    return hits * Math.log(share) + (of - hits) * Math.log(1 - share)
  })
  const top = logs.reduce((most, one) => Math.max(most, one), -Infinity)
  const weights = logs.map(log => Math.exp(log - top))
  const sum = weights.reduce((all, one) => all + one, 0)
  return weights.map(weight => weight / sum)
}

/** The chance that the true share behind `one` is at least `factor` times the one behind `other`, summed over a grid of both. */
export function chanceAtLeast(one: Count, other: Count, factor: number): number {
  const [mine, theirs] = [belief(one), belief(other)]
  const upTo = new Float64Array(STEPS + 1)
  for (let step = 0; step < STEPS; step++) upTo[step + 1] = upTo[step]! + theirs[step]!
  let chance = 0
  for (let step = 0; step < STEPS; step++) {
    const reach = Math.min(STEPS, (step + 0.5) / factor)
    const whole = Math.floor(reach)
    chance += mine[step]! * (upTo[whole]! + (whole < STEPS ? (reach - whole) * theirs[whole]! : 0))
  }
  return Math.min(1, chance)
}

/**
 * The 80 % interval of the ratio of two shares (logarithmic, half a hit added to each, as Walter 1975); `typical` is the plain
 * ratio, or that with the halves when a share is 0.
 */
export function ratioOf(one: Count, other: Count, z = Z80): Range {
  const [a, n, b, m] = [one.hits + 0.5, one.of + 0.5, other.hits + 0.5, other.of + 0.5]
  const middle = Math.log(a / n) - Math.log(b / m)
  const half = z * Math.sqrt(1 / a - 1 / n + 1 / b - 1 / m)
  const plain = other.hits > 0 && one.hits > 0 ? one.hits / one.of / (other.hits / other.of) : Math.exp(middle)
  return range(Math.min(plain, Math.exp(middle - half)), plain, Math.max(plain, Math.exp(middle + half)))
}

/** Chances of each number of hits in the first of two counts, when both are drawn from one pot: hypergeometric, by logarithms. */
function hypergeometric(one: Count, other: Count): { readonly least: number, readonly chances: readonly number[] } {
  const hits = one.hits + other.hits
  const all = one.of + other.of
  const logs = new Float64Array(all + 1)
  for (let n = 1; n <= all; n++) logs[n] = logs[n - 1]! + Math.log(n)
  const ways = (of: number, taken: number) => logs[of]! - logs[taken]! - logs[of - taken]!
  const [least, most] = [Math.max(0, hits - other.of), Math.min(hits, one.of)]
  const chances = Array.from({ length: most - least + 1 }, (_, at) =>
    Math.exp(ways(one.of, least + at) + ways(other.of, hits - least - at) - ways(all, hits)))
  return { least, chances }
}

/**
 * The chance that two counts differ so much, or more, when nothing sets them apart: Fisher's exact test, two-sided (Fisher 1935).
 * @returns within 0..1.
 */
export function fisherChance(one: Count, other: Count): number {
  const { least, chances } = hypergeometric(one, other)
  const seen = chances[one.hits - least]!
  return Math.min(1, chances.filter(chance => chance <= seen * (1 + 1e-9)).reduce((sum, chance) => sum + chance, 0))
}
