import { biodegradableFraction } from '../../materials/material'
import type { Goal } from './goal'

/** Four fifths of what can decay within a season has gone by the time a heap is ready. */
const GONE = 0.8

/** Most finished compost: what does not decay away is what stays. */
export const mostProduct: Goal = {
  id: 'most-product',
  name: 'most compost',
  title: 'Gives the most compost',
  costPerContainer: ({ material }, { totals, mineralKg }) => -(mineralKg + totals.organicKg * (1 - GONE * biodegradableFraction(material))),
}
