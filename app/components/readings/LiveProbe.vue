<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** The stand-in probe at two depths: what it says now, and that it sometimes says nothing. */
const { known } = defineProps<{ known: KnownBatch }>()
const { connected, looks, batteryPct, state, connect, look } = useLiveProbe()
const { quantity, moment } = useSay()

const here = computed(() => connected.value === known.batch.id)
const elsewhere = computed(() => connected.value !== undefined && !here.value)
const last = computed(() => looks.value.findLast(({ coreC }) => coreC !== undefined))
const silent = computed(() => looks.value.filter(({ coreC }) => coreC === undefined).length)
const low = computed(() => batteryPct.value !== undefined && batteryPct.value < 20)
</script>

<template>
  <div class="space-y-3">
    <p class="aside-note">
      A simulated probe with two depths ships with Wastrum: it reads what the forecast expects of this heap, a little off, with dropouts. While it is connected and this page is open, one reading an hour goes into the log.
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
      <p v-if="last">
        <span class="field-label">Core</span><span class="figure">{{ quantity('temperature', last.coreC!, 1) }}</span>
      </p>
      <p v-if="last">
        <span class="field-label">Edge</span><span class="figure">{{ quantity('temperature', last.edgeC!, 1) }}</span>
      </p>
      <p v-if="batteryPct !== undefined">
        <span class="field-label">Battery</span><span
          class="figure"
          :class="low ? '!text-error' : ''"
        >{{ batteryPct }} %</span>
      </p>
      <p class="aside-note">
        {{ state.kind === 'silent' ? state.text : last ? `Heard at ${moment(last.at)}.` : 'Listening…' }}
        <template v-if="silent > 0">
          {{ silent }} of the last {{ looks.length }} looks went unanswered.
        </template>
        <template v-if="low">
          Change the battery soon.
        </template>
      </p>
    </div>
  </div>
</template>
