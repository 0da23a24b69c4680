import type { Garden, Lot } from '../journal/garden'
import type { CharState } from '../materials/char-state'
import type { MaterialBook } from '../materials/book'
import type { Material, MaterialReaction } from '../materials/material'
import { carriedMemory, type Carried } from './carried'
import { LOTS } from './constants'
import { ashMemory, charMemory } from './kept-share'
import { meshMemory } from './mesh'

/** Something as it lies there: what it is, and what it remembers of all that went into it. */
export interface Stuff {
  readonly material: Material
  /** Litres of char in each litre, 0 to 1. */
  readonly charShare: number
  /** Litres of ash in each litre, 0 to 1. */
  readonly ashShare: number
  readonly carried: Carried
  /** How far it was charged when it was taken; nothing where nobody knows. */
  readonly char?: CharState
  /** The mesh that all of it went through, mm; nothing where some of it went through none. */
  readonly throughMm?: number
}

/** A material as it comes, from nowhere that anybody wrote down. */
export function stuffOfMaterial(material: Material, carried: Carried): Stuff {
  return {
    material, carried, charShare: Number(material.family === 'char'), ashShare: Number(material.reaction === 'ash'),
    ...(material.throughMm === undefined ? {} : { throughMm: material.throughMm }),
  }
}

/** Reads lots of a garden as stuff: what is asked of many lots walks their trails once. */
export function stuffReader(garden: Garden, book: MaterialBook, now: Date): (lot: Lot) => Stuff | undefined {
  const [char, ash, risks, mesh] = [
    charMemory(garden, book), ashMemory(garden, book), carriedMemory(garden, book, now), meshMemory(garden, book),
  ]
  return (lot) => {
    const material = book.find(lot.materialId)
    if (!material) return undefined
    const throughMm = mesh.ofLot(lot.id)
    return {
      material, charShare: char.ofLot(lot.id), ashShare: ash.ofLot(lot.id), carried: risks.ofLot(lot.id),
      ...(lot.char ? { char: lot.char } : {}),
      ...(throughMm === undefined ? {} : { throughMm }),
    }
  }
}

/** A lot as it would be spread or mixed; nothing of a material that is not known. */
export function stuffOf(garden: Garden, lot: Lot, book: MaterialBook, now: Date): Stuff | undefined {
  return stuffReader(garden, book, now)(lot)
}

/** What it does to the soil, with the ash in it: ash that was not rinsed out of char is as sharp as lime. */
export function reactionOf({ material, ashShare, char }: Pick<Stuff, 'material' | 'ashShare' | 'char'>): MaterialReaction {
  return char?.ashy || ashShare >= LOTS.ashyShare ? 'ash' : material.reaction
}
