import { biodegradableFraction, carbonFraction, type Material } from '../materials/material'
import { SAMPLES, standingsTable, valueAt } from './draws'
import { UNCERTAIN, UNCERTAIN_NAMES } from './drivers'
import type { Portion } from './portion'
import { emptyTotals, type Totals } from './totals'

/** What one loose litre of a material brings in each sample: filling, wet mass, water and nitrogen. */
const WIDTH = 4

/**
 * Sampled litres of a material at a place in the mix. Everything a portion brings is proportional to its volume, so
 * these are drawn once and only weighed while the gardener moves buckets. Seven digits are plenty and stay in the cache.
 */
const drawn = new WeakMap<Material, Float32Array[]>()

function sampledLitre(portion: Portion, place: number): Float32Array {
  const known = drawn.get(portion.material) ?? []
  drawn.set(portion.material, known)
  return known[place] ??= drawLitre(portion, place)
}

function drawLitre(portion: Portion, place: number): Float32Array {
  const ranges = UNCERTAIN_NAMES.map(name => UNCERTAIN[name](portion))
  const carbon = carbonFraction(portion.material)
  const columns = ranges.map((_, offset) => standingsTable(place * WIDTH + offset))
  const table = new Float32Array(SAMPLES * WIDTH)
  for (let sample = 0; sample < SAMPLES; sample++) {
    const [fill, bulkKgM3, moisture, ratio] = ranges.map((range, offset) => valueAt(range, columns[offset]![sample]!)) as [number, number, number, number]
    const wetKg = fill * bulkKgM3 / 1000
    table.set([fill, wetKg, wetKg * moisture, wetKg * (1 - moisture) * carbon / ratio], sample * WIDTH)
  }
  return table
}

/** Numbers an ingredient is weighed with: volume, carbon, available carbon, organic share, coarseness. */
const WEIGHTS = 5

function weightsOf(portions: readonly Portion[]): Float64Array {
  return Float64Array.from(portions.flatMap(({ material, looseVolumeL }) => {
    const carbon = carbonFraction(material)
    return [looseVolumeL, carbon, carbon * biodegradableFraction(material), 1 - material.ashFraction, material.structure / 3]
  }))
}

/** Sums one sample over the ingredients, in plain variables: objects would make it several times slower. */
function sumSample(litres: readonly Float32Array[], weights: Float64Array, at: number, totals: Totals): void {
  let wet = 0, water = 0, nitrogen = 0, carbon = 0, available = 0, organic = 0, volume = 0, coarse = 0, coarseSquared = 0
  for (let index = 0, weight = 0; index < litres.length; index++, weight += WEIGHTS) {
    const litre = litres[index]!
    const volumeL = weights[weight]!
    const coarseness = weights[weight + 4]!
    const filledL = volumeL * litre[at]!
    const wetKg = volumeL * litre[at + 1]!
    const waterKg = volumeL * litre[at + 2]!
    const dryKg = wetKg - waterKg
    wet += wetKg
    water += waterKg
    nitrogen += volumeL * litre[at + 3]!
    carbon += dryKg * weights[weight + 1]!
    available += dryKg * weights[weight + 2]!
    organic += dryKg * weights[weight + 3]!
    volume += filledL
    coarse += filledL * coarseness
    coarseSquared += filledL * coarseness * coarseness
  }
  totals.wetMassKg = wet
  totals.waterKg = water
  totals.nitrogenKg = nitrogen
  totals.carbonKg = carbon
  totals.availableCarbonKg = available
  totals.organicKg = organic
  totals.looseVolumeL = volume
  totals.coarseVolumeL = coarse
  totals.coarseSquaredL = coarseSquared
}

/**
 * Sums the sampled mixes one after the other and calls back with each. The sums handed over are
 * the same object every time: take from it, do not keep it.
 * This is `addToTotals` a few thousand times over; a test holds the two together.
 */
export function eachSample(portions: readonly Portion[], visit: (sample: number, totals: Totals) => void): void {
  const litres = portions.map(sampledLitre)
  const weights = weightsOf(portions)
  const totals = emptyTotals()
  for (let sample = 0; sample < SAMPLES; sample++) {
    sumSample(litres, weights, sample * WIDTH, totals)
    visit(sample, totals)
  }
}
