<script setup lang="ts">
import { monthText } from '#core/units/dates'
import { noonOf } from '#core/year/need'
import { surenessText } from '#core/year/words'

/** The year as a table: what is wanted, when, how sure it is, how much is short. */
const { needs } = useNeeds()
const { met } = useYearAnswer()
const { quantity } = useSay()
/** Less is nothing, litres. */
const NOTHING_L = 0.5
const rows = computed(() => needs.value.map((need) => {
  const one = met.value.get(need.id)
  const shortL = one?.shortL ?? 0
  return {
    id: need.id,
    cells: [
      monthText(noonOf(need.from)), quantity('volume', need.litres), one ? surenessText(one.chance) : '',
      shortL >= NOTHING_L ? quantity('volume', shortL) : 'nothing',
    ],
    name: need.name,
  }
}))
const HEADS = ['Wanted', 'Month', 'So much', 'As it stands', 'Short in one year of five']
</script>

<template>
  <div class="overflow-x-auto">
    <table class="w-full text-left">
      <caption class="sr-only">
        What is wanted, when, and whether it is there
      </caption>
      <thead>
        <tr>
          <th
            v-for="head in HEADS"
            :key="head"
            scope="col"
            class="pr-3"
          >
            {{ head }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="row.id"
          class="line-rule"
        >
          <th
            scope="row"
            class="font-normal py-1 pr-3"
          >
            {{ row.name }}
          </th>
          <td
            v-for="(cell, index) in row.cells"
            :key="index"
            class="pr-3"
          >
            {{ cell }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
