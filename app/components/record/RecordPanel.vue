<script setup lang="ts">
import { byLikelihood } from '#core/garden/likely'
import { padFace, type Task } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/**
 * What can be recorded of a batch: choose, tap, done. The few that are likely today lie open, the others wait behind "something else";
 * where one thing was asked for, all of them do.
 */
const { known, only = false, tasks = [] } = defineProps<{
  known: KnownBatch
  only?: boolean
  /** What it asks for: that is likely to be recorded. */
  tasks?: readonly Task[]
}>()
defineSlots<{ /** What else can be done, beside everything that can be recorded. */ more: () => unknown }>()
const chosen = defineModel<string | undefined>('chosen')
const { batches, now } = useGarden()
const all = ref(false)
const NOTE = { id: 'note', label: 'Note', icon: 'i-ph-note-pencil' }
const LIKELY = 4

const offered = computed(() => known.method.life.pads.filter(({ fits }) => fits?.(known.batch) ?? true))
/** Their order is the one in which they came: nothing moves under a finger because something was recorded. */
const order = byLikelihood(offered.value, known.batch, {
  tasks, now: now.value,
  alike: only ? [] : batches.value.flatMap(({ batch, method }) => method === known.method && batch.id !== known.batch.id ? [batch] : []),
}).map(pad => padFace(pad).id)
const place = (id: string) => (order.includes(id) ? order.indexOf(id) : order.length)
const faces = computed(() => [...offered.value.map(padFace).sort((a, b) => place(a.id) - place(b.id)), NOTE])
const shown = computed(() => all.value ? faces.value : only ? [] : faces.value.slice(0, LIKELY))
const open = computed(() => faces.value.find(({ id }) => id === chosen.value))
const pad = computed(() => offered.value.find(one => padFace(one).id === chosen.value))
</script>

<template>
  <div>
    <div
      v-if="shown.length > 0"
      role="group"
      :aria-label="`Record for ${known.batch.name}`"
      class="grid gap-1.5"
      :class="all ? 'grid-cols-3 min-[430px]:grid-cols-5 lg:grid-cols-6' : 'grid-cols-4'"
    >
      <button
        v-for="face in shown"
        :key="face.id"
        type="button"
        class="label-button !flex-col !gap-0.5 !px-1 text-[0.92rem]"
        :aria-pressed="chosen === face.id"
        :data-pad="face.id"
        @click="chosen = chosen === face.id ? undefined : face.id"
      >
        <UIcon
          :name="face.icon"
          class="size-6"
        />
        {{ face.label }}
      </button>
    </div>
    <div
      v-if="open"
      class="pl-3 border-l-4 border-accented"
      :class="{ 'mt-3': shown.length > 0 }"
    >
      <PadForm
        :key="open.id"
        :known="known"
        :pad="pad"
        @done="chosen = undefined"
      />
    </div>
    <button
      v-if="!all"
      type="button"
      class="tap aside-note underline underline-offset-3 decoration-dotted"
      data-something-else
      @click="all = true"
    >
      {{ only ? 'something else' : 'Record something else' }}
    </button>
    <slot
      v-else
      name="more"
    />
  </div>
</template>
