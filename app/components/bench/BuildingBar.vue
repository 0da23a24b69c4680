<script setup lang="ts">
/** A heap is half built: the way back to its checklist. */
const { building, steps, drop, bringBack } = useBuilding()
const { showNote } = useRecorder()

async function give(): Promise<void> {
  const name = building.value?.name
  await drop()
  showNote(`The checklist of ${name} is put away.`, () => void bringBack())
}
</script>

<template>
  <div
    v-if="building"
    class="flex flex-wrap items-center gap-3 my-3 border-l-4 border-(--ui-primary) pl-3"
    data-building
  >
    <p class="flex-1 min-w-48">
      <strong class="font-semibold text-highlighted">{{ building.name }}</strong> is being built: {{ building.done.length }} of
      {{ steps.length }} steps done.
    </p>
    <NuxtLink
      to="/bench/build"
      class="label-button strong"
    >
      Go on building
    </NuxtLink>
    <button
      type="button"
      class="label-button plain"
      @click="give"
    >
      Put it away
    </button>
  </div>
</template>
