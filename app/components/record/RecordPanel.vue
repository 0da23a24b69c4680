<script setup lang="ts">
import { padFace } from '#core/methods/contract'
import type { KnownBatch } from '~/composables/useGarden'

/**
 * Everything that can be recorded of a batch: choose, tap, done. Where one thing was asked for, the others wait behind
 * "something else".
 */
const { known, only = false } = defineProps<{ known: KnownBatch, only?: boolean }>()
const chosen = defineModel<string | undefined>('chosen')
const all = ref(!only)
const NOTE = { id: 'note', label: 'Note', icon: 'i-ph-note-pencil' }

const offered = computed(() => known.method.life.pads.filter(({ fits }) => fits?.(known.batch) ?? true))
const faces = computed(() => [...offered.value.map(padFace), NOTE])
const open = computed(() => faces.value.find(({ id }) => id === chosen.value))
const pad = computed(() => offered.value.find(one => padFace(one).id === chosen.value))
</script>

<template>
  <div>
    <div
      v-if="all"
      role="group"
      :aria-label="`Record for ${known.batch.name}`"
      class="grid grid-cols-3 min-[430px]:grid-cols-5 lg:grid-cols-9 gap-1.5"
    >
      <button
        v-for="face in faces"
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
      :class="{ 'mt-3': all }"
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
      something else
    </button>
  </div>
</template>
