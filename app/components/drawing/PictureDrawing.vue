<script setup lang="ts">
import type { Picture, Primitive } from '#core/picture/picture'
import { pictureWords } from '#core/picture/words'
import type { Vessel } from '#core/vessel/vessel'

/** Something cut open, to scale: whatever primitives its picture lists. From thumbnail to full picture. */
const props = withDefaults(defineProps<{
  picture: Picture
  label?: string
  pxPerMetre?: number
  /** With a ruler and the marks that need room. */
  detail?: boolean
  /** Its place is kept, and it is drawn when it comes into view: of many drawings only those cost that are looked at. */
  whenSeen?: boolean
}>(), { label: '', pxPerMetre: 70, detail: false, whenSeen: false })

const { units, quantity } = useUnits()
const MARGIN_CM = 14
const GROUND_CM = 13

/** Small things are drawn larger, so that a bucket can be seen beside a bay. */
const scale = computed(() => Math.max(1, Math.min(3, 0.75 / props.picture.widthM, 1.2 / props.picture.heightM)))
const widthCm = computed(() => props.picture.widthM * 100)
const topCm = computed(() => props.picture.heightM * 100 + 12)
const margin = computed(() => MARGIN_CM / scale.value)
const ground = computed(() => GROUND_CM / scale.value)
const rulerCm = computed(() => props.detail ? 34 / scale.value : 0)
const box = computed(() => ({
  x: -margin.value, y: -topCm.value, width: widthCm.value + 2 * margin.value + rulerCm.value, height: topCm.value + ground.value,
}))
type Part<K extends Primitive['kind']> = Extract<Primitive, { kind: K }>
const of = <K extends Primitive['kind']>(kind: K) => props.picture.parts.filter((part): part is Part<K> => part.kind === kind)
const vessel = computed<Vessel>(
  () =>
    of('walls')[0]?.vessel ?? {
      id: 'open', name: '', wall: 'none', shape: 'box', widthM: props.picture.widthM, depthM: props.picture.widthM,
      heightM: props.picture.heightM,
    },
)
const marks = computed(() => props.detail ? of('mark') : [])
const step = computed(() => props.picture.heightM > 0.6 ? 20 : 5)
const ticks = computed(() =>
  Array.from({ length: Math.floor(topCm.value / step.value) + 1 }, (_, index) => index * step.value).filter(
    tick => tick > 0 && tick <= topCm.value - 8 / scale.value,
  ),
)
const frameCorners = ({ xM, yM, widthM, frontM, backM }: Part<'frame'>) =>
  [
    [xM, yM], [xM, yM + frontM], [xM + widthM, yM + backM], [xM + widthM, yM],
  ]
    .map(([x, y]) => `${x! * 100},${-y! * 100}`)
    .join(' ')
const flecks = computed(() =>
  Array.from({ length: Math.round(box.value.width * scale.value / 9) }, (_, at) => {
    const radius = (0.7 + (at + 1) % 3 * 0.3) / scale.value
    const [x, y] = [box.value.x + ((at + 1) * 9 - 4) / scale.value, (4 + (at + 1) * 37 % 7) / scale.value]
    return `M${x - radius} ${y}a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0`
  }).join(''),
)
const drawing = useTemplateRef<SVGElement>('drawing')
const seen = ref(!props.whenSeen)
const { stop: lookAway } = useIntersectionObserver(() => seen.value ? null : drawing.value, ([entry]) => {
  if (!entry?.isIntersecting) return
  seen.value = true
  lookAway()
}, { rootMargin: '120px' })
useEventListener('beforeprint', () => { seen.value = true })
const words = computed(() => props.label || pictureWords(props.picture, units.value))
</script>

