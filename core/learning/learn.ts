import type { Random } from '../random/random'
import { bellAround, logDensity, placed, standardBell, type Bell } from './bell'
import { evenNormals } from './even-draws'
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
const AT_LEAST = 40
/** Another round is drawn while the weights are worth fewer members than this. */
const ENOUGH = 120
/** The next round is drawn around weights that are worth this share of all members so far. */
const BROAD = 0.15
const WIDEN = 1.3
/** Every round keeps this share of draws from the beginning, so that nothing possible is ever out of reach. */
const FROM_THE_START = 0.15
/** After so many things found it is asked anew whether the members are good enough; each is a third more than the one before. */
const ASKED_AGAIN = 1.33
/** New rounds at one such time. */
const AT_ONE_TIME = 2
const REPORTS_EVERY = 20

/** After how many things found new members may be drawn: 1, 2, 3, 4, 6, 8, … up to all of them. */
function askedAfter(found: number): number[] {
  const counts: number[] = []
  for (let count = 1; count <= found; count = Math.max(count + 1, Math.round(count * ASKED_AGAIN))) counts.push(count)
  return counts
}

/**
 * Learns by adaptive importance sampling (Cornuet et al. 2012): possible heaps are drawn, weighed by how well they fit, and, when the
 * weight gathers on too few of them, drawn anew around the better ones; the weights account for how they were drawn. Where the new ones
 * are drawn hangs on the first so many things found, never on the last one: so who has run the members of yesterday runs no new ones
 * for a thing found today. A generator: it reports between members, so that whoever drives it can stop.
 */
export function* learning({ dimensions, members, mostRounds, random, run }: Lesson): Generator<Progress, Learnt> {
  const points: Float64Array[] = []
  const fits: ArrayLike<number>[] = []
  const bells: Bell[] = []
  const start = standardBell(dimensions)
  function* drawAround(bell: Bell): Generator<Progress, void> {
    bells.push(bell)
    const steps = evenNormals(members, dimensions, random)
    for (const step of steps) {
      const point = random() < FROM_THE_START ? step : placed(bell, step)
      points.push(point)
      fits.push(run(point, points.length - 1))
      if (points.length % REPORTS_EVERY === 0) yield { done: points.length, ofAtMost: members * mostRounds }
    }
  }
  const weighed = (count: number) => logWeights(points, fits, bells, start, count)
  yield* drawAround(start)
  for (const count of askedAfter(fits[0]?.length ?? 0)) {
    for (let again = 0; again < AT_ONE_TIME && bells.length < mostRounds; again++) {
      const sofar = weighed(count)
      if (effectiveSize(normalised(sofar)) >= Math.min(ENOUGH, members / 2)) break
      yield* drawAround(nextBell(points, sofar))
    }
  }
  const effective = effectiveSize(normalised(weighed(Infinity)))
  return {
    points, rounds: bells.length, effective: Math.max(effective, Math.min(AT_LEAST, points.length)),
    weightsAfter: weightsByCount(points, fits, bells, start, members),
  }
}

function nextBell(points: readonly Float64Array[], weighed: Float64Array): Bell {
  const power = temper(weighed, Math.max(2 * (points[0]?.length ?? 0), points.length * BROAD))
  return bellAround(points, normalised(weighed.map(weight => weight * power)), WIDEN)
}

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

type Drawn = readonly [points: readonly Float64Array[], fits: readonly ArrayLike<number>[], bells: readonly Bell[], start: Bell]

/** Logarithms of the weights after the first so many things found. */
function logWeights(...[points, fits, bells, start, count]: [...Drawn, count: number]): Float64Array {
  return logOdds(points, bells, start).map((odds, index) => odds + sumOf(fits[index]!, count))
}

function weightsByCount(...[points, fits, bells, start, members]: [...Drawn, members: number]): Learnt['weightsAfter'] {
  const odds = logOdds(points, bells, start)
  const found = (count: number) => Float64Array.from(fits, one => sumOf(one, count))
  const believed = beliefIn(odds, found(Infinity))
  // The first round was drawn evenly from the beginning: nothing tells better what was possible then.
  const atFirst = Float64Array.from(points, (_, index) => index < members ? 1 / members : 0)
  return (count) => {
    if (count === 0) return atFirst
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
