import type { BegunBatch } from '../../journal/garden'
import type { StampedFinding } from '../../learning/fit'
import { seedFromText } from '../../random/random'
import { daysBetween } from '../../units/time'
import { placeCFrom, placeOf, PLACES, type ForecastQuestion, type Surroundings } from '../contract'
import { usualDays, type ChargeCase } from './course'
import { waterState } from './water'
import { sizeOf, wayOf, type ChargeWay } from './ways'
import { BUBBLES, DRAINED, LIFTED, LIQUOR, SINKS, SIZE, SMELL, STANDS } from './words'

/** Everything that the forecast of one soak needs, as plain data. */
export interface ChargeQuestion extends ForecastQuestion, ChargeCase {
  readonly nowDay: number
  readonly horizonDay: number
  readonly findings: readonly StampedFinding<'charged'>[]
  readonly seed: number
}

/** What each sign tells of how far it is charged, and how much it is trusted. Own estimates from how practice reads them. */
const SIGNS: Readonly<
  Record<string, { readonly trust: number, readonly means: Readonly<Record<string, readonly [low: number, high: number]>> }>
> = {
  [SINKS]: { trust: 0.8, means: { floats: [-0.05, 0.45], half: [0.35, 0.75], sunk: [0.68, 1.05] } },
  [BUBBLES]: { trust: 0.6, means: { many: [-0.05, 0.5], few: [0.35, 0.85], none: [0.68, 1.05] } },
  [SMELL]: { trust: 0.3, means: { raw: [-0.05, 0.6], earthy: [0.5, 1.05] } },
  [LIQUOR]: { trust: 0.3, means: { dark: [-0.05, 0.75], paler: [0.45, 1], clear: [0.7, 1.05] } },
}
const BLUR = 0.09
const HORIZON = { times: 2.5, least: 10, most: 420 }

/** Middle of what the way a char floats tells, for a dot in the chart. */
export function toldBySinking(finding: string): number | undefined {
  const means = SIGNS[SINKS]!.means[finding]
  return means && (Math.max(0, means[0]) + Math.min(1, means[1])) / 2
}

/** The place that a way is done at: said for tubs, outside for water, its own for bedding. */
export function placeFor({ kind }: Pick<ChargeWay, 'kind'>, stands: unknown): typeof PLACES[number] {
  return kind === 'tub' ? placeOf(stands) : PLACES[0]
}

function findingsOf({ began, observations }: BegunBatch): StampedFinding<'charged'>[] {
  return observations.flatMap(({ eventId, at, sense, finding }): StampedFinding<'charged'>[] => {
    const sign = SIGNS[sense]
    const means = sign?.means[finding]
    const day = daysBetween(began.at, at)
    return sign && means && day >= 0
      ? [{ eventId, at, finding: { kind: 'between', row: 'charged', day, low: means[0], high: means[1], spread: BLUR, trust: sign.trust } }]
      : []
  })
}

/** The question a soak puts. */
export function questionOf(batch: BegunBatch, surroundings: Surroundings): ChargeQuestion {
  const { began, did } = batch
  const way = wayOf(began.approachId)
  const sizeTimes = sizeOf(began.answers[SIZE]).times
  const nowDay = Math.max(0, daysBetween(began.at, surroundings.now))
  const out = did.find(({ deed }) => deed === DRAINED || deed === LIFTED)
  const { filledAt } = waterState(batch, surroundings)
  const horizonDay = Math.ceil(Math.min(HORIZON.most, Math.max(HORIZON.least, nowDay + HORIZON.times * usualDays(way, sizeTimes).high)))
  return {
    methodId: began.methodId,
    batchId: batch.id,
    way: { days80: way.days80, sizePower: way.sizePower, q10: way.q10 },
    sizeTimes,
    nowDay,
    horizonDay,
    placeC: way.q10 === 1 ? [] : placeCFrom(new Date(began.at), horizonDay, placeFor(way, began.answers[STANDS]), surroundings),
    filledDay: filledAt === undefined ? undefined : Math.max(0, daysBetween(began.at, filledAt)),
    drainedDay: out && daysBetween(began.at, out.at),
    findings: findingsOf(batch), seed: seedFromText(batch.id),
  }
}
