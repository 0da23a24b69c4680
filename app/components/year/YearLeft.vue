<script setup lang="ts">
import { purposeName } from '#core/bench/choosing'
import { finenessOf } from '#core/year/serves'

/** What is left when every need was served, by the finest that it would do for. */
const { answer } = useYear()
const { byId } = useYearAnswer()
const { quantity } = useSay()
/** Less is not told, litres; no more of them; and what comes later is another year's. */
const [WORTH_L, SHOWN, YEAR_DAYS] = [5, 8, 365]
const left = computed(() => (answer.value?.stocks ?? []).flatMap(({ id, leftL }) => {
  const stock = byId.value.get(id)
  const serves = stock?.stages.findLast(({ days }) => days.typical < YEAR_DAYS)?.serves ?? []
  if (!stock || serves.length === 0 || leftL < WORTH_L) return []
  const best = serves.reduce((one, other) => finenessOf([other]) > finenessOf([one]) ? other : one)
  return [{ id, name: stock.name, litres: leftL, for: purposeName(best) }]
}).sort((a, b) => b.litres - a.litres).slice(0, SHOWN))
</script>

<template>
  <section
    v-if="left.length > 0"
    aria-labelledby="left"
  >
    <h2
      id="left"
      class="section-rule"
    >
      What is left over
    </h2>
    <ul>
      <li
        v-for="one in left"
        :key="one.id"
        class="line-rule py-1 flex justify-between gap-3"
      >
        <span>{{ one.name }} <span class="aside-note">would do for {{ one.for }}</span></span>
        <span class="font-semibold whitespace-nowrap">{{ quantity('volume', one.litres) }}</span>
      </li>
    </ul>
  </section>
</template>
