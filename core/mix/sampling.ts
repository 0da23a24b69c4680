import { biodegradableFraction, carbonFraction } from '../materials/material'
import { SAMPLES, standingsTable } from './draws'
import { UNCERTAIN, UNCERTAIN_NAMES } from './drivers'
import type { Portion } from './portion'
import { emptyTotals, type Totals } from './totals'

/** Room for this many ingredients is kept ready; more get a larger table. */
const USUAL_INGREDIENTS = 16

/** Numbers a portion contributes with, flat so that the sampling loop allocates nothing. */
const WIDTH = 17
const SPREAD_FROM = 5

function packed(portions: readonly Portion[]): Float64Array {
  const table = new Float64Array(portions.length * WIDTH)
  portions.forEach((portion, index) => {
    const { material, looseVolumeL } = portion
    const fixed = [looseVolumeL, carbonFraction(material), biodegradableFraction(material), 1 - material.ashFraction, material.structure / 3]
    const spreads = UNCERTAIN_NAMES.flatMap((name) => {
      const { low, typical, high } = UNCERTAIN[name](portion)
      return [typical, (high - low) / 2, (high + low) / 2 - typical]
    })
    table.set([...fixed, ...spreads], index * WIDTH)
  })
  return table
}

/** `valueAt` without a branch: typical + z·(high − low)/2 + |z|·((high + low)/2 − typical). */
function spreadValue(table: Float64Array, from: number, standing: number): number {
  return table[from]! + standing * table[from + 1]! + Math.abs(standing) * table[from + 2]!
}

/**
 * Sums the sampled mixes one after the other and calls back with each. The sums handed over are
 * the same object every time: take from it, do not keep it.
 * This is `addToTotals` a few thousand times over; a test holds the two together.
 */
export function eachSample(portions: readonly Portion[], visit: (sample: number, totals: Totals) => void): void {
  const dimensions = Math.max(USUAL_INGREDIENTS, portions.length) * UNCERTAIN_NAMES.length
  const standings = standingsTable(dimensions)
  const table = packed(portions)
  const totals = emptyTotals()
  for (let sample = 0; sample < SAMPLES; sample++) {
    sumSample(table, standings, sample * dimensions, totals)
    visit(sample, totals)
  }
}

function sumSample(table: Float64Array, standings: Float64Array, first: number, totals: Totals): void {
  let wet = 0, water = 0, carbon = 0, available = 0, nitrogen = 0, organic = 0, volume = 0, coarse = 0, coarseSquared = 0
  for (let at = 0, dimension = first; at < table.length; at += WIDTH, dimension += 4) {
    const volumeL = table[at]! * spreadValue(table, at + SPREAD_FROM, standings[dimension]!)
    const wetKg = volumeL * spreadValue(table, at + SPREAD_FROM + 3, standings[dimension + 1]!) / 1000
    const waterKg = wetKg * spreadValue(table, at + SPREAD_FROM + 6, standings[dimension + 2]!)
    const carbonKg = (wetKg - waterKg) * table[at + 1]!
    const coarseL = volumeL * table[at + 4]!
    wet += wetKg
    water += waterKg
    carbon += carbonKg
    available += carbonKg * table[at + 2]!
    nitrogen += carbonKg / spreadValue(table, at + SPREAD_FROM + 9, standings[dimension + 3]!)
    organic += (wetKg - waterKg) * table[at + 3]!
    volume += volumeL
    coarse += coarseL
    coarseSquared += coarseL * table[at + 4]!
  }
  totals.wetMassKg = wet
  totals.waterKg = water
  totals.carbonKg = carbon
  totals.availableCarbonKg = available
  totals.nitrogenKg = nitrogen
  totals.organicKg = organic
  totals.looseVolumeL = volume
  totals.coarseVolumeL = coarse
  totals.coarseSquaredL = coarseSquared
}
