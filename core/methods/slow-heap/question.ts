import type { BegunBatch } from '../../journal/garden'
import type { StampedFinding } from '../../learning/fit'
import { ingredientsOf } from '../../mix/portion'
import { seedFromText } from '../../random/random'
import { amountVolumeL } from '../../units/container'
import { daysBetween } from '../../units/time'
import { weatherFrom, type ForecastQuestion, type Surroundings } from '../contract'
import { additionOf, type Addition } from './addition'
import type { SlowCase, SlowDeed } from './course'
import { isClosed, weeklyFeed } from './feeding'
import { standOf } from './sites'
import { HEIGHT, MOVED, SMELL, SQUEEZE } from './words'

/** What of a course can be found in the garden. */
export type SlowRow = 'volumeL' | 'moisture' | 'respirationMgG'

/** Everything that a forecast of one slow heap needs, as plain data that can be handed to a worker. */
export interface SlowQuestion extends ForecastQuestion, SlowCase {
  readonly nowDay: number
  readonly horizonDay: number
  readonly findings: readonly StampedFinding<SlowRow>[]
  readonly seed: number
}

/** What a squeeze tells of moisture, wet basis, and how blurred the limits are. */
const SQUEEZES: Readonly<Record<string, readonly [low: number, high: number]>> = {
  dust: [0, 0.4], dry: [0.4, 0.52], right: [0.52, 0.66], wet: [0.66, 0.76], dripping: [0.76, 1],
}
const SQUEEZE_SPREAD = 0.06
/** A height read off a stick, as a share of itself, and litres that nobody can read. */
const HEIGHT_SPREAD = 0.1
const LEAST_SPREAD_L = 20
/** Looked ahead so far: until the resting is over. */
const HORIZON = { least: 700, beyondNow: 480, most: 1500 }

function additionsOf({ began, puts }: BegunBatch, { materials }: Surroundings): Addition[] {
  return puts.flatMap(({ at, inputs, waterL }) => {
    const addition
      = inputs.length > 0 ? additionOf(Math.max(0, daysBetween(began.at, at)), ingredientsOf(inputs, materials), waterL) : undefined
    return addition ? [addition] : []
  }).sort((a, b) => a.day - b.day)
}

function deedsOf({ began, puts, did, takings }: BegunBatch): SlowDeed[] {
  const day = (at: string) => Math.max(0, daysBetween(began.at, at))
  return [
    ...puts.flatMap(({ at, inputs, waterL }): SlowDeed[] =>
      inputs.length === 0 && waterL > 0 ? [{ day: day(at), kind: 'water', litres: waterL }] : [],
    ),
    ...did.flatMap(({ at, deed }): SlowDeed[] => deed === MOVED ? [{ day: day(at), kind: 'move' }] : []),
    ...takings.map(({ at, products }): SlowDeed => ({
      day: day(at), kind: 'take', litres: products.reduce((sum, { amount }) => sum + amountVolumeL(amount), 0),
    })),
  ].sort((a, b) => a.day - b.day)
}

/** Sour is airless and raw: where it stinks little has rotted well. It tells little, so it is trusted little. */
const RAW_WHEN_SOUR: readonly [number, number] = [60, 600]

function findingsOf(batch: BegunBatch, footprintM2: number): StampedFinding<SlowRow>[] {
  const dayOf = (at: string) => daysBetween(batch.began.at, at)
  const heights = (batch.gauged[HEIGHT] ?? []).map(({ eventId, at, value }): StampedFinding<SlowRow> => {
    const litres = value * footprintM2 * 1000
    return {
      eventId, at,
      finding: {
        kind: 'value', row: 'volumeL', day: dayOf(at), value: litres, spread: Math.max(LEAST_SPREAD_L, HEIGHT_SPREAD * litres),
        trust: 0.7,
      },
    }
  })
  const felt = batch.observations.flatMap(({ eventId, at, sense, finding }): StampedFinding<SlowRow>[] => {
    const water = sense === SQUEEZE ? SQUEEZES[finding] : undefined
    if (water)
      return [{
        eventId, at,
        finding: { kind: 'between', row: 'moisture', day: dayOf(at), low: water[0], high: water[1], spread: SQUEEZE_SPREAD, trust: 0.6 },
      }]
    if (sense !== SMELL || (finding !== 'sour' && finding !== 'eggs')) return []
    return [{
      eventId, at,
      finding: {
        kind: 'between', row: 'respirationMgG', day: dayOf(at), low: RAW_WHEN_SOUR[0], high: RAW_WHEN_SOUR[1], spread: 20, trust: 0.2,
      },
    }]
  })
  return [...heights, ...felt].filter(({ finding }) => finding.day >= 0).sort((a, b) => a.finding.day - b.finding.day)
}

/** The question a slow heap puts. Nothing is in it: then there is nothing to ask, unless it is to be fed. */
export function questionOf(batch: BegunBatch, surroundings: Surroundings): SlowQuestion | undefined {
  const additions = additionsOf(batch, surroundings)
  const { began } = batch
  const nowDay = Math.max(0, daysBetween(began.at, surroundings.now))
  const closed = isClosed(batch) || batch.ended !== undefined
  const weekly = closed ? undefined : additionOf(0, weeklyFeed(batch, surroundings.now, surroundings.materials).ingredients, 0)
  if (additions.length === 0 && !weekly) return undefined
  const horizonDay = Math.ceil(Math.min(HORIZON.most, Math.max(HORIZON.least, nowDay + HORIZON.beyondNow)))
  const stand = standOf(began.site, began.answers)
  return {
    methodId: began.methodId,
    batchId: batch.id,
    nowDay,
    horizonDay,
    additions,
    deeds: deedsOf(batch),
    feeding: { fromDay: nowDay + 1, weekly },
    ...stand,
    ...weatherFrom(new Date(began.at), horizonDay, surroundings),
    findings: findingsOf(batch, stand.ground.footprintM2),
    seed: seedFromText(batch.id),
  }
}
