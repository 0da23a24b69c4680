import { dayText } from '#core/units/dates'
import { collectingState, collectingValues, readCollecting, type CollectingList } from '#core/garden/collecting'
import { planValues } from '#core/garden/plan'
import type { Ingredient } from '#core/mix/portion'

/** The collecting lists: how each stands, and what can be done with one. */
export function useCollecting() {
  const { store, stored, materials } = useGarden()
  const bench = useBench()
  const lists = computed(() =>
    readCollecting(store.documents).map(list => ({ list, state: collectingState(list, stored.value, materials.value) })),
  )

  /** Begins to collect what lies on the bench, or what a method says is wanted. @param by day of building, YYYY-MM-DD. */
  async function startCollecting(by: string, wanted?: readonly Ingredient[]): Promise<void> {
    const at = new Date()
    const name = `${bench.vessel.value.name}, ${dayText(`${by}T12:00`)}`
    await store.write([{
      id: `collecting.${newId(at)}`, kind: 'collecting',
      values: collectingValues({
        name, startedAt: at.toISOString(), by,
        plan: wanted
          ? { ...bench.effective.value, ingredients: wanted.map(({ material, amount }) => ({ materialId: material.id, amount })) }
          : bench.draft.value,
      }),
    }])
  }
  const amend = (list: CollectingList, values: Parameters<typeof store.write>[0][number]['values']) =>
    store.write([{ id: list.id, kind: 'collecting', values }])

  return {
    lists, startCollecting,
    setDay: (list: CollectingList, by: string) => amend(list, { by }),
    setCount: (list: CollectingList, index: number, count: number) => amend(list, planValues({
      ...list.plan, ingredients: list.plan.ingredients.map((one, at) => at === index ? { ...one, amount: { ...one.amount, count } } : one),
    })),
    remove: (list: CollectingList) => amend(list, { removed: true }),
    keep: (list: CollectingList) => amend(list, { removed: false }),
    /** Lays what was collected on the bench, as the list has it. */
    toBench: (list: CollectingList) => bench.replace(list.plan),
  }
}
