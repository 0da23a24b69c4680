import { findMaterial, type MaterialBook } from '../materials/book'
import { leaningOf } from '../materials/colour'
import { packingFactor } from '../materials/packing'
import { roundedCount } from '../units/format'
import type { ContainerThen } from '../units/container'
import { type Ingredient, looseL } from './portion'

/** Something small that may go into a heap, or under it, besides what it is built of. */
export interface Starter {
  readonly id: string
  readonly materialId: string
  readonly name: string
  /** Its dose as a share of the loose volume of all else, or of the greens alone. */
  readonly share: number
  readonly of: 'all' | 'greens'
  /** What it is measured with, where a bucket is far too big. */
  readonly container?: ContainerThen
  readonly says: string
}

const SPOON: ContainerThen = { id: 'spoon', name: 'spoon', plural: 'spoons', volumeL: 0.015 }

/** Practitioners disagree on starters; these do no harm in these doses. */
export const STARTERS: readonly Starter[] = [
  {
    id: 'base', materialId: 'twigs', name: 'Twigs underneath', share: 0.1, of: 'all',
    says: 'A hand high, crosswise, under the heap: it drains and lets air in from below. It hardly decays, so it does not count for the '
      + 'ratio.',
  },
  {
    id: 'compost', materialId: 'compost-finished', name: 'Finished compost', share: 0.02, of: 'all',
    says: 'A handful to a bucket, as seed of what lives in it. Harmless; heaps heat without it.',
  },
  {
    id: 'soil', materialId: 'garden-soil', name: 'Garden soil', share: 0.01, of: 'all',
    says: 'A dusting between layers. No more: soil is heavy and smothers heat.',
  },
  {
    id: 'char', materialId: 'biochar-crushed', name: 'Crushed char', share: 0.06, of: 'all',
    says: 'Some never put charcoal in compost, some always do. Plain char holds nitrogen that would smell away, and comes out charged; '
      + 'never briquettes or coal ash.',
  },
  {
    id: 'sugar', materialId: 'molasses', name: 'Molasses', share: 0.0003, of: 'greens', container: SPOON,
    says: 'Two spoons in a jug of warm water for a barrow of fresh greens, sprinkled on them alone: damp, not dripping. It '
      + 'brings about a hundredth of what the greens bring themselves: a small push for the first days, and too much makes slime and '
      + 'draws ants. Try it on one of two heaps.',
  },
]

/** Least that is measured out, in containers. */
const LEAST_COUNT = 0.25

/**
 * A starter in its dose for what lies on the bench, in a container that suits; nothing when its material is unknown
 * or there is nothing to start. At least a quarter of a container, of spoons a whole one.
 */
export function starterFor(
  starter: Starter, ingredients: readonly Ingredient[], usual: ContainerThen, book: MaterialBook,
): Ingredient | undefined {
  const material = findMaterial(starter.materialId, book)
  const container = starter.container ?? usual
  const others = ingredients.filter(
    one =>
      one.material.part === 'mix'
      && one.material.id !== starter.materialId
      && (starter.of === 'all' || leaningOf(one.material) === 'green'),
  )
  const wholeL = looseL(others)
  if (!material || wholeL <= 0) return undefined
  const count = roundedCount(wholeL * starter.share / packingFactor(material, 'loose') / container.volumeL)
  return {
    material,
    amount: { count: starter.container ? Math.max(1, Math.round(count)) : Math.max(LEAST_COUNT, count), container, packing: 'loose' },
  }
}
