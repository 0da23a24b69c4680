<script setup lang="ts">
import { addDays } from 'date-fns'
import { minutesText } from '#core/year/month'
import type { StartAnswer } from '#core/year/asked'
import { ingredientsOf } from '#core/mix/portion'
import { findMethod } from '#core/methods'
import { capital, counted } from '#core/units/plural'

/** Something to begin: what, where, until when, what it takes and what it wins. */
const { start, needName } = defineProps<{ start: StartAnswer, needName: (id: string) => string }>()
const emit = defineEmits<{ take: [], without: [] }>()
const { now, materials } = useGarden()
const { amount, day, quantity } = useSay()
const bench = useBenchPlan()

const ingredients = computed(() => ingredientsOf(start.plan.ingredients, materials.value))
const safe = computed(() => addDays(now.value, start.lastSafeDay))
/** What keeps can be gathered now; what spoils, shortly before. */
const gathering = computed(() => {
  const from = new Date(start.plan.gatherFromMs)
  return from <= addDays(now.value, 1) ? 'any day now' : `from ${day(from)} on`
})
const on = (days: number) => day(addDays(now.value, days))
const gives = computed(() => start.stock.stages.map(({ label, litres, days }) =>
  `${label.toLowerCase()}, about ${quantity('volume', litres.typical)}, ${on(days.low)} – ${on(days.high)}`))
/** What it gives, by how many own batches that is told, and the work of it. */
const outcome = computed(() => {
  const { ownBatches } = start.plan
  const by = ownBatches > 0 ? `, by ${counted(ownBatches, 'batch', 'batches')} of your own` : ''
  return `It gives ${gives.value.join('; ')}${by}. ${capital(minutesText(60 * start.hours))} of work in all.`
})
const one = computed(() => findMethod(start.plan.methodId)?.face.words.one ?? '')
async function toBench(): Promise<void> {
  bench.replace(start.plan.plan)
  await navigateTo('/bench')
}
</script>

<template>
  <article
    class="section-rule pb-3 avoid-break"
    :data-start="start.candidateId"
  >
    <header class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h3>
        {{ start.times > 1 ? `${start.times} × ` : '' }}{{ start.plan.methodName }},
        {{ start.plan.newPlace ? `a new ${start.plan.placeName.toLowerCase()}` : start.plan.placeName }}
      </h3>
      <p class="font-semibold">
        begin it by {{ day(safe) }}
      </p>
    </header>
    <ul>
      <li
        v-for="won in start.won"
        :key="won.needId"
      >
        {{ needName(won.needId) }}: enough in {{ Math.round(100 * won.after) }} of 100 years; as it stands in
        {{ won.before < 0.005 ? 'none' : Math.round(100 * won.before) }}.
      </li>
      <li v-if="start.won.length === 0">
        Less of what is wanted is short.
      </li>
    </ul>
    <p>
      For {{ start.times > 1 ? `each ${one}` : 'it' }}:
      {{ ingredients.map(one => `${amount(one.amount.count, one.amount.container)} of ${one.material.short}`).join(', ')
        || 'nothing that is counted' }},
      gathered {{ gathering }}.
      <template v-if="start.plan.waterL >= 5">
        Water: {{ quantity('volume', start.plan.waterL) }}.
      </template>
    </p>
    <p class="aside-note">
      {{ outcome }}
      {{ start.plan.verdict.text }}
    </p>
    <ul
      v-if="start.plan.cautions.length > 0"
      class="caution mt-2"
      data-cautions
    >
      <li
        v-for="caution in start.plan.cautions"
        :key="caution"
      >
        {{ caution }}
      </li>
    </ul>
    <div class="flex flex-wrap gap-2 mt-2 no-print">
      <button
        type="button"
        class="label-button strong"
        data-take-start
        @click="emit('take')"
      >
        Collect for it, by {{ day(addDays(now, start.day)) }}
      </button>
      <button
        type="button"
        class="label-button"
        @click="toBench"
      >
        Onto the bench
      </button>
      <button
        type="button"
        class="label-button plain"
        @click="emit('without')"
      >
        Not this one
      </button>
    </div>
  </article>
</template>
