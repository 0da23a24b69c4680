import { askedOf } from '#core/garden/round'
import { foundOf } from '#core/methods/contract'
import { daysBetween } from '#core/units/time'
import type { KnownBatch } from './useGarden'

/** One batch with everything derived that the screens show of it. */
export function useBatchView(known: () => KnownBatch) {
  const { surroundings } = useGarden()
  const look = computed(() => known().method.life)
  const seen = <T>(of: (batch: KnownBatch['batch']) => T) => computed(() => of(known().batch))
  const day = seen(({ began, ended }) => Math.max(0, daysBetween(began.at, ended?.at ?? surroundings.value.now)))
  return {
    day,
    situation: seen(batch => look.value.situate(batch, surroundings.value)),
    found: seen(batch => foundOf(look.value, batch, surroundings.value.now)),
    standing: seen(batch => look.value.standing(batch, surroundings.value)),
    windows: seen(batch => look.value.windows(batch, surroundings.value)),
    tasks: seen(batch => askedOf(batch, known().method, surroundings.value)),
    picture: seen(batch => look.value.picture(batch, surroundings.value)),
    charts: seen(batch => look.value.charts(batch, surroundings.value)),
    facts: seen(batch => look.value.facts(batch, surroundings.value)),
    gates: seen(batch => look.value.gates(batch, surroundings.value)),
  }
}
