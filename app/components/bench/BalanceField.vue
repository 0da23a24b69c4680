<script setup lang="ts">
import { ratioText } from '#core/units/format'
import type { Comfort } from '#core/mix/judgement'
import type { Ingredient } from '#core/mix/portion'
import { pullEnd, pullPath } from '#core/mix/pull'
import type { MixRanges } from '#core/mix/ranges'
import { cloudDots, farRatio, fieldPoints, fieldScale, NARROW, WIDE } from './field'
import { nearestCount, pathPoints, placeOf, pulledCount, pullStep, tickCounts } from './pull'

/** Another mix shown beside this one: a rule of thumb, an answer. */
export interface Ghost {
  readonly id: string
  readonly mark: string
  readonly label: string
  readonly carbonToNitrogen: number
  readonly moistureFraction: number
}

/**
 * Carbon to nitrogen across, moisture up: every ingredient, the mix, where it is comfortable and how sure that is.
 * Each ingredient can be pulled: the mix then runs along its path.
 */
const { ingredients, ranges, comfort, dryMoisture, ghosts = [] } = defineProps<{
  ingredients: readonly Ingredient[]
  ranges: MixRanges
  comfort: Comfort
  /** Moisture before water is added. */
  dryMoisture: number
  ghosts?: readonly Ghost[]
}>()
const emit = defineEmits<{ pull: [materialId: string, count: number] }>()
const { amount } = useSay()

const narrow = useMediaQuery('(max-width: 639px)')
const scale = computed(() => fieldScale(narrow.value ? NARROW : WIDE, farRatio(ingredients)))
const frame = computed(() => scale.value.frame)
const points = computed(() => fieldPoints(ingredients, scale.value))
const mix = computed(() => ({
  x: scale.value.ratioX(ranges.typical.availableCarbonToNitrogen),
  y: scale.value.moistureY(ranges.typical.moistureFraction),
  dryY: scale.value.moistureY(dryMoisture),
}))
const dots = computed(() => cloudDots(ranges, scale.value, 14))
/** From left to right, so that their marks can stand above and below in turn. */
const haunts = computed(() =>
  ghosts
    .map(ghost => ({ ...ghost, x: scale.value.ratioX(ghost.carbonToNitrogen), y: scale.value.moistureY(ghost.moistureFraction) }))
    .sort((a, b) => a.x - b.x),
)
const percent = (fraction: number) => `${Math.round(fraction * 100)} %`
const described = computed(() => {
  const { availableCarbonToNitrogen: ratio, moistureFraction: moisture } = ranges.of
  return `What decays of the mix stands at ${Math.round(ratio.typical)} to 1 (${Math.round(ratio.low)} to ${Math.round(ratio.high)}), `
    + `and it holds ${percent(moisture.typical)} moisture. Comfortable is ${comfort.carbonToNitrogen.low} to `
    + `${comfort.carbonToNitrogen.high} to 1 and ${percent(comfort.moistureFraction.low)} to ${percent(comfort.moistureFraction.high)}.`
})
const watered = computed(() => mix.value.dryY - mix.value.y > 8)
const labels = computed(() => points.value.map(({ x, y, radius }, index) => {
  // A label goes to the left when another point or the right edge would cover it.
  const crowded = points.value.some((other, at) => at !== index && other.x > x && other.x - x < 110 && Math.abs(other.y - y) < 18)
  return x > frame.value.width - frame.value.right - 110 || crowded
    ? { x: x - radius - 5, anchor: 'end' as const }
    : { x: x + radius + 5, anchor: 'start' as const }
}))
const saidOf = ({ material, amount: { count, container } }: Ingredient) =>
  `${amount(count, container)} of ${material.short}; the mix at ${Math.round(ranges.typical.availableCarbonToNitrogen)} to 1, `
  + `${percent(ranges.typical.moistureFraction)} moisture`

