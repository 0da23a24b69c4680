import type { Input } from '../../journal/garden'
import { findMaterial, type MaterialBook } from '../../materials/book'
import { ingredientsOf, looseL } from '../../mix/portion'
import { LITRE } from '../../units/container'
import type { Usually } from '../contract'

/** So many loose litres of what is usual. */
export function usualInputs({ parts }: Usually, litres: number, book: MaterialBook): Input[] {
  return parts.flatMap(({ materialId, share, role = 'feed' }): Input[] =>
    findMaterial(materialId, book) && litres * share > 0
      ? [{ role, materialId, amount: { count: litres * share, container: LITRE, packing: 'loose' }, draws: [] }]
      : [])
}

/** As many loose litres of what is usual as there are of these. */
export function usuallyIn(usual: Usually, inputs: readonly Input[], book: MaterialBook): Input[] {
  const litres = looseL(ingredientsOf(inputs, book))
  return usualInputs(usual, litres, book)
}
