import { balancedOf, type Supposed } from '#core/methods/contract'
import type { KnownBatch } from './useGarden'

/** What if? Things that might be done to a batch, and what they would change. */
export function useWhatIf(known: () => KnownBatch) {
  const { surroundings } = useGarden()
  const supposed = shallowRef<readonly Supposed[]>([])
  const whatIf = computed(() =>
    supposed.value.length === 0
      ? undefined
      : balancedOf(known().method)?.supposing.suppose(known().batch, surroundings.value, supposed.value),
  )
  return { supposed, whatIf }
}
