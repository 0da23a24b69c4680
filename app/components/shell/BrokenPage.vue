<script setup lang="ts">
/** A page that cannot be drawn: what is safe, and the ways on. */
const { error } = defineProps<{ error: unknown }>()
defineEmits<{ again: [] }>()
const { state, save, takeBack } = useFiles()
const store = useGardenStore()
const technical = computed(() => error instanceof Error ? `${error.name}: ${error.message}` : String(error))
const busy = computed(() => state.value.kind === 'working')
</script>

<template>
  <div
    class="space-y-4 max-w-2xl"
    role="alert"
    data-broken-page
  >
    <h1>This page cannot be drawn</h1>
    <p>{{ store.lasting ? 'What you recorded is safe. ' : '' }}Go on with another page, or save a backup first.</p>
    <p class="flex flex-wrap gap-3">
      <NuxtLink
        to="/garden"
        class="label-button strong"
        @click="$emit('again')"
      >To the garden page</NuxtLink>
      <button
        type="button"
        class="label-button"
        @click="$emit('again')"
      >
        Try again
      </button>
      <button
        type="button"
        class="label-button"
        :disabled="busy"
        @click="save"
      >
        Save a backup
      </button>
      <button
        v-if="store.imported"
        type="button"
        class="label-button"
        :disabled="busy"
        @click="takeBack"
      >
        Take back the last import
      </button>
    </p>
    <details>
      <summary class="tap aside-note">
        For whoever mends it
      </summary>
      <code class="text-[0.82rem] break-all">{{ technical }}</code>
    </details>
  </div>
</template>
