import type { BegunBatch } from '../../journal/garden'
import type { Discrepancy } from '../../learning/discrepancy'
import type { StampedFinding } from '../../learning/fit'
import type { SlabCase, SlabDeed } from '../../heat/slab/bed'
import { ingredientsOf } from '../../mix/portion'
import { seedFromText } from '../../random/random'
import { daysBetween } from '../../units/time'
import type { ForecastQuestion, Surroundings } from '../contract'
import { bedWeather } from './outside'
import { bedCase, bedCharge, bedGround } from './plan'
import { FEEL, FRAMED, GLASS, WARMTH } from './words'

export type BedRow = 'soilC' | 'coreC'

/** Everything that the forecast of one hotbed needs, as plain data. */
export interface BedQuestion extends ForecastQuestion {
  readonly bed: SlabCase
  readonly nowDay: number
  readonly horizonDay: number
  readonly findings: readonly StampedFinding<BedRow>[]
  readonly seed: number
}

const HORIZON = { least: 120, beyondNow: 50, most: 220 }
/**
 * How far a reading lies from any one course, K: what no model has, for days; and from spot to spot, hour to hour. Fitted on
 * beds of another law.
 */
export const STRAYS: Readonly<Record<BedRow, Discrepancy>> = {
  soilC: { spread: () => 3.2, keepsDays: 9, noise: 1.5 },
  coreC: { spread: () => 6, keepsDays: 9, noise: 2.5 },
}
const FELT: Readonly<Record<string, readonly [low: number, high: number]>> = {
  cold: [-5, 13], cool: [11, 19], warm: [17, 31], hot: [29, 60],
}

/** Several on one day count as one. */
function readings({ began, gauged }: BegunBatch): StampedFinding<BedRow>[] {
  const pools = new Map<string, { eventId: string, at: string, day: number, row: BedRow, values: number[] }>()
  for (const { eventId, at, spot, value } of gauged[WARMTH] ?? []) {
    const day = daysBetween(began.at, at)
    const row: BedRow = spot === 'core' ? 'coreC' : 'soilC'
    const key = `${row} ${Math.floor(day)}`
    const pool = pools.get(key)
    if (day >= 0) pools.set(key, { eventId, at, day, row, values: [...(pool?.values ?? []), value] })
  }
  return [...pools.values()].map(({ eventId, at, day, row, values }) => ({
    eventId, at,
    finding: {
      kind: 'value', row, day, value: [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!, spread: STRAYS[row].noise,
      trust: 1,
    },
  }))
}

function felt({ began, observations }: BegunBatch): StampedFinding<BedRow>[] {
  return observations.flatMap(({ eventId, at, sense, finding }): StampedFinding<BedRow>[] => {
    const means = sense === FEEL ? FELT[finding] : undefined
    const day = daysBetween(began.at, at)
    return means && day >= 0
      ? [{ eventId, at, finding: { kind: 'between', row: 'soilC', day, low: means[0], high: means[1], spread: 3, trust: 0.8 } }]
      : []
  })
}

function deedsOf(batch: BegunBatch): SlabDeed[] {
  const { began, puts, did } = batch
  const { top } = bedGround(began)
  const day = (at: string) => Math.max(0, daysBetween(began.at, at))
  return [
    ...puts.flatMap(({ at, waterL, atStart }): SlabDeed[] =>
      waterL > 0 && !atStart ? [{ day: day(at), kind: 'water', litres: waterL }] : [],
    ),
    ...did.flatMap(({ at, deed, answers }): SlabDeed[] =>
      deed === GLASS
        ? [{ day: day(at), kind: 'top', top: answers.now === 'off' ? { ...top, cover: 'none', matsAtNight: false } : top }]
        : deed === FRAMED
          ? [{ day: day(at), kind: 'top', top }]
          : [],
    ),
  ].sort((a, b) => a.day - b.day)
}

/** The question a hotbed puts, or nothing when nothing of what is in it is known. */
export function questionOf(batch: BegunBatch, surroundings: Surroundings): BedQuestion | undefined {
  const { began, puts } = batch
  const ingredients = ingredientsOf(puts.flatMap(({ inputs }) => inputs), surroundings.materials)
  const waterL = puts.filter(({ atStart }) => atStart).reduce((sum, one) => sum + one.waterL, 0)
  const ground = bedGround(began)
  const built = bedCharge(ingredients, waterL, ground)
  if (!built) return undefined
  const nowDay = Math.max(0, daysBetween(began.at, surroundings.now))
  const horizonDay = Math.ceil(Math.min(HORIZON.most, Math.max(HORIZON.least, nowDay + HORIZON.beyondNow)))
  const from = new Date(began.at)
  return {
    methodId: began.methodId, batchId: batch.id, nowDay: Math.min(nowDay, horizonDay), horizonDay, seed: seedFromText(batch.id),
    bed: {
      ...bedCase(ground, built.charge, ingredients),
      weather: bedWeather(from, horizonDay, surroundings),
      startHour: from.getHours() + from.getMinutes() / 60,
      deeds: deedsOf(batch),
    },
    findings: [...readings(batch), ...felt(batch)]
      .filter(({ finding }) => finding.day <= horizonDay)
      .sort((a, b) => a.finding.day - b.finding.day),
  }
}
