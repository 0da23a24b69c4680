import { charShareOf } from '../char/travel'
import type { Garden, Lot } from '../journal/garden'
import { carriedByLot, type Carried } from '../lots/carried'
import type { CharState } from '../materials/char-state'
import type { MaterialBook } from '../materials/book'
import type { Material } from '../materials/material'

/** Something that may be spread: what it is, the char in it, and what it carries from all that went into it. */
export interface Stuff {
  readonly material: Material
  /** Litres of char in each litre, 0 to 1. */
  readonly charShare: number
  readonly carried: Carried
  /** How far it was charged when it was taken; nothing where nobody knows. */
  readonly char?: CharState
}

/** A lot as it would be spread; nothing of a material that is not known. */
export function stuffOf(garden: Garden, lot: Lot, book: MaterialBook, now: Date): Stuff | undefined {
  const material = book.find(lot.materialId)
  return (
    material && {
      material, charShare: charShareOf(garden, lot.id, book), carried: carriedByLot(garden, lot.id, book, now),
      ...(lot.char ? { char: lot.char } : {}),
    }
  )
}
