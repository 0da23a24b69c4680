import type { Garden } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import { remember, type Memory, type Trait } from './lineage'

type Mesh = number | undefined

/** The mesh that all of it went through: of a mix the coarsest, of one that nobody sieved none; a batch makes lumps again. */
const MESH: Trait<Mesh> = {
  gathered: material => material?.throughMm,
  made: parts => parts.length > 0 && parts.every(({ value }) => value !== undefined)
    ? Math.max(...parts.map(({ value }) => value ?? 0))
    : undefined,
  grown: () => undefined,
  said: (value, { sieveMm }) => sieveMm === undefined ? value : Math.min(value ?? sieveMm, sieveMm),
}

/** The mesh that all of a lot went through, mm. */
export const meshMemory = (garden: Garden, book: MaterialBook): Memory<Mesh> => remember(MESH, garden, book)
