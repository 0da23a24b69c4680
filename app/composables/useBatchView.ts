import { batchStrata } from '#core/garden/batch'
import { askedOf } from '#core/garden/round'
import { expectedAt } from '#core/methods/foresight'
import type { KnownBatch } from './useGarden'

/** One batch with everything derived that the screens show of it. */
export function useBatchView(known: () => KnownBatch) {
  const { surroundings, materials, now } = useGarden()
  const day = computed(() => Math.max(0, (now.value.getTime() - new Date(known().batch.built.at).getTime()) / 86_400_000))
  const standing = computed(() => known().method.standing(known().batch, surroundings.value))
  const readyWindow = computed(() => known().method.readyWindow(known().batch, surroundings.value))
  const tasks = computed(() => askedOf(known().batch, known().method, surroundings.value))
  const daysShown = computed(() => Math.ceil(Math.max(21, day.value + 10, Math.min(day.value + 60, (readyWindow.value.to.getTime() - new Date(known().batch.built.at).getTime()) / 86_400_000 + 4))))
  const course = computed(() => known().method.expect(known().batch, surroundings.value, daysShown.value))
  const today = computed(() => expectedAt(course.value, day.value))
  const strata = computed(() => batchStrata(known().batch, known().method, materials.value))
  const builtM = computed(() => course.value[0]?.heightM.typical ?? 0)
  const lastHeight = computed(() => known().batch.heights.at(-1))
  /** The height as measured within a week, else as expected. */
  const heightM = computed(() => known().batch.finish?.heightM ?? (lastHeight.value && now.value.getTime() - new Date(lastHeight.value.at).getTime() < 7 * 86_400_000 ? lastHeight.value.heightM : today.value?.heightM.typical ?? 0))
  const lastReading = computed(() => known().batch.readings.findLast(({ coreC }) => coreC !== undefined))
  const coreC = computed(() => {
    const last = lastReading.value
    const fresh = last && now.value.getTime() - new Date(last.at).getTime() < 3 * 86_400_000
    return fresh ? last.coreC : today.value?.coreC.typical
  })
  return { day, standing, readyWindow, tasks, course, strata, builtM, heightM, lastReading, coreC, today }
}
