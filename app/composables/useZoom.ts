import { PinchGesture } from '@use-gesture/vanilla'

const LARGEST = 6
const STEP = 1.5
type Point = readonly [x: number, y: number]

/**
 * How much larger something is drawn than it fits its frame: by two fingers, by the wheel with its key held, or by steps. What is under
 * the fingers stays there.
 */
export function useZoom(frame: Ref<HTMLElement | null>) {
  const zoom = ref(1)
  const within = (wanted: number) => Math.min(LARGEST, Math.max(1, wanted))

  /** What lies under a point of the frame, in widths of the drawing as it fits. */
  function under([x, y]: Point): Point {
    const { scrollLeft = 0, scrollTop = 0 } = frame.value ?? {}
    return [(scrollLeft + x) / zoom.value, (scrollTop + y) / zoom.value]
  }
  async function to(wanted: number, [x, y]: Point, [heldX, heldY]: Point): Promise<void> {
    zoom.value = within(wanted)
    await nextTick()
    frame.value?.scrollTo({ left: heldX * zoom.value - x, top: heldY * zoom.value - y, behavior: 'instant' })
  }
  function step(factor: number): void {
    const middle: Point = [(frame.value?.clientWidth ?? 0) / 2, (frame.value?.clientHeight ?? 0) / 2]
    void to(zoom.value * factor, middle, under(middle))
  }

  let held: Point | undefined
  watch(frame, (element, _, done) => {
    if (!element) return
    const gesture = new PinchGesture(element, ({ offset: [wanted], origin: [x, y], first, last }) => {
      const { left, top } = element.getBoundingClientRect()
      const at: Point = [x - left, y - top]
      if (first || !held) held = under(at)
      void to(wanted, at, held)
      if (last) held = undefined
    }, { eventOptions: { passive: false }, scaleBounds: { min: 1, max: LARGEST }, from: () => [zoom.value, 0] })
    done(() => gesture.destroy())
  })
  return {
    zoom,
    larger: () => step(STEP),
    smaller: () => step(1 / STEP),
    isLargest: computed(() => zoom.value >= LARGEST),
    isSmallest: computed(() => zoom.value <= 1),
  }
}
