/**
 * How many of a long list are drawn: some at once, the others a handful after each breath, so that drawing them never holds the
 * page up.
 */
export function useGrowing(total: () => number, handful: number): Readonly<Ref<number>> {
  const drawn = ref(handful)
  let growing = false
  watch(total, async () => {
    if (growing) return
    growing = true
    while (drawn.value < total()) {
      await breath()
      await nextTick()
      drawn.value += handful
    }
    growing = false
  }, { immediate: true })
  return readonly(drawn)
}
