import { waterAt } from '../materials/holding'
import { carbonFraction, partakingShare, type Material } from '../materials/material'
import { SAMPLES, standingsTable, valueAt } from './draws'
import { UNCERTAIN, UNCERTAIN_NAMES } from './drivers'
import { freeAirSpace, mixedVolumeL } from './measures'
import type { Portion } from './portion'
import { acceptableMoisture } from './totals'
import { missingWaterL } from './water'

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
  const carbon = portion.material.part === 'mix' ? carbonFraction(portion.material) : 0
  const columns = ranges.map((_, offset) => standingsTable(place * WIDTH + offset))
  const table = new Float32Array(SAMPLES * WIDTH)
  for (let sample = 0; sample < SAMPLES; sample++) {
    const [fill, bulkKgM3, moisture, ratio] = ranges.map((range, offset) => valueAt(range, columns[offset]![sample]!)) as [
      number, number, number, number,
    ]
    const wetKg = fill * bulkKgM3 / 1000
    table.set([fill, wetKg, wetKg * moisture, wetKg * (1 - moisture) * carbon / ratio], sample * WIDTH)
  }
  return table
}

/** Numbers an ingredient is weighed with: volume, carbon, share that takes part, organic share, coarseness, workable water, mats. */
const WEIGHTS = 7

function weightsOf(portions: readonly Portion[]): Float64Array {
  return Float64Array.from(portions.flatMap(({ material, looseVolumeL }) => {
    const carbon = material.part === 'mix' ? carbonFraction(material) : 0
    return [
      looseVolumeL, carbon, partakingShare(material), 1 - material.ashFraction, material.structure / 3,
      waterAt(acceptableMoisture(material)), material.mats,
    ]
  }))
}

/** The measures of every sampled mix, one column a measure, and the litres missing to a target moisture (below 0 when too wet). */
export interface SampledMeasures {
  readonly carbonToNitrogen: Float64Array
  readonly availableCarbonToNitrogen: Float64Array
  readonly moistureFraction: Float64Array
  readonly volumeL: Float64Array
  readonly freeAirSpace: Float64Array
  readonly workableMoisture: Float64Array
  readonly mattingShare: Float64Array
  readonly missingWaterL: Float64Array
}

const column = () => new Float64Array(SAMPLES)

/**
 * Sums and measures every sampled mix: `addToTotals` and `measuresOf` two thousand times over, in plain variables,
 * since an object a sample would make it several times slower. A test holds this and the plain arithmetic together.
 */
export function sampledMeasures(portions: readonly Portion[], addedWaterL: number, targetMoisture: number): SampledMeasures {
  const litres = portions.map(sampledLitre)
  const weights = weightsOf(portions)
  const carbonToNitrogen = column(), availableCarbonToNitrogen = column(), moistureFraction = column()
  const volumeL = column(), airSpace = column(), missing = column(), workableMoisture = column(), mattingShare = column()
  for (let sample = 0, at = 0; sample < SAMPLES; sample++, at += WIDTH) {
    let wet = 0, water = 0, nitrogen = 0, carbon = 0, takingCarbon = 0, takingNitrogen = 0
    let workable = 0, mats = 0, organic = 0, loose = 0, coarse = 0, coarseSquared = 0
    for (let index = 0, weight = 0; index < litres.length; index++, weight += WEIGHTS) {
      const litre = litres[index]!
      const litresOf = weights[weight]!
      const coarseness = weights[weight + 4]!
      const filledL = litresOf * litre[at]!
      const wetKg = litresOf * litre[at + 1]!
      const waterKg = litresOf * litre[at + 2]!
      const dryKg = wetKg - waterKg
      wet += wetKg
      water += waterKg
      const nitrogenKg = litresOf * litre[at + 3]!
      const carbonKg = dryKg * weights[weight + 1]!
      const partakes = weights[weight + 2]!
      nitrogen += nitrogenKg
      carbon += carbonKg
      takingCarbon += carbonKg * partakes
      takingNitrogen += nitrogenKg * partakes
      workable += dryKg * weights[weight + 5]!
      mats += filledL * weights[weight + 6]!
      organic += dryKg * weights[weight + 3]!
      loose += filledL
      coarse += filledL * coarseness
      coarseSquared += filledL * coarseness * coarseness
    }
    const wateredKg = wet + addedWaterL
    const moisture = (water + addedWaterL) / wateredKg
    const mixedL = mixedVolumeL(loose, coarse, coarseSquared)
    carbonToNitrogen[sample] = carbon / nitrogen
    availableCarbonToNitrogen[sample] = takingCarbon / takingNitrogen
    workableMoisture[sample] = workable / (workable + wet - water)
    mattingShare[sample] = mats / loose
    moistureFraction[sample] = moisture
    volumeL[sample] = mixedL
    airSpace[sample] = freeAirSpace(wateredKg / mixedL * 1000, 1 - moisture, organic / (wet - water))
    missing[sample] = missingWaterL(wet, water, targetMoisture)
  }
  return {
    carbonToNitrogen, availableCarbonToNitrogen, moistureFraction, volumeL, freeAirSpace: airSpace, workableMoisture, mattingShare,
    missingWaterL: missing,
  }
}
