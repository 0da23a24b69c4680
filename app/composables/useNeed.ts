import { planForNeed, type NeedPlan } from '#core/sizing/need'
import { expectedYield } from '#core/sizing/yields'

/** What comes out of a heap in this garden, and what it takes for what is needed. */
export function useNeed() {
  const { draft, method, approach } = useBench()
  const { finished, materials, now } = useGarden()
  const own = computed(() => expectedYield(finished.value.map(({ batch }) => batch), materials.value, method.value.usualYield))
  /** The need of the bench, run this way; nothing when none was said. */
  function needWith(approachId: string): NeedPlan | undefined {
    const { wish, vessel } = draft.value
    const planned = wish && planForNeed({ litres: wish.litres, by: new Date(`${wish.by}T12:00:00`) }, vessel, method.value, approachId, own.value.share, now.value)
    return planned?.ok ? planned.value : undefined
  }
  const need = computed(() => needWith(approach.value.id))
  return { own, need, needWith }
}
