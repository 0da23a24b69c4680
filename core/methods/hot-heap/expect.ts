import type { StandingBatch } from '../../journal/garden'
import type { Range } from '../../units/range'
import { fillHeightM } from '../../vessel/vessel'
import type { ExpectedDay, Surroundings } from '../method'
import { batchMeasures, EDGE_SHARE, gainK, heightShare, vigourOf } from './course'

const DAY_MS = 86_400_000

/** Days between two moments, as a fraction. */
export function daysBetween(from: string | Date, to: string | Date): number {
  return (new Date(to).getTime() - new Date(from).getTime()) / DAY_MS
}

function addDays(from: string, days: number): Date {
  return new Date(new Date(from).getTime() + days * DAY_MS)
}

function turnDaysOf({ built, turns }: StandingBatch): number[] {
  return turns.map(({ at }) => daysBetween(built.at, at)).filter(day => day >= 0)
}

/** How far the readings so far lie above or below the plain course: a factor and how well it is known. */
interface Fit {
  readonly factor: number
  readonly spread: number
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = Math.floor(sorted.length / 2)
  return sorted.length % 2 ? sorted[middle] as number : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2
}

/** Readings that are not of the first day, when the rise is too steep to judge, nor impossible beside the air. */
function fitOf(batch: StandingBatch, vigour: number, surroundings: Surroundings): Fit {
  const turns = turnDaysOf(batch)
  const ratios = batch.readings.flatMap(({ at, coreC }) => {
    const day = daysBetween(batch.built.at, at)
    const ambient = surroundings.ambientC(new Date(at))
    const expected = gainK(day, vigour, turns, ambient)
    return coreC !== undefined && day > 1.5 && expected > 3 ? [Math.max(0, coreC - ambient) / expected] : []
  })
  if (ratios.length === 0) return { factor: 1, spread: 0.22 }
  // The median does not mind one wrong reading; the plain course counts as two readings beside it.
  const factor = (median(ratios.slice(-7)) * ratios.length + 2) / (ratios.length + 2)
  return { factor: Math.min(2.5, factor), spread: 0.22 / Math.sqrt(1 + ratios.length / 3) }
}

function lastHeightFactor({ built, heights, turns }: StandingBatch, vigour: number, builtM: number): number {
  const last = heights.at(-1)
  if (!last || builtM <= 0) return 1
  const expected = builtM * heightShare(Math.max(0, daysBetween(built.at, last.at)), vigour, turns.length)
  return Math.min(1.6, Math.max(0.3, last.heightM / expected))
}

const around = (typical: number, spread: number): Range => ({ low: typical * (1 - spread), typical, high: typical * (1 + spread) })
const above = (ambient: number, { low, typical, high }: Range): Range => ({ low: ambient + low, typical: ambient + typical, high: ambient + high })

/** What a hot heap is expected to do, four times a day, its readings so far taken into account. */
export function expectCourse(batch: StandingBatch, surroundings: Surroundings, days: number): ExpectedDay[] {
  const measures = batchMeasures(batch, surroundings.materials)
  if (!measures) return []
  const vigour = vigourOf(measures).overall
  const fit = fitOf(batch, vigour, surroundings)
  const turns = turnDaysOf(batch)
  const builtM = Math.min(fillHeightM(batch.built.vessel, measures.volumeL), batch.built.vessel.heightM * 1.5)
  const heightFactor = lastHeightFactor(batch, vigour, builtM)
  return Array.from({ length: days * 4 + 1 }, (_, step) => {
    const day = step / 4
    const ambient = surroundings.ambientC(addDays(batch.built.at, day))
    const gain = gainK(day, vigour, turns, ambient) * fit.factor
    const heightM = builtM * heightShare(day, vigour, turns.filter(turn => turn <= day).length) * heightFactor
    return { day, coreC: above(ambient, around(gain, fit.spread)), edgeC: above(ambient, around(gain * EDGE_SHARE, fit.spread)), heightM: around(heightM, 0.08) }
  })
}
