<script setup lang="ts">
import DeedPad from './DeedPad.vue'
import GaugePad from './GaugePad.vue'
import NotePad from './NotePad.vue'
import PutPad from './PutPad.vue'
import SensePad from './SensePad.vue'
import UsePad from './UsePad.vue'
import { format } from 'date-fns'
import { padFace, type Pad } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/** Everything that can be recorded of a batch: choose, tap, done. */
const { known } = defineProps<{ known: KnownBatch }>()
const chosen = defineModel<string | undefined>('chosen')
const earlier = ref(false)
const moment = ref('')
provideMoment(() => earlier.value ? moment.value : '')
const local = (date: Date) => format(date, 'yyyy-MM-dd\'T\'HH:mm')
watch(earlier, (on) => { if (on) moment.value = local(new Date()) })

const COMPONENTS: Readonly<Record<Pad['kind'], Component>> = { gauge: GaugePad, sense: SensePad, deed: DeedPad, put: PutPad, use: UsePad }
const propsOf = ({ kind, fits: _, ...rest }: Pad) => ({ pad: COMPONENTS[kind], props: rest })

const pads = computed(() => [
  ...known.method.pads.filter(({ fits }) => fits?.(known.batch) ?? true).map(pad => ({ ...padFace(pad), ...propsOf(pad) })),
  { id: 'note', label: 'Note', icon: 'i-ph-note-pencil', pad: NotePad, props: {} },
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
          :min="local(new Date(known.batch.began.at))"
          :max="local(new Date())"
        >
      </p>
    </div>
  </div>
</template>
