import { chargeOf, type Charge } from '#core/heat/charge'
import { courseDays, emptyCourse, runCourse, type Course, type Deed, type HeapCase } from '#core/heat/course'
import { USUAL_TRAITS, type Traits } from '#core/heat/traits'
import { findMaterial } from '#core/materials/book'
import type { Wall } from '#core/vessel/vessel'

export type LooseRecipe = readonly (readonly [materialId: string, litres: number])[]

/** Manure with straw, grass and leaves: fills 1.2 m each way at 33 to 1 and 285 kg/m³. */
export const BALANCED: LooseRecipe = [['horse-manure-straw', 840], ['straw-wheat', 320], ['grass-clippings', 300], ['leaves-shredded', 240]]

export function chargeFrom(recipe: LooseRecipe, waterL: number, share = 1): Charge {
  const portions = recipe.map(([id, litres]) => ({ material: findMaterial(id)!, looseVolumeL: litres * share }))
  const charge = chargeOf(portions, waterL * share)
  if (!charge) throw new Error('nothing in the recipe')
  return charge
}

/** The same stuff with so much of its wet mass as water. */
export function atMoisture(charge: Charge, moisture: number): Charge {
  const dryKg = charge.rapidKg + charge.mediumKg + charge.slowKg + charge.restKg
  return { ...charge, waterKg: dryKg * moisture / (1 - moisture) }
}

interface CubeSettings {
  readonly sideM?: number
  readonly airC?: number
  readonly rainMm?: number
  readonly openShare?: number
  readonly wall?: Wall
  readonly deeds?: readonly Deed[]
}

/** A square heap in steady air that nobody turns unless the deeds say so. */
export function cube(charge: Charge, { sideM = 1.2, airC = 15, rainMm = 0, openShare = 0, wall = 'boards', deeds = [] }: CubeSettings = {}): HeapCase {
  return {
    charge, standing: { wall, footprintM2: sideM * sideM, perimeterM: 4 * sideM },
    weather: { airC: Float64Array.of(airC), rainMm: Float64Array.of(rainMm), openShare },
    deeds, startsAboveK: 4, starter: 0.15, habitFromDay: 1e9, habit: () => ({ turnsToday: () => false }),
  }
}

export function courseOf(what: HeapCase, days = 60, traits: Traits = USUAL_TRAITS): Course {
  const course = emptyCourse(courseDays(days))
  runCourse(what, traits, course)
  return course
}

/** The value noted at a time, days. */
export function noted(course: Course, row: 'coreC' | 'edgeC' | 'volumeShare' | 'moisture' | 'used' | 'coreOxygenPct', day: number): number {
  return course[row][course.days.findIndex(at => at >= day - 1e-9)]!
}

export const highest = (values: ArrayLike<number>) => Array.from(values).reduce((top, one) => Math.max(top, one), -Infinity)
