<script setup lang="ts">
/** A part of a page that waits behind its heading, and stays as it was left: open or folded, on every page that has it. */
const { part, title, atOnce = false } = defineProps<{
  part: string
  title: string
  /** Open now, however it was left. */
  atOnce?: boolean
}>()
const { isOpen, turn } = useUnfolded()
/** What was opened for this one visit is closed for it as well. */
const forNow = ref(atOnce)
const open = computed(() => forNow.value || isOpen(part))
function turnIt(): void {
  if (forNow.value) forNow.value = false
  else turn(part)
}
</script>

<template>
  <section
    :aria-labelledby="`part-${part}`"
    :data-part="part"
  >
    <h2 class="section-rule">
      <button
        :id="`part-${part}`"
        type="button"
        class="tap w-full flex items-center justify-between gap-3 text-left"
        :aria-expanded="open"
        @click="turnIt"
      >
        {{ title }}
        <UIcon
          :name="open ? 'i-ph-caret-up' : 'i-ph-caret-down'"
          class="size-5 shrink-0"
        />
      </button>
    </h2>
    <div
      v-if="open"
      class="mb-4"
    >
      <slot />
    </div>
  </section>
</template>
