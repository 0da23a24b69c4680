import { balancedOf } from '#core/methods/contract'
import { planForNeed, type NeedPlan } from '#core/sizing/need'
import { expectedYield } from '#core/sizing/yields'

/**
 * What comes out of a batch of the bench's method in this garden, and what it takes for what is needed; nothing where the method
 * cannot say.
 */
export function useNeed() {
  const { draft, method, approach, vessel } = useBench()
  const { finished, materials, now } = useGarden()
  const sizing = computed(() => balancedOf(method.value)?.sizing)
  const same = computed(() => finished.value.filter(({ method: { id } }) => id === method.value.id).map(({ batch }) => batch))
  const own = computed(() => sizing.value && expectedYield(same.value, materials.value, sizing.value.usualYield))
  /** The need of the bench, run this way; nothing when none was said. */
  function needWith(approachId: string): NeedPlan | undefined {
    const { wish } = draft.value
    if (!wish || !sizing.value || !own.value) return undefined
    const planned = planForNeed(
      { litres: wish.litres, by: new Date(`${wish.by}T12:00:00`) }, vessel.value, sizing.value, approachId, own.value.share, now.value,
    )
    return planned.ok ? planned.value : undefined
  }
  const need = computed(() => needWith(approach.value.id))
  return { own, need, needWith, sizing }
}
