import { fastest } from './fastest'
import { fewestTrips } from './fewest-trips'
import type { Goal } from './goal'
import { leastBought } from './least-bought'
import { mostProduct } from './most-product'
import { spoilsFirst } from './spoils-first'

export type { Goal } from './goal'

/** What can matter most, in the order in which it is offered and in which other answers are looked for. */
export const GOALS: readonly Goal[] = [spoilsFirst, fewestTrips, leastBought, mostProduct, fastest]

/** The goal of this id, or the first. */
export function goalOf(id: string): Goal {
  return GOALS.find(goal => goal.id === id) ?? GOALS[0] as Goal
}
