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

/** So much of the time that it keeps, and so many days at least, what is past its best can still be used with the rest. */
const STILL_GOOD = { share: 0.5, days: 2 }

/** Whether a lot is so far past its best that nobody counts on it: slimed grass, scraps that ran. */
export function isSpoilt({ keepsDays }: Pick<Material, 'keepsDays'>, { daysLeft }: Pick<Keeping, 'daysLeft'>): boolean {
  return daysLeft < -Math.max(STILL_GOOD.days, STILL_GOOD.share * keepsDays)
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
