import { depthsOf, pacedDays, reckonedM, thinnedDay, type MulchTraits, type Spread } from '../../mulch/depth'
import { mulchKindOf, type MulchKind } from '../../mulch/kinds'
import { defineCourse, type Looks } from '../course'
import { questionOf, type MulchQuestion } from './question'
import { MULCHED } from './constants'
import { Z80 } from '../../statistics/counts'

const logSpread = ({ low, high }: { readonly low: number, readonly high: number }) => Math.log(high / low) / (2 * Z80)

/** The traits of one that is possible, at standard normals. */
export function traitsAt(
  point: ArrayLike<number>, { settles, settlingDays, goesYear }: Pick<MulchKind, 'settles' | 'settlingDays' | 'goesYear'>,
): MulchTraits {
  const at = (index: number) => point[index] ?? 0
  return {
    settles: Math.min(1, settles.typical * Math.exp(logSpread(settles) * at(0))),
    settlingDays: settlingDays * Math.exp(MULCHED.spread.days * at(1)),
    goesYear: goesYear.typical * Math.exp(logSpread(goesYear) * at(2)),
    spread: Math.exp(MULCHED.spread.even * at(3)),
    weatherK: MULCHED.spread.weatherK * at(4),
  }
}

/** How deep a mulch lies at the times of its course, its spreadings as they were measured since, and what it has in it. */
interface MulchCourse {
  readonly times: Float64Array
  readonly depthM: Float32Array
  readonly spreads: readonly Spread[]
  readonly traits: MulchTraits
  readonly paced: Float64Array
}

/** Spreadings with what a stick found of them: from there on they are as deep as they were measured, each in its part. */
function measuredSpreads(
  spreads: readonly Spread[], traits: MulchTraits, paced: Float64Array, looks: Looks<'depthM'>,
): readonly Spread[] {
  const known = spreads.map(spread => ({ spread, times: 1, found: [] as { from: number, times: number }[] }))
  for (const seen of looks.seen) {
    const lying = known.filter(({ spread }) => spread.day <= seen.day)
    const depthM = lying.reduce((sum, { spread, times }) => sum + times * reckonedM(spread, traits, paced, seen.day), 0)
    const more = Math.max(0, looks.take(seen, depthM)) / depthM
    if (!Number.isFinite(more)) continue
    for (const one of lying) one.found.push({ from: seen.day, times: one.times *= more })
  }
  return known.map(({ spread, found }) => ({ ...spread, found }))
}

/** How a mulch will thin, learnt from depths that were measured, and its course in the middle of what is possible. */
export const { forecaster, answerOf, middleOf } = defineCourse<MulchQuestion, MulchCourse, 'depthM'>({
  ask: questionOf, everyDays: ({ horizonDay }) => Math.max(1, Math.round(horizonDay / MULCHED.steps)), dimensions: 5, members: 300,
  mostRounds: 4,
  run: ({ kindId, spreads, airC }, point, times, looks) => {
    const traits = traitsAt(point, mulchKindOf(kindId))
    const paced = pacedDays(airC, traits.weatherK)
    const measured = measuredSpreads(spreads, traits, paced, looks)
    return { times, traits, paced, spreads: measured, depthM: depthsOf(measured, traits, paced, times) }
  },
  row: ({ depthM }) => depthM,
  bands: { depthM: 'depthM' }, bandsAtStart: { depthAtStartM: 'depthM' },
  windows: ({ refreshM, lastDay }) => ({ refresh: ({ times, depthM }) => thinnedDay(times, depthM, refreshM, lastDay) }),
})
