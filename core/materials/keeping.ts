import type { Material } from './material'

/** How a lot in the store is doing. */
export type Freshness = 'fresh' | 'use-soon' | 'spoiling' | 'keeps'

/** What keeps this long needs no watching. */
const KEEPS_FROM_DAYS = 90

/** Freshness of a lot and the days left before it spoils (negative once it is past). */
export interface Keeping {
  readonly freshness: Freshness
  readonly daysLeft: number
}

/**
 * How long a lot still keeps.
 * @param ageDays days since it was gathered; not negative.
 */
export function keepingOf(material: Material, ageDays: number): Keeping {
  const daysLeft = material.keepsDays - ageDays
  if (daysLeft < 0) return { freshness: 'spoiling', daysLeft }
  if (material.keepsDays >= KEEPS_FROM_DAYS && daysLeft > 30) return { freshness: 'keeps', daysLeft }
  const soon = Math.max(1, material.keepsDays * 0.35)
  return { freshness: daysLeft <= soon ? 'use-soon' : 'fresh', daysLeft }
}
