<script setup lang="ts">
/** The round while nothing stands: what it will be for, and the ways to begin. */
const STEPS = [
  { title: 'Say what you have', says: 'In your own buckets. You see at once whether it makes a good heap.' },
  { title: 'Build it step by step', says: 'Layer by layer, with the water it wants.' },
  { title: 'Come back here', says: 'This page then says what each needs today, and when it is ready.' },
] as const
</script>

<template>
  <section
    class="mt-4 max-w-xl"
    data-first-round
  >
    <p class="mb-3 text-lg">
      Nothing is standing yet.
    </p>
    <ol class="space-y-2">
      <li
        v-for="(step, at) in STEPS"
        :key="step.title"
        class="flex gap-3"
      >
        <span class="figure w-6 shrink-0">{{ at + 1 }}</span>
        <span><strong class="font-semibold text-highlighted block">{{ step.title }}</strong>{{ step.says }}</span>
      </li>
    </ol>
    <p class="mt-4 flex flex-wrap gap-2">
      <NuxtLink
        to="/bench?start=pick"
        class="label-button strong"
      >It is all here</NuxtLink>
      <NuxtLink
        to="/begin?coming=by-and-by"
        class="label-button"
      >It comes bit by bit</NuxtLink>
      <NuxtLink
        to="/stands"
        class="label-button"
      >Something stands already</NuxtLink>
    </p>
  </section>
</template>
