import type { Looks, Seen } from '../course'
import { daysToHeight, type BrewKind } from './kinds'
import { BREW } from './constants'

/** What of a course can be found in the garden. */
export type BrewRow = 'foamM' | 'liquidC'

/** What is uncertain of a brew. */
export interface BrewTraits {
  /** Times the usual days. */
  readonly slower: number
  readonly q10: number
  readonly warmerK: number
  /** Times the usual foam. */
  readonly foam: number
  /** How broad the rise and fall of the foam are, as spread of the logarithm of progress. */
  readonly breadth: number
}

/** What is noted of a brew at each of the times. */
export interface BrewCourse {
  readonly days: Float64Array
  /** Times its days to the height that have passed, 1 at the height. */
  readonly progress: Float32Array
  readonly foamM: Float32Array
  readonly liquidC: Float32Array
}

/** Foam for a progress: rises and falls like a bell over its logarithm, highest at 1. */
export function foamAt(progress: number, heightM: number, breadth: number): number {
  if (progress <= 0) return 0
  const z = Math.log(progress) / breadth
  return heightM * Math.exp(-z * z / 2)
}

/** A brew as it goes on: `times` the foam it was reckoned to make, `mostM` the highest that was read. */
interface State { progress: number, liquidC: number, times: number, mostM: number }

/** The progress at which the foam of a brew of so much at its height is so high: before it, or past it. */
function progressAt(foamM: number, heightM: number, breadth: number, past: boolean): number {
  const z = Math.sqrt(2 * Math.max(0, Math.log(heightM / Math.max(BREW.leastFoamM, foamM))))
  return Math.exp((past ? z : -z) * breadth)
}

/**
 * What was read is so from here on. Foam tells how far it is: the way up while it rises, the way down once it has clearly fallen
 * from what was read before. One that foams higher than it was reckoned to is a bucket that foams more.
 */
function see(state: State, seen: Seen<BrewRow>, looks: Looks<BrewRow>, heightM: number, breadth: number): void {
  if (seen.row === 'liquidC') {
    state.liquidC = looks.take(seen, state.liquidC)
    return
  }
  const foamM = Math.max(0, looks.take(seen, foamAt(state.progress, heightM * state.times, breadth)))
  if (heightM <= 0) return
  const mostM = state.mostM
  state.mostM = Math.max(mostM, foamM)
  if (foamM < BREW.fallen * mostM) {
    state.times = mostM / heightM
    state.progress = Math.max(state.progress, progressAt(foamM, mostM, breadth, true))
    return
  }
  if (foamM < mostM) {
    const { from, until } = BREW.nearHeight
    state.progress = Math.min(until, Math.max(from, state.progress))
    state.times = foamM / heightM / foamAt(state.progress, 1, breadth)
    return
  }
  state.times = Math.max(state.times, foamM / heightM / BREW.nearlyAtIt)
  state.progress = progressAt(foamM, heightM * state.times, breadth, false)
}

/** Runs a brew through the warmth of its place. @param placeC by six hours from the start. @param days ascending from 0. */
export function runBrew(
  kind: Pick<BrewKind, 'days20' | 'q10' | 'foamM'>, placeC: ArrayLike<number>, traits: BrewTraits, days: Float64Array,
  looks?: Looks<BrewRow>,
): BrewCourse {
  const row = () => new Float32Array(days.length)
  const course: BrewCourse = { days, progress: row(), foamM: row(), liquidC: row() }
  const airAt = (day: number) => (placeC[Math.min(placeC.length - 1, Math.floor(day * 4))] ?? 15) + traits.warmerK
  const state: State = { progress: 0, liquidC: airAt(0), times: 1, mostM: 0 }
  const heightM = (kind.foamM ?? 0) * traits.foam
  let [next, nextSeen] = [0, 0]
  const last = days.at(-1) ?? 0
  for (let step = 0; ; step++) {
    const day = step * BREW.stepDays
    for (; looks && nextSeen < looks.seen.length && looks.seen[nextSeen]!.day < day + BREW.stepDays / 2; nextSeen++)
      see(state, looks.seen[nextSeen]!, looks, heightM, traits.breadth)
    while (next < days.length && days[next]! < day + BREW.stepDays / 2) {
      course.progress[next] = state.progress
      course.liquidC[next] = state.liquidC
      course.foamM[next] = foamAt(state.progress, heightM * state.times, traits.breadth)
      next++
    }
    if (day > last + BREW.stepDays || next >= days.length) return course
    state.liquidC += (airAt(day) - state.liquidC) * BREW.stepDays / BREW.liquidFollowsDays
    if (state.liquidC > 0)
      state.progress += BREW.stepDays / (daysToHeight({ days20: kind.days20, q10: traits.q10 }, state.liquidC) * traits.slower)
  }
}

/** The day on which a progress is reached; the last when it is not. */
export function dayAt({ days, progress }: Pick<BrewCourse, 'days' | 'progress'>, wanted: number): number {
  const at = progress.findIndex(one => one >= wanted)
  if (at <= 0) return at === 0 ? days[0]! : days.at(-1) ?? 0
  const [before, here] = [progress[at - 1]!, progress[at]!]
  return days[at - 1]! + (days[at]! - days[at - 1]!) * (wanted - before) / (here - before)
}