/** What is being pulled, and how far its path runs; that stays while it is held, so that the path does not run away. */
const taken = shallowRef<{ readonly id: string, readonly end: number }>()
const pulled = computed(() => {
  const index = ingredients.findIndex(({ material }) => material.id === taken.value?.id)
  const ingredient = ingredients[index]
  if (!ingredient || !taken.value) return undefined
  const path = pathPoints(pullPath(ingredients, index, comfort, taken.value.end), scale.value)
  const ticks = tickCounts(taken.value.end).flatMap((count) => {
    const place = placeOf(path, count)
    return place ? [{ count, ...place }] : []
  })
  return { ingredient, path, ticks, line: path.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join(' ') }
})

function take(id: string): void {
  const ingredient = ingredients.find(({ material }) => material.id === id)
  if (ingredient && (taken.value?.id !== id || ingredient.amount.count > taken.value.end)) taken.value = { id, end: pullEnd(ingredient) }
}
const countOf = (id: string) => ingredients.find(({ material }) => material.id === id)?.amount.count ?? 0
const set = (id: string, count: number) => emit('pull', id, Math.min(taken.value?.end ?? count, pulledCount(count)))
function step(id: string, by: number): void {
  take(id)
  set(id, countOf(id) + by * pullStep(countOf(id) + (by < 0 ? -0.01 : 0)))
}

const svg = useTemplateRef<SVGSVGElement>('field')
/** From where a finger took hold to where the mix stood: the mix follows the finger by the same way. */
let held: { readonly dx: number, readonly dy: number } | undefined
function toField(event: PointerEvent): { x: number, y: number } {
  const box = svg.value?.getBoundingClientRect()
  const per = box && box.width > 0 ? frame.value.width / box.width : 1
  return { x: (event.clientX - (box?.left ?? 0)) * per, y: (event.clientY - (box?.top ?? 0)) * per }
}
function grab(id: string | undefined, event: PointerEvent): void {
  if (!id || event.button !== 0) return
  take(id)
  const at = toField(event)
  held = { dx: mix.value.x - at.x, dy: mix.value.y - at.y }
  svg.value?.setPointerCapture(event.pointerId)
}
function move(event: PointerEvent): void {
  if (!held || !pulled.value || !taken.value) return
  const at = toField(event)
  set(taken.value.id, nearestCount(pulled.value.path, at.x + held.dx, at.y + held.dy))
}
function letGo(): void {
  held = undefined
}
</script>

