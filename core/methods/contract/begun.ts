import { inputsOf, type BegunBatch } from '../../journal/garden'
import type { MaterialBook } from '../../materials/book'
import { mixBalance } from '../../mix/balance'
import { ingredientsOf, portionOf, type Ingredient } from '../../mix/portion'
import type { Proposal } from './draft'

/** What went in at the start, with the materials as they were then. */
export function startOf(
  { puts }: Pick<BegunBatch, 'puts'>, book: MaterialBook,
): { readonly ingredients: Ingredient[], readonly waterL: number } {
  const start = puts.filter(({ atStart }) => atStart)
  return { ingredients: ingredientsOf(inputsOf({ puts: start }), book), waterL: start.reduce((sum, { waterL }) => sum + waterL, 0) }
}

/** A batch as the proposal it began from, for its sheet and its drawing. */
export function batchProposal(batch: BegunBatch, book: MaterialBook): Proposal {
  const { ingredients, waterL } = startOf(batch, book)
  const mixed = mixBalance(ingredients.map(portionOf), waterL)
  const { site, approachId, answers } = batch.began
  return { site, approachId, answers, ingredients, waterL, volumeL: mixed.ok ? mixed.value.volumeL : 0 }
}
