<script setup lang="ts">
/** Something that takes a while: how far it is, at what, and the way to stop it. */
defineProps<{ what: string, at?: string, share: number }>()
defineEmits<{ stop: [] }>()
</script>

<template>
  <div
    class="flex flex-wrap items-center gap-3"
    role="status"
    data-working
  >
    <progress
      :value="share"
      max="1"
      :aria-label="what"
    />
    <span>{{ what }}… {{ Math.round(share * 100) }} %<span
      v-if="at"
      class="block aside-note"
    >{{ at }}</span></span>
    <button
      type="button"
      class="label-button"
      @click="$emit('stop')"
    >
      Stop
    </button>
  </div>
</template>
