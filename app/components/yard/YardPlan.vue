<script setup lang="ts">
import { shapeBounds, shapePieces } from '#core/ground/shape'
import type { Picture } from '#core/picture/picture'
import { readableCaptions, type Box, type Caption } from '#core/garden/captions'
import { spotDocument, yardSize, type YardPlace } from '#core/garden/yard'
import { footprintM2, frontWidthM } from '#core/vessel/vessel'

const NuxtLinkComponent = resolveComponent('NuxtLink')
/**
 * The yard seen from above, with what stands in it cut open at its place; free bays are dashed. Two fingers or the keys at its corner
 * enlarge it, and names come as there is room for them. Arranged by hand or by the arrow keys.
 */
const { store } = useGarden()
const { places, seen } = useYard()
const { quantity } = useSay()
const arranging = ref(false)
const dragged = shallowRef<{ readonly key: string, readonly xM: number, readonly yM: number }>()

const shown = computed(() =>
  seen.value.map(place => ({ ...place, ...(dragged.value?.key === place.key ? dragged.value : {}) })),
)
const size = computed(() => yardSize(places.value))
const ground = useTemplateRef<HTMLElement>('ground')
const { width } = useElementSize(ground)
/** All of the yard across the page, and as much larger as it was drawn up to. */
const { zoom, larger, smaller, isLargest, isSmallest } = useZoom(ground)
const px = computed(() => Math.min(104, (width.value || 340) / size.value.widthM) * zoom.value)
/** Ground is seen at a slant: depth is drawn at so much of its length. */
const SLANT = 0.42
const TALLEST_M = 1.5
const depthOf = ({ vessel }: Pick<YardPlace, 'vessel'>) => footprintM2(vessel) / frontWidthM(vessel)
/** What an area is covered with, from above. */
const coverOf = ({ look }: { readonly look?: { readonly picture: Picture } | undefined }) =>
  look?.picture.parts.flatMap(part => (part.kind === 'fill' ? part.bands.slice(-1) : []))[0]?.family
const cornersOf = ({ ground, vessel }: YardPlace) => {
  const deep = depthOf({ vessel })
  return ground
    ? shapePieces(ground).map(corners =>
        corners
          .map(([x, y]) => `${x * px.value},${((shapeBounds(ground).depthM - y) * px.value * SLANT * deep) / shapeBounds(ground).depthM}`)
          .join(' '),
      )
    : []
}
const TONES = { good: 'text-primary', mind: 'text-warning', bad: 'text-error' } as const

/** As wide as its names reach. */
const widthPx = computed(() =>
  Math.max(size.value.widthM * px.value, ...shown.value.map(place => place.xM * px.value + captionPx(place) + 4)))
/** Bad news have their name first, then what stands nearest. */
const RANKS = { bad: 0, mind: 1, good: 2 } as const
const CAPTION = { leastPx: 72, letterPx: 7.6, linePx: 18 } as const
function captionPx({ vessel }: YardPlace): number {
  return Math.max(CAPTION.leastPx, frontWidthM(vessel) * px.value)
}
const drawingPx = (place: YardPlace) => frontWidthM(place.vessel) * px.value
const topPx = (place: YardPlace) => (TALLEST_M + place.yM * SLANT) * px.value
/** Small things are drawn larger than they are: as far up and to the sides as their drawing reaches. */
function drawingBox(place: (typeof shown.value)[number]): Box {
  const [width, deep] = [drawingPx(place), depthOf(place) * SLANT * px.value]
  const tall = place.ground ? 0 : (place.look?.picture.heightM ?? 0) * px.value
  return { xPx: place.xM * px.value, yPx: topPx(place) + deep - Math.max(deep, tall), widthPx: width, heightPx: Math.max(deep, tall) }
}
function captionBox(place: (typeof shown.value)[number]): Caption {
  const widthPx = captionPx(place)
  const linesOf = (text: string) => Math.ceil(Math.max(1, text.length * CAPTION.letterPx / widthPx))
  return {
    key: place.key, rank: place.look ? RANKS[place.look.standing.tone] : 3, widthPx, xPx: place.xM * px.value,
    yPx: topPx(place) + depthOf(place) * SLANT * px.value,
    heightPx: CAPTION.linePx * (linesOf(place.name) + linesOf(place.look?.standing.label ?? 'free')),
  }
}
const readable = computed(() =>
  readableCaptions(shown.value.map(captionBox), new Map(shown.value.map(place => [place.key, drawingBox(place)]))),
)

