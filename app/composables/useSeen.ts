/**
 * How many of a long list are drawn: a handful, and more as its end comes into view or is asked for, so that a list of years costs what
 * is looked at. On paper all of it is there.
 */
export function useSeen(total: () => number, handful: number) {
  const wanted = ref(handful)
  const drawn = computed(() => Math.min(wanted.value, total()))
  const left = computed(() => total() - drawn.value)
  const more = () => { wanted.value += handful }
  useEventListener('beforeprint', () => { wanted.value = Math.max(wanted.value, total()) })
  return { drawn, left, more }
}
