import type { NewEvent } from '#core/journal/event'
import { findMaterial } from '#core/materials/book'
import { hotHeap } from '#core/methods/hot-heap'
import { mixBalance } from '#core/mix/balance'
import { portionOf, type Ingredient } from '#core/mix/portion'
import type { Random } from '#core/random/random'
import { VESSEL_PRESETS } from '#core/vessel/presets'
import type { MethodCases } from './contract'
import { BUCKET, heap, observed, onDay, reading, SACK, surroundingsOn, turned, type HeapRecipe } from './heaps'

const pick = <T>(random: Random, from: readonly T[]): T => from[Math.floor(random() * from.length)] as T
const STUFF = [
  ['leaves-mixed', 14, SACK], ['grass-clippings', 40, BUCKET], ['straw-wheat', 4, SACK], ['horse-manure-straw', 40, BUCKET],
  ['cardboard', 4, SACK], ['twigs', 1, SACK], ['kitchen-veg', 8, BUCKET],
] as const

function recipe(random: Random): HeapRecipe {
  const some = STUFF.filter(() => random() < 0.5)
  return {
    vessel: pick(random, VESSEL_PRESETS), approachId: pick(random, hotHeap.face.approaches).id, waterL: Math.floor(60 * random()),
    ingredients: (some.length > 0 ? some : [STUFF[0]]).map(([id, count, container]) => [
      id, Math.ceil(count * (0.3 + random())), container,
    ]),
  }
}

/** A life of random readings, squeezes, turns, water and additions. */
function life(random: Random, days: number): NewEvent[] {
  const makers: ((day: number) => NewEvent)[] = [
    day => reading(day, Math.round(10 + 60 * random())),
    day => observed(day, 'squeeze', pick(random, ['dust', 'dry', 'right', 'wet', 'dripping'])),
    day => observed(day, 'smell', pick(random, ['earthy', 'ammonia', 'sour', 'eggs'])),
    day => turned(day),
    day => ({ kind: 'put', at: onDay(day), batchId: 'heap', inputs: [], waterL: 10 }),
    day => ({
      kind: 'gauged', at: onDay(day), batchId: 'heap', quantity: 'height', source: 'hand',
      values: [{ spot: 'top', value: 0.3 + random() / 2 }],
    }),
    day => ({
      kind: 'put', at: onDay(day), batchId: 'heap', waterL: 0,
      inputs: [{ role: 'feed', materialId: 'grass-clippings', amount: { count: 3, container: BUCKET, packing: 'loose' }, draws: [] }],
    }),
  ]
  return Array.from({ length: Math.floor(12 * random()) }, () => pick(random, makers)(days * random())).sort((a, b) => a.at < b.at ? -1 : 1)
}

export const heapCases: MethodCases = {
  method: hotHeap,
  proposal: (random) => {
    const { vessel, approachId, waterL, ingredients: named } = recipe(random)
    const ingredients = named.map(([id, count, container]): Ingredient => ({
      material: findMaterial(id)!, amount: { count, container, packing: 'loose' },
    }))
    const mixed = mixBalance(ingredients.map(portionOf), waterL)
    return {
      site: { kind: 'vessel', vessel: vessel! }, approachId: approachId!, answers: {}, ingredients, waterL: waterL!,
      volumeL: mixed.ok ? mixed.value.volumeL : 0,
    }
  },
  standing: (random) => {
    const day = pick(random, [0, 0.2, 1, 5, 20, 60, 150, 400])
    return { batch: heap(recipe(random), life(random, day)), surroundings: surroundingsOn(day, Math.round(25 * random())) }
  },
  ended: (random) => {
    const took: NewEvent = {
      kind: 'took', at: onDay(100), batchId: 'heap', ends: true,
      products: [{ materialId: 'compost-finished', amount: { count: 10, container: BUCKET, packing: 'loose' } }],
    }
    return { batch: heap(recipe(random), [...life(random, 90), took]), surroundings: surroundingsOn(110) }
  },
}
