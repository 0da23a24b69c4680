import type { BegunBatch } from '../../journal/garden'
import type { StampedFinding } from '../../learning/fit'
import { seedFromText } from '../../random/random'
import { daysBetween } from '../../units/time'
import type { Range } from '../../units/range'
import { weatherFrom, type ForecastQuestion, type Surroundings } from '../contract'
import { sheetWayOf } from './ways'
import { BELOW, TORN } from './words'

/** Everything that the forecast of one sheet needs, as plain data. */
export interface SheetQuestion extends ForecastQuestion {
  readonly wayId: string
  readonly wants: Range
  readonly airC: readonly number[]
  readonly nowDay: number
  readonly horizonDay: number
  readonly findings: readonly StampedFinding<'spent'>[]
  readonly seed: number
}

const HORIZON = { least: 420, beyondNow: 300, most: 1400 }
/** What a look under a corner tells of how far it is, and how much it is trusted. Own estimates. */
const SIGNS: Readonly<Record<string, Readonly<Record<string, readonly [low: number, high: number]>>>> = {
  [BELOW]: { green: [-0.05, 0.4], yellow: [0.2, 0.75], white: [0.55, 1], dead: [0.85, 2] },
  [TORN]: { 'threads': [0.85, 2], 'no-threads': [-0.05, 0.9] },
}
const BLUR = 0.08
const TRUST = 0.93

/** The question a sheet puts. */
export function questionOf(batch: BegunBatch, surroundings: Surroundings): SheetQuestion {
  const { began, observations } = batch
  const way = sheetWayOf(began.approachId)
  const nowDay = Math.max(0, daysBetween(began.at, surroundings.now))
  const horizonDay = Math.ceil(Math.min(HORIZON.most, Math.max(HORIZON.least, nowDay + HORIZON.beyondNow)))
  const findings = observations.flatMap(({ eventId, at, sense, finding }): StampedFinding<'spent'>[] => {
    const means = SIGNS[sense]?.[finding]
    const day = daysBetween(began.at, at)
    return means && day >= 0
      ? [{ eventId, at, finding: { kind: 'between', row: 'spent', day, low: means[0], high: means[1], spread: BLUR, trust: TRUST } }]
      : []
  })
  return {
    methodId: began.methodId, batchId: batch.id, wayId: way.id, wants: way.wants(began.answers),
    airC: weatherFrom(new Date(began.at), horizonDay, surroundings).airC, nowDay, horizonDay, findings, seed: seedFromText(batch.id),
  }
}
