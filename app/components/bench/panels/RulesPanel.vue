<script setup lang="ts">
import type { BalancedPlan } from '#core/methods/contract'
import { ratioText } from '#core/units/format'
import { mixInShort } from '#core/mix/words'
import { bestRule, RULES, type RuleMix } from '#core/mix/rules'

/** The rules of thumb side by side, for the browns and greens on the bench. */
const { mixes, plan } = defineProps<{ mixes: readonly RuleMix[], plan: BalancedPlan }>()
const bench = useBench()
const { approach, filled, draft } = bench
const { surroundings } = useGarden()
const { quantity, amount } = useSay()

const best = computed(() => bestRule(mixes, plan.mixing.comfort(approach.value.id)))
const MARKS = { good: 'i-ph-check-circle', workable: 'i-ph-warning-circle', poor: 'i-ph-x-circle' } as const
const TONES = { good: 'text-primary', workable: 'text-warning', poor: 'text-error' } as const

const rows = computed(() => mixes.map((mix) => {
  const { measures, waterL, grade } = mix.judgement
  return {
    mix, mark: RULES.indexOf(mix.rule) + 1, grade, waterL,
    ratio: ratioText(measures.carbonToNitrogen),
    moisture: `${Math.round(measures.moistureFraction * 100)} %`,
    outlook: plan.mixing.outlook(
      { site: draft.value.site, ingredients: mix.ingredients, waterL, answers: draft.value.answers }, surroundings.value,
    ),
    said: mixInShort(mix.judgement),
    amounts: mix.ingredients
      .map(({ material, amount: { count, container } }) => `${amount(count, container)} of ${material.short}`)
      .join(', '),
  }
}))
/** Rules that come to the very same buckets. */
const bestNames = computed(() => {
  const counts = (mix: RuleMix) => mix.ingredients.map(({ amount: { count } }) => count).join()
  return best.value
    ? mixes
        .filter(mix => counts(mix) === counts(best.value as RuleMix))
        .map(({ rule }) => `“${rule.name}”`)
        .join(' and ')
    : ''
})
</script>

<template>
  <div class="pt-3">
    <p
      v-if="mixes.length === 0"
      class="py-2"
    >
      {{ filled.length === 0 ? 'Put browns and greens on the bench' : 'The rules need at least one brown and one green on the bench' }}:
      then each rule shows what it would really give with them.
    </p>
    <template v-else>
      <p class="mb-2">
        <strong class="font-semibold text-highlighted first-letter:uppercase">{{ bestNames }}</strong>
        {{ best?.judgement.grade === 'good' ? 'fits these materials best.' : 'comes nearest with these materials, and is still off.' }}
        <span class="aside-note">The same litres as now, shared out by each rule.</span>
      </p>
      <table class="w-full text-left border-collapse">
        <caption class="sr-only">
          Rules of thumb with your materials
        </caption>
        <thead>
          <tr class="aside-note">
            <th
              scope="col"
              class="font-semibold py-1 pr-2"
            >
              Rule
            </th>
            <th
              scope="col"
              class="font-semibold py-1 pr-2 text-right"
            >
              C : N
            </th>
            <th
              scope="col"
              class="font-semibold py-1 pr-2 text-right hidden sm:table-cell"
            >
              Moist
            </th>
            <th
              scope="col"
              class="font-semibold py-1 pr-2"
            >
              Verdict, heat
            </th>
            <th
              scope="col"
              class="py-1"
            >
              <span class="sr-only">Take it</span>
            </th>
          </tr>
        </thead>
        <tbody
          v-for="row in rows"
          :key="row.mix.rule.id"
          class="line-rule"
          :data-rule="row.mix.rule.id"
        >
          <tr class="align-top">
            <th
              scope="row"
              class="pt-2 pr-2 font-semibold text-highlighted leading-snug"
            >
              {{ row.mark }} {{ row.mix.rule.name }}
            </th>
            <td class="pt-2 pr-2 text-right whitespace-nowrap">
              <UIcon
                :name="MARKS[row.grade]"
                class="size-5 align-[-4px]"
                :class="TONES[row.grade]"
                aria-hidden="true"
              /> {{ row.ratio }}
            </td>
            <td class="pt-2 pr-2 text-right whitespace-nowrap hidden sm:table-cell">
              {{ row.moisture }}
            </td>
            <td class="pt-2 pr-2 leading-snug">
              <span data-rule-verdict>{{ row.said }}</span><span class="block aside-note">{{ row.outlook.label }}, {{
                quantity('temperature', Math.round(row.outlook.peakC / 5) * 5) }}</span>
            </td>
            <td class="pt-1.5">
              <button
                type="button"
                class="label-button !px-3"
                :aria-label="`take ${row.mix.rule.name.toLowerCase()}`"
                @click="bench.adopt(row.mix.ingredients)"
              >
                Take
              </button>
            </td>
          </tr>
          <tr>
            <td
              colspan="5"
              class="pb-2 aside-note leading-snug"
            >
              {{ row.mix.rule.counts }}: {{ row.amounts }}
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </div>
</template>
