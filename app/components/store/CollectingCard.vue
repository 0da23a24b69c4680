<script setup lang="ts">
import { daysText } from '#core/units/plural'
import { addDays, format } from 'date-fns'
import type { CollectingLine, CollectingList, CollectingState } from '#core/garden/collecting'

/** One collecting list: what is there, what is still to fetch and from when on, and the way onto the bench. */
const { list, state } = defineProps<{ list: CollectingList, state: CollectingState }>()
const emit = defineEmits<{ day: [by: string], remove: [], build: [], brought: [materialId: string] }>()
const { now } = useGarden()
const { amount, day } = useSay()

const late = computed(() => new Date(`${list.by}T23:59`) < now.value)
function when({ gatherFrom, gatherBy, ingredient, missingCount, spoilsBefore }: CollectingLine): string {
  if (missingCount === 0) return 'there'
  const days = Math.floor(ingredient.material.keepsDays)
  const old = spoilsBefore ? '; what lies there now will not last' : ''
  return days >= 90 || gatherFrom <= now.value
    ? `any day until ${day(gatherBy)}${old}`
    : `from ${day(gatherFrom)} on, it keeps ${daysText(days)}${old}`
}
const rows = computed(() =>
  state.lines.map(line => ({ line, share: line.wantedCount > 0 ? line.thereCount / line.wantedCount : 1, when: when(line) })),
)
</script>

<template>
  <article
    class="section-rule pb-3"
    :data-list="list.id"
  >
    <header class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h3>{{ list.name }}</h3>
      <p :class="late ? 'text-error font-semibold' : 'aside-note'">
        {{ Math.round(state.share * 100) }} % there · {{ late ? 'was for' : 'for' }} {{ day(`${list.by}T12:00`) }}
      </p>
    </header>
    <ul>
      <li
        v-for="{ line, share, when: said } in rows"
        :key="line.ingredient.material.id"
        class="line-rule py-2 flex items-center gap-3"
        :data-wanted="line.ingredient.material.id"
      >
        <HatchSwatch :family="line.ingredient.material.family" />
        <div class="flex-1 min-w-0 leading-snug">
          <p class="text-highlighted">
            <template v-if="line.missingCount > 0">
              <strong class="font-semibold">{{ amount(line.missingCount, line.ingredient.amount.container) }}</strong> of
              {{ line.ingredient.material.short }} still to come
            </template>
            <template v-else>
              {{ amount(line.wantedCount, line.ingredient.amount.container) }} of {{ line.ingredient.material.short }}
            </template>
          </p>
          <p class="aside-note">
            <template v-if="line.missingCount > 0">
              {{ line.thereCount > 0 ? amount(line.thereCount, line.ingredient.amount.container) : 'none' }} of
              {{ amount(line.wantedCount, line.ingredient.amount.container) }} ·
            </template>{{ said }}
          </p>
          <div
            class="h-2 bg-accented mt-1"
            role="img"
            :aria-label="`${Math.round(share * 100)} % of the ${line.ingredient.material.short} is there`"
          >
            <div
              class="h-full bg-inverted"
              :style="{ width: `${Math.min(100, share * 100)}%` }"
            />
          </div>
        </div>
        <button
          v-if="line.missingCount > 0"
          type="button"
          class="label-button !px-3"
          :aria-label="`put ${line.ingredient.material.short} into the store`"
          @click="emit('brought', line.ingredient.material.id)"
        >
          <UIcon
            name="i-ph-plus"
            class="size-5"
          />
        </button>
        <UIcon
          v-else
          name="i-ph-check-circle"
          class="size-6 text-primary mr-3"
        />
      </li>
    </ul>
    <div class="flex flex-wrap gap-3 items-end pt-2">
      <button
        type="button"
        class="label-button"
        :class="{ strong: state.complete }"
        @click="emit('build')"
      >
        {{ state.complete ? 'All there: to the bench' : 'To the bench as it is' }}
      </button>
      <label>
        <span class="sr-only">To build on</span>
        <input
          :value="list.by"
          type="date"
          class="text-field"
          :min="format(addDays(now, -1), 'yyyy-MM-dd')"
          @change="emit('day', ($event.target as HTMLInputElement).value)"
        >
      </label>
      <button
        type="button"
        class="label-button plain"
        @click="emit('remove')"
      >
        Stop collecting
      </button>
    </div>
  </article>
</template>
