import type { BegunBatch } from '../../journal/garden'
import type { Discrepancy } from '../../learning/discrepancy'
import type { StampedFinding } from '../../learning/fit'
import type { SlabCase, SlabDeed } from '../../heat/slab/bed'
import { ingredientsOf } from '../../mix/portion'
import { daysBetween } from '../../units/time'
import type { Lasting } from '../contract'
import { askedOf, deedDay, foundIn, type CourseQuestion, type FoundAs } from '../course'
import { bedWeather } from './outside'
import { bedCase, bedCharge, bedGround } from './plan'
import { FEEL, FRAMED, GLASS, WARMTH } from './words'
import { BED } from './constants'

export type BedRow = 'soilC' | 'coreC'

/** Everything that the forecast of one hotbed needs, as plain data. */
export interface BedQuestion extends CourseQuestion<BedRow> { readonly bed: SlabCase }

/**
 * How far a reading lies from any one course, K: what no model has, for days; and from spot to spot, hour to hour. Fitted on
 * beds of another law.
 */
export const STRAYS: Readonly<Record<BedRow, Discrepancy>> = {
  soilC: { spread: () => BED.strays.soilC, keepsDays: BED.strays.keepsDays, noise: BED.strays.soilNoiseC },
  coreC: { spread: () => BED.strays.coreC, keepsDays: BED.strays.keepsDays, noise: BED.strays.coreNoiseC },
}
/** What a hand in the soil tells, °C. */
const FELT: FoundAs<BedRow> = { sense: FEEL, row: 'soilC', ...BED.felt }

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

function deedsOf(batch: BegunBatch): SlabDeed[] {
  const { began, puts, did } = batch
  const { top } = bedGround(began)
  const day = (at: string) => deedDay(batch, at)
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
export function questionOf(batch: BegunBatch, surroundings: Lasting): BedQuestion | undefined {
  const { began, puts } = batch
  const ingredients = ingredientsOf(puts.flatMap(({ inputs }) => inputs), surroundings.materials)
  const waterL = puts.filter(({ atStart }) => atStart).reduce((sum, one) => sum + one.waterL, 0)
  const ground = bedGround(began)
  const built = bedCharge(ingredients, waterL, ground)
  if (!built) return undefined
  const asked = askedOf(batch, surroundings, BED.horizon)
  const from = new Date(began.at)
  return {
    ...asked, nowDay: Math.min(asked.nowDay, asked.horizonDay),
    bed: {
      ...bedCase(ground, built.charge, ingredients, bedWeather(from, asked.horizonDay, surroundings)),
      startHour: from.getHours() + from.getMinutes() / 60, deeds: deedsOf(batch),
    },
    findings: [...readings(batch), ...foundIn(batch, [], [FELT])]
      .filter(({ finding }) => finding.day <= asked.horizonDay)
      .sort((a, b) => a.finding.day - b.finding.day),
  }
}
