import { format } from 'date-fns'
import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { between, idSchema } from '../journal/kinds/base'
import { hasBegun, type Batch, type Garden } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import type { Family, Material } from '../materials/material'
import { massKg, materialOf, looseL, type Ingredient } from '../mix/portion'
import { amountVolumeL } from '../units/container'
import { MINUTES } from './month'

/** What was kept out of the bin, made, given and worked in one month. */
export interface MonthAccount {
  /** "2027-04". */
  readonly month: string
  /** Litres as they were counted, shaken out loosely, and the kilograms that they come to. */
  readonly keptL: number
  readonly keptKg: number
  /** Litres that came out, by material. */
  readonly madeL: Readonly<Record<string, number>>
  readonly waterL: number
  /** Minutes that were written down, and those that all else is reckoned to have taken. */
  readonly notedMinutes: number
  readonly reckonedMinutes: number
  /** Litres that were bought for mixes, by material. */
  readonly boughtL: Readonly<Record<string, number>>
}

/** What would have gone into no bin: it was made here, bought, is soil, or comes from a stable. */
const NO_WASTE: readonly Family[] = ['finished', 'char', 'mineral', 'feed', 'manure', 'straw']
const isWaste = ({ family }: Pick<Material, 'family'>) => !NO_WASTE.includes(family)

type Open = { -readonly [K in keyof MonthAccount]: MonthAccount[K] extends Readonly<Record<string, number>>
  ? Record<string, number>
  : MonthAccount[K] }

const monthOf = (at: string) => format(new Date(at), 'yyyy-MM')

class Months {
  readonly all = new Map<string, Open>()
  at(moment: string): Open {
    const month = monthOf(moment)
    const known = this.all.get(month)
      ?? { month, keptL: 0, keptKg: 0, madeL: {}, waterL: 0, notedMinutes: 0, reckonedMinutes: 0, boughtL: {} }
    this.all.set(month, known)
    return known
  }
}

const add = (to: Record<string, number>, id: string, litres: number) => { to[id] = (to[id] ?? 0) + litres }

function countBatch(batch: Batch, book: MaterialBook, months: Months): void {
  const unknown = hasBegun(batch) && batch.began.stood !== undefined && batch.began.stood.of !== 'known'
  for (const put of batch.puts) {
    const month = months.at(put.at)
    month.waterL += put.waterL
    if (put.already) continue
    month.reckonedMinutes += put.atStart ? MINUTES.build : put.inputs.length > 0 ? MINUTES.feed : MINUTES.put
    // What nobody counted is no account.
    if (put.fromBatchId !== undefined || (unknown && put.atStart)) continue
    const kept = put.inputs.flatMap((input): Ingredient[] => {
      const material = materialOf(input, book)
      return material && isWaste(material) ? [{ ...input, material }] : []
    })
    month.keptL += looseL(kept)
    month.keptKg += massKg(kept)
  }
  for (const { at } of batch.did) months.at(at).reckonedMinutes += MINUTES.deed
  for (const { at } of batch.observations) months.at(at).reckonedMinutes += MINUTES.look
  for (const taking of batch.takings) {
    if (taking.left || taking.toBatchId !== undefined) continue
    const month = months.at(taking.at)
    if (taking.products.length > 0) month.reckonedMinutes += MINUTES.take
    for (const { materialId, amount } of taking.products) add(month.madeL, materialId, amountVolumeL(amount))
  }
  for (const { at, waterL = 0 } of batch.uses) months.at(at).waterL += waterL
}

/** The account of every month of which anything was written down, the earliest first. */
export function accountOf({ batches, makings }: Garden, book: MaterialBook): MonthAccount[] {
  const months = new Months()
  for (const batch of batches.values()) countBatch(batch, book, months)
  for (const { at, minutes, bought } of makings) {
    const month = months.at(at)
    if (minutes === undefined) month.reckonedMinutes += MINUTES.take / 2
    else month.notedMinutes += minutes
    for (const { materialId, litres } of bought) add(month.boughtL, materialId, litres)
  }
  return [...months.all.values()].sort((a, b) => a.month < b.month ? -1 : 1)
}

function together(all: readonly Readonly<Record<string, number>>[]): Record<string, number> {
  const sum: Record<string, number> = {}
  for (const one of all) for (const [id, litres] of Object.entries(one)) add(sum, id, litres)
  return sum
}

/** Months added up, under a name. */
export function summed(month: string, all: readonly MonthAccount[]): MonthAccount {
  const sum = (of: (one: MonthAccount) => number) => all.reduce((total, one) => total + of(one), 0)
  return {
    month, keptL: sum(({ keptL }) => keptL), keptKg: sum(({ keptKg }) => keptKg), waterL: sum(({ waterL }) => waterL),
    notedMinutes: sum(({ notedMinutes }) => notedMinutes), reckonedMinutes: sum(({ reckonedMinutes }) => reckonedMinutes),
    madeL: together(all.map(({ madeL }) => madeL)), boughtL: together(all.map(({ boughtL }) => boughtL)),
  }
}

/** What a litre costs where the gardener buys it, by material. */
export type Prices = Readonly<Record<string, number>>
export const PRICE_KIND = 'price'
export const priceDocumentId = (materialId: string) => `price.${materialId}`
const priced = v.object({ materialId: idSchema, perL: between(0, 1000) })

/** The gardener's own prices. */
export function readPrices(documents: readonly GardenDocument[]): Prices {
  return Object.fromEntries(documents.filter(({ kind }) => kind === PRICE_KIND).flatMap((document) => {
    const parsed = v.safeParse(priced, documentValues(document))
    return parsed.success && parsed.output.perL > 0 ? [[parsed.output.materialId, parsed.output.perL] as const] : []
  }))
}

export function priceValues(materialId: string, perL: number): Record<string, FieldValue> {
  return { materialId, perL }
}

/** What litres of some materials would cost; those without a price are left out and named. */
export function costOf(
  litres: Readonly<Record<string, number>>, prices: Prices,
): { readonly cost: number, readonly without: readonly string[] } {
  const all = Object.entries(litres).filter(([, some]) => some > 0)
  return {
    cost: all.reduce((sum, [id, some]) => sum + some * (prices[id] ?? 0), 0), without: all.map(([id]) => id).filter(id => !(id in prices)),
  }
}
