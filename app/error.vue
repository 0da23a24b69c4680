<script setup lang="ts">
import type { NuxtError } from '#app'

const { error } = defineProps<{ error: Partial<NuxtError> }>()
const nothingHere = computed(() => error.statusCode === 404)
</script>

<template>
  <main class="mx-auto max-w-xl p-6 space-y-4">
    <h1>{{ nothingHere ? 'There is no such page' : 'Something broke on this page' }}</h1>
    <p>What you recorded is safe in this browser.</p>
    <button
      type="button"
      class="label-button strong"
      @click="clearError({ redirect: '/' })"
    >
      To the round
    </button>
  </main>
</template>
