import { BUILDING_ID, BUILDING_KIND, buildingValues, readBuilding, usedIngredients, withStep, withUsed, type Building } from '#core/garden/building'
import { findMethod, METHODS } from '#core/methods'
import type { Method, Proposal } from '#core/methods/method'
import { mixBalance } from '#core/mix/balance'
import { ingredientsOf, portionOf } from '#core/mix/portion'

/** The heap that is being built right now, step by step; every tick is kept at once. */
export const useBuilding = createSharedComposable(() => {
  const { store, materials, surroundings } = useGarden()
  const kept = computed(() => readBuilding(store.documents))
  /** What was tapped and is on its way into the store: the next tap builds on it. */
  const fresh = shallowRef<Building>()
  const building = computed(() => kept.value && (fresh.value ?? kept.value))

  const method = computed<Method>(() => findMethod(building.value?.plan.methodId ?? '') ?? METHODS[0] as Method)
  const proposal = computed<Proposal | undefined>(() => {
    if (!building.value) return undefined
    const { plan: { vessel, approachId, ingredients: named }, waterL } = building.value
    const ingredients = ingredientsOf(named, materials.value)
    const mixed = mixBalance(ingredients.map(portionOf), waterL)
    return { vessel, approachId, ingredients, waterL, volumeL: mixed.ok ? mixed.value.volumeL : 0 }
  })
  const strata = computed(() => proposal.value ? method.value.strata(proposal.value) : [])
  const steps = computed(() => {
    let layer = -1
    return proposal.value ? method.value.buildSteps(proposal.value, surroundings.value).map((step, at) => ({ ...step, at, layer: step.stratum ? ++layer : undefined })) : []
  })
  const used = computed(() => building.value ? usedIngredients(building.value, strata.value, materials.value) : [])

  async function write(next: Building): Promise<void> {
    fresh.value = next
    await store.write([{ id: BUILDING_ID, kind: BUILDING_KIND, values: buildingValues(next) }])
    if (fresh.value === next) fresh.value = undefined
  }
  const amend = (change: (now: Building) => Building) => building.value ? write(change(building.value)) : Promise.resolve()

  return {
    building, method, proposal, strata, steps, used,
    begin: (started: Pick<Building, 'name' | 'place' | 'plan' | 'waterL'>) => write({ ...started, startedAt: new Date().toISOString(), done: [], used: [] }),
    tick: (at: number, done: boolean) => amend(now => withStep(now, at, done)),
    use: (layer: number, count: number) => amend(now => withUsed(now, layer, count, strata.value[layer]?.amount.count ?? 0)),
    useWater: (litres: number) => amend(now => ({ ...now, usedWaterL: litres })),
    drop: () => store.write([{ id: BUILDING_ID, kind: BUILDING_KIND, values: { removed: true } }]),
    bringBack: () => store.write([{ id: BUILDING_ID, kind: BUILDING_KIND, values: { removed: false } }]),
  }
})
