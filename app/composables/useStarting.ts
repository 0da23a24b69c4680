import { draftFor } from '#core/bench/planned'
import type { Plan } from '#core/garden/plan'
import { findMethod } from '#core/methods'
import type { Ingredient } from '#core/mix/portion'
import { completed } from '#core/questions/question'

/** What was begun, as it is written into the log. */
export interface Started {
  readonly name: string
  readonly place: string
  readonly plan: Plan
  /** What really went in. */
  readonly ingredients: readonly Ingredient[]
  readonly waterL: number
  /** Since when it stands, where that is not now. */
  readonly at?: string
}

/** Starting a batch: takes from the store what it holds of it, writes it down, and clears the bench. */
export function useStarting() {
  const { record } = useRecorder()
  const { inputsFrom } = useRecording()
  const { surroundings } = useGarden()
  const bench = useBench()
  const router = useRouter()
  const busy = ref(false)

  /**
   * @returns whether it was recorded. @param onTakenBack what else to set right when the start is taken back. @param onBegun
   * what else to put away before its page opens.
   */
  async function start(
    { name, place, plan, ingredients, waterL, at = new Date().toISOString() }: Started,
    onTakenBack?: () => void, onBegun?: () => Promise<unknown>,
  ): Promise<boolean> {
    const method = findMethod(plan.methodId)
    if (!method) return false
    busy.value = true
    const batchId = newId(new Date())
    const begun = await record({
      kind: 'began',
      at,
      batchId,
      name,
      place,
      methodId: plan.methodId,
      approachId: plan.approachId,
      // What the method lays out for its measures stands in it from the first day.
      site: draftFor(plan, method, surroundings.value)?.draft.site ?? plan.site,
      answers: completed(method.plan.asks(plan.approachId), plan.answers), waterL, inputs: inputsFrom(ingredients, 'feed'),
    }, `${name} is standing.`, method.face.words.started, () => {
      bench.change(plan)
      onTakenBack?.()
      void router.push('/bench')
    })
    busy.value = false
    if (!begun) return false
    bench.change({ ingredients: [], pinned: [], capped: [], wish: undefined, likeBatchId: undefined })
    // At once: whoever leaves the page now must not find the same stuff on the bench again.
    await bench.writeNow()
    await onBegun?.()
    await router.push(`/batch/${batchId}`)
    return true
  }

  return { start, busy }
}
