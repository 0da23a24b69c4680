<script setup lang="ts">
/** A garden that could not be read: why, that it is tried again, and the way on without it. */
const store = useGardenStore()
defineEmits<{ on: [] }>()
const busy = ref(false)

async function again(): Promise<void> {
  busy.value = true
  await store.readAgain()
  busy.value = false
}
</script>

<template>
  <main
    class="mx-auto max-w-2xl p-6 space-y-5"
    data-unread
  >
    <h1>Your garden is not shown just now</h1>
    <p role="alert">
      {{ store.unread?.message }}
    </p>
    <ul class="space-y-3">
      <li>
        <button
          type="button"
          class="label-button strong"
          :disabled="busy"
          @click="again"
        >
          Try again
        </button>
      </li>
      <li class="flex flex-wrap gap-x-3 items-center">
        <button
          type="button"
          class="label-button"
          @click="$emit('on')"
        >
          Go on without it
        </button>
        <span class="aside-note">on an empty page that joins your garden once that is read</span>
      </li>
    </ul>
  </main>
</template>
