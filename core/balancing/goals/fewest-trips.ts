import type { Goal } from './goal'

/** What is fetched is carried home first. */
const FETCHED = 1.5

/** Fewest containers to fill and carry. */
export const fewestTrips: Goal = {
  id: 'fewest-trips',
  name: 'fewest trips',
  title: 'Fewest containers to carry',
  costPerContainer: ({ inStore }) => inStore ? 1 : FETCHED,
}
