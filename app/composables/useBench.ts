import { counselFor } from '#core/bench/counsel'
import { aroundHere, candidatesFor, feedsFor, problemOf, usualContainer, type BalanceWish } from '#core/bench/offered'
import { pastBest } from '#core/bench/past-best'
import { draftFor, judged } from '#core/bench/planned'
import { drawAll } from '#core/garden/store'
import type { Material } from '#core/materials/material'
import { METHODS } from '#core/methods'
import { approachOf, balancedOf, type Method } from '#core/methods/contract'
import type { Comfort } from '#core/mix/judgement'
import { leversFor, leversThatHelp } from '#core/mix/lever'
import { ingredientsOf, portionOf, type Ingredient } from '#core/mix/portion'
import { mixRanges } from '#core/mix/ranges'
import { containerThen, type Amount } from '#core/units/container'
import { asVessel } from '#core/vessel/site'
import { vesselVolumeL } from '#core/vessel/vessel'

/** What lies on the bench, what it would be, and what to do about it. */
export const useBench = createSharedComposable(() => {
  const plan = useBenchPlan()
  const { stored, materials, materialContainers, surroundings, seasonMonth, supplies, units } = useGarden()
  const { draft } = plan

  /** The method of the plan; while none is chosen, the one that is offered first. */
  const method = computed<Method>(() => plan.method.value ?? METHODS[0] as Method)
  const approach = computed(() => approachOf(method.value.face, draft.value.approachId))
  const vessel = computed(() => asVessel(draft.value.site))
  const ingredients = computed(() => ingredientsOf(draft.value.ingredients, materials.value))
  const filled = computed(() => ingredients.value.filter(({ amount }) => amount.count > 0))
  /** Where the method weighs what goes in; nothing of any other. */
  const balanced = computed(() => balancedOf(method.value))
  const comfort = computed(() => balanced.value?.mixing.comfort(approach.value.id))
  const judgement = computed(() => comfort.value && judged(filled.value, comfort.value))
  const ranges = computed(() => {
    const outcome = comfort.value && mixRanges(filled.value.map(portionOf), judgement.value?.waterL ?? 0, comfort.value)
    return outcome?.ok ? outcome.value : undefined
  })
  const standsShare = computed(() => balanced.value?.sizing.standsShare ?? 1)
  const around = computed(() => aroundHere(materials.value, materialContainers.value, seasonMonth.value, supplies.value))
  const feeds = computed(() => feedsFor(materials.value, stored.value, units.value))
  const candidates = computed(() => candidatesFor(filled.value, stored.value, around.value))
  const levers = computed(() =>
    comfort.value && leversFor(filled.value, candidates.value, comfort.value, {
      pinned: draft.value.pinned, roomL: vesselVolumeL(vessel.value) / standsShare.value,
    }),
  )
  /** The plan as it would be begun: with the method and school that are offered while none is chosen. */
  const effective = computed(() => ({
    ...draft.value,
    methodId: plan.unknownMethod.value ? draft.value.methodId : method.value.id,
    approachId: approach.value.id,
  }))
  const planned = computed(() => draftFor(effective.value, method.value, surroundings.value))
  const proposal = computed(() => planned.value?.proposal)
  /** The one verdict on mix, size and season. */
  const verdict = computed(() => planned.value?.draft.verdict)
  /** Single changes that would make it a good mix, or one that works, the best first; where none does, it takes the balancing. */
  const changes = computed(() => levers.value ? leversThatHelp(levers.value) : [])
  /** The first thing to do: the mix is mended before its size or season, whatever else is weak; and only what makes it a good one. */
  const firstChange = computed(() =>
    verdict.value?.weakest === 'mix' || !verdict.value?.advice ? changes.value.find(({ after }) => after.grade === 'good') : undefined,
  )
  /** All that a good composter would say about the mix. */
  const counsel = computed(() =>
    judgement.value && comfort.value
      ? counselFor({
          filled: filled.value,
          judgement: judgement.value,
          levers: levers.value,
          comfort: comfort.value,
          feeds: feeds.value,
          method: method.value,
          methods: METHODS,
          units: units.value,
          leversSaid: firstChange.value ? 1 : 0,
        })
      : [],
  )
  /** What goes in: what was said, or what the method says. */
  const goesIn = computed(() => planned.value?.draft.recipe ?? filled.value)
  /** Where each ingredient comes from, ready to be recorded. */
  const drawn = computed(() => drawAll(stored.value, goesIn.value))
  const warnings = computed(() => [
    ...(planned.value?.draft.warnings ?? []), ...pastBest(filled.value, stored.value),
  ])

  const problem = (by: Comfort, wish: BalanceWish, wishL: number | undefined) => problemOf({
    vessel: vessel.value,
    standsShare: standsShare.value,
    ingredients: ingredients.value,
    pinned: draft.value.pinned,
    capped: draft.value.capped,
    stored: stored.value,
    around: around.value,
    feeds: feeds.value,
    comfort: by,
  }, wish, wishL)

  function addMaterial(material: Material): void {
    const lot = stored.value.find(one => one.lot.materialId === material.id)?.lot
    const amount: Amount = {
      count: 1, container: lot?.container ?? containerThen(usualContainer(material, materialContainers.value)),
      packing: lot?.packing ?? 'loose',
    }
    const at = draft.value.ingredients.findIndex(({ materialId }) => materialId === material.id)
    if (at < 0) plan.change({ ingredients: [...draft.value.ingredients, { materialId: material.id, amount }] })
    else plan.setAmount(material.id, { ...draft.value.ingredients[at]!.amount, count: draft.value.ingredients[at]!.amount.count + 1 })
  }

  /** What of the store this method takes, as a pile: everything that is there, to be changed from there on. */
  const storeOffers = computed(() =>
    candidatesFor([], stored.value, []).filter(({ material }) => method.value.plan.feeds?.includes(material.family) ?? true),
  )
  function fillFromStore(): void {
    const seen = new Map<string, Ingredient>()
    for (const { material, container, packing, count } of storeOffers.value)
      if (!seen.has(material.id)) seen.set(material.id, { material, amount: { count, container, packing } })
    plan.adopt([...seen.values()])
  }

  return {
    ...plan, storeOffers, fillFromStore, method, approach, vessel, ingredients, filled, balanced, judgement, ranges, verdict, changes,
    counsel, standsShare, firstChange, candidates, effective, planned, proposal, goesIn, drawn, warnings, problem, addMaterial,
  }
})
