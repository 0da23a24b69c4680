<script setup lang="ts">
import { format } from 'date-fns'
import { sayable, type Said } from '#core/journal/when'

/** When it was: now, unless it is said otherwise. What cannot have been is asked back. */
const { label = 'When it was' } = defineProps<{ label?: string }>()
const { said, other, trouble } = useWhen()
const WORDS: Readonly<Record<Said, string>> = {
  'now': 'now', 'this-morning': 'this morning', 'yesterday': 'yesterday', 'another-day': 'another day',
}
const local = (date: Date) => format(date, 'yyyy-MM-dd\'T\'HH:mm')
const choices = sayable(new Date())
watch(said, (chosen) => {
  if (chosen === 'another-day' && !other.value) other.value = local(new Date())
})
</script>

<template>
  <div data-when>
    <div
      role="group"
      :aria-label="label"
      class="flex flex-wrap gap-1.5"
    >
      <button
        v-for="choice in choices"
        :key="choice"
        type="button"
        class="label-button !px-2.5 !min-h-11 text-[0.94rem]"
        :aria-pressed="said === choice"
        @click="said = choice"
      >
        {{ WORDS[choice] }}
      </button>
    </div>
    <label
      v-if="said === 'another-day'"
      class="block mt-2"
    >
      <span class="field-label">Day and hour</span>
      <input
        v-model="other"
        type="datetime-local"
        class="text-field !w-auto"
      >
    </label>
    <p
      v-if="trouble"
      role="alert"
      class="mt-1 text-error font-semibold"
    >
      {{ trouble }}
    </p>
  </div>
</template>
