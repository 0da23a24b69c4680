import { amountVolumeL } from '../units/container'
import type { Batch, Garden, Input, Lot } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import { looseVolumeL } from '../materials/packing'
import { CHAR } from './constants'

interface Trail { readonly garden: Garden, readonly book: MaterialBook, readonly seen: ReadonlySet<string> }

const isChar = (materialId: string, { book }: Trail) => book.find(materialId)?.family === 'char'

/** Litres of char in something that was put in: what its lots hold, and what was brought along. */
function charInL({ materialId, amount, draws }: Input, trail: Trail): number {
  const material = trail.book.find(materialId)
  const litres = material ? looseVolumeL(material, amount) : amountVolumeL(amount)
  const drawnL = draws.reduce((sum, one) => sum + one.litres, 0)
  const fromLots = draws.reduce((sum, { lotId, litres: taken }) => sum + taken * shareOf(trail.garden.lots.get(lotId), trail), 0)
  const brought = Math.max(0, litres - drawnL)
  return fromLots + (isChar(materialId, trail) ? brought : 0)
}

/** Litres of char that went into a batch: char does not decay, so as much is in what comes out. */
function batchCharL({ puts }: Pick<Batch, 'puts'>, trail: Trail): number {
  return puts.flatMap(({ inputs }) => inputs).reduce((sum, one) => sum + charInL(one, trail), 0)
}

function batchLeavesL(batch: Pick<Batch, 'puts' | 'takings' | 'ended'>, { book }: Trail): number {
  const outL = batch.takings.flatMap(({ products }) => products).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
  if (batch.ended) return outL
  const inL = batch.puts.flatMap(({ inputs }) => inputs).reduce((sum, { materialId, amount }) => {
    const material = book.find(materialId)
    return sum + (material ? looseVolumeL(material, amount) : amountVolumeL(amount))
  }, 0)
  return Math.max(outL, inL * CHAR.usuallyLeft)
}

function shareOf(lot: Lot | undefined, trail: Trail): number {
  if (!lot || trail.seen.has(lot.id)) return 0
  const onward = { ...trail, seen: new Set([...trail.seen, lot.id]) }
  const plain = isChar(lot.materialId, trail) ? 1 : 0
  if (lot.fromDraws && lot.fromDraws.litres > 0) {
    const charL = lot.fromDraws.draws.reduce((sum, { lotId, litres }) => sum + litres * shareOf(trail.garden.lots.get(lotId), onward), 0)
    return Math.min(1, charL / lot.fromDraws.litres)
  }
  const batch = lot.fromBatchId === undefined ? undefined : trail.garden.batches.get(lot.fromBatchId)
  if (!batch || trail.book.find(lot.materialId)?.family === 'mineral') return plain
  const charL = batchCharL(batch, onward)
  if (charL <= 0) return plain
  const leavesL = batchLeavesL(batch, onward)
  return leavesL > 0 ? Math.min(1, charL / leavesL) : plain
}

/**
 * Litres of char in each litre of a lot, 0 to 1: char itself, compost of a heap that char went into, mixes made of either.
 * Reckoned by what went in and what came out; of a batch still at work by what usually comes out.
 */
export function charShareOf(garden: Garden, lotId: string, book: MaterialBook): number {
  return shareOf(garden.lots.get(lotId), { garden, book, seen: new Set() })
}

/** Litres of char in a batch. */
export function charInBatchL(garden: Garden, batch: Pick<Batch, 'puts'>, book: MaterialBook): number {
  return batchCharL(batch, { garden, book, seen: new Set() })
}
