import { findMaterial, type MaterialBook } from '../materials/book'
import { packingFactor } from '../materials/packing'
import { roundedCount } from '../units/format'
import type { ContainerThen } from '../units/container'
import { portionOf, type Ingredient } from './portion'

/** Something small that may go into a heap besides what it is built of. */
export interface Starter {
  readonly id: string
  readonly materialId: string
  readonly name: string
  /** Its dose as a share of the loose volume of all else. */
  readonly share: number
  readonly says: string
}

/** Practitioners disagree on starters; these do no harm in these doses. */
export const STARTERS: readonly Starter[] = [
  { id: 'compost', materialId: 'compost-finished', name: 'Finished compost', share: 0.02, says: 'A handful to a bucket, as seed of what lives in it. Harmless; heaps heat without it.' },
  { id: 'soil', materialId: 'garden-soil', name: 'Garden soil', share: 0.01, says: 'A dusting between layers. No more: soil is heavy and smothers heat.' },
  { id: 'char', materialId: 'biochar-crushed', name: 'Crushed char', share: 0.06, says: 'Some never put charcoal in compost, some always do. Plain char holds nitrogen that would smell away, and comes out charged; never briquettes or coal ash.' },
]

/**
 * A starter in its dose for what lies on the bench, in a container that suits; nothing when its material is unknown
 * or there is nothing to start. At least a quarter of a container.
 */
export function starterFor(starter: Starter, ingredients: readonly Ingredient[], container: ContainerThen, book: MaterialBook): Ingredient | undefined {
  const material = findMaterial(starter.materialId, book)
  const others = ingredients.filter(one => one.material.id !== starter.materialId)
  const looseL = others.reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
  if (!material || looseL <= 0) return undefined
  return { material, amount: { count: roundedCount(looseL * starter.share / packingFactor(material, 'loose') / container.volumeL), container, packing: 'loose' } }
}
