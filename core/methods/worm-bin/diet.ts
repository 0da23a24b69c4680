import { addDays } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { findMaterial, type MaterialBook } from '../../materials/book'
import type { Material } from '../../materials/material'
import { type Ingredient, ingredientsOf, looseL } from '../../mix/portion'
import { HANDFUL, LITRE } from '../../units/container'
import { daysBetween, WEEK_DAYS } from '../../units/time'
import { type Measuring, ownOf, type Spare, type Surroundings } from '../contract'
import { binOn } from './now'
import { feedings, pocketsInTurn, pocketsOf, type PlacedPocket } from './pockets'
import { massOf } from './question'
import { LEFT } from './words'
import { WORM } from './constants'
import { namedIn } from '../../constants/constants'
import { looking } from './looking'

/** What worms are given this week. */
export interface Diet {
  /** Litres of kitchen scraps in the week, and at one time. */
  readonly weekL: number
  readonly onceL: number
  readonly everyDays: number
  /** When the next is due, in days from now; not below 0. */
  readonly dueInDays: number
  /** Feed rests: why, in words; nothing where it goes on. */
  readonly rests?: string
}

/** What to feed this week: by what they eat at this warmth, what still lies there and what was left of the last. */
export function dietOf(batch: BegunBatch, surroundings: Surroundings): Diet | undefined {
  const bin = binOn(batch, surroundings)
  if (!bin) return undefined
  const seen = looking.now(batch, LEFT, surroundings.now)
  const learnt = surroundings.forecastOf?.(batch.id) !== undefined
  const pace = seen && (!learnt || seen.finding === 'most') ? namedIn(WORM.byLeft, seen.finding) ?? 1 : 1
  const eatsKg = bin.appetiteKg
  const weekKg = WORM.prudent * 7 * eatsKg * pace
  const lies = bin.backlogKg
  const weekL = Math.max(0, weekKg - Math.max(0, lies - eatsKg * 2) / 2) / WORM.scraps.kgL
  const onceL = Math.max(WORM.leastFeedL, Math.round((10 * weekL) / WORM.feedsAWeek) / 10)
  // What is hardly worth lifting the lid for is fed less often, not more of it.
  const everyDays = Math.min(14, Math.max(7 / WORM.feedsAWeek, 7 * onceL / Math.max(0.01, weekL)))
  const last = feedings(batch).at(-1)
  const sinceDays = last ? daysBetween(last.at, surroundings.now) : Infinity
  const untilEaten = eatsKg > 0.005 ? Math.max(0, lies - WORM.leftDue * lastKg(batch, surroundings)) / eatsKg : 14
  const dueInDays = last ? Math.max(0, Math.min(14, untilEaten), everyDays - sinceDays) : 0
  const rests
    = bin.wormsKg < 0.01
      ? 'Hardly any worms live in it.'
      : bin.backlogDays > WORM.restsAboveDays || pace === 0
        ? 'Most of what was fed still lies there.'
        : eatsKg * 7 < 0.15 * bin.wormsKg || WORM.leastFeedL * WORM.scraps.kgL > WORM.restsAboveDays * eatsKg
          ? 'At this warmth they hardly eat.'
          : undefined
  return {
    weekL: Math.round(10 * weekL) / 10,
    onceL,
    everyDays,
    dueInDays,
    ...(rests ? { rests } : {}),
  }
}

/** One feed of the week's plan. */
export interface PlannedFeed { readonly at: Date, readonly litres: number, readonly pocket: PlacedPocket | undefined }

