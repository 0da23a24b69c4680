import { inputsOf, type Batch } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import { ingredientsOf, looseL } from '../mix/portion'
import { amountVolumeL } from '../units/container'

/** What went in and what came out, in loose litres. */
export interface InAndOut {
  readonly inL: number
  readonly outL: number
  readonly share: number
}

/** Loose litres of everything that went into a batch; 0 where nobody counted them. */
export function goneInL(batch: Pick<Batch, 'puts' | 'began'>, book: MaterialBook): number {
  if (batch.began?.stood && batch.began.stood.of !== 'known') return 0
  return looseL(ingredientsOf(inputsOf(batch), book))
}

/** Litres of everything that came out so far. */
export function cameOutL({ takings }: Pick<Batch, 'takings'>): number {
  return takings.flatMap(({ products }) => products).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
}

/** The yield of a batch that has ended, or nothing while it stands. */
export function inAndOut(batch: Batch, book: MaterialBook): InAndOut | undefined {
  if (!batch.ended) return undefined
  const [inL, outL] = [goneInL(batch, book), cameOutL(batch)]
  return { inL, outL, share: inL > 0 ? outL / inL : 0 }
}
