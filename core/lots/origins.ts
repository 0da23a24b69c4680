import type { Garden } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import { litresOf, remember, type Memory, type Part, type Trait } from './lineage'

/** Where stuff comes from, near and far: a lot that was gathered, something bought for it, or a batch that it went through. */
export interface Origin {
  readonly kind: 'lot' | 'bought' | 'batch'
  /** Of the lot or batch; of something bought its material. */
  readonly id: string
  /** Litres of it in each litre, 0 to 1; of what went into a batch by what went in, not by what was left of it. */
  readonly share: number
  /** When the last of it came in. */
  readonly at: string
}

const keyOf = ({ kind, id }: Origin) => `${kind} ${id}`

/** Shares of the same origin add up; the latest day counts. */
function together(parts: readonly Part<readonly Origin[]>[], litres: number): Origin[] {
  const known = new Map<string, Origin>()
  for (const part of parts) {
    for (const origin of part.value) {
      const before = known.get(keyOf(origin))
      const share = litres > 0 ? origin.share * part.litres / litres : 0
      known.set(keyOf(origin), {
        ...origin, share: Math.min(1, (before?.share ?? 0) + share), at: before && before.at > origin.at ? before.at : origin.at,
      })
    }
  }
  return [...known.values()]
}

const ORIGINS: Trait<readonly Origin[]> = {
  gathered: (material, at, lotId) =>
    lotId === undefined ? material ? [{ kind: 'bought', id: material.id, share: 1, at }] : [] : [{ kind: 'lot', id: lotId, share: 1, at }],
  made: parts => together(parts, litresOf(parts)),
  grown: (parts, batch, until) => {
    const before = parts.filter(({ at }) => at <= until)
    return [
      { kind: 'batch', id: batch.id, share: 1, at: until },
      ...together(before, litresOf(before)).filter(({ kind, id }) => kind !== 'batch' || id !== batch.id),
    ]
  },
}

/** All that lots and batches come from, through any chain, the nearest first. */
export const originMemory = (garden: Garden, book: MaterialBook): Memory<readonly Origin[]> => remember(ORIGINS, garden, book)
