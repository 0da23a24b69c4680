import { chargeOf, type Charge } from '#core/heat/charge'
import { USUAL_CONSTANTS, type Constants } from '#core/heat/constants'
import { courseDays, emptyCourse, type Course, type CourseRow, type Deed, type HeapCase } from '#core/heat/case'
import { runCourse } from '#core/heat/course'
import { newHeap, type Heap } from '#core/heat/heap'
import { pack } from '#core/heat/packing'
import { USUAL_TRAITS, type Traits } from '#core/heat/traits'
import { findMaterial } from '#core/materials/book'
import type { Wall } from '#core/vessel/vessel'

export type LooseRecipe = readonly (readonly [materialId: string, litres: number])[]

/** Manure with straw, grass and leaves at 33 to 1. */
export const BALANCED: LooseRecipe = [['horse-manure-straw', 840], ['straw-wheat', 320], ['grass-clippings', 300], ['leaves-shredded', 240]]

export function chargeFrom(recipe: LooseRecipe, waterL: number, share = 1): Charge {
  const portions = recipe.map(([id, litres]) => ({ material: findMaterial(id)!, looseVolumeL: litres * share }))
  const charge = chargeOf(portions, waterL * share)
  if (!charge) throw new Error('nothing in the recipe')
  return charge
}

/** So many times the same. */
export function times(charge: Charge, factor: number): Charge {
  const { rapidKg, mediumKg, slowKg, restKg, ashKg, waterKg, volumeL, carbonKg, nitrogenKg } = charge
  return {
    ...charge,
    rapidKg: rapidKg * factor,
    mediumKg: mediumKg * factor,
    slowKg: slowKg * factor,
    restKg: restKg * factor,
    ashKg: ashKg * factor,
    waterKg: waterKg * factor,
    volumeL: volumeL * factor,
    carbonKg: carbonKg * factor,
    nitrogenKg: nitrogenKg * factor,
  }
}

/** The same stuff with so much of its wet mass as water. */
export function atMoisture(charge: Charge, moisture: number): Charge {
  const dryKg = charge.rapidKg + charge.mediumKg + charge.slowKg + charge.restKg
  return { ...charge, waterKg: dryKg * moisture / (1 - moisture) }
}

export interface CubeSettings {
  readonly sideM?: number
  readonly heightM?: number
  readonly airC?: number
  readonly rainMm?: number
  readonly openShare?: number
  readonly openTop?: boolean
  readonly wall?: Wall
  readonly deeds?: readonly Deed[]
  readonly constants?: Constants
  /** How it has come: warmer than the air, K, and alive; a little of both where nothing is said. */
  readonly laid?: { readonly startsAboveK: number, readonly starter: number, readonly iceMJ?: number }
}

const USUALLY_LAID = { startsAboveK: 4, starter: 0.15 }

/** A square heap in steady air that nobody turns unless the deeds say so. */
export function cube(
  charge: Charge,
  {
    sideM = 1.2, airC = 15, rainMm = 0, openShare = 0, openTop = false, wall = 'boards', deeds = [], constants = USUAL_CONSTANTS,
    laid = USUALLY_LAID,
  }: CubeSettings = {},
): HeapCase {
  return {
    charge, standing: { wall, footprintM2: sideM * sideM, perimeterM: 4 * sideM, openTop },
    weather: { airC: Float64Array.of(airC), rainMm: Float64Array.of(rainMm), openShare },
    deeds, ...laid, habitFromDay: 1e9, habit: { turnsToday: () => false }, constants,
  }
}

/** As much of it as stands so high once built: wetted, and pressed by its own weight. */
export function filled(charge: Charge, settings: CubeSettings = {}): Charge {
  const sideM = settings.sideM ?? 1.2
  const wanted = sideM * sideM * (settings.heightM ?? sideM)
  let factor = wanted / charge.volumeL * 1000
  for (let round = 0; round < 12; round++) {
    const { standing, constants } = cube(charge, settings)
    const heap = newHeap(times(charge, factor), standing, USUAL_TRAITS, 15, 0.15, constants)
    pack(heap)
    factor *= wanted / heap.work.volumeM3
  }
  return times(charge, factor)
}

/** The heap as it stands after so many days; throws when it cannot be run. */
export function heapAfter(what: HeapCase, days: number, traits: Traits = USUAL_TRAITS): Heap {
  const ran = runCourse(what, traits, emptyCourse(Float64Array.of(0, days)))
  if (!ran.ok) throw new Error(ran.error.kind)
  return ran.value
}

export function courseOf(what: HeapCase, days = 60, traits: Traits = USUAL_TRAITS): Course {
  const course = emptyCourse(courseDays(days))
  const ran = runCourse(what, traits, course)
  if (!ran.ok) throw new Error(ran.error.kind)
  return course
}

/** The value noted at a time, days. */
export function noted(course: Course, row: CourseRow, day: number): number {
  return course[row][course.days.findIndex(at => at >= day - 1e-9)]!
}

export const highest = (values: ArrayLike<number>) => Array.from(values).reduce((top, one) => Math.max(top, one), -Infinity)
