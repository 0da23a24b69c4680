<script setup lang="ts">
import { chartRows } from '#core/methods/contract/chart-words'
import type { Chart } from '#core/methods/contract'

/** A chart written out, one tap away. */
const { chart } = defineProps<{ chart: Chart }>()
const { now, units } = useGarden()
const open = ref(false)
const rows = computed(() => open.value ? chartRows(chart, now.value, units.value) : [])
</script>

<template>
  <div>
    <button
      type="button"
      class="tap underline underline-offset-3 decoration-dotted"
      :aria-expanded="open"
      data-chart-table
      @click="open = !open"
    >
      {{ open ? 'without the table' : 'as a table' }}
    </button>
    <table
      v-if="open"
      class="w-full max-w-xl text-left border-collapse"
    >
      <caption class="sr-only">
        {{ chart.title }}
      </caption>
      <thead>
        <tr class="aside-note">
          <th
            v-for="head in ['Day', 'Read', 'Expected']"
            :key="head"
            scope="col"
            class="py-1 pr-4 font-semibold"
          >
            {{ head }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="`${row.at} ${row.read}`"
          class="line-rule"
        >
          <th
            scope="row"
            class="py-1 pr-4 font-normal"
          >
            {{ row.day }}
          </th>
          <td class="pr-4 text-highlighted font-semibold">
            {{ row.read }}
          </td>
          <td>{{ row.expected }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
