import { differenceInHours } from 'date-fns'
import { remainingL, type Draw, type Garden, type Lot } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import { keepingOf, type Keeping } from '../materials/keeping'
import type { Material } from '../materials/material'
import { looseVolumeL, packingFactor } from '../materials/packing'
import type { Ingredient, NamedIngredient } from '../mix/portion'

/** A lot with what is left of it and how it keeps. */
export interface StoredLot {
  readonly lot: Lot
  readonly material: Material
  /** Litres left as it lies there, and shaken out loosely. */
  readonly leftL: number
  readonly leftLooseL: number
  readonly leftMassKg: number
  readonly leftCount: number
  readonly ageDays: number
  readonly keeping: Keeping
}

/** Less than this is dust in the corner of a sack. */
const NOTHING_L = 0.05

/** What is in the store, what spoils first on top. Lots of materials this version does not know are left out. */
export function storedLots(garden: Garden, now: Date, book: MaterialBook): StoredLot[] {
  const stored = [...garden.lots.values()].flatMap((lot) => {
    const material = book.find(lot.materialId)
    const leftL = remainingL(garden, lot)
    if (!material || leftL < NOTHING_L) return []
    const ageDays = Math.max(0, differenceInHours(now, new Date(lot.gatheredAt)) / 24)
    const leftLooseL = leftL * packingFactor(material, lot.packing)
    return [{
      lot, material, leftL, leftLooseL, ageDays,
      leftMassKg: leftLooseL * material.bulkDensityKgM3.typical / 1000,
      leftCount: leftL / lot.container.volumeL,
      keeping: keepingOf(material, ageDays),
    }]
  })
  return stored.sort((a, b) => a.keeping.daysLeft - b.keeping.daysLeft || a.lot.gatheredAt.localeCompare(b.lot.gatheredAt))
}

/** Where an amount comes from: draws on lots, and what the store could not give, in loose litres. */
export interface Drawing {
  readonly draws: readonly Draw[]
  readonly missingLooseL: number
}

/** Takes an amount from the store, oldest first. */
export function drawFromStore(stored: readonly StoredLot[], { material, amount }: Ingredient): Drawing {
  let wantedLooseL = looseVolumeL(material, amount)
  const draws: Draw[] = []
  const fitting = stored
    .filter(({ lot }) => lot.materialId === material.id)
    .sort((a, b) => a.lot.gatheredAt.localeCompare(b.lot.gatheredAt))
  for (const { lot, leftLooseL } of fitting) {
    const takenLooseL = Math.min(wantedLooseL, leftLooseL)
    if (takenLooseL <= 0) continue
    draws.push({ lotId: lot.id, litres: takenLooseL / packingFactor(material, lot.packing) })
    wantedLooseL -= takenLooseL
  }
  return { draws, missingLooseL: wantedLooseL < NOTHING_L ? 0 : wantedLooseL }
}

/** An ingredient with where it comes from. */
export interface DrawnIngredient extends NamedIngredient, Drawing {}

/** Takes several amounts from the store at once; the same material twice draws on what is left. */
export function drawAll(stored: readonly StoredLot[], ingredients: readonly Ingredient[]): DrawnIngredient[] {
  let left = stored
  return ingredients.map((ingredient) => {
    const { material, amount, prepared } = ingredient
    const drawing = drawFromStore(left, ingredient)
    left = left.map(one => ({
      ...one,
      leftLooseL:
        one.leftLooseL
        - drawing.draws
          .filter(({ lotId }) => lotId === one.lot.id)
          .reduce((sum, { litres }) => sum + litres * packingFactor(material, one.lot.packing), 0),
    }))
    return { materialId: material.id, amount, ...(prepared ? { prepared } : {}), ...drawing }
  })
}
