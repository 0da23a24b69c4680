<script setup lang="ts">
import type { NuxtError } from '#app'

const { error } = defineProps<{ error: Partial<NuxtError> }>()
const nothingHere = computed(() => error.statusCode === 404)
const store = useGardenStore()
</script>

<template>
  <main class="mx-auto max-w-xl p-6 space-y-4">
    <h1>{{ nothingHere ? 'There is no such page' : 'Something broke on this page' }}</h1>
    <p>{{ store.lasting ? 'What you recorded is safe in this browser.' : 'What you recorded is on this page alone: save it first.' }}</p>
    <p class="flex flex-wrap gap-3">
      <button
        type="button"
        class="label-button strong"
        @click="clearError({ redirect: '/' })"
      >
        To the round
      </button>
      <LazySaveFirst v-if="store.which && !nothingHere" />
    </p>
  </main>
</template>
