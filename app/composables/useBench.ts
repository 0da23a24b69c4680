import { isForBalancing, offersAtHand } from '#core/balancing/at-hand'
import type { Problem, RatioBasis } from '#core/balancing/problem'
import { BENCH_PLAN_ID, EMPTY_PLAN, planValues, type Plan } from '#core/garden/plan'
import { drawAll } from '#core/garden/store'
import type { Material } from '#core/materials/material'
import { packingFactor } from '#core/materials/packing'
import type { Preparation } from '#core/materials/preparation'
import { findMethod, METHODS } from '#core/methods'
import { approachOf, type Method, type Proposal } from '#core/methods/method'
import { judge } from '#core/mix/judgement'
import { leversFor, type Candidate } from '#core/mix/lever'
import { ingredientsOf, portionOf, type Ingredient, type NamedIngredient } from '#core/mix/portion'
import { mixRanges } from '#core/mix/ranges'
import { typicalTotals } from '#core/mix/balance'
import { containerThen, type Amount, type Container } from '#core/units/container'
import { vesselVolumeL } from '#core/vessel/vessel'

/** What can be had nearly everywhere, offered beside what the store holds. */
const COMMON = ['leaves-mixed', 'cardboard', 'straw-wheat', 'grass-clippings', 'kitchen-veg', 'horse-manure-straw']
/** Light stuff comes by the sack, heavy and wet stuff by the bucket. */
const SACK_BELOW_KG_M3 = 160
/** A vessel counts as filled from here on: what is loose settles by a tenth within days. */
const FILLED_SHARE = 0.75
/** A heap of a wished size may be this far off. */
const WISH_LEEWAY = 0.1

/** The container a gardener would take for a material. */
export function usualContainer(material: Material, containers: readonly Container[]): Container {
  const wanted = material.bulkDensityKgM3.typical < SACK_BELOW_KG_M3 ? 'sack' : 'bucket'
  return containers.find(({ id }) => id === wanted) ?? containers[0] as Container
}

/** How a balance is wanted, besides what lies on the bench. */
export interface BalanceWish {
  readonly goalId: string
  readonly ratioBasis: RatioBasis
  /** Smallest part of a container: 1, 0.5 or 0 for any amount. */
  readonly step: number
  readonly fetching: boolean
  readonly fill: 'full' | 'have' | 'wish'
  /** Most of the litres that may be of one kind. */
  readonly oneMaterialMost: number
}

/** How free the balancing is with an ingredient of the bench. */
export type Freedom = 'free' | 'stays' | 'at-most'

/** An ingredient as it is written into a plan. */
export function namedIngredient({ material, amount, prepared }: Ingredient): NamedIngredient {
  return { materialId: material.id, amount, ...(prepared ? { prepared } : {}) }
}

