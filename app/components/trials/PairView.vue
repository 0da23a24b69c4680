<script setup lang="ts">
import type { Chart } from '#core/methods/contract'
import { sameTime } from '#core/side-by-side/pictures'
import { unequalStarts } from '#core/side-by-side/starts'
import { quantityWords, senseWords, type PairRead } from '#core/side-by-side/readout'

/** A pair drawn beside each other, how unequally it began, and what was found of both. */
const { read } = defineProps<{ read: PairRead }>()
const BatchChart = defineAsyncComponent(() => import('../batch/BatchChart.vue'))
const { surroundings, units, materials } = useGarden()
const sides = computed(() => [read.pair.with, read.pair.without].map((side, index) => ({
  ...side,
  label: index === 0 ? 'with' : 'without',
  picture: side.method.life.picture(side.batch, surroundings.value),
  standing: side.method.life.standing(side.batch, surroundings.value),
})))
const starts = computed(() => unequalStarts(read.pair, materials.value, units.value))
/** Both in one chart: dots of the one, squares of the other. */
const charts = computed(() => read.quantities.flatMap(({ quantity }): Chart[] => {
  if (quantity.unit === 'none') return []
  const points = (side: typeof read.pair.with) =>
    (side.batch.gauged[quantity.id] ?? [])
      .filter(({ spot }) => spot === quantity.spots[0].id)
      .map(({ at, value }) => ({ at: Date.parse(at), value }))
  return [{
    id: `both-${quantity.id}`, title: `${quantity.label} of both`, unit: quantity.unit, expected: [], atStart: [], marks: [],
    dots: [
      { name: read.pair.without.batch.name, main: false, points: points(read.pair.without) },
      { name: read.pair.with.batch.name, main: true, points: points(read.pair.with) },
    ],
  }]
}))
const pictures = computed(() => sameTime(read.pair.with.batch.photos, read.pair.without.batch.photos))
const ended = computed(() => Boolean(read.pair.with.batch.ended && read.pair.without.batch.ended))
</script>

<template>
  <div data-pair>
    <ul class="grid grid-cols-2 gap-4 items-end max-w-3xl">
      <li
        v-for="side in sides"
        :key="side.batch.id"
        class="min-w-0"
      >
        <PictureDrawing
          :picture="side.picture"
          :px-per-metre="120"
        />
        <p class="leading-snug">
          <NuxtLink
            :to="`/batch/${side.batch.id}`"
            class="tap inline-flex items-center font-semibold underline underline-offset-3 decoration-dotted"
          >{{ side.batch.name }}</NuxtLink>
          <span class="block aside-note">{{ side.label }}; {{ side.standing.label.toLowerCase() }}</span>
        </p>
      </li>
    </ul>
    <PhotoPair
      v-if="pictures"
      :key="pictures.left.photoId"
      class="mt-3"
      :start="pictures"
      :left="{ label: 'with', photos: read.pair.with.batch.photos }"
      :right="{ label: 'without', photos: read.pair.without.batch.photos }"
    />
    <p
      v-if="starts.length > 0"
      class="mt-2"
      data-unequal
    >
      <strong class="font-semibold">Unequal from the start:</strong> {{ starts.join(' ') }} Each may be the reason as well.
    </p>
    <ul
      class="mt-2 space-y-1"
      data-found
    >
      <li
        v-for="row in read.quantities"
        :key="row.quantity.id"
      >
        {{ quantityWords(row, read.pair, units) }}
      </li>
      <li
        v-for="row in read.senses"
        :key="row.sense.id"
      >
        {{ senseWords(row, read.pair) }}
      </li>
    </ul>
    <figure
      v-for="chart in charts"
      :key="chart.id"
      class="mt-3"
    >
      <figcaption class="font-semibold">
        {{ chart.title }}
      </figcaption>
      <BatchChart
        :chart="chart"
        :ended="ended"
      />
      <ChartTable :chart="chart" />
      <ChartKey :chart="chart" />
    </figure>
  </div>
</template>
