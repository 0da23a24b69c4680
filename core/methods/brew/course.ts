import { daysToHeight, type BrewKind } from './kinds'
import { BREW } from './constants'

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

/** Runs a brew through the warmth of its place. @param placeC by six hours from the start. @param days ascending from 0. */
export function runBrew(
  kind: Pick<BrewKind, 'days20' | 'q10' | 'foamM'>, placeC: ArrayLike<number>, traits: BrewTraits, days: Float64Array,
): BrewCourse {
  const row = () => new Float32Array(days.length)
  const course: BrewCourse = { days, progress: row(), foamM: row(), liquidC: row() }
  const airAt = (day: number) => (placeC[Math.min(placeC.length - 1, Math.floor(day * 4))] ?? 15) + traits.warmerK
  let [progress, liquidC, next] = [0, airAt(0), 0]
  const last = days.at(-1) ?? 0
  for (let step = 0; ; step++) {
    const day = step * BREW.stepDays
    while (next < days.length && days[next]! < day + BREW.stepDays / 2) {
      course.progress[next] = progress
      course.liquidC[next] = liquidC
      course.foamM[next] = foamAt(progress, (kind.foamM ?? 0) * traits.foam, traits.breadth)
      next++
    }
    if (day > last + BREW.stepDays || next >= days.length) return course
    liquidC += (airAt(day) - liquidC) * BREW.stepDays / BREW.liquidFollowsDays
    if (liquidC > 0) progress += BREW.stepDays / (daysToHeight({ days20: kind.days20, q10: traits.q10 }, liquidC) * traits.slower)
  }
}

/** The day on which a progress is reached; the last when it is not. */
export function dayAt({ days, progress }: Pick<BrewCourse, 'days' | 'progress'>, wanted: number): number {
  const at = progress.findIndex(one => one >= wanted)
  if (at <= 0) return at === 0 ? days[0]! : days.at(-1) ?? 0
  const [before, here] = [progress[at - 1]!, progress[at]!]
  return days[at - 1]! + (days[at]! - days[at - 1]!) * (wanted - before) / (here - before)
}
