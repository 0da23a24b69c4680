import { drawAll } from '#core/garden/store'
import type { Plan } from '#core/garden/plan'
import type { Ingredient } from '#core/mix/portion'
import { newId } from '~/storage/identity'

/** What was built, as it is written into the log. */
export interface BuiltHeap {
  readonly name: string
  readonly place: string
  readonly plan: Plan
  /** What really went in. */
  readonly ingredients: readonly Ingredient[]
  readonly waterL: number
}

/** Starting a batch: takes from the store what it holds of it, writes it down, and clears the bench. */
export function useStartHeap() {
  const { stored } = useGarden()
  const { record } = useRecorder()
  const bench = useBench()
  const router = useRouter()
  const busy = ref(false)

  /** @returns whether it was recorded. @param onTakenBack what else to set right when the start is taken back. */
  async function start({ name, place, plan, ingredients, waterL }: BuiltHeap, onTakenBack?: () => void): Promise<boolean> {
    busy.value = true
    const batchId = newId(new Date())
    const built = await record({
      kind: 'built', at: new Date().toISOString(), batchId, name, place,
      methodId: plan.methodId, approachId: plan.approachId, vessel: plan.vessel, waterL,
      ingredients: drawAll(stored.value, ingredients).map(({ materialId, amount, prepared, draws }) => ({ materialId, amount, ...(prepared ? { prepared } : {}), draws: [...draws] })),
    }, `${name} is standing.`, 'Read its heat tomorrow.', () => {
      bench.change(plan)
      onTakenBack?.()
      void router.push('/bench')
    })
    busy.value = false
    if (!built) return false
    bench.change({ ingredients: [], pinned: [], capped: [], wish: undefined, likeBatchId: undefined })
    await router.push(`/batch/${batchId}`)
    return true
  }

  return { start, busy }
}
