import { PinchGesture } from '@use-gesture/vanilla'

const LARGEST = 6
const STEP = 1.5

/**
 * How much larger something is drawn than it fits its frame: by two fingers, by the wheel with its key held, or by steps. What is under
 * the fingers stays there.
 */
export function useZoom(frame: Ref<HTMLElement | null>) {
  const zoom = ref(1)
  const within = (wanted: number) => Math.min(LARGEST, Math.max(1, wanted))

  async function to(wanted: number, [x, y]: readonly [number, number]): Promise<void> {
    const element = frame.value
    const before = zoom.value
    zoom.value = within(wanted)
    if (!element || zoom.value === before) return
    const grown = zoom.value / before
    const [left, top] = [(element.scrollLeft + x) * grown - x, (element.scrollTop + y) * grown - y]
    await nextTick()
    element.scrollTo({ left, top, behavior: 'instant' })
  }
  const middle = (): readonly [number, number] => [(frame.value?.clientWidth ?? 0) / 2, (frame.value?.clientHeight ?? 0) / 2]

  watch(frame, (element, _, done) => {
    if (!element) return
    const gesture = new PinchGesture(element, ({ offset: [wanted], origin: [x, y] }) => {
      const { left, top } = element.getBoundingClientRect()
      void to(wanted, [x - left, y - top])
    }, { eventOptions: { passive: false }, scaleBounds: { min: 1, max: LARGEST }, from: () => [zoom.value, 0] })
    done(() => gesture.destroy())
  })
  return {
    zoom,
    larger: () => void to(zoom.value * STEP, middle()),
    smaller: () => void to(zoom.value / STEP, middle()),
    isLargest: computed(() => zoom.value >= LARGEST),
    isSmallest: computed(() => zoom.value <= 1),
  }
}
