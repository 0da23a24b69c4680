import { cameOutL } from '../garden/batch'
import { inputsOf, type Batch } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import { mixBalance } from '../mix/balance'
import { ingredientsOf, portionOf } from '../mix/portion'
import { range, scaleRange, type Range } from '../units/range'
import { Z80 } from '../statistics/counts'

/** How much comes out for each litre built, and what that is taken from. */
export interface Yield {
  /** Litres out per litre built: 80 % range for the next batch. */
  readonly share: Range
  /** How many of the garden's own finished batches it goes by. */
  readonly batches: number
}

/** How far one batch lies from the next in one garden: weather, sieving, how long it was left. */
const BATCH_SD = 0.07

/** Litres out for each litre as built and mixed; nothing while a batch stands or when nothing came out. */
export function yieldShare(batch: Batch, book: MaterialBook): number | undefined {
  if (!batch.ended) return undefined
  const portions = ingredientsOf(inputsOf(batch), book).map(portionOf)
  const built = mixBalance(portions)
  // A batch that gave more than went in, or hardly a trace, was measured wrong or thrown away.
  const share = built.ok ? cameOutL(batch) / built.value.volumeL : 0
  return share > 0.05 && share < 1 ? share : undefined
}

/**
 * What the next batch is likely to give: the usual range as it stands, moved towards the garden's own finished batches
 * and narrowed by them (normal prior, normal spread between batches; docs/models.md).
 * @param batches finished ones of the same method. @param usual litres out per litre built where nothing better is known, an 80 % range.
 */
export function expectedYield(batches: readonly Batch[], book: MaterialBook, usual: Range): Yield {
  const shares = batches.flatMap(batch => yieldShare(batch, book) ?? [])
  const usualVariance = ((usual.high - usual.low) / 2 / Z80) ** 2
  const priorVariance = Math.max(1e-6, usualVariance - BATCH_SD ** 2)
  const precision = 1 / priorVariance + shares.length / BATCH_SD ** 2
  const mean = (usual.typical / priorVariance + shares.reduce((sum, share) => sum + share, 0) / BATCH_SD ** 2) / precision
  const half = Z80 * Math.sqrt(1 / precision + BATCH_SD ** 2)
  return { share: shares.length === 0 ? usual : range(Math.max(0.02, mean - half), mean, Math.min(1, mean + half)), batches: shares.length }
}

/** What is likely to come out of a batch, litres, and by how many of the garden's own that is told. */
export interface ExpectedOut { readonly litres: Range, readonly batches: number }

/**
 * What is likely to come out of a batch that stands: by the garden's own finished ones first, else as is usual.
 * @param others batches of the same method. @param usual litres out per litre built, an 80 % range. Nothing where none of it is known.
 */
export function expectedOut(batch: Batch, others: readonly Batch[], book: MaterialBook, usual: Range): ExpectedOut | undefined {
  const built = mixBalance(ingredientsOf(inputsOf(batch), book).map(portionOf))
  if (!built.ok) return undefined
  const { share, batches } = expectedYield(others.filter(({ id }) => id !== batch.id), book, usual)
  return { litres: scaleRange(share, built.value.volumeL), batches }
}
