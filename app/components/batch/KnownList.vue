<script setup lang="ts">
import { knownBand, knownText, restsText, type Situation } from '#core/methods/contract'

/** What is known of a batch today, and what each number rests on: what was read or found, and how long ago. */
const { situation } = defineProps<{ situation: Situation }>()
const { units, clock } = useGarden()
</script>

<template>
  <section
    v-if="situation.known.length > 0"
    aria-labelledby="known"
    data-known
  >
    <h2
      id="known"
      class="section-rule"
    >
      How it is today
    </h2>
    <dl>
      <div
        v-for="one in situation.known"
        :key="one.id"
        class="line-rule py-1 grid grid-cols-[minmax(0,11rem)_1fr] gap-x-5"
        :data-known-id="one.id"
      >
        <dt class="font-semibold text-highlighted">
          {{ one.label }}
        </dt>
        <dd>
          {{ knownText(one, units) }}
          <span class="aside-note">
            <template v-if="knownBand(one, units)">{{ knownBand(one, units) }}, </template>{{ restsText(one, clock) }}
          </span>
        </dd>
      </div>
    </dl>
  </section>
</template>
