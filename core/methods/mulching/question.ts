import type { BegunBatch } from '../../journal/garden'
import type { StampedFinding } from '../../learning/fit'
import { ingredientsOf, portionOf } from '../../mix/portion'
import type { Spread } from '../../mulch/depth'
import { seedFromText } from '../../random/random'
import { daysBetween } from '../../units/time'
import { weatherFrom, type ForecastQuestion, type Surroundings } from '../contract'
import { mulchPlan } from './plan'
import { DEPTH } from './words'

/** Everything that the forecast of one mulch needs, as plain data. */
export interface MulchQuestion extends ForecastQuestion {
  readonly kindId: string
  readonly spreads: readonly Spread[]
  readonly airC: readonly number[]
  readonly refreshM: number
  readonly lastDay: number
  readonly nowDay: number
  readonly horizonDay: number
  readonly findings: readonly StampedFinding<'depthM'>[]
  readonly seed: number
}

const HORIZON = { quick: 120, slow: 800, beyondNow: 1.6 }
/** A depth read off a stick here and there: a share of itself, and never finer than half a finger. */
const READ = { share: 0.14, leastM: 0.006, trust: 0.85 }

/** What was spread when, as depths over its ground. */
export function spreadsOf({ began, puts }: BegunBatch, areaM2: number, { materials }: Pick<Surroundings, 'materials'>): Spread[] {
  return puts.flatMap(({ at, inputs }) => {
    const litres = ingredientsOf(inputs, materials).reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
    return litres > 0 ? [{ day: Math.max(0, daysBetween(began.at, at)), depthM: litres / 1000 / areaM2 }] : []
  }).sort((a, b) => a.day - b.day)
}

/** The question a mulch puts; nothing while nothing lies there. */
export function questionOf(batch: BegunBatch, surroundings: Surroundings): MulchQuestion | undefined {
  const { began } = batch
  const plan = mulchPlan(began)
  const spreads = spreadsOf(batch, plan.areaM2, surroundings)
  if (spreads.length === 0) return undefined
  const nowDay = Math.max(0, daysBetween(began.at, surroundings.now))
  const span = plan.kind.goesYear.typical > 3 ? HORIZON.quick : HORIZON.slow
  const horizonDay = Math.ceil(Math.min(3000, Math.max(span, nowDay + span / HORIZON.beyondNow)))
  const findings = (batch.gauged[DEPTH] ?? []).map(({ eventId, at, value }): StampedFinding<'depthM'> => ({
    eventId, at,
    finding: {
      kind: 'value', row: 'depthM', day: daysBetween(began.at, at), value, spread: Math.max(READ.leastM, READ.share * value),
      trust: READ.trust,
    },
  }))
  return {
    methodId: began.methodId,
    batchId: batch.id,
    kindId: plan.kind.id,
    spreads,
    airC: weatherFrom(new Date(began.at), horizonDay, surroundings).airC,
    refreshM: plan.refreshM,
    lastDay: spreads.at(-1)!.day,
    nowDay,
    horizonDay,
    findings: findings.filter(({ finding }) => finding.day >= 0),
    seed: seedFromText(batch.id),
  }
}
