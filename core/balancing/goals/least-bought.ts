import type { Goal } from './goal'

/** Least that has to be fetched or bought: what is in the store costs nothing. */
export const leastBought: Goal = {
  id: 'least-bought',
  name: 'least to fetch',
  title: 'Least to fetch or buy',
  costPerContainer: ({ inStore }, { looseL }) => inStore ? 0 : looseL,
}
