import type { Material } from '../materials/material'
import { packingFactor } from '../materials/packing'
import type { ContainerThen, Packing } from '../units/container'
import { judge, type Comfort, type Judgement } from './judgement'
import { portionOf, type Ingredient } from './portion'
import { typicalTotals } from './balance'
import { addToTotals, typicalValues, type Totals } from './totals'

/** Something that could still go in: from the store, or easily found. */
export interface Candidate {
  readonly material: Material
  readonly container: ContainerThen
  readonly packing: Packing
  /** Containers of it in the store; infinite when it is simply around. */
  readonly count: number
  readonly inStore: boolean
}

/** One change to a mix, in whole or half containers, and what the mix would then be. */
export type Lever
  = | { readonly kind: 'add', readonly candidate: Candidate, readonly count: number, readonly after: Judgement }
    | { readonly kind: 'take-out', readonly ingredientIndex: number, readonly count: number, readonly all: boolean, readonly half: boolean, readonly after: Judgement }

const STEPS = [0.5, 1, 2, 3, 4, 6, 8, 12, 16]

/** Each container carried costs as much as this much distance from comfort; a trip out costs a little more. */
const EFFORT_PER_CONTAINER = 0.02
const NOT_AT_HAND = 0.15

/** What makes up more of the heap than this is not left out whole: there would be no heap left. */
const LEAVE_OUT_BELOW = 0.4

/** A change must help at least this much to be worth saying. */
const WORTH_SAYING = 0.1

interface Weighed { readonly lever: Lever, readonly cost: number }

function totalsWith(totals: Totals, material: Material, looseVolumeL: number, sign: 1 | -1): Totals {
  const changed = { ...totals }
  addToTotals(changed, material, looseVolumeL, typicalValues(material), sign)
  return changed
}

function additions(totals: Totals, candidates: readonly Candidate[], comfort: Comfort): Weighed[] {
  return candidates.flatMap(candidate => STEPS.filter(count => count <= candidate.count).map((count) => {
    const { material, container, packing, inStore } = candidate
    const volumeL = count * container.volumeL * packingFactor(material, packing)
    const after = judge(totalsWith(totals, material, volumeL, 1), comfort)
    return { lever: { kind: 'add', candidate, count, after }, cost: after.distance + count * EFFORT_PER_CONTAINER + (inStore ? 0 : NOT_AT_HAND) }
  }))
}

function removals(totals: Totals, ingredients: readonly Ingredient[], comfort: Comfort): Weighed[] {
  return ingredients.flatMap((ingredient, ingredientIndex) => {
    const whole = ingredient.amount.count
    const minor = portionOf(ingredient).looseVolumeL < LEAVE_OUT_BELOW * totals.looseVolumeL
    const counts = STEPS.filter(count => count < whole).concat(whole / 2, minor ? [whole] : [])
    return counts.map((count) => {
      const volumeL = portionOf({ ...ingredient, amount: { ...ingredient.amount, count } }).looseVolumeL
      const after = judge(totalsWith(totals, ingredient.material, volumeL, -1), comfort)
      const lever = { kind: 'take-out', ingredientIndex, count, all: count === whole, half: count === whole / 2, after } as const
      return { lever, cost: after.distance + count * EFFORT_PER_CONTAINER }
    })
  })
}

function best(weighed: readonly Weighed[], now: Judgement): Lever | undefined {
  const helpful = weighed.filter(({ lever }) => lever.after.distance < now.distance - WORTH_SAYING)
  return helpful.sort((a, b) => a.cost - b.cost)[0]?.lever
}

/** The biggest levers on a mix: the best single thing to add and the best single thing to take out. */
export interface Levers {
  readonly now: Judgement
  readonly add: Lever | undefined
  readonly takeOut: Lever | undefined
}

/**
 * Tries each single change a gardener could make by hand and keeps the two that help most for the work.
 * Nothing is proposed for a mix that is comfortable.
 * @param ingredients at least one with a count above 0.
 */
export function leversFor(ingredients: readonly Ingredient[], candidates: readonly Candidate[], comfort: Comfort): Levers {
  const totals = typicalTotals(ingredients.map(portionOf))
  const now = judge(totals, comfort)
  if (now.grade === 'good') return { now, add: undefined, takeOut: undefined }
  return { now, add: best(additions(totals, candidates, comfort), now), takeOut: best(removals(totals, ingredients, comfort), now) }
}
