<script setup lang="ts">
import type { Comparison } from '#core/methods/contract'

/** The ways of a method side by side; a tap on one takes it. On a narrow screen each way is a paragraph of its own. */
const { compared, chosen } = defineProps<{ compared: Comparison, chosen: string }>()
const emit = defineEmits<{ choose: [approachId: string] }>()
const id = useId()
</script>

<template>
  <section
    :aria-labelledby="id"
    data-ways
  >
    <h3
      :id="id"
      class="mb-1"
    >
      {{ compared.title }}
    </h3>
    <ul>
      <li
        v-for="row in compared.rows"
        :key="row.approachId"
        class="line-rule py-1 grid gap-x-4 items-start sm:grid-cols-[12rem_1fr]"
        :class="row.approachId === chosen ? 'border-l-4 border-l-(--ui-primary) pl-2' : ''"
        :data-way="row.approachId"
        :data-fits="row.fits"
      >
        <div>
          <button
            type="button"
            class="tap text-left font-semibold text-highlighted underline underline-offset-3 decoration-dotted"
            :aria-pressed="row.approachId === chosen"
            @click="emit('choose', row.approachId)"
          >
            {{ row.name }}
          </button>
          <p
            v-if="row.but"
            class="text-error text-[0.94rem] leading-tight"
          >
            {{ row.but }}
          </p>
        </div>
        <dl class="grid gap-x-4 min-[520px]:grid-cols-2 text-[0.94rem] leading-snug py-1">
          <div
            v-for="(cell, index) in row.cells"
            :key="index"
          >
            <dt class="inline text-muted">
              {{ compared.heads[index + 1] }}:
            </dt>
            <dd class="inline">
              {{ cell }}
            </dd>
          </div>
        </dl>
      </li>
    </ul>
    <p class="aside-note line-rule pt-1">
      {{ compared.note }}
    </p>
  </section>
</template>