async function move(key: string, xM: number, yM: number): Promise<void> {
  const mine = { key, xM, yM }
  dragged.value = mine
  // From the first move on everything has its place: what comes later moves none of it.
  await store.write(places.value.map(place => spotDocument(place.key, place.key === key ? { xM, yM } : place)))
  // Whoever moves again while this is written keeps the new move under the hand.
  if (dragged.value === mine) dragged.value = undefined
}
const STEP_M = 0.25
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP_M, 0], ArrowRight: [STEP_M, 0], ArrowUp: [0, -STEP_M], ArrowDown: [0, STEP_M],
}
function byKey(event: KeyboardEvent, place: YardPlace): void {
  const arrow = arranging.value ? ARROWS[event.key] : undefined
  if (!arrow) return
  event.preventDefault()
  void move(place.key, Math.max(0, place.xM + arrow[0]), Math.max(0, place.yM + arrow[1]))
}
function take(event: PointerEvent, place: YardPlace): void {
  if (!arranging.value || !(event.currentTarget instanceof HTMLElement)) return
  const item = event.currentTarget
  const [fromX, fromY] = [event.clientX, event.clientY]
  const at = ({ clientX, clientY }: PointerEvent) => ({
    key: place.key, xM: Math.max(0, place.xM + (clientX - fromX) / px.value),
    yM: Math.max(0, place.yM + (clientY - fromY) / px.value / SLANT),
  })
  const drag = (moved: PointerEvent) => { dragged.value = at(moved) }
  const drop = (moved: PointerEvent) => {
    item.removeEventListener('pointermove', drag)
    const { key, xM, yM } = at(moved)
    void move(key, xM, yM)
  }
  item.setPointerCapture(event.pointerId)
  item.addEventListener('pointermove', drag)
  item.addEventListener('pointerup', drop, { once: true })
}
const told = (place: (typeof shown.value)[number]) =>
  `: ${quantity('length', place.xM)} from the left, ${quantity('length', place.yM)} from the back. The arrow keys move it.`
</script>

