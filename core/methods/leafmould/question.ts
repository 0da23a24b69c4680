import type { BegunBatch } from '../../journal/garden'
import type { StampedFinding } from '../../learning/fit'
import { ingredientsOf, type Ingredient } from '../../mix/portion'
import { numberOf } from '../../questions/question'
import { seedFromText } from '../../random/random'
import { amountVolumeL } from '../../units/container'
import { daysBetween } from '../../units/time'
import { asVessel, type Site } from '../../vessel/site'
import { footprintM2, vesselVolumeL } from '../../vessel/vessel'
import { weatherFrom, type ForecastQuestion, type Surroundings } from '../contract'
import type { CageCase, CageDeed, Fill } from './course'
import { fillsOf, helpOf } from './leaves'
import { exposureOf } from './sites'
import { BAGGED, BAGS, FORKED, HEIGHT, LOOK, SQUEEZE } from './words'

/** What of a course can be found in the garden. */
export type CageRow = 'left' | 'volumeL' | 'moisture'

/** Everything that a forecast of one cage needs, as plain data that can be handed to a worker. */
export interface CageQuestion extends ForecastQuestion, CageCase {
  readonly nowDay: number
  readonly horizonDay: number
  readonly groundM2: number
  readonly findings: readonly StampedFinding<CageRow>[]
  readonly seed: number
}

/** What a squeeze tells of moisture, wet basis, and how blurred the limits are. */
const SQUEEZES: Readonly<Record<string, readonly [low: number, high: number]>> = {
  dust: [0, 0.35], dry: [0.35, 0.52], right: [0.52, 0.68], wet: [0.68, 1],
}
const SQUEEZE_SPREAD = 0.05
/** What the eye tells of the mass that is left. */
const LOOKS: Readonly<Record<string, readonly [low: number, high: number]>> = {
  whole: [0.68, 1.05], ragged: [0.48, 0.72], crumbling: [0.3, 0.52], earth: [0, 0.36],
}
const LOOK_SPREAD = 0.07
/** A height read off a stick, as a share of itself. */
const HEIGHT_SPREAD = 0.07
/** A cage is looked ahead for so long, days, and as far again beyond now. */
const HORIZON = { least: 800, beyondNow: 550, most: 1800 }

/** Bags side by side, where it is bags; else one. */
export function countOf({ answers }: Pick<BegunBatch['began'], 'answers'>): number {
  return Math.max(1, Math.round(numberOf(answers, BAGS) ?? 1))
}

/** Litres to the rim of all of it. */
export function roomL(site: Site, count: number): number {
  return vesselVolumeL(asVessel(site)) * count
}

function fillsIn(batch: BegunBatch, surroundings: Surroundings): Fill[] {
  const puts = batch.puts.map(({ at, inputs, waterL }) => ({
    day: Math.max(0, daysBetween(batch.began.at, at)), ingredients: ingredientsOf(inputs, surroundings.materials), waterL,
  }))
  const all: Ingredient[] = puts.flatMap(({ ingredients }) => ingredients)
  const help = helpOf(all)
  return puts.flatMap(({ day, ingredients, waterL }) => fillsOf(ingredients, waterL, day, help)).sort((a, b) => a.day - b.day)
}

function deedsOf({ began, puts, did, takings }: BegunBatch): CageDeed[] {
  const day = (at: string) => Math.max(0, daysBetween(began.at, at))
  return [
    ...puts.flatMap(({ at, inputs, waterL }): CageDeed[] =>
      inputs.length === 0 && waterL > 0 ? [{ day: day(at), kind: 'water', litres: waterL }] : [],
    ),
    ...did.flatMap(({ at, deed }): CageDeed[] =>
      deed === BAGGED ? [{ day: day(at), kind: 'bag' }] : deed === FORKED ? [{ day: day(at), kind: 'fork' }] : [],
    ),
    ...takings.map(({ at, products }): CageDeed => ({
      day: day(at), kind: 'take', litres: products.reduce((sum, { amount }) => sum + amountVolumeL(amount), 0),
    })),
  ].sort((a, b) => a.day - b.day)
}

function findingsOf(batch: BegunBatch, groundM2: number): StampedFinding<CageRow>[] {
  const dayOf = (at: string) => daysBetween(batch.began.at, at)
  const heights = (batch.gauged[HEIGHT] ?? []).map(({ eventId, at, value }): StampedFinding<CageRow> => ({
    eventId, at,
    finding: {
      kind: 'value', row: 'volumeL', day: dayOf(at), value: value * groundM2 * 1000,
      spread: Math.max(20, HEIGHT_SPREAD * value * groundM2 * 1000), trust: 0.8,
    },
  }))
  const felt = batch.observations.flatMap(({ eventId, at, sense, finding }): StampedFinding<CageRow>[] => {
    const water = sense === SQUEEZE ? SQUEEZES[finding] : undefined
    const seen = sense === LOOK ? LOOKS[finding] : undefined
    if (water)
      return [{
        eventId, at,
        finding: { kind: 'between', row: 'moisture', day: dayOf(at), low: water[0], high: water[1], spread: SQUEEZE_SPREAD, trust: 0.7 },
      }]
    return seen
      ? [
          {
            eventId, at,
            finding: { kind: 'between', row: 'left', day: dayOf(at), low: seen[0], high: seen[1], spread: LOOK_SPREAD, trust: 0.8 },
          },
        ]
      : []
  })
  return [...heights, ...felt].filter(({ finding }) => finding.day >= 0).sort((a, b) => a.finding.day - b.finding.day)
}

/** The question a cage puts, or nothing while no leaves are known to be in it. */
export function questionOf(batch: BegunBatch, surroundings: Surroundings): CageQuestion | undefined {
  const fills = fillsIn(batch, surroundings)
  if (fills.length === 0) return undefined
  const { began } = batch
  const count = countOf(began)
  const nowDay = Math.max(0, daysBetween(began.at, surroundings.now))
  const horizonDay = Math.ceil(Math.min(HORIZON.most, Math.max(HORIZON.least, nowDay + HORIZON.beyondNow)))
  const groundM2 = footprintM2(asVessel(began.site)) * count
  return {
    methodId: began.methodId, batchId: batch.id, nowDay, horizonDay, groundM2, fills, deeds: deedsOf(batch),
    exposure: exposureOf(began.site, count, began.answers), ...weatherFrom(new Date(began.at), horizonDay, surroundings),
    findings: findingsOf(batch, groundM2), seed: seedFromText(batch.id),
  }
}
