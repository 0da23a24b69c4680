<script setup lang="ts">
import { termFor } from '#core/glossary/terms'

/** A word as it stands; where it is a term of the craft, one tap away from what it means. */
const { word } = defineProps<{ word: string }>()
const term = computed(() => termFor(word))
</script>

<template>
  <UPopover v-if="term">
    <button
      type="button"
      class="term"
      :aria-label="`${word}: what is that?`"
      :data-term="term.id"
    >
      {{ word }}<span aria-hidden="true">?</span>
    </button>
    <template #content>
      <p class="p-3 max-w-72 leading-snug text-highlighted">
        <strong class="font-semibold block">{{ term.name }}</strong>{{ term.says }}
      </p>
    </template>
  </UPopover>
  <template v-else>
    {{ word }}
  </template>
</template>
