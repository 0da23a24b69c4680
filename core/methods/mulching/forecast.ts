import { depthsOf, thinnedDay, type MulchTraits, type Spread } from '../../mulch/depth'
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

/** How deep a mulch lies at the times of its course, its spreadings as they were measured since, and the traits that it has in it. */
interface MulchCourse {
  readonly times: Float64Array
  readonly depthM: Float32Array
  readonly spreads: readonly Spread[]
  readonly traits: MulchTraits
}

/** Spreadings with what a stick found of them: from there on they are as deep as they were measured, each in its part. */
function measuredSpreads(
  spreads: readonly Spread[], traits: MulchTraits, airC: ArrayLike<number>, looks: Looks<'depthM'>,
): readonly Spread[] {
  return looks.seen.reduce<readonly Spread[]>((known, seen) => {
    const reckonedM = depthsOf(known, traits, airC, Float64Array.of(seen.day))[0]!
    const times = Math.max(0, looks.take(seen, reckonedM)) / reckonedM
    return Number.isFinite(times)
      ? known.map(one => one.day <= seen.day ? { ...one, found: [...one.found ?? [], { from: seen.day, times }] } : one)
      : known
  }, spreads)
}

/** How a mulch will thin, learnt from depths that were measured, and its course in the middle of what is possible. */
export const { forecaster, answerOf, middleOf } = defineCourse<MulchQuestion, MulchCourse, 'depthM'>({
  ask: questionOf, everyDays: ({ horizonDay }) => Math.max(1, Math.round(horizonDay / MULCHED.steps)), dimensions: 5, members: 300,
  mostRounds: 4,
  run: ({ kindId, spreads, airC }, point, times, looks) => {
    const traits = traitsAt(point, mulchKindOf(kindId))
    const measured = measuredSpreads(spreads, traits, airC, looks)
    return { times, traits, spreads: measured, depthM: depthsOf(measured, traits, airC, times) }
  },
  row: ({ depthM }) => depthM,
  bands: { depthM: 'depthM' }, bandsAtStart: { depthAtStartM: 'depthM' },
  windows: ({ refreshM, lastDay }) => ({ refresh: ({ times, depthM }) => thinnedDay(times, depthM, refreshM, lastDay) }),
})
