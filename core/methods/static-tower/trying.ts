import { asLaid } from '../../heat/as-laid'
import { chargeOf } from '../../heat/charge'
import { emptyCourse } from '../../heat/case'
import { runCourse } from '../../heat/course'
import { traitsAt, TRAIT_NAMES, type TraitName } from '../../heat/traits'
import { typicalTotals, mixBalance } from '../../mix/balance'
import { portionOf, type Ingredient } from '../../mix/portion'
import { asVessel, siteFillM, siteVolumeL } from '../../vessel/site'
import { findMaterial } from '../../materials/book'
import { ownOf, type Proposal, type Surroundings } from '../contract'
import { weatherOn } from '../heated/forecast/around'
import { workedUp } from '../heated/working'
import { habitOf } from '../heated/turning'
import { freshened } from './question'
import { groundOf, laidOut, openShareOf } from './sites'
import { TOWER } from './constants'

const DAYS = Float64Array.from({ length: TOWER.horizonDays / 2 + 1 }, (_, at) => at * 2)

export interface Tried {
  readonly ingredients: readonly Ingredient[]
  readonly ratio: number
  readonly volumeL: number
  readonly heightM: number
  readonly waterL: number
  /** Days: to cool, to have worked a year; how far it has sunk in a year, and litres a week in summer: low, middle, high. */
  readonly coolDays: readonly number[]
  readonly readyDays: readonly number[]
  readonly peakC: readonly number[]
  readonly sunk: readonly number[]
  readonly weeklyL: number
}

export const at = (values: Partial<Record<TraitName, number>>) => traitsAt(TRAIT_NAMES.map(name => values[name] ?? 0))
/** Cooler and slower, middle, warmer and quicker: the pools, their pace and the air one and a quarter spreads off. */
const CORNERS = [
  at({ rapid: -1.28, medium: -1.28, slow: -1, usable: -1, air: 0.8 }), at({}),
  at({ rapid: 1.28, medium: 1.28, slow: 1, usable: 1, air: -0.8 }),
] as const

/** What is planned; a cage of fresh chips and leaves while nothing was said. */
function ingredientsOf(proposal: Proposal, surroundings: Surroundings): readonly Ingredient[] {
  const some = proposal.ingredients.filter(({ amount: { count } }) => count > 0)
  if (some.length > 0) return some
  const sack = ownOf('sack', surroundings)
  const count = Math.max(1, Math.round(siteVolumeL(proposal.site) * 1.2 / 2 / sack.volumeL))
  return ['chips-ramial', 'leaves-mixed'].flatMap((id): Ingredient[] => {
    const material = findMaterial(id, surroundings.materials)
    return material ? [{ material, amount: { count, container: sack, packing: 'loose' } }] : []
  })
}

export function tryOut(proposal: Proposal, surroundings: Surroundings): Tried | undefined {
  const ingredients = ingredientsOf(proposal, surroundings)
  const portions = ingredients.map(portionOf)
  const balance = mixBalance(portions)
  const totals = typicalTotals(portions)
  const dryKg = totals.wetMassKg - totals.waterKg
  if (!balance.ok || !(dryKg > 0)) return undefined
  const waterL = Math.max(0, dryKg * TOWER.moist.target / (1 - TOWER.moist.target) - totals.waterKg)
  const plain = chargeOf(portions, waterL)
  if (!plain) return undefined
  const { carbonToNitrogen, volumeL } = balance.value
  const vessel = asVessel(proposal.site)
  const weather = { ...weatherOn(vessel, surroundings.now, TOWER.horizonDays, surroundings), openShare: openShareOf(proposal.answers) }
  const courses = CORNERS.map((traits) => {
    const course = emptyCourse(DAYS)
    const run = runCourse({
      charge: freshened(plain, carbonToNitrogen),
      standing: groundOf(laidOut(proposal.site)),
      weather,
      deeds: [],
      ...asLaid(portions, waterL, weather.airC[0]!, 'fresh'),
      habitFromDay: 0,
      habit: habitOf({ kind: 'never' }, { everyDays: 7, below: 0.685, belowWhenTurned: 0.685, to: TOWER.moist.target }),
    }, { ...traits, spells: 0 }, course)
    return run.ok ? course : undefined
  })
  if (courses.some(course => !course)) return undefined
  const year = DAYS.findIndex(day => day >= 365)
  const row = courses.map(course => course!)
  return {
    ingredients, ratio: carbonToNitrogen, volumeL, heightM: siteFillM(proposal.site, volumeL), waterL,
    coolDays: row.map(
      ({ coreC }) =>
        (DAYS[
          Math.max(
            0, coreC.findLastIndex((celsius, index) => DAYS[index]! < 120 && celsius >= TOWER.wormsBelowC),
          )
        ] ?? 0) + 3,
    ),
    readyDays: row.map(course => workedUp(course, { days: 0 }, 0, TOWER.workingDays).day ?? TOWER.horizonDays),
    peakC: row.map(({ coreC }) => Math.max(...coreC.slice(0, 20))),
    sunk: row.map(({ volumeShare }) => 1 - volumeShare[year]! / volumeShare[0]!), weeklyL: driest(row[1]!.habitWaterings),
  }
}

/** Litres a week in the driest eight weeks. */
export function driest(waterings: readonly { readonly day: number, readonly litres: number }[]): number {
  const weeks = new Map<number, number>()
  for (const { day, litres } of waterings) weeks.set(Math.floor(day / 56), (weeks.get(Math.floor(day / 56)) ?? 0) + litres / 8)
  return Math.max(0, ...weeks.values())
}
