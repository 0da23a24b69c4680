import type { BegunBatch, Put } from '../../journal/garden'
import { findMaterial, type MaterialBook } from '../../materials/book'
import type { Material } from '../../materials/material'
import { type Ingredient, ingredientsOf, looseL, portionOf } from '../../mix/portion'
import { numberOf } from '../../questions/question'
import { LITRE } from '../../units/container'
import { daysBetween } from '../../units/time'
import { type Measuring, ownOf, type Spare } from '../contract'
import { coverLitres } from './cover'
import { CLOSED, WEEKLY } from './words'
import { SLOW } from './constants'

/** What of a put is fed and what covers it. */
export function partsOf({ inputs }: Pick<Put, 'inputs'>, book: MaterialBook): { readonly fed: Ingredient[], readonly cover: Ingredient[] } {
  return {
    fed: ingredientsOf(
      inputs.filter(({ role }) => role !== 'cover'), book,
    ),
    cover: ingredientsOf(
      inputs.filter(({ role }) => role === 'cover'), book,
    ),
  }
}

const litresOf = (some: readonly Ingredient[]) => looseL(some)

/** Whether nothing goes in any more. */
export const isClosed = ({ did }: Pick<BegunBatch, 'did'>) => did.some(({ deed }) => deed === CLOSED)

/** The puts that were made by the caddy, as far as they were recorded. */
export const feedings = ({ puts }: Pick<BegunBatch, 'puts'>): Put[] =>
  puts.filter(({ inputs, atStart, already, fromBatchId }) => !atStart && !already && fromBatchId === undefined && inputs.length > 0)

/** When something went in last, recorded or reckoned; its beginning where nothing did. */
export function lastFedAt({ began, puts }: Pick<BegunBatch, 'began' | 'puts'>): string {
  return puts.findLast(({ inputs, atStart }) => !atStart && inputs.length > 0)?.at ?? began.at
}

/** A material with so many litres of it, in a container that is always at hand. */
export function litresOfIt(material: Material, litres: number): Ingredient {
  return { material, amount: { count: litres, container: LITRE, packing: 'loose' } }
}

/** Fed and covered in a week, by what was done lately; by what was said while little was done. */
export interface WeeklyFeed {
  readonly ingredients: readonly Ingredient[]
  readonly fedL: number
  readonly coverL: number
  /** Days between two feeds, the middle of the last ones. */
  readonly everyDays: number
}

function assumed(weeklyL: number, book: MaterialBook): WeeklyFeed {
  const [scraps, leaves] = [findMaterial('kitchen-veg', book), findMaterial('leaves-mixed', book)]
  const coverL = scraps && leaves ? coverLitres([litresOfIt(scraps, weeklyL)], leaves) : weeklyL * SLOW.coverShare
  const ingredients = [...(scraps ? [litresOfIt(scraps, weeklyL)] : []), ...(leaves ? [litresOfIt(leaves, coverL)] : [])]
  return { ingredients, fedL: weeklyL, coverL, everyDays: SLOW.usualEveryDays }
}

/** What a week of scraps with its cover is, for a plan. */
export function plannedWeek(weeklyL: number, book: MaterialBook): WeeklyFeed {
  return assumed(weeklyL, book)
}

/** Days between two feeds, the middle of the last ones; nothing while there were none. */
function gapOf(fed: readonly Put[]): number | undefined {
  const gaps = fed.slice(1).map((one, index) => daysBetween(fed[index]!.at, one.at)).sort((a, b) => a - b)
  const middle = gaps[Math.floor(gaps.length / 2)]
  return middle === undefined ? undefined : Math.min(14, Math.max(0.5, middle))
}

/** How a heap is fed. */
export function weeklyFeed(batch: BegunBatch, now: Date, book: MaterialBook): WeeklyFeed {
  const since = Math.min(SLOW.feedsBackDays, daysBetween(batch.began.at, now))
  const recent = feedings(batch).filter(({ at }) => daysBetween(at, now) <= SLOW.feedsBackDays)
  const said = numberOf(batch.began.answers, WEEKLY) ?? SLOW.usualWeeklyL
  const everyDays = gapOf(recent)
  if (since < SLOW.leastFedDays || recent.length < 2)
    return { ...assumed(said > 0 ? said : SLOW.usualWeeklyL, book), ...(everyDays === undefined ? {} : { everyDays }) }
  const weeks = since / 7
  const parts = recent.map(one => partsOf(one, book))
  const ingredients = parts
    .flatMap(({ fed, cover }) => [...fed, ...cover])
    .map((one): Ingredient => ({ ...one, amount: { ...one.amount, count: one.amount.count / weeks } }))
  return {
    ingredients, fedL: litresOf(parts.flatMap(({ fed }) => fed)) / weeks, coverL: litresOf(parts.flatMap(({ cover }) => cover)) / weeks,
    everyDays: everyDays ?? SLOW.usualEveryDays,
  }
}

/** The caddy that is usual here: what was fed last, in its own container; a caddy of kitchen scraps before anything was. */
export function usualCaddy(batch: BegunBatch, book: MaterialBook, measuring: Measuring): Ingredient[] {
  const last = feedings(batch).at(-1)
  const fed = last ? partsOf(last, book).fed : []
  if (fed.length > 0) return fed
  const scraps = findMaterial('kitchen-veg', book)
  return scraps ? [{ material: scraps, amount: { count: 1, container: ownOf('caddy', measuring), packing: 'loose' } }] : []
}

/** Families that a caddy is covered with. */
export const COVERS = ['leaf', 'paper', 'straw', 'wood', 'finished'] as const

/** Whether something can cover what is wet and rich. */
export function isBrown({ family, carbonToNitrogen, moistureFraction }: Material): boolean {
  return (
    COVERS.some(one => one === family)
    && carbonToNitrogen.typical >= SLOW.brown.leastRatio
    && moistureFraction.typical <= SLOW.brown.mostMoisture
  )
}

/** The brown that a heap is covered with: what covered it last as long as there is some, else what there is most of. */
export function coverAtHand(
  batch: BegunBatch, spares: readonly Spare[], book: MaterialBook,
): { readonly material: Material, readonly spare?: Spare } | undefined {
  const lying = spares.filter(({ count, material }) => count > 0 && isBrown(material) && material.structure < 3)
  const last = feedings(batch).flatMap(one => partsOf(one, book).cover).at(-1)?.material
  const known = last && lying.find(({ material }) => material.id === last.id)
  const most = lying.reduce<Spare | undefined>(
    (best, one) => (!best || one.count * one.container.volumeL > best.count * best.container.volumeL ? one : best), undefined,
  )
  const spare = known ?? most
  const material = spare?.material ?? last ?? findMaterial('leaves-mixed', book)
  return material && { material, ...(spare ? { spare } : {}) }
}

/** Litres of all browns that lie in the store. */
export function coverLeftL(spares: readonly Spare[]): number {
  return spares
    .filter(({ material }) => isBrown(material) && material.structure < 3)
    .reduce(
      (sum, { count, container, material, packing }) => sum + portionOf({ material, amount: { count, container, packing } }).looseVolumeL,
      0,
    )
}