/** The feeds of the week to come: when, how much, and into which pocket; none while feeding rests. */
export function weekPlan(batch: BegunBatch, surroundings: Surroundings): PlannedFeed[] {
  const diet = dietOf(batch, surroundings)
  if (!diet || diet.rests) return []
  const places = pocketsInTurn(batch)
  const feeds = Math.max(0, Math.ceil((WEEK_DAYS - diet.dueInDays) / diet.everyDays))
  return Array.from({ length: feeds }, (_, index) => ({
    at: addDays(surroundings.now, Math.round(diet.dueInDays + index * diet.everyDays)),
    litres: diet.onceL,
    pocket: pocketsOf(batch.began.site).length > 1 ? places[index % places.length] : undefined,
  }))
}

function lastKg(batch: BegunBatch, { materials }: Surroundings): number {
  const last = feedings(batch).at(-1)
  const { dryKg, waterKg } = massOf(ingredientsOf(last?.inputs.filter(({ role }) => role === 'feed') ?? [], materials))
  return dryKg + waterKg
}

/** Litres as one would carry them: handfuls, or a caddy and its parts. */
export function inHand(material: Material, litres: number, measuring: Measuring): Ingredient {
  if (litres < 2.2)
    return { material, amount: { count: Math.max(1, Math.round(litres / HANDFUL.volumeL)), container: HANDFUL, packing: 'loose' } }
  const container = ownOf('caddy', measuring)
  return { material, amount: { count: Math.max(0.25, Math.round(4 * litres / container.volumeL) / 4), container, packing: 'loose' } }
}

/** Litres of one thing in buckets, to the quarter. */
export function inBuckets(material: Material, litres: number, measuring: Measuring): Ingredient {
  const bucket = ownOf('bucket', measuring)
  return { material, amount: { count: Math.max(0.25, Math.round(4 * litres / bucket.volumeL) / 4), container: bucket, packing: 'loose' } }
}

/** Litres of one thing, in litres. */
export function inLitres(material: Material, litres: number): Ingredient {
  return { material, amount: { count: litres, container: LITRE, packing: 'loose' } }
}

/** What is usually fed: the last feed's stuff, as much as is due. */
export function usualFeed(batch: BegunBatch, surroundings: Surroundings): Ingredient[] {
  const { materials } = surroundings
  const last = feedings(batch).at(-1)
  const material
    = ingredientsOf(last?.inputs.filter(({ role }) => role === 'feed') ?? [], materials)[0]?.material
      ?? findMaterial('kitchen-veg', materials)
  const litres = dietOf(batch, surroundings)?.onceL ?? 1
  return material ? [inHand(material, litres * WORM.scraps.kgL / Math.max(0.1, material.bulkDensityKgM3.typical / 1000), surroundings)] : []
}

/** Families that make bedding. */
export const BEDDINGS = ['paper', 'leaf', 'straw', 'finished'] as const

/** And what is laid among it: crushed char, a little of it. */
export const LAID = [...BEDDINGS, 'char'] as const

/** Whether worms can lie in it: card, paper, leaves or straw, poor in nitrogen; and char that is crushed. */
export function isBedding({ family, carbonToNitrogen, pieces }: Material): boolean {
  if (family === 'char') return pieces === undefined
  return BEDDINGS.some(one => one === family) && carbonToNitrogen.typical > 25
}

/** Bedding that lies at hand: the last used, what there is most of, else torn card. */
export function beddingAtHand(batch: BegunBatch | undefined, spares: readonly Spare[], book: MaterialBook): Material | undefined {
  const lying = spares.filter(({ count, material }) => count > 0 && isBedding(material) && material.family !== 'char')
  const used = batch?.puts.flatMap(({ inputs }) => ingredientsOf(inputs.filter(({ role }) => role !== 'feed'), book)).at(-1)?.material
  const known = used && lying.find(({ material }) => material.id === used.id)
  return (
    known?.material
    ?? lying.sort((a, b) => b.count * b.container.volumeL - a.count * a.container.volumeL)[0]?.material
    ?? used
    ?? findMaterial('cardboard', book)
  )
}

/** Every feed goes in with its own volume of bedding. */
export function coverFor(fed: readonly Ingredient[]): number {
  return looseL(fed)
}
