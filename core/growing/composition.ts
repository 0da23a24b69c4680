import type { Garden } from '../journal/garden'
import { meanOf, remember, type Memory, type Part, type Trait } from '../lots/lineage'
import type { MaterialBook } from '../materials/book'
import type { PartId } from './constants'

/** What stuff is made of, as parts of a growing mix: litres of each in a litre. What has no place in pots adds to none. */
export type Composition = readonly { readonly partId: PartId, readonly share: number }[]

function together(parts: readonly Part<Composition>[]): Composition {
  const litres = parts.reduce((sum, part) => sum + part.litres, 0)
  const ids = [...new Set(parts.flatMap(({ value }) => value.map(({ partId }) => partId)))]
  return ids.map(partId => ({
    partId,
    share: meanOf(parts.map(part => ({ ...part, value: part.value.find(one => one.partId === partId)?.share ?? 0 })), litres),
  }))
}

/** Whatever a batch made of it, or a sieve, is what it is called; a mix is all of what went into it. */
const COMPOSITION: Trait<Composition> = {
  gathered: material => material?.growsAs ? [{ partId: material.growsAs, share: 1 }] : [],
  made: parts => together(parts),
  grown: () => [],
  said: (value, _, material) => material?.growsAs ? [{ partId: material.growsAs, share: 1 }] : value,
}

/** What lots are made of, as parts of a growing mix. */
export const compositionMemory = (garden: Garden, book: MaterialBook): Memory<Composition> => remember(COMPOSITION, garden, book)
