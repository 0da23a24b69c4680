<script setup lang="ts">
import { agoText } from '#core/units/ago'
import { knownBand, knownText, restsText, type Found, type Situation } from '#core/methods/contract'

/** What is known of a batch today, and what each number rests on, and what was found by hand, eye and nose: with its age. */
const { situation, found } = defineProps<{ situation: Situation, found: readonly Found[] }>()
const { units, clock } = useGarden()
</script>

<template>
  <dl
    v-if="situation.known.length > 0 || found.length > 0"
    data-known
  >
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
    <div
      v-for="one in found"
      :key="`${one.label} ${one.finding.id} ${one.at.getTime()}`"
      class="line-rule py-1 grid grid-cols-[minmax(0,11rem)_1fr] gap-x-5"
      data-found
    >
      <dt class="font-semibold text-highlighted">
        {{ one.label }}
      </dt>
      <dd>
        {{ one.finding.label }}
        <span class="aside-note">{{ agoText(one.at, clock) }}</span>
      </dd>
    </div>
  </dl>
</template>
