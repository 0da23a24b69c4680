import type { Goal } from './goal'

/** What keeps this long is in no hurry. */
const NO_HURRY_DAYS = 45

/** What is fetched counts against it as much as what keeps this long speaks for it: it helps nothing that spoils. */
const FETCHED_DAYS = 60

/** Uses up what spoils first: each litre counts by how soon it goes. */
export const spoilsFirst: Goal = {
  id: 'spoils-first',
  name: 'use what spoils',
  title: 'Uses up what spoils',
  costPerContainer: ({ inStore, daysLeft }, { looseL }) => {
    if (!inStore) return looseL / FETCHED_DAYS
    return daysLeft < NO_HURRY_DAYS ? -looseL / (2 + Math.max(0, daysLeft)) : 0
  },
}
