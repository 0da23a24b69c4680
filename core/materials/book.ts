import { LIBRARY } from './library'
import type { Material } from './material'

/** The materials of one garden: the library's, as this gardener knows them, and their own. */
export interface MaterialBook {
  readonly all: readonly Material[]
  find(id: string): Material | undefined
}

/** A book of these materials; of two with one id the later counts and takes the earlier one's place. */
export function bookOf(materials: readonly Material[]): MaterialBook {
  const byId = new Map(materials.map(material => [material.id, material]))
  return { all: [...byId.values()], find: id => byId.get(id) }
}

/** The library as it ships. */
export const LIBRARY_BOOK: MaterialBook = bookOf(LIBRARY)

/** The material of this id in a book, if there is one. */
export function findMaterial(id: string, book: MaterialBook = LIBRARY_BOOK): Material | undefined {
  return book.find(id)
}

/** Materials that are around in a month (1 to 12 of the northern year). */
export function aroundIn(month: number, materials: readonly Material[] = LIBRARY): Material[] {
  return materials.filter(({ months }) => months.length === 0 || months.includes(month))
}
