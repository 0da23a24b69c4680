import { BENCH_PLAN_ID, planValues, type Plan } from '#core/garden/plan'
import { drawFromStore } from '#core/garden/store'
import type { Material } from '#core/materials/material'
import { packingFactor } from '#core/materials/packing'
import { findMethod, METHODS } from '#core/methods'
import { approachOf, type Method, type Proposal } from '#core/methods/method'
import { judge } from '#core/mix/judgement'
import { leversFor, type Candidate } from '#core/mix/lever'
import { ingredientsOf, portionOf } from '#core/mix/portion'
import { mixRanges } from '#core/mix/ranges'
import { typicalTotals } from '#core/mix/balance'
import { containerThen, type Amount, type Container } from '#core/units/container'

/** What can be had nearly everywhere, offered beside what the store holds. */
const COMMON = ['leaves-mixed', 'cardboard', 'straw-wheat', 'grass-clippings', 'kitchen-veg', 'horse-manure-straw']
/** Light stuff comes by the sack, heavy and wet stuff by the bucket. */
const SACK_BELOW_KG_M3 = 160

/** Not what one balances a heap with: they are dear, or barely decay. */
const NOT_FOR_BALANCING: readonly Material['family'][] = ['finished', 'mineral', 'char', 'feed']

/** The container a gardener would take for a material. */
export function usualContainer(material: Material, containers: readonly Container[]): Container {
  const wanted = material.bulkDensityKgM3.typical < SACK_BELOW_KG_M3 ? 'sack' : 'bucket'
  return containers.find(({ id }) => id === wanted) ?? containers[0] as Container
}

/** What lies on the bench, what it would be, and what to do about it. */
export const useBench = createSharedComposable(() => {
  const { store, plan, stored, materials, materialContainers } = useGarden()
  const draft = shallowRef<Plan>(plan.value)
  let pending = false

  const save = useDebounceFn(async () => {
    await store.write([{ id: BENCH_PLAN_ID, kind: 'plan', values: planValues(draft.value) }])
    pending = false
  }, 300)
  watch(plan, (fresh) => { if (!pending) draft.value = fresh })

  function change(part: Partial<Plan>): void {
    pending = true
    draft.value = { ...draft.value, ...part }
    void save()
  }

  const method = computed<Method>(() => findMethod(draft.value.methodId) ?? METHODS[0] as Method)
  const approach = computed(() => approachOf(method.value, draft.value.approachId))
  const ingredients = computed(() => ingredientsOf(draft.value.ingredients, materials.value))
  const filled = computed(() => ingredients.value.filter(({ amount }) => amount.count > 0))
  const judgement = computed(() => filled.value.length > 0 ? judge(typicalTotals(filled.value.map(portionOf)), approach.value.comfort) : undefined)
  const ranges = computed(() => {
    const outcome = mixRanges(filled.value.map(portionOf), judgement.value?.waterL ?? 0, approach.value.comfort.moistureFraction.target)
    return outcome.ok ? outcome.value : undefined
  })
  const candidates = computed<Candidate[]>(() => {
    const left = stored.value.map(({ lot, material, leftLooseL }) => {
      const planned = filled.value.filter(one => one.material.id === material.id).reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
      return { material, container: lot.container, packing: lot.packing, count: Math.floor(Math.max(0, leftLooseL - planned) / packingFactor(material, lot.packing) / lot.container.volumeL * 2) / 2, inStore: true }
    })
    const offered = COMMON.flatMap((id) => {
      const material = materials.value.find(id)
      return material
        ? [{ material, container: containerThen(usualContainer(material, materialContainers.value)), packing: 'loose' as const, count: Infinity, inStore: false }]
        : []
    })
    return [...left.filter(({ count, material }) => count >= 0.5 && !NOT_FOR_BALANCING.includes(material.family)), ...offered]
  })
  const levers = computed(() => filled.value.length > 0 ? leversFor(filled.value, candidates.value, approach.value.comfort) : undefined)
  const proposal = computed<Proposal | undefined>(() => judgement.value && {
    vessel: draft.value.vessel, approachId: approach.value.id, ingredients: filled.value, waterL: judgement.value.waterL, volumeL: judgement.value.measures.volumeL,
  })
  /** Where each ingredient comes from, ready to be recorded; the same material twice draws on what is left. */
  const drawn = computed(() => {
    let left = stored.value
    return filled.value.map((ingredient) => {
      const { material, amount, prepared } = ingredient
      const drawing = drawFromStore(left, ingredient)
      left = left.map(one => ({ ...one, leftLooseL: one.leftLooseL - drawing.draws.filter(({ lotId }) => lotId === one.lot.id).reduce((sum, { litres }) => sum + litres * packingFactor(material, one.lot.packing), 0) }))
      return { materialId: material.id, amount, ...(prepared ? { prepared } : {}), ...drawing }
    })
  })

  function addMaterial(material: Material): void {
    const lot = stored.value.find(one => one.lot.materialId === material.id)?.lot
    const amount: Amount = { count: 1, container: lot?.container ?? containerThen(usualContainer(material, materialContainers.value)), packing: lot?.packing ?? 'loose' }
    const at = draft.value.ingredients.findIndex(({ materialId }) => materialId === material.id)
    if (at < 0) change({ ingredients: [...draft.value.ingredients, { materialId: material.id, amount }] })
    else setAmount(at, { ...draft.value.ingredients[at]!.amount, count: draft.value.ingredients[at]!.amount.count + 1 })
  }
  function setAmount(index: number, amount: Amount): void {
    change({ ingredients: draft.value.ingredients.map((one, at) => at === index ? { ...one, amount } : one) })
  }
  function remove(index: number): void {
    change({ ingredients: draft.value.ingredients.filter((_, at) => at !== index) })
  }

  return { draft, method, approach, ingredients, filled, judgement, ranges, levers, candidates, proposal, drawn, change, addMaterial, setAmount, remove }
})