<template>
  <section aria-label="Plan of the yard">
    <p class="flex flex-wrap gap-3 items-center">
      <button
        type="button"
        class="label-button"
        :aria-pressed="arranging"
        data-arrange
        @click="arranging = !arranging"
      >
        <UIcon
          name="i-ph-arrows-out-cardinal"
          class="size-5"
        />
        {{ arranging ? 'It stands so' : 'Arrange it' }}
      </button>
      <span
        v-if="arranging"
        class="aside-note"
      >Drag each to where it stands, or use the arrow keys.</span>
      <span class="ml-auto flex gap-1">
        <button
          type="button"
          class="label-button !px-3"
          aria-label="smaller plan"
          :disabled="isSmallest"
          @click="smaller"
        >
          <UIcon
            name="i-ph-minus"
            class="size-5"
          />
        </button>
        <button
          type="button"
          class="label-button !px-3"
          aria-label="larger plan"
          data-larger
          :disabled="isLargest"
          @click="larger"
        >
          <UIcon
            name="i-ph-plus"
            class="size-5"
          />
        </button>
      </span>
    </p>
    <div
      ref="ground"
      class="overflow-auto mt-2 max-h-[75dvh] touch-pan-x touch-pan-y"
      tabindex="0"
      role="region"
      aria-label="Plan, moved by dragging"
    >
      <div
        class="relative yard-ground"
        :style="{
          width: `${widthPx}px`,
          height: `${(TALLEST_M + size.depthM * SLANT) * px + 40}px`,
          backgroundSize: `${px}px ${px * SLANT}px`,
        }"
      >
        <div
          v-for="place in shown"
          :key="place.key"
          class="absolute"
          :class="arranging ? 'cursor-grab touch-none' : ''"
          :style="{ left: `${place.xM * px}px`, top: `${topPx(place)}px`, zIndex: Math.round(place.yM * 10) }"
          :tabindex="arranging ? 0 : undefined"
          :role="arranging ? 'button' : undefined"
          :data-place="place.key"
          @keydown="byKey($event, place)"
          @pointerdown="take($event, place)"
        >
          <div class="relative">
            <svg
              class="block"
              :width="drawingPx(place)"
              :height="depthOf(place) * SLANT * px"
              aria-hidden="true"
            >
              <template v-if="place.ground">
                <polygon
                  v-for="points in cornersOf(place)"
                  :key="points"
                  :points="points"
                  :fill="place.batch ? coverOf(place) ? `url(#hatch-${coverOf(place)})` : 'var(--ground)' : 'none'"
                  stroke="var(--ui-border-accented)"
                  stroke-width="1.5"
                  :stroke-dasharray="place.batch ? undefined : '5 4'"
                />
              </template>
              <component
                :is="place.vessel.shape === 'cylinder' ? 'ellipse' : 'rect'"
                v-else
                v-bind="
                  place.vessel.shape === 'cylinder'
                    ? { cx: '50%', cy: '50%', rx: '48%', ry: '46%' }
                    : { x: 1, y: 1, width: '97%', height: '94%' }
                "
                :fill="place.batch ? 'var(--ground)' : 'none'"
                :fill-opacity="place.batch ? 0.5 : 0"
                stroke="var(--ui-border-accented)"
                stroke-width="1.5"
                :stroke-dasharray="place.batch ? undefined : '5 4'"
              />
            </svg>
            <PictureDrawing
              v-if="place.look && !place.ground"
              class="absolute bottom-0 left-1/2 -translate-x-1/2 !max-w-none pointer-events-none"
              :picture="place.look.picture"
              :px-per-metre="px"
              when-seen
            />
          </div>
          <component
            :is="place.batch && !arranging ? NuxtLinkComponent : 'span'"
            :to="place.batch && !arranging ? `/batch/${place.batch.id}` : undefined"
            class="relative block text-center leading-tight text-[0.82rem] min-w-16 min-h-11 wrap-anywhere bg-default/75 rounded-sm"
            :style="{ width: `${captionPx(place)}px` }"
            :class="[
              place.batch ? 'text-highlighted font-semibold' : 'aside-note',
              readable.has(place.key) || arranging ? '' : 'caption-waits',
            ]"
            data-caption
          >
            {{ place.name }}<span
              v-if="arranging"
              class="sr-only"
            >{{ told(place) }}</span><span
              v-if="place.look"
              class="block font-normal"
              :class="TONES[place.look.standing.tone]"
            >{{ place.look.standing.label }}</span><span
              v-else-if="!place.batch"
              class="block"
            >free</span>
          </component>
        </div>
      </div>
    </div>
  </section>
</template>

<style scoped>
/* There for the finger and for a screen reader, unseen until the plan is large enough. */
.caption-waits { opacity: 0; background: none; }
.caption-waits:focus-visible { opacity: 1; background: var(--ui-bg); z-index: 50; }
.yard-ground {
  background-image:
    linear-gradient(to right, var(--ui-border-muted) 1px, transparent 1px),
    linear-gradient(to bottom, var(--ui-border-muted) 1px, transparent 1px);
  border: 1px solid var(--ui-border);
}
</style>
