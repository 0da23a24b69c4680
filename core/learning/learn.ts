import type { Random } from '../random/random'
import { bellAround, drawFrom, logDensity, standardBell, type Bell } from './bell'
import { effectiveSize, normalised, powerWorth, temper } from './weights'

/** What is to be learnt: possible heaps as points of a standard bell, a way to run one, and how well each fits each thing found. */
export interface Lesson {
  readonly dimensions: number
  /** Members of each round, and the most rounds. */
  readonly members: number
  readonly mostRounds: number
  readonly random: Random
  /** Runs the member of this number, whose point is given; how well it fits everything found, in order. */
  readonly run: (point: Float64Array, member: number) => ArrayLike<number>
}

/** How far learning has come. */
export interface Progress {
  readonly done: number
  readonly ofAtMost: number
}

/** What was learnt. */
export interface Learnt {
  readonly points: readonly Float64Array[]
  readonly rounds: number
  /** Members that the weights after everything found are worth. */
  readonly effective: number
  /** Weights of all members after the first `count` things found; 0 gives those of the beginning. */
  readonly weightsAfter: (count: number) => Float64Array
}

/** In the end weights are never worth fewer members: rather all that was found is believed a little less. */
const AT_LEAST = 60
/** Rounds go on until the weights are worth this many members. */
const ENOUGH = 75
/** The next round is drawn around weights that are worth this share of all members so far. */
const BROAD = 0.15
const WIDEN = 1.3
/** Every round keeps this share of draws from the beginning, so that nothing possible is ever out of reach. */
const FROM_THE_START = 0.15
const REPORTS_EVERY = 20

/**
 * Learns by adaptive importance sampling (Cornuet et al. 2012): possible heaps are drawn, weighed by how well they fit,
 * and, when the weight gathers on too few of them, drawn anew around the better ones; the weights account for how they were drawn.
 * A generator: it reports between members, so that whoever drives it can stop.
 */
export function* learning({ dimensions, members, mostRounds, random, run }: Lesson): Generator<Progress, Learnt> {
  const points: Float64Array[] = []
  const fits: ArrayLike<number>[] = []
  const bells: Bell[] = []
  const start = standardBell(dimensions)
  for (let round = 0; ; round++) {
    const bell = round === 0 ? start : nextBell(points, logWeights(points, fits, bells, start))
    bells.push(bell)
    for (let member = 0; member < members; member++) {
      const point = drawFrom(random() < FROM_THE_START ? start : bell, random)
      points.push(point)
      fits.push(run(point, points.length - 1))
      if (points.length % REPORTS_EVERY === 0) yield { done: points.length, ofAtMost: members * mostRounds }
    }
    const weighed = logWeights(points, fits, bells, start)
    const effective = effectiveSize(normalised(weighed))
    if (effective >= ENOUGH || round + 1 >= mostRounds)
      return {
        points, rounds: round + 1, effective: Math.max(effective, Math.min(AT_LEAST, points.length)),
        weightsAfter: weightsByCount(points, fits, bells, start),
      }
  }
}

function nextBell(points: readonly Float64Array[], weighed: Float64Array): Bell {
  const power = temper(weighed, Math.max(2 * (points[0]?.length ?? 0), points.length * BROAD))
  return bellAround(points, normalised(weighed.map(weight => weight * power)), WIDEN)
}

type Weigh = (points: readonly Float64Array[], fits: readonly ArrayLike<number>[], bells: readonly Bell[], start: Bell) => Float64Array

/** Logarithm of: how likely from the start over how likely it was to be drawn in any of the rounds. */
function logOdds(points: readonly Float64Array[], bells: readonly Bell[], start: Bell): Float64Array {
  return Float64Array.from(points, (point) => {
    const prior = logDensity(start, point)
    let drawn = 0
    for (const bell of bells)
      drawn += FROM_THE_START + (1 - FROM_THE_START) * (bell === start ? 1 : Math.exp(logDensity(bell, point) - prior))
    return -Math.log(drawn / bells.length)
  })
}

const logWeights: Weigh = (points, fits, bells, start) =>
  logOdds(points, bells, start).map((odds, index) => odds + sumOf(fits[index]!, Infinity))

function weightsByCount(...[points, fits, bells, start]: Parameters<Weigh>): Learnt['weightsAfter'] {
  const odds = logOdds(points, bells, start)
  const found = (count: number) => Float64Array.from(fits, one => sumOf(one, count))
  const believed = beliefIn(odds, found(Infinity))
  return (count) => {
    const sums = found(count)
    return normalised(odds.map((one, index) => one + believed * sums[index]!))
  }
}

/** The power to which the likelihood is taken so that the weights are worth enough members; 1 when they are. */
function beliefIn(odds: Float64Array, found: Float64Array): number {
  return powerWorth(
    power => effectiveSize(normalised(odds.map((one, index) => one + power * found[index]!))), Math.min(AT_LEAST, odds.length), 20,
  )
}

function sumOf(values: ArrayLike<number>, count: number): number {
  let sum = 0
  for (let k = 0; k < Math.min(count, values.length); k++) sum += values[k]!
  return sum
}
