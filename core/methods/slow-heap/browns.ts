import { addDays } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import type { Material } from '../../materials/material'
import type { Surroundings } from '../contract'
import { coverAtHand, coverLeftL, isClosed, weeklyFeed } from './feeding'
import { SLOW } from './constants'

/** How long the browns beside a heap last. */
export interface BrownsLeft {
  readonly material: Material
  readonly leftL: number
  readonly weeklyL: number
  /** The day they run out; nothing where they last for more than a year. */
  readonly until?: Date
}

/** Until when the cover that lies in the store lasts, at the pace of the last weeks; nothing where none lies there or none is used. */
export function brownsLeft(batch: BegunBatch, surroundings: Surroundings): BrownsLeft | undefined {
  if (isClosed(batch) || batch.ended) return undefined
  const { now, materials, spares = [] } = surroundings
  const at = coverAtHand(batch, spares, materials)
  const weekly = weeklyFeed(batch, now, materials).coverL
  if (!at?.spare || weekly <= 0) return undefined
  const leftL = coverLeftL(spares)
  return {
    material: at.material, leftL, weeklyL: weekly,
    ...(leftL < SLOW.yearWeeks * weekly ? { until: addDays(now, Math.floor((7 * leftL) / weekly)) } : {}),
  }
}
