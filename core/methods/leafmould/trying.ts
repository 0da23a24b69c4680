import { findMaterial } from '../../materials/book'
import type { Material } from '../../materials/material'
import { type Ingredient, looseL } from '../../mix/portion'
import { numberOf } from '../../questions/question'
import { range, type Range } from '../../units/range'
import type { Site } from '../../vessel/site'
import { type Measuring, ownOf, type Proposal, type Surroundings, weatherFrom } from '../contract'
import { dayLeft, runCage, shellShare, USUAL_TRAITS, type CageCourse } from './course'
import { traitsAt } from './forecast'
import { fillsOf, helpOf, waterToWetL } from './leaves'
import { roomL } from './question'
import { exposureOf } from './sites'
import { BAGS } from './words'
import { LEAF } from './constants'
import { WEEK_DAYS } from '../../units/time'

/** A plan reckons with a cage that is looked after: under a roof the can does what the rain would. */
export const asTended = (site: Site, count: number) => exposureOf(site, count, {})

/** Early, middle and late of what is possible, to give a range without a forecast: pace and settling one and a quarter spreads off. */
const CORNERS = [traitsAt([1.28, 0.5]), USUAL_TRAITS, traitsAt([-1.28, -0.5])] as const

export interface Tried {
  readonly ingredients: readonly Ingredient[]
  readonly count: number
  readonly capacityL: number
  readonly looseL: number
  readonly waterL: number
  /** Sooner, middle, later. */
  readonly courses: readonly [CageCourse, CageCourse, CageCourse]
  readonly groundM2: number
  readonly proposal: Proposal
}

/** What is planned; a cage full of mixed leaves while nothing was said. */
function ingredientsOf(proposal: Proposal, capacityL: number, measuring: Measuring): readonly Ingredient[] {
  const some = proposal.ingredients.filter(({ amount }) => amount.count > 0)
  const sack = ownOf('sack', measuring)
  const leaves = findMaterial('leaves-mixed') as Material
  return some.length > 0
    ? some
    : [{ material: leaves, amount: { count: Math.max(1, Math.floor(capacityL / sack.volumeL)), container: sack, packing: 'loose' } }]
}

export function tryOut(proposal: Proposal, surroundings: Surroundings): Tried {
  const count = proposal.approachId === 'bagged' ? Math.max(1, numberOf(proposal.answers, BAGS) ?? 1) : 1
  const capacityL = roomL(proposal.site, count)
  const ingredients = ingredientsOf(proposal, capacityL, surroundings)
  const dry = fillsOf(ingredients, 0, 0, helpOf(ingredients))
  const waterL = waterToWetL(dry)
  const exposure = asTended(proposal.site, count)
  const cage = {
    fills: fillsOf(ingredients, waterL, 0, helpOf(ingredients)), deeds: [], exposure,
    ...weatherFrom(surroundings.now, LEAF.horizonDays, surroundings),
  }
  const days = Float64Array.from({ length: Math.floor(LEAF.horizonDays / WEEK_DAYS) + 1 }, (_, week) => week * WEEK_DAYS)
  const run = (index: 0 | 1 | 2) => runCage(cage, CORNERS[index], days)
  return {
    proposal, ingredients, count, capacityL, looseL: looseL(ingredients), waterL,
    groundM2: exposure.areaM2, courses: [run(0), run(1), run(2)],
  }
}

export const at = (course: CageCourse, day: number) =>
  Math.min(
    course.days.length - 1,
    Math.max(
      0, course.days.findIndex(one => one >= day),
    ),
  )

/** Litres of the moist middle when a grade is reached. */
export function coreL({ courses, proposal, count, groundM2 }: Tried, massLeft: number): Range {
  const exposure = asTended(proposal.site, count)
  const litres = courses
    .map((course) => {
      const volumeL = course.volumeL[at(course, dayLeft(course, massLeft, 0))]!
      return volumeL * (1 - shellShare(exposure, volumeL / 1000 / groundM2))
    })
    .sort((a, b) => a - b)
  return range(0.85 * litres[0]!, litres[1]!, 1.15 * litres[2]!)
}
