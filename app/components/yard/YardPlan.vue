<script setup lang="ts">
import { shapeBounds, shapePieces } from '#core/ground/shape'
import type { Picture } from '#core/picture/picture'
import { spotDocument, yardOf, yardSize, type YardPlace } from '#core/garden/yard'
import { footprintM2, frontWidthM } from '#core/vessel/vessel'

const NuxtLinkComponent = resolveComponent('NuxtLink')
/** The yard seen from above, with what stands in it cut open at its place; free bays are dashed. Arranged by hand or by the arrow keys. */
const { store, standing, finished, now } = useGarden()
const { looks } = useLooks()
const { quantity } = useSay()
const arranging = ref(false)
const dragged = shallowRef<{ readonly key: string, readonly xM: number, readonly yM: number }>()

const places = computed(() =>
  yardOf(
    standing.value.map(({ batch }) => batch), finished.value.map(({ batch }) => batch), store.documents, now.value,
  ),
)
const shown = computed(() =>
  places.value.map(place => ({
    ...place,
    ...(dragged.value?.key === place.key ? dragged.value : {}),
    look: place.batch && looks.value.get(place.batch.id),
  })),
)
const size = computed(() => yardSize(places.value))
const ground = useTemplateRef<HTMLElement>('ground')
const { width } = useElementSize(ground)
/** All of the yard across the page, but never so small that nothing is seen. */
const px = computed(() => Math.min(104, Math.max(44, (width.value || 340) / size.value.widthM)))
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
    </p>
    <div
      ref="ground"
      class="overflow-x-auto mt-2"
    >
      <div
        class="relative yard-ground"
        :style="{
          width: `${size.widthM * px}px`,
          height: `${(TALLEST_M + size.depthM * SLANT) * px + 40}px`,
          backgroundSize: `${px}px ${px * SLANT}px`,
        }"
      >
        <div
          v-for="place in shown"
          :key="place.key"
          class="absolute"
          :class="arranging ? 'cursor-grab touch-none' : ''"
          :style="{ left: `${place.xM * px}px`, top: `${(TALLEST_M + place.yM * SLANT) * px}px`, zIndex: Math.round(place.yM * 10) }"
          :tabindex="arranging ? 0 : undefined"
          :role="arranging ? 'button' : undefined"
          :data-place="place.key"
          @keydown="byKey($event, place)"
          @pointerdown="take($event, place)"
        >
          <div class="relative">
            <svg
              class="block"
              :width="frontWidthM(place.vessel) * px"
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
            :style="{ width: `${Math.max(72, frontWidthM(place.vessel) * px)}px` }"
            :class="place.batch ? 'text-highlighted font-semibold' : 'aside-note'"
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
.yard-ground {
  background-image:
    linear-gradient(to right, var(--ui-border-muted) 1px, transparent 1px),
    linear-gradient(to bottom, var(--ui-border-muted) 1px, transparent 1px);
  border: 1px solid var(--ui-border);
}
</style>
