import type { Material } from '../materials/material'
import { packingFactor } from '../materials/packing'
import { preparationsFor, type Preparation } from '../materials/preparation'
import type { ContainerThen, Packing } from '../units/container'
import { judge, type Comfort, type Judgement } from './judgement'
import { portionOf, type Ingredient, type Portion } from './portion'
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

/** One change to a mix, in whole or half containers, or one thing prepared otherwise, and what the mix would then be. */
export type Lever
  = | { readonly kind: 'add', readonly candidate: Candidate, readonly count: number, readonly after: Judgement }
    | {
      readonly kind: 'take-out'
      readonly ingredientIndex: number
      readonly count: number
      readonly all: boolean
      readonly half: boolean
      readonly after: Judgement
    }
    | { readonly kind: 'prepare', readonly ingredientIndex: number, readonly as: Preparation | undefined, readonly after: Judgement }

/** What a single change has to leave alone. */
export interface Leeway {
  /** Materials that stay as they are. */
  readonly pinned: readonly string[]
  /** Litres that the place holds, mixed. */
  readonly roomL: number
}

const STEPS = [0.5, 1, 2, 3, 4, 6, 8, 12, 16]
/** Each container carried costs as much as this much distance from comfort; a trip out costs a little more. */
const EFFORT_PER_CONTAINER = 0.03
const NOT_AT_HAND = 0.15
/** Preparing all of one thing is an hour's work; leaving it unprepared is none. */
const PREPARING = 0.2
const LEFT_UNPREPARED = 0.02
/** What lies there was meant to go in; what spoils is thrown away when it is left out. */
const LEFT_OUT = { keeps: 0.1, spoils: 0.6 }
const SPOILS_WITHIN_DAYS = 14
/** What makes up more of the heap than this is not left out whole: there would be no heap left. */
const LEAVE_OUT_BELOW = 0.4
/** A change must help at least this much to be worth saying. */
const WORTH_SAYING = 0.1
/** A place may be heaped so far above its rim: it sinks by that within days. */
const HEAPED = 1.1

interface Weighed { readonly lever: Lever, readonly cost: number }

function totalsWith(totals: Totals, { material, looseVolumeL }: Portion, sign: 1 | -1): Totals {
  const changed = { ...totals }
  addToTotals(changed, material, looseVolumeL, typicalValues(material), sign)
  return changed
}

/** A change with what it comes to, when there is still a mix after it that fits. */
function weighed(totals: Totals, comfort: Comfort, roomL: number, effort: number, leverOf: (after: Judgement) => Lever): Weighed[] {
  const after = judge(totals, comfort)
  if (!after.ok || after.value.measures.volumeL > roomL) return []
  return [{ lever: leverOf(after.value), cost: after.value.distance + effort }]
}

function additions(totals: Totals, candidates: readonly Candidate[], comfort: Comfort, { pinned, roomL }: Leeway): Weighed[] {
  return candidates
    .filter(({ material }) => !pinned.includes(material.id))
    .flatMap(candidate =>
      STEPS.filter(count => count <= candidate.count).flatMap((count) => {
        const { material, container, packing, inStore } = candidate
        const looseVolumeL = count * container.volumeL * packingFactor(material, packing)
        return weighed(
          totalsWith(totals, { material, looseVolumeL }, 1), comfort, roomL, count * EFFORT_PER_CONTAINER + (inStore ? 0 : NOT_AT_HAND),
          after => ({ kind: 'add', candidate, count, after }),
        )
      }))
}

function removals(totals: Totals, ingredients: readonly Ingredient[], comfort: Comfort, { pinned }: Leeway): Weighed[] {
  return ingredients.flatMap((ingredient, ingredientIndex) => {
    const { material, amount } = ingredient
    if (pinned.includes(material.id)) return []
    const whole = amount.count
    const minor = portionOf(ingredient).looseVolumeL < LEAVE_OUT_BELOW * totals.looseVolumeL
    const leftOut = material.keepsDays <= SPOILS_WITHIN_DAYS ? LEFT_OUT.spoils : LEFT_OUT.keeps
    return STEPS.filter(count => count < whole).concat(whole / 2, minor ? [whole] : []).flatMap((count) => {
      const gone = portionOf({ ...ingredient, amount: { ...amount, count } })
      return weighed(totalsWith(totals, gone, -1), comfort, Infinity, count * EFFORT_PER_CONTAINER + leftOut, after => ({
        kind: 'take-out', ingredientIndex, count, all: count === whole, half: count === whole / 2, after,
      }))
    })
  })
}

/** Each thing prepared in another way, or not soaked after all. */
function preparings(totals: Totals, ingredients: readonly Ingredient[], comfort: Comfort, { pinned }: Leeway): Weighed[][] {
  return ingredients.map((ingredient, ingredientIndex) => {
    if (pinned.includes(ingredient.material.id)) return []
    const rest = totalsWith(totals, portionOf(ingredient), -1)
    const { prepared, ...plain } = ingredient
    const ways = [...(prepared === 'soaked' ? [undefined] : []), ...preparationsFor(ingredient.material).filter(one => one !== prepared)]
    return ways.flatMap(as =>
      weighed(
        totalsWith(rest, portionOf(as ? { ...plain, prepared: as } : plain), 1), comfort, Infinity, as ? PREPARING : LEFT_UNPREPARED,
        after => ({ kind: 'prepare', ingredientIndex, as, after }),
      ),
    )
  })
}

function best(options: readonly Weighed[], now: Judgement): Lever | undefined {
  const helpful = options.filter(({ lever }) => lever.after.distance < now.distance - WORTH_SAYING)
  return helpful.sort((a, b) => a.cost - b.cost)[0]?.lever
}

/** The biggest levers on a mix: the best single thing to add, to take out and to prepare otherwise. */
export interface Levers {
  readonly now: Judgement
  readonly add: Lever | undefined
  readonly takeOut: Lever | undefined
  /** One for each thing that it helps to prepare otherwise. */
  readonly prepare: readonly Lever[]
}

/**
 * Tries each single change a gardener could make by hand and keeps the best of each kind.
 * Nothing is proposed for a mix that is comfortable, and nothing at all where there is no mix.
 */
export function leversFor(
  ingredients: readonly Ingredient[], candidates: readonly Candidate[], comfort: Comfort, leeway: Leeway,
): Levers | undefined {
  const totals = typicalTotals(ingredients.map(portionOf))
  const judged = judge(totals, comfort)
  if (!judged.ok) return undefined
  const now = judged.value
  if (now.grade === 'good') return { now, add: undefined, takeOut: undefined, prepare: [] }
  const roomL = Math.max(leeway.roomL * HEAPED, now.measures.volumeL)
  return {
    now,
    add: best(additions(totals, candidates, comfort, { ...leeway, roomL }), now),
    takeOut: best(removals(totals, ingredients, comfort, leeway), now),
    prepare: preparings(totals, ingredients, comfort, leeway).flatMap(options => best(options, now) ?? []),
  }
}

/** The levers that make it a good mix, or one that works where it is not one; the nearest to good first. */
export function leversThatHelp({ now, add, takeOut, prepare }: Levers): Lever[] {
  const helping = [add, ...prepare, takeOut].flatMap(lever =>
    lever && (lever.after.grade === 'good' || (now.grade === 'poor' && lever.after.grade === 'workable')) ? [lever] : [],
  )
  return helping.sort((a, b) => Number(a.after.grade !== 'good') - Number(b.after.grade !== 'good'))
}
