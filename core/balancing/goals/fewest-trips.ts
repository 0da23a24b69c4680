import type { Goal } from './goal'

/** Fewest containers to fill and carry. */
export const fewestTrips: Goal = {
  id: 'fewest-trips',
  name: 'fewest trips',
  title: 'Fewest containers to carry',
  costPerContainer: () => 1,
}
