import type { Garden } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import { amountVolumeL } from '../units/container'
import { compositionMemory } from './composition'
import { GROWING } from './constants'
import { mixOf } from './mix'

/** By how much mixes settle in these hands, and how many own ones say so. */
export interface Handling { readonly handling: number, readonly mixes: number }

/** The share by which own mixes came to less than what fine grains fill, beside what is usual: litres in against litres out. */
export function ownHandling(garden: Garden, book: MaterialBook): Handling {
  const made = compositionMemory(garden, book)
  const own = garden.makings.filter(({ how }) => how === 'mixed').flatMap(({ draws, bought, products }) => {
    const parts = [
      ...draws.flatMap(({ lotId, litres }) => made.ofLot(lotId).map(({ partId, share }) => ({ partId, litres: litres * share }))),
      ...bought.flatMap(({ materialId, litres }) => {
        const partId = book.find(materialId)?.growsAs
        return partId ? [{ partId, litres }] : []
      }),
    ]
    const outL = products.reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
    const still = mixOf(parts, 0)
    const inL = parts.reduce((sum, { litres }) => sum + litres, 0)
    if (!still.ok || outL <= 0) return []
    const settled = (still.value.litres - outL) / inL
    // What differs by more was counted wrongly, or something else became of it.
    return settled >= -GROWING.handlingMost && settled <= 2 * GROWING.handlingMost
      ? [Math.min(GROWING.handlingMost, Math.max(0, settled))]
      : []
  })
  const sum = own.reduce((all, one) => all + one, GROWING.handling)
  return { handling: sum / (own.length + 1), mixes: own.length }
}
