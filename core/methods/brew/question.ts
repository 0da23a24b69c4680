import type { BegunBatch } from '../../journal/garden'
import type { StampedFinding } from '../../learning/fit'
import { seedFromText } from '../../random/random'
import { daysBetween } from '../../units/time'
import { placeCFrom, placeOf, type ForecastQuestion, type Surroundings } from '../contract'
import { kindOf } from './kinds'
import { FOAM, STANDS, WARMTH } from './words'

/** What of a course can be found in the garden. */
export type BrewRow = 'foamM' | 'liquidC'

/** Everything that the forecast of one brew needs. */
export interface BrewQuestion extends ForecastQuestion {
  readonly kindId: string
  readonly nowDay: number
  readonly horizonDay: number
  /** Warmth of its place by six hours from the start, °C. */
  readonly placeC: readonly number[]
  readonly findings: readonly StampedFinding<BrewRow>[]
  readonly seed: number
}

/** A stick tells foam to about a centimetre, and a bucket foams as it likes: a fifth of itself. */
const FOAM_SPREAD = { fixedM: 0.01, share: 0.2 }
const WARMTH_SPREAD_K = 1.5
/** It is looked at so many times its usual days ahead; at least and at most so many days. */
const HORIZON = { times: 5, least: 6, most: 160 }

function findingsOf(batch: BegunBatch): StampedFinding<BrewRow>[] {
  const dayOf = (at: string) => daysBetween(batch.began.at, at)
  const foam = (batch.gauged[FOAM] ?? []).map(({ eventId, at, value }): StampedFinding<BrewRow> => ({
    eventId, at,
    finding: { kind: 'value', row: 'foamM', day: dayOf(at), value, spread: FOAM_SPREAD.fixedM + FOAM_SPREAD.share * value, trust: 1 },
  }))
  const warm = (batch.gauged[WARMTH] ?? []).map(({ eventId, at, value }): StampedFinding<BrewRow> =>
    ({ eventId, at, finding: { kind: 'value', row: 'liquidC', day: dayOf(at), value, spread: WARMTH_SPREAD_K, trust: 0.8 } }))
  return [...foam, ...warm].filter(({ finding }) => finding.day >= 0).sort((a, b) => a.finding.day - b.finding.day)
}

/** The question a brew puts. */
export function questionOf(batch: BegunBatch, surroundings: Surroundings): BrewQuestion {
  const { began } = batch
  const kind = kindOf(began.approachId)
  const nowDay = Math.max(0, daysBetween(began.at, surroundings.now))
  const horizonDay = Math.ceil(Math.min(HORIZON.most, Math.max(HORIZON.least, HORIZON.times * kind.days20, nowDay + 2)))
  return {
    methodId: began.methodId, batchId: batch.id, kindId: kind.id, nowDay, horizonDay,
    placeC: placeCFrom(new Date(began.at), horizonDay, placeOf(began.answers[STANDS]), surroundings),
    findings: findingsOf(batch), seed: seedFromText(batch.id),
  }
}
