import { expectedAt, type ExpectedDay, type Supposed } from '#core/methods/foresight'
import type { KnownBatch } from './useGarden'

/** What if? Things that might be done to a batch, and what they would change. */
export function useSupposed(known: () => KnownBatch, course: () => readonly ExpectedDay[]) {
  const { surroundings } = useGarden()
  const supposed = shallowRef<readonly Supposed[]>([])
  const lastDay = () => course().at(-1)?.day ?? 0
  const whatIf = computed(() => supposed.value.length === 0 ? undefined : known().method.suppose(known().batch, surroundings.value, lastDay(), supposed.value))
  const nowDay = () => (surroundings.value.now.getTime() - new Date(known().batch.built.at).getTime()) / 86_400_000

  /** The difference that it makes to one heap, laid on what is expected now. */
  const changed = computed<readonly ExpectedDay[]>(() => (whatIf.value?.changed ?? []).filter(({ day }) => day >= nowDay() - 0.3).map((one) => {
    const without = expectedAt(whatIf.value!.present, one.day) ?? one
    const shown = expectedAt(course(), one.day) ?? one
    const core = shown.coreC.typical + one.coreC.typical - without.coreC.typical
    return { ...one, coreC: { low: core, typical: core, high: core } }
  }))
  const warmestAhead = (days: readonly ExpectedDay[]) => days.filter(({ day }) => day > nowDay() + 0.4 && day < nowDay() + 14).reduce((top, { coreC }) => Math.max(top, coreC.typical), -Infinity)
  const summary = computed(() => whatIf.value && { withC: warmestAhead(changed.value), withoutC: warmestAhead(course()), shiftDays: Math.round(whatIf.value.readyShiftDays) })
  return { supposed, changed, summary }
}
