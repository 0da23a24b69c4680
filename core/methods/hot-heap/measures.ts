import type { MaterialBook } from '../../materials/book'
import { mixBalance } from '../../mix/balance'
import type { Measures } from '../../mix/measures'
import { ingredientsOf, portionOf } from '../../mix/portion'
import type { HeapLog } from '../heated/heap-log'

/** The balance of a batch as built and added to, or nothing when it holds only unknown materials. */
export function batchMeasures({ built, additions, waterings }: HeapLog, book: MaterialBook): Measures | undefined {
  const portions = ingredientsOf([...built.ingredients, ...additions.map(({ ingredient }) => ingredient)], book).map(portionOf)
  // What is poured on later mostly replaces what steam carried off; half of it is taken to stay.
  const laterL = waterings.reduce((sum, { litres }) => sum + litres, 0) / 2
  const balance = mixBalance(portions, built.waterL + laterL)
  return balance.ok ? balance.value : undefined
}
