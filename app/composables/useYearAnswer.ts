import type { Need } from '#core/year/need'
import { surenessOf } from '#core/year/words'

/** What the year's answer says of each need and each stock. */
export const useYearAnswer = createSharedComposable(() => {
  const { stocks, answer, tried } = useYear()
  const { needs } = useNeeds()
  const met = computed(() => new Map((answer.value?.needs ?? []).map(one => [one.id, one])))
  /** With what is tried out, while something is. */
  const triedMet = computed(() => new Map((tried.value?.needs ?? []).map(one => [one.id, one])))
  const used = computed(() => new Map((answer.value?.stocks ?? []).map(one => [one.id, one])))
  const byId = computed(() => new Map((stocks.value ?? []).map(one => [one.id, one])))
  const nameOf = (stockId: string) => byId.value.get(stockId)?.name ?? 'what was begun'
  const needName = (needId: string) => needs.value.find(one => one.id === needId)?.name ?? ''
  const isSafe = ({ id }: Pick<Need, 'id'>) => ['sure', 'likely'].includes(surenessOf(met.value.get(id)?.chance ?? 1))
  return { met, triedMet, used, byId, nameOf, needName, isSafe }
})