/** What lies on the bench, what it would be, and what to do about it. */
export const useBench = createSharedComposable(() => {
  const { store, plan, stored, materials, materialContainers } = useGarden()
  const draft = shallowRef<Plan>(plan.value)
  /** The bench as it was before something replaced it whole, so that one tap brings it back. */
  const before = shallowRef<Plan>()
  let pending = false

  async function write(): Promise<void> {
    if (!pending) return
    pending = false
    await store.write([{ id: BENCH_PLAN_ID, kind: 'plan', values: planValues(draft.value) }])
  }
  const save = useDebounceFn(write, 300)
  // A phone that is put away may never come back to a waiting timer.
  useEventListener(document, 'visibilitychange', () => { if (document.visibilityState === 'hidden') void write() })
  useEventListener(window, 'pagehide', () => void write())
  watch(plan, (fresh) => { if (!pending) draft.value = fresh })

  function change(part: Partial<Plan>): void {
    pending = true
    draft.value = { ...draft.value, ...part }
    void save()
  }
  /** Lays another plan on the bench; the one before can be brought back. */
  function replace(part: Partial<Plan>): void {
    before.value = draft.value
    change(part)
  }
  function bringBack(): void {
    if (before.value) change(before.value)
    before.value = undefined
  }
  const adopt = (ingredients: readonly Ingredient[]) => replace({ ingredients: ingredients.map(namedIngredient) })

  const method = computed<Method>(() => findMethod(draft.value.methodId) ?? METHODS[0] as Method)
  const approach = computed(() => approachOf(method.value, draft.value.approachId))
  const ingredients = computed(() => ingredientsOf(draft.value.ingredients, materials.value))
  const filled = computed(() => ingredients.value.filter(({ amount }) => amount.count > 0))
  const judgement = computed(() => filled.value.length > 0 ? judge(typicalTotals(filled.value.map(portionOf)), approach.value.comfort) : undefined)
  const ranges = computed(() => {
    const outcome = mixRanges(filled.value.map(portionOf), judgement.value?.waterL ?? 0, approach.value.comfort.moistureFraction.target)
    return outcome.ok ? outcome.value : undefined
  })
  const around = computed(() => COMMON.flatMap((id) => {
    const material = materials.value.find(id)
    return material ? [{ material, container: containerThen(usualContainer(material, materialContainers.value)) }] : []
  }))
  const candidates = computed<Candidate[]>(() => {
    const left = stored.value.map(({ lot, material, leftLooseL }) => {
      const planned = filled.value.filter(one => one.material.id === material.id).reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
      return { material, container: lot.container, packing: lot.packing, count: Math.floor(Math.max(0, leftLooseL - planned) / packingFactor(material, lot.packing) / lot.container.volumeL * 2) / 2, inStore: true }
    })
    const offered = around.value.map(one => ({ ...one, packing: 'loose' as const, count: Infinity, inStore: false }))
    return [...left.filter(({ count, material }) => count >= 0.5 && isForBalancing(material)), ...offered]
  })
  const levers = computed(() => filled.value.length > 0 ? leversFor(filled.value, candidates.value, approach.value.comfort) : undefined)
  const proposal = computed<Proposal | undefined>(() => judgement.value && {
    vessel: draft.value.vessel, approachId: approach.value.id, ingredients: filled.value, waterL: judgement.value.waterL, volumeL: judgement.value.measures.volumeL,
  })
  /** Where each ingredient comes from, ready to be recorded. */
  const drawn = computed(() => drawAll(stored.value, filled.value))
  const warnings = computed(() => method.value.warnings(filled.value, approach.value.id))

  /** The bench and the store as a problem for the solver. @param wishL litres to build in this vessel, when a size is wished. */
  function problem({ ratioBasis, step, fetching, fill, oneMaterialMost }: BalanceWish, wishL: number | undefined): Problem {
    const wholeL = vesselVolumeL(draft.value.vessel)
    const volumeL = fill === 'wish' && wishL !== undefined
      ? { low: wishL * (1 - WISH_LEEWAY), high: Math.min(wholeL, wishL * (1 + WISH_LEEWAY)) }
      : { low: wholeL * FILLED_SHARE, high: wholeL }
    return {
      offers: offersAtHand({ bench: ingredients.value, pinned: draft.value.pinned, capped: draft.value.capped, stored: stored.value, around: around.value, fetching }),
      limits: { comfort: approach.value.comfort, ratioBasis, volumeL, oneMaterialMost, charMost: 0.1 },
      step,
    }
  }

  function addMaterial(material: Material): void {
    const lot = stored.value.find(one => one.lot.materialId === material.id)?.lot
    const amount: Amount = { count: 1, container: lot?.container ?? containerThen(usualContainer(material, materialContainers.value)), packing: lot?.packing ?? 'loose' }
    const at = draft.value.ingredients.findIndex(({ materialId }) => materialId === material.id)
    if (at < 0) change({ ingredients: [...draft.value.ingredients, { materialId: material.id, amount }] })
    else setAmount(at, { ...draft.value.ingredients[at]!.amount, count: draft.value.ingredients[at]!.amount.count + 1 })
  }
  const amend = (index: number, part: Partial<NamedIngredient>) =>
    change({ ingredients: draft.value.ingredients.map((one, at) => at === index ? { ...one, ...part } : one) })
  const setAmount = (index: number, amount: Amount) => amend(index, { amount })
  function setPrepared(index: number, prepared: Preparation | undefined): void {
    change({ ingredients: draft.value.ingredients.map(({ materialId, amount, prepared: was }, at) => {
      const now = at === index ? prepared : was
      return { materialId, amount, ...(now ? { prepared: now } : {}) }
    }) })
  }
  const freedomOf = (materialId: string): Freedom => draft.value.pinned.includes(materialId) ? 'stays' : draft.value.capped.includes(materialId) ? 'at-most' : 'free'
  function setFreedom(materialId: string, freedom: Freedom): void {
    const without = (ids: readonly string[]) => ids.filter(id => id !== materialId)
    const [pinned, capped] = [without(draft.value.pinned), without(draft.value.capped)]
    change({ pinned: freedom === 'stays' ? [...pinned, materialId] : pinned, capped: freedom === 'at-most' ? [...capped, materialId] : capped })
  }
  function remove(index: number): void {
    const gone = draft.value.ingredients[index]?.materialId
    change({
      ingredients: draft.value.ingredients.filter((_, at) => at !== index),
      pinned: draft.value.pinned.filter(id => id !== gone), capped: draft.value.capped.filter(id => id !== gone),
    })
  }
  /** An empty bench, in the same place and the same way. */
  const clear = () => replace({ ...EMPTY_PLAN, methodId: draft.value.methodId, approachId: draft.value.approachId, vessel: draft.value.vessel, wish: undefined, likeBatchId: undefined })

  return {
    draft, before: readonly(before) as Readonly<Ref<Plan | undefined>>, method, approach, ingredients, filled, judgement, ranges, levers, candidates, proposal, drawn, warnings,
    change, replace, bringBack, adopt, clear, problem, addMaterial, setAmount, setPrepared, freedomOf, setFreedom, remove,
  }
})
