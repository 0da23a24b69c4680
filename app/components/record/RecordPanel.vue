<script setup lang="ts">
import AddPad from './AddPad.vue'
import HeatPad from './HeatPad.vue'
import HeightPad from './HeightPad.vue'
import NotePad from './NotePad.vue'
import SensePad from './SensePad.vue'
import TurnPad from './TurnPad.vue'
import WaterPad from './WaterPad.vue'
import { format } from 'date-fns'
import type { KnownBatch } from '~/composables/useGarden'

/** Everything that can be recorded of a batch: choose, tap, done. */
const { known } = defineProps<{ known: KnownBatch }>()
const chosen = defineModel<string | undefined>('chosen')
const earlier = ref(false)
const moment = ref('')
provideMoment(() => earlier.value ? moment.value : '')
const local = (date: Date) => format(date, 'yyyy-MM-dd\'T\'HH:mm')
watch(earlier, (on) => { if (on) moment.value = local(new Date()) })

interface Pad { readonly id: string, readonly label: string, readonly icon: string, readonly pad: Component, readonly props?: Record<string, unknown> }
const SENSE_ICONS: Readonly<Record<string, string>> = { squeeze: 'i-ph-hand-grabbing', smell: 'i-ph-wind', look: 'i-ph-eye' }

const pads = computed<Pad[]>(() => [
  { id: 'reading', label: 'Heat', icon: 'i-ph-thermometer', pad: HeatPad },
  ...known.method.senses.map(sense => ({ id: sense.id, label: sense.label, icon: SENSE_ICONS[sense.id] ?? 'i-ph-eye', pad: SensePad, props: { sense } })),
  { id: 'turned', label: 'Turned', icon: 'i-ph-shovel', pad: TurnPad },
  { id: 'watered', label: 'Watered', icon: 'i-ph-drop', pad: WaterPad },
  { id: 'height', label: 'Height', icon: 'i-ph-ruler', pad: HeightPad },
  { id: 'added', label: 'Added', icon: 'i-ph-plus', pad: AddPad },
  { id: 'note', label: 'Note', icon: 'i-ph-note-pencil', pad: NotePad },
])
const open = computed(() => pads.value.find(({ id }) => id === chosen.value))
</script>

<template>
  <div>
    <div
      role="group"
      :aria-label="`Record for ${known.batch.name}`"
      class="grid grid-cols-3 min-[430px]:grid-cols-5 lg:grid-cols-9 gap-1.5"
    >
      <button
        v-for="pad in pads"
        :key="pad.id"
        type="button"
        class="label-button !flex-col !gap-0.5 !px-1 text-[0.92rem]"
        :aria-pressed="chosen === pad.id"
        :data-pad="pad.id"
        @click="chosen = chosen === pad.id ? undefined : pad.id"
      >
        <UIcon
          :name="pad.icon"
          class="size-6"
        />
        {{ pad.label }}
      </button>
    </div>
    <div
      v-if="open"
      class="mt-3 pl-3 border-l-4 border-accented"
    >
      <component
        :is="open.pad"
        :key="open.id"
        :known="known"
        v-bind="open.props"
        @done="chosen = undefined"
      />
      <p class="mt-3 flex flex-wrap items-center gap-3 aside-note">
        <label class="tap inline-flex items-center gap-2">
          <input
            v-model="earlier"
            type="checkbox"
            class="size-5 accent-[var(--ui-primary)]"
          >
          It was earlier
        </label>
        <input
          v-if="earlier"
          v-model="moment"
          type="datetime-local"
          class="text-field !w-auto"
          aria-label="When it was"
          :min="local(new Date(known.batch.built.at))"
          :max="local(new Date())"
        >
      </p>
    </div>
  </div>
</template>
