<script setup lang="ts">
import { roomsOf } from '#core/garden/yard'

/** What stands in the yard, place by place: cut open, with its name below, so that none lies on another however narrow the screen. */
const { drawings = false } = defineProps<{ /** With their drawings; else a list beside the plan. */ drawings?: boolean }>()
const { seen } = useYard()
const rooms = computed(() => roomsOf(seen.value).map(({ name, places }) => ({ name, places: places as typeof seen.value })))
const TONES = { good: 'text-primary', mind: 'text-warning', bad: 'text-error' } as const
const PX_PER_METRE = 74
</script>

<template>
  <ul aria-label="Place by place">
    <li
      v-for="room in rooms"
      :key="room.name || room.places[0]!.key"
      class="line-rule py-2"
      :data-room="room.name"
    >
      <h2
        v-if="room.name"
        class="aside-note !text-[0.94rem] !font-sans"
      >
        {{ room.name }}
      </h2>
      <ul :class="drawings ? 'grid grid-cols-2 min-[560px]:grid-cols-3 gap-x-4 gap-y-3 items-end' : ''">
        <li
          v-for="place in room.places"
          :key="place.key"
          :class="drawings ? 'min-w-0' : 'flex items-baseline justify-between gap-3'"
          data-room-place
        >
          <PictureDrawing
            v-if="drawings && place.look"
            class="mx-auto block"
            :picture="place.look.picture"
            :px-per-metre="PX_PER_METRE"
            when-seen
          />
          <NuxtLink
            v-if="place.batch"
            :to="`/batch/${place.batch.id}`"
            class="tap leading-tight font-semibold text-highlighted underline underline-offset-3 decoration-dotted"
            :class="drawings ? 'flex justify-center items-center text-center wrap-anywhere' : 'inline-flex items-center'"
          >{{ place.name }}</NuxtLink>
          <span
            v-else
            class="aside-note"
          >free</span>
          <span
            v-if="place.look"
            :class="[TONES[place.look.standing.tone], drawings ? 'block text-center leading-tight -mt-2' : 'text-right']"
          >{{ place.look.standing.label }}</span>
        </li>
      </ul>
    </li>
  </ul>
</template>
