import { biodegradableFraction, carbonFraction, type Material } from '../materials/material'
import { SAMPLES, standingsTable, valueAt } from './draws'
import { UNCERTAIN, UNCERTAIN_NAMES } from './drivers'
import type { Portion } from './portion'
import { emptyTotals, type Totals } from './totals'

/** What one loose litre of a material brings in each sample: filling, wet mass, water and nitrogen. */
const WIDTH = 4

/**
 * Sampled litres of a material at a place in the mix. Everything a portion brings is proportional to its volume, so
 * these are drawn once and only weighed while the gardener moves buckets.
 */
const drawn = new WeakMap<Material, Float64Array[]>()

function sampledLitre(portion: Portion, place: number): Float64Array {
  const known = drawn.get(portion.material) ?? []
  drawn.set(portion.material, known)
  return known[place] ??= drawLitre(portion, place)
}

function drawLitre(portion: Portion, place: number): Float64Array {
  const ranges = UNCERTAIN_NAMES.map(name => UNCERTAIN[name](portion))
  const carbon = carbonFraction(portion.material)
  const columns = ranges.map((_, offset) => standingsTable(place * WIDTH + offset))
  const table = new Float64Array(SAMPLES * WIDTH)
  for (let sample = 0; sample < SAMPLES; sample++) {
    const [fill, bulkKgM3, moisture, ratio] = ranges.map((range, offset) => valueAt(range, columns[offset]![sample]!)) as [number, number, number, number]
    const wetKg = fill * bulkKgM3 / 1000
    table.set([fill, wetKg, wetKg * moisture, wetKg * (1 - moisture) * carbon / ratio], sample * WIDTH)
  }
  return table
}

interface Weighed { readonly litres: Float64Array, readonly volumeL: number, readonly carbon: number, readonly available: number, readonly organic: number, readonly coarse: number }

function weigh(portion: Portion, place: number): Weighed {
  const { material, looseVolumeL } = portion
  const carbon = carbonFraction(material)
  return { litres: sampledLitre(portion, place), volumeL: looseVolumeL, carbon, available: carbon * biodegradableFraction(material), organic: 1 - material.ashFraction, coarse: material.structure / 3 }
}

/** Adds one ingredient of one sample to the sums. */
function addSampled(totals: Totals, { litres, volumeL, carbon, available, organic, coarse }: Weighed, at: number): void {
  const filledL = volumeL * litres[at]!
  const wetKg = volumeL * litres[at + 1]!
  const waterKg = volumeL * litres[at + 2]!
  const dryKg = wetKg - waterKg
  totals.wetMassKg += wetKg
  totals.waterKg += waterKg
  totals.nitrogenKg += volumeL * litres[at + 3]!
  totals.carbonKg += dryKg * carbon
  totals.availableCarbonKg += dryKg * available
  totals.organicKg += dryKg * organic
  totals.looseVolumeL += filledL
  totals.coarseVolumeL += filledL * coarse
  totals.coarseSquaredL += filledL * coarse * coarse
}

/**
 * Sums the sampled mixes one after the other and calls back with each. The sums handed over are
 * the same object every time: take from it, do not keep it.
 * This is `addToTotals` a few thousand times over; a test holds the two together.
 */
export function eachSample(portions: readonly Portion[], visit: (sample: number, totals: Totals) => void): void {
  const weighed = portions.map(weigh)
  const totals = emptyTotals()
  for (let sample = 0; sample < SAMPLES; sample++) {
    totals.wetMassKg = totals.waterKg = totals.carbonKg = totals.availableCarbonKg = totals.nitrogenKg = totals.organicKg = 0
    totals.looseVolumeL = totals.coarseVolumeL = totals.coarseSquaredL = 0
    for (let index = 0; index < weighed.length; index++) addSampled(totals, weighed[index]!, sample * WIDTH)
    visit(sample, totals)
  }
}
