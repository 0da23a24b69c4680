<script setup lang="ts">
import type { Corner } from '#core/ground/outline'
import { isGround, OUTLINE_LIMITS } from '#core/ground/shape'

/**
 * An outline drawn by its corners: dragged, moved by the arrow keys, or typed; each side says how long it is. A half-drawn one
 * that bounds nothing is shown, and not taken.
 */
const { highM = 100 } = defineProps<{ highM?: number }>()
const model = defineModel<readonly Corner[]>({ required: true })
const { quantity } = useSay()

/** Plain corners: those of the plan are watched, and what is watched cannot be kept. */
const plain = (corners: readonly Corner[]) => corners.map(([x, y]): Corner => [x, y])
const drawn = shallowRef(plain(model.value))
watch(model, (fresh) => { drawn.value = plain(fresh) })
const chosen = ref(0)
const STEP_M = 0.1
const snapped = (metres: number) => Math.round(Math.min(highM, Math.max(-highM, metres)) / STEP_M) * STEP_M
const round = (metres: number) => Math.round(metres * 100) / 100
function set(corners: Corner[]): void {
  drawn.value = corners
  if (isGround(corners)) model.value = corners
}
const move = (at: number, x: number, y: number) =>
  set(drawn.value.map((corner, index): Corner => (index === at ? [round(x), round(y)] : corner)))
/** A new corner in the middle of a side. */
function split(at: number): void {
  const [from, to] = [drawn.value[at]!, drawn.value[(at + 1) % drawn.value.length]!]
  set([...drawn.value.slice(0, at + 1), [round((from[0] + to[0]) / 2), round((from[1] + to[1]) / 2)], ...drawn.value.slice(at + 1)])
  chosen.value = at + 1
}
function drop(): void {
  set(drawn.value.filter((_, index) => index !== chosen.value))
  chosen.value = 0
}
const box = computed(() => {
  const [xs, ys] = [drawn.value.map(([x]) => x), drawn.value.map(([, y]) => y)]
  const [left, right, front, back] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const room = 0.25 * Math.max(right - left, back - front, 1)
  return { x: left - room, y: -back - room, width: right - left + 2 * room, height: back - front + 2 * room }
})
/** While one is dragged the paper holds still. */
const held = shallowRef<typeof box.value>()
const paper = computed(() => held.value ?? box.value)
const unit = computed(() => Math.max(paper.value.width, paper.value.height) / 100)
const sides = computed(() => drawn.value.map((from, at) => {
  const to = drawn.value[(at + 1) % drawn.value.length]!
  return { at, x: (from[0] + to[0]) / 2, y: -(from[1] + to[1]) / 2, text: quantity('length', Math.hypot(to[0] - from[0], to[1] - from[1])) }
}))
const svg = useTemplateRef<SVGSVGElement>('svg')
function take(event: PointerEvent, at: number): void {
  chosen.value = at
  const handle = event.currentTarget
  if (!(handle instanceof SVGElement) || !svg.value) return
  held.value = box.value
  const { left, top, width, height } = svg.value.getBoundingClientRect()
  const drag = (moved: PointerEvent) =>
    move(
      at, snapped(paper.value.x + ((moved.clientX - left) / width) * paper.value.width),
      snapped(-(paper.value.y + ((moved.clientY - top) / height) * paper.value.height)),
    )
  const letGo = () => {
    handle.removeEventListener('pointermove', drag)
    held.value = undefined
  }
  handle.setPointerCapture(event.pointerId)
  handle.addEventListener('pointermove', drag)
  handle.addEventListener('pointerup', letGo, { once: true })
  handle.addEventListener('pointercancel', letGo, { once: true })
}
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP_M, 0], ArrowRight: [STEP_M, 0], ArrowUp: [0, STEP_M], ArrowDown: [0, -STEP_M],
}
function byKey(event: KeyboardEvent, at: number): void {
  const arrow = ARROWS[event.key]
  if (!arrow) return
  event.preventDefault()
  move(at, drawn.value[at]![0] + arrow[0], drawn.value[at]![1] + arrow[1])
}
const corner = computed(() => drawn.value[chosen.value] ?? drawn.value[0]!)
const limits = computed(() => ({ quantity: 'length' as const, min: -highM, max: highM, step: 10 }))
</script>

<template>
  <div
    class="space-y-2"
    data-outline
  >
    <svg
      ref="svg"
      role="group"
      aria-label="Outline: drag its corners, or move them with the arrow keys"
      :viewBox="`${paper.x} ${paper.y} ${paper.width} ${paper.height}`"
      class="w-full max-w-md h-auto touch-none outline-paper"
    >
      <polygon
        :points="drawn.map(([x, y]) => `${x},${-y}`).join(' ')"
        fill="var(--ground)"
        fill-opacity="0.45"
        stroke="var(--ui-text-highlighted)"
        :stroke-width="unit * 0.8"
        stroke-linejoin="round"
      />
      <text
        v-for="side in sides"
        :key="`side-${side.at}`"
        :x="side.x"
        :y="side.y - unit * 1.4"
        text-anchor="middle"
        :font-size="unit * 4.6"
        font-weight="600"
        fill="var(--ui-text-highlighted)"
        paint-order="stroke"
        stroke="var(--ui-bg)"
        :stroke-width="unit * 1.6"
      >{{ side.text }}</text>
      <circle
        v-for="side in sides"
        :key="`middle-${side.at}`"
        :cx="side.x"
        :cy="side.y"
        :r="unit * 2"
        fill="var(--ui-bg)"
        stroke="var(--ui-text-muted)"
        :stroke-width="unit * 0.5"
        class="cursor-copy"
        aria-hidden="true"
        @click="drawn.length < OUTLINE_LIMITS.most && split(side.at)"
      />
      <circle
        v-for="([x, y], at) in drawn"
        :key="`corner-${at}`"
        :cx="x"
        :cy="-y"
        :r="unit * 4.2"
        :fill="at === chosen ? 'var(--ui-primary)' : 'var(--ui-bg)'"
        stroke="var(--ui-text-highlighted)"
        :stroke-width="unit * 0.8"
        tabindex="0"
        role="button"
        :aria-pressed="at === chosen"
        :aria-label="`Corner ${at + 1}: ${quantity('length', x)} to the right, ${quantity('length', y)} back`"
        class="cursor-grab"
        :data-corner="at + 1"
        @focus="chosen = at"
        @pointerdown="take($event, at)"
        @keydown="byKey($event, at)"
      />
    </svg>
    <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
      <QuantityNumber
        v-bind="limits"
        :model-value="corner[0]"
        :label="`Corner ${chosen + 1}, to the right`"
        @update:model-value="x => move(chosen, x, corner[1])"
      />
      <QuantityNumber
        v-bind="limits"
        :model-value="corner[1]"
        :label="`Corner ${chosen + 1}, back`"
        @update:model-value="y => move(chosen, corner[0], y)"
      />
      <button
        type="button"
        class="label-button"
        :disabled="drawn.length >= OUTLINE_LIMITS.most"
        @click="split(chosen)"
      >
        A corner after it
      </button>
      <button
        type="button"
        class="label-button"
        :disabled="drawn.length <= OUTLINE_LIMITS.fewest"
        @click="drop"
      >
        Without this corner
      </button>
    </div>
  </div>
</template>

<style scoped>
.outline-paper {
  border: 1px solid var(--ui-border);
  background: var(--ui-bg-muted);
}
</style>