<template>
  <figure>
    <svg
      ref="field"
      role="group"
      :aria-label="described"
      :viewBox="`0 0 ${frame.width} ${frame.height}`"
      class="w-full h-auto select-none"
      @pointermove="move"
      @pointerup="letGo"
      @pointercancel="letGo"
    >
      <FieldGround
        :scale="scale"
        :comfort="comfort"
        :wettest="ranges.typical.workableMoisture"
        :narrow="narrow"
      />
      <circle
        v-for="(dot, index) in dots"
        :key="`dot-${index}`"
        :cx="dot.x"
        :cy="dot.y"
        r="2"
        fill="var(--ui-text)"
        opacity="0.16"
      />
      <line
        v-for="point in points"
        :key="`pull-${point.id}`"
        :x1="point.x"
        :y1="point.y"
        :x2="mix.x"
        :y2="mix.dryY"
        stroke="var(--ui-text-muted)"
        stroke-width="1.2"
        opacity="0.6"
      />
      <g v-if="pulled">
        <path
          :d="pulled.line"
          fill="none"
          stroke="var(--ui-secondary)"
          stroke-width="4"
          stroke-linecap="round"
          stroke-linejoin="round"
          opacity="0.75"
          data-path
        />
        <g
          v-for="tick in pulled.ticks"
          :key="tick.count"
        >
          <line
            :x1="tick.x"
            :x2="tick.x"
            :y1="tick.y - 6"
            :y2="tick.y + 6"
            stroke="var(--ui-secondary)"
            stroke-width="2"
          />
        </g>
        <text
          v-for="tick in [pulled.ticks[0], pulled.ticks.at(-1)].filter(one => one !== undefined)"
          :key="`end-${tick.count}`"
          :x="tick.x"
          :y="tick.y + 22"
          text-anchor="middle"
          font-size="13"
          fill="var(--ui-text-highlighted)"
          paint-order="stroke"
          stroke="var(--sky)"
          stroke-width="4"
        >{{ tick.count }}</text>
      </g>
      <FieldIngredient
        v-for="(point, index) in points"
        :key="point.id"
        :point="point"
        :label="labels[index] ?? { x: point.x, anchor: 'start' }"
        :pulled="taken?.id === point.id"
        :count="countOf(point.id)"
        :end="taken?.id === point.id ? taken.end : pullEnd(ingredients[index]!)"
        :said="saidOf(ingredients[index]!)"
        @take="take(point.id)"
        @grab="event => grab(point.id, event)"
        @step="by => step(point.id, by)"
        @to="count => { take(point.id); set(point.id, count) }"
      />
      <g
        v-for="(ghost, index) in haunts"
        :key="ghost.id"
        data-ghost
      >
        <path
          :d="`M${ghost.x} ${ghost.y - 9} l9 9 l-9 9 l-9 -9z`"
          fill="var(--sky)"
          fill-opacity="0.8"
          stroke="var(--ui-text-highlighted)"
          stroke-width="1.6"
          stroke-dasharray="3 2"
        />
        <text
          :x="ghost.x"
          :y="ghost.y + (index % 2 === 0 ? -14 : 24)"
          text-anchor="middle"
          font-size="14"
          font-weight="600"
          fill="var(--ui-text-highlighted)"
          paint-order="stroke"
          stroke="var(--sky)"
          stroke-width="4"
        >{{ ghost.mark }}</text>
      </g>
      <g v-if="watered">
        <line
          :x1="mix.x"
          :x2="mix.x"
          :y1="mix.dryY"
          :y2="mix.y + 12"
          stroke="var(--ui-info)"
          stroke-width="3"
        />
        <circle
          :cx="mix.x"
          :cy="mix.dryY"
          r="4"
          fill="var(--ui-info)"
        />
      </g>
      <g
        class="mix-point"
        data-mix
        @pointerdown="event => grab(taken?.id, event)"
      >
        <circle
          v-if="pulled"
          :cx="mix.x"
          :cy="mix.y"
          r="26"
          fill="transparent"
        />
        <path
          :d="`M${mix.x} ${mix.y - 12} l12 12 l-12 12 l-12 -12z`"
          fill="var(--ui-text-highlighted)"
          :stroke="pulled ? 'var(--ui-secondary)' : 'var(--sky)'"
          :stroke-width="pulled ? 4 : 2.5"
        />
      </g>
    </svg>
    <figcaption class="mt-1">
      <p
        v-if="pulled"
        data-pulled
      >
        <strong class="font-semibold">{{ amount(pulled.ingredient.amount.count, pulled.ingredient.amount.container) }} of
          {{ pulled.ingredient.material.short }}</strong>: {{ ratioText(ranges.typical.availableCarbonToNitrogen) }}, {{
            percent(ranges.typical.moistureFraction) }} moist.
        <span class="aside-note">Pull it or the mix along the line.</span>
        <button
          type="button"
          class="tap underline underline-offset-3 decoration-dotted ml-1"
          @click="taken = undefined"
        >
          let go
        </button>
      </p>
      <p class="aside-note">
        <span class="inline-block size-3 rotate-45 bg-inverted ml-1 mr-1.5 align-baseline" />the mix{{ watered ? ', watered' : '' }}; dots:
        how sure; patch: best; dashed: still works{{ pulled ? '' : '. Pull an ingredient to see where it leads' }}
      </p>
    </figcaption>
    <ul class="sr-only">
      <li
        v-for="{ material } in ingredients"
        :key="material.id"
      >
        {{ material.short }}: {{ material.carbonToNitrogen.typical }} to 1 ({{ material.carbonToNitrogen.low }} to
        {{ material.carbonToNitrogen.high }}), {{ percent(material.moistureFraction.typical) }} moisture
      </li>
      <li
        v-for="ghost in ghosts"
        :key="ghost.id"
      >
        {{ ghost.mark }}, {{ ghost.label }}: {{ Math.round(ghost.carbonToNitrogen) }} to 1, {{ percent(ghost.moistureFraction) }} moisture
      </li>
    </ul>
  </figure>
</template>

<style scoped>
.mix-point { cursor: grab; touch-action: none; }
</style>
