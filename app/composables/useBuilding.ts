import {
  BUILDING_ID, BUILDING_KIND, buildingValues, readBuilding, usedIngredients, withStep, withUsed, type Building,
} from '#core/garden/building'
import { findMethod } from '#core/methods'
import { draftFor } from '#core/bench/planned'
import type { Stratum } from '#core/vessel/strata'

/** What is being built right now: its checklist, and what has really gone in so far. */
export const useBuilding = createSharedComposable(() => {
  const { store, surroundings, materials } = useGarden()
  const kept = computed(() => readBuilding(store.documents))
  /** What was tapped and is on its way into the store: the next tap builds on it. */
  const fresh = shallowRef<Building>()
  const building = computed(() => kept.value && (fresh.value ?? kept.value))

  const method = computed(() => findMethod(building.value?.plan.methodId ?? ''))
  const planned = computed(() =>
    building.value && method.value ? draftFor(building.value.plan, method.value, surroundings.value) : undefined,
  )
  const proposal = computed(() => planned.value?.proposal)
  const strata = computed<Stratum[]>(() =>
    (planned.value?.draft.steps ?? []).flatMap(({ spreads = [] }) => spreads.flatMap(one => one.strata)),
  )
  /** Each step with its place, and each thing that is laid down with its place among all of them. */
  const steps = computed(() => {
    let layer = -1
    return (planned.value?.draft.steps ?? []).map((step, at) => ({
      ...step,
      at,
      laid: (step.spreads ?? []).map(({ label, strata: own }) => ({ label, parts: own.map(stratum => ({ stratum, layer: ++layer })) })),
    }))
  })
  const done = computed(() => steps.value.filter(({ at }) => building.value?.done.includes(at)).length)
  const used = computed(() => {
    if (!building.value || !planned.value) return []
    return strata.value.length > 0
      ? usedIngredients(building.value, strata.value, materials.value)
      : (planned.value.draft.recipe ?? planned.value.proposal.ingredients)
  })

  async function write(next: Building): Promise<void> {
    fresh.value = next
    await store.write([{ id: BUILDING_ID, kind: BUILDING_KIND, values: buildingValues(next) }])
    if (fresh.value === next) fresh.value = undefined
  }
  const amend = (change: (now: Building) => Building) => building.value ? write(change(building.value)) : Promise.resolve()

  return {
    building, method, proposal, strata, steps, done, used,
    begin: (started: Pick<Building, 'name' | 'place' | 'plan' | 'waterL'>) =>
      write({ ...started, startedAt: new Date().toISOString(), done: [], used: [] }),
    tick: (at: number, done: boolean) => amend(now => withStep(now, at, done)),
    use: (layer: number, count: number) => amend(now => withUsed(now, layer, count, strata.value[layer]?.amount.count ?? 0)),
    useWater: (litres: number) => amend(now => ({ ...now, usedWaterL: litres })),
    drop: () => store.write([{ id: BUILDING_ID, kind: BUILDING_KIND, values: { removed: true } }]),
    bringBack: () => store.write([{ id: BUILDING_ID, kind: BUILDING_KIND, values: { removed: false } }]),
  }
})
