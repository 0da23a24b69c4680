<script setup lang="ts">
import { quantityByThermometer } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** The stand-in probe at two depths: what it says now, and that it sometimes says nothing. */
const { known } = defineProps<{ known: KnownBatch }>()
const { state, connect, look } = useLiveProbe()
const probe = useProbeStore()
const { quantity, moment } = useSay()
const spots = computed(() => quantityByThermometer(known.method.life)?.spots ?? [])

const here = computed(() => probe.connected === known.batch.id)
const elsewhere = computed(() => probe.connected !== undefined && !here.value)
const last = computed(() => probe.looks.findLast(({ values }) => values !== undefined))
const silent = computed(() => probe.looks.filter(({ values }) => values === undefined).length)
const low = computed(() => probe.batteryPct !== undefined && probe.batteryPct < 20)
</script>

<template>
  <div class="space-y-3">
    <p class="aside-note">
      A simulated probe with two depths ships with Wastrum: it reads what the forecast expects of this one, a little off, with dropouts.
      While it is connected and this page is open, one reading an hour goes into the log.
    </p>
    <div class="flex flex-wrap gap-2 items-center">
      <button
        type="button"
        class="label-button"
        :class="here ? '' : 'strong'"
        @click="connect(here ? undefined : known.batch.id)"
      >
        <UIcon
          name="i-ph-broadcast"
          class="size-5"
        />
        {{ here ? 'Take it out' : elsewhere ? 'Move it here' : 'Put the probe in' }}
      </button>
      <button
        v-if="here"
        type="button"
        class="label-button"
        :disabled="state.kind === 'asking'"
        @click="look(known)"
      >
        Look now
      </button>
    </div>
    <div
      v-if="here"
      class="flex flex-wrap gap-x-8 gap-y-2 items-end"
      role="status"
      data-probe
    >
      <template v-if="last">
        <p
          v-for="spot in spots"
          :key="spot.id"
        >
          <span class="field-label">{{ spot.said.replace(' {}', '') }}</span><span class="figure">{{
            quantity('temperature', last.values?.[spot.id] ?? 0, 1)
          }}</span>
        </p>
      </template>
      <p v-if="probe.batteryPct !== undefined">
        <span class="field-label">Battery</span><span
          class="figure"
          :class="low ? '!text-error' : ''"
        >{{ probe.batteryPct }} %</span>
      </p>
      <p class="aside-note">
        {{ state.kind === 'silent' ? state.text : last ? `Heard at ${moment(last.at)}.` : 'Listening…' }}
        <template v-if="silent > 0">
          {{ silent }} of the last {{ probe.looks.length }} looks went unanswered.
        </template>
        <template v-if="low">
          Change the battery soon.
        </template>
      </p>
    </div>
  </div>
</template>