<template>
  <svg
    ref="drawing"
    role="img"
    :aria-label="words"
    :viewBox="`${box.x} ${box.y} ${box.width} ${box.height}`"
    :width="box.width * pxPerMetre * scale / 100"
    :height="box.height * pxPerMetre * scale / 100"
    class="max-w-full h-auto"
  >
    <template v-if="seen">
      <FillPart
        v-for="fill in of('fill')"
        :key="fill.kind"
        :vessel="fill.cut ? { ...vessel, wall: 'boards' } : vessel"
        :fill="fill"
        :fading="of('fading')[0]"
        :glow="of('glow')[0]"
        :shell="of('shell')[0]"
      />
      <LiquidPart
        v-for="liquid in of('liquid')"
        :key="liquid.kind"
        :width-cm="widthCm"
        :liquid="liquid"
        :foam="of('foam')[0]"
      />
      <PocketPart
        v-for="(pocket, index) in of('pocket')"
        :key="`pocket-${index}`"
        :pocket="pocket"
        :top-cm="topCm - 12"
      />
      <line
        v-for="(channel, index) in of('channel')"
        :key="`channel-${index}`"
        :x1="widthCm / 2 + channel.channel.xM * 100"
        :x2="widthCm / 2 + channel.channel.xM * 100"
        y1="0"
        :y2="-channel.heightM * 100"
        stroke="var(--sky)"
        :stroke-width="channel.channel.diameterM * 100"
        stroke-dasharray="4 3"
      />
      <g
        v-for="frame in of('frame')"
        :key="frame.said"
        stroke="var(--ui-text-highlighted)"
        :stroke-width="1.4 / scale"
        stroke-linejoin="round"
      >
        <polygon
          :points="frameCorners(frame)"
          fill="var(--sky)"
          fill-opacity="0.35"
        />
        <line
          :x1="frame.xM * 100 - 4"
          :x2="(frame.xM + frame.widthM) * 100 + 4"
          :y1="-(frame.yM + frame.frontM) * 100"
          :y2="-(frame.yM + frame.backM) * 100"
          :stroke-width="3 / scale"
        />
      </g>
      <line
        v-for="level in of('level')"
        :key="level.said"
        x1="0"
        :x2="widthCm"
        :y1="-level.yM * 100"
        :y2="-level.yM * 100"
        stroke="var(--ui-text-muted)"
        :stroke-width="1 / scale"
        :stroke-dasharray="`${5 / scale} ${4 / scale}`"
      />
      <WallsPart
        v-if="of('walls').length > 0"
        :vessel="vessel"
        :scale="scale"
      />
      <template v-if="of('soil').length > 0">
        <rect
          :x="box.x"
          y="0"
          :width="box.width"
          :height="ground"
          fill="var(--ground)"
        />
        <path
          :d="flecks"
          fill="var(--ground-fleck)"
        />
      </template>
      <g
        v-if="detail"
        :font-size="7.5 / scale"
        fill="var(--ui-text-muted)"
      >
        <g
          v-for="tick in ticks"
          :key="tick"
        >
          <line
            :x1="widthCm + margin + 1 / scale"
            :x2="widthCm + margin + (tick % (5 * step) === 0 ? 9 : 5) / scale"
            :y1="-tick"
            :y2="-tick"
            stroke="var(--ui-text-muted)"
            :stroke-width="0.8 / scale"
          />
          <text
            v-if="tick % (2 * step) === 0"
            :x="widthCm + margin + 11 / scale"
            :y="-tick + 2.6 / scale"
          >{{ quantity('length', tick / 100) }}</text>
        </g>
      </g>
      <g
        v-for="(mark, index) in marks"
        :key="`mark-${index}`"
        :font-size="11 / scale"
        font-weight="700"
        text-anchor="middle"
      >
        <rect
          :x="mark.xM * 100 - 24 / scale"
          :y="-mark.yM * 100 - 9 / scale"
          :width="48 / scale"
          :height="17 / scale"
          :rx="2 / scale"
          fill="var(--sky)"
          stroke="var(--ui-text-highlighted)"
          :stroke-width="0.8 / scale"
        />
        <text
          :x="mark.xM * 100"
          :y="-mark.yM * 100 + 3.6 / scale"
          fill="var(--ui-text-highlighted)"
        >{{ mark.temperatureC === undefined ? mark.text : quantity('temperature', mark.temperatureC) }}</text>
      </g>
    </template>
  </svg>
</template>
