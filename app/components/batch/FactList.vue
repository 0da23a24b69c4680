<script setup lang="ts">
import type { Fact } from '#core/methods/contract'

/** Things worth knowing: a value in a gardener's words, and why. */
const { facts } = defineProps<{ facts: readonly Fact[] }>()
</script>

<template>
  <dl>
    <div
      v-for="fact in facts"
      :key="fact.label"
      class="line-rule py-1.5 sm:grid sm:grid-cols-[11rem_1fr] gap-x-5"
    >
      <dt class="font-semibold text-highlighted">
        <TermNote :word="fact.label" />
      </dt>
      <dd>
        {{ fact.value }} <span
          v-if="fact.why"
          class="aside-note block sm:inline"
        >{{ fact.why }}</span>
      </dd>
    </div>
  </dl>
</template>
