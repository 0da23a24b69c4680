import { daysBetween } from '../../../units/time'
import type { HeapLog } from '../heap-log'
import type { Discrepancy } from '../../../learning/discrepancy'
import type { StampedFinding } from '../../../learning/fit'
import { WARMTH } from '../warmth'
import { HEATED } from '../constants'
import { namedIn } from '../../../constants/constants'

/** What of a course can be found in the garden. */
export type HeapRow = 'coreC' | 'edgeC' | 'volumeShare' | 'moisture'

/**
 * How far readings stray from any one course, K: about 10 early, 8 by day 28, 4 once a heap is cool, carried forward and half
 * forgotten in six days; and what
 * differs from spot to spot. Calibrated by `npm run study` on a truth that is not this model.
 */
const { keepsDays, coreNoiseK, edgeNoiseK } = HEATED.strays
const youngBy = (youngK: number) => (day: number) => HEATED.strays.alwaysK + youngK * Math.exp(-day / HEATED.strays.youngDays)
const CORE: Discrepancy = { spread: youngBy(HEATED.strays.coreK), keepsDays, noise: coreNoiseK }
const EDGE: Discrepancy = { spread: youngBy(HEATED.strays.edgeK), keepsDays, noise: edgeNoiseK }
/** What strays by how much, by the row that readings tell of. */
export const STRAYS: Readonly<Partial<Record<HeapRow, Discrepancy>>> = { coreC: CORE, edgeC: EDGE }

/** The same for batches that stray less, or more, than a hot heap does. */
export function straysBy(row: HeapRow, times: number): Discrepancy | undefined {
  const usual = STRAYS[row]
  return usual && times !== 1 ? { ...usual, spread: day => times * usual.spread(day) } : usual
}

function middle(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.floor(sorted.length / 2)] as number
}

function temperatures(batch: HeapLog, depth: 'coreC' | 'edgeC', { noise }: Discrepancy): StampedFinding<HeapRow>[] {
  const pools = new Map<number, { eventId: string, at: string, day: number, values: number[] }>()
  for (const reading of batch.readings) {
    const day = daysBetween(batch.built.at, reading.at)
    const value = reading[depth]
    if (value === undefined || day < 0) continue
    const pool = Math.floor(day / HEATED.readingPoolDays)
    const values = pools.get(pool)?.values ?? []
    values.push(value)
    pools.set(pool, { eventId: reading.eventId, at: reading.at, day, values })
  }
  return [...pools.values()].map(({ eventId, at, day, values }) => ({
    eventId, at, finding: { kind: 'value', row: depth, day, value: middle(values), spread: noise, trust: 1 },
  }))
}

const read = new WeakMap<HeapLog, readonly StampedFinding<HeapRow>[]>()

/** What thermometers told of a batch: worked out once for each state of it, however many courses are held against it. */
function thermometersOf(batch: HeapLog): readonly StampedFinding<HeapRow>[] {
  const known = read.get(batch) ?? [...temperatures(batch, 'coreC', CORE), ...temperatures(batch, 'edgeC', EDGE)]
  read.set(batch, known)
  return known
}

/** Between which limits a core lies that a hand felt so; no warmer than the air is just that, on a warm day and on a cold one. */
function feltLimits(finding: string, ambientC: number): readonly [number, number] | undefined {
  const limits = namedIn(HEATED.feltC, finding)
  return limits && finding === 'cool' ? [limits[0], Math.min(limits[1], ambientC + HEATED.workingK / 2)] : limits
}

/** All that was found of a batch by thermometer, stick and hand, in the order in which it was found. */
export function findingsOf(batch: HeapLog, builtHeightM: number, ambientC: (at: Date) => number): StampedFinding<HeapRow>[] {
  const dayOf = (at: string) => daysBetween(batch.built.at, at)
  const heights = batch.heights.map(({ eventId, at, heightM }): StampedFinding<HeapRow> => ({
    eventId, at,
    finding: { kind: 'value', row: 'volumeShare', day: dayOf(at), value: heightM / builtHeightM, spread: HEATED.heightSpread, trust: 0.7 },
  }))
  const squeezes = batch.observations.flatMap(({ eventId, at, sense, finding }): StampedFinding<HeapRow>[] => {
    const limits = sense === 'squeeze' ? namedIn(HEATED.squeezes, finding) : undefined
    return limits
      ? [
          {
            eventId, at,
            finding: {
              kind: 'between', row: 'moisture', day: dayOf(at), low: limits[0], high: limits[1], spread: HEATED.squeezeSpread, trust: 1,
            },
          },
        ]
      : []
  })
  const felt = batch.observations.flatMap(({ eventId, at, sense, finding }): StampedFinding<HeapRow>[] => {
    const limits = sense === WARMTH ? feltLimits(finding, ambientC(new Date(at))) : undefined
    return limits
      ? [
          {
            eventId, at,
            finding: {
              kind: 'between', row: 'coreC', day: dayOf(at), low: limits[0], high: limits[1],
              spread: Math.hypot(HEATED.feltSpreadK, CORE.spread(dayOf(at))), trust: 1,
            },
          },
        ]
      : []
  })
  return [...felt, ...thermometersOf(batch), ...heights, ...squeezes]
    .filter(({ finding }) => finding.day >= 0)
    .sort((a, b) => a.finding.day - b.finding.day)
}
