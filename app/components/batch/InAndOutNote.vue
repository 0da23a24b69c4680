<script setup lang="ts">
import { aboutText, isDayKnown } from '#core/methods/contract'
import { daysText } from '#core/units/plural'
import { inAndOut } from '#core/garden/batch'
import { inputsOf } from '#core/journal/garden'
import { materialOf } from '#core/mix/portion'
import { daysBetween } from '#core/units/time'
import type { KnownBatch } from '~/composables/useGarden'

/** What went into a finished batch and what came out, drawn as two columns of the same scale. */
const { known } = defineProps<{ known: KnownBatch }>()
const { quantity, amount, day, sieve } = useSay()
const { materials, store } = useGarden()

const balance = computed(() => inAndOut(known.batch, materials.value))
const lasted = computed(() => {
  const { began, ended } = known.batch
  const days = daysBetween(began.at, ended?.at ?? began.at)
  return isDayKnown(began) ? daysText(days) : `about ${aboutText(days)}`
})
const goneIn = computed(() => inputsOf(known.batch).flatMap((one) => {
  const material = materialOf(one, materials.value)
  return material
    ? [
        {
          material,
          text: `${amount(one.amount.count, one.amount.container)} of ${one.prepared ? `${one.prepared} ` : ''}${material.short}`,
        },
      ]
    : []
}))
/** What it went onto as a whole goes on there. */
const last = computed(() => known.batch.takings.findLast(({ ends }) => ends))
const wentOnto = computed(() => store.journal.garden.batches.get(last.value?.toBatchId ?? ''))
const cameOut = computed(() => known.batch.takings.flatMap(({ products }) => products).flatMap(({ materialId, amount: given, sieveMm }) => {
  const material = materials.value.find(materialId)
  return material
    ? [{ material, text: `${amount(given.count, given.container)} of ${material.short}${sieveMm ? `, sieved ${sieve(sieveMm)}` : ''}` }]
    : []
}))
</script>

<template>
  <div v-if="balance && known.batch.ended && balance.inL + balance.outL > 0">
    <div class="grid grid-cols-2 gap-6 max-w-xl">
      <section
        v-for="side in [
          // Nobody counted what went into one that stood already.
          ...(balance.inL > 0
            ? [{ title: 'Went in', litres: balance.inL, list: goneIn, family: goneIn[0]?.material.family ?? 'leaf' }]
            : []),
          { title: 'Came out', litres: balance.outL, list: cameOut, family: cameOut[0]?.material.family ?? 'finished' },
        ]"
        :key="side.title"
      >
        <h2>{{ side.title }}</h2>
        <p class="figure">
          {{ quantity('volume', side.litres) }}
        </p>
        <svg
          viewBox="0 0 100 60"
          class="w-full h-16"
          preserveAspectRatio="none"
          aria-hidden="true"
        >
          <rect
            x="0"
            :y="60 - 60 * side.litres / Math.max(balance.inL, balance.outL)"
            width="100"
            :height="60 * side.litres / Math.max(balance.inL, balance.outL)"
            :fill="`url(#hatch-${side.family})`"
          />
        </svg>
        <ul>
          <li
            v-for="item in side.list"
            :key="item.text"
            class="flex gap-2 items-center py-0.5"
          >
            <HatchSwatch
              :family="item.material.family"
              :size="20"
            />{{ item.text }}
          </li>
        </ul>
      </section>
    </div>
    <p class="mt-2">
      <template v-if="wentOnto">
        All of it went onto
        <NuxtLink
          :to="`/batch/${wentOnto.id}`"
          class="underline underline-offset-3"
        >{{ wentOnto.name }}</NuxtLink> and goes on there.
      </template>
      <template v-else-if="last?.left">
        It was left where it stood, with the garden.
      </template>
      <template v-else-if="balance.inL > 0">
        {{ Math.round(balance.share * 100) }} % of the loose volume came out.
      </template> Ended after
      {{ lasted }}, on {{ day(known.batch.ended.at) }}.
    </p>
  </div>
</template>
