<script setup lang="ts">
import { ratioText } from '#core/units/format'
import { timesText } from '#core/units/plural'
import { LIBRARY_BOOK } from '#core/materials/book'
import type { Material, RangedValue } from '#core/materials/material'
import { preparationHint, preparationsFor } from '#core/materials/preparation'

/** The values of a material: typical, range, where they come from, and the way to say them oneself. */
const { material } = defineProps<{ material: Material }>()
const { day } = useSay()

const rows = computed(() => {
  const of = material
  const library = LIBRARY_BOOK.find(of.id)
  const percent = (value: number) => `${Math.round(value * 1000) / 10} %`
  const from = (value: RangedValue) => {
    const known = of.known[value]
    if (!known) return library ? 'published tables' : 'as the material it was made from'
    return known.kind === 'typed' ? 'your own figure' : `measured by you, ${timesText(known.times)}, last ${day(known.lastAt)}`
  }
  const row = (value: RangedValue, label: string, say: (number: number) => string, bar: { from: number, to: number, log?: boolean }) => {
    const before = library?.[value]
    return {
      value, label, typical: say(of[value].typical), spread: `${say(of[value].low)} to ${say(of[value].high)}`, range: of[value], bar,
      from: from(value), was: of.known[value] && before ? `the table says ${say(before.typical)}` : '',
    }
  }
  return [
    row('carbonToNitrogen', 'Carbon to nitrogen', ratioText, { from: 3, to: 700, log: true }),
    row('nitrogenFraction', 'Nitrogen, of the dry matter', percent, { from: 0.0005, to: 0.2, log: true }),
    row('moistureFraction', 'Moisture', value => `${Math.round(value * 100)} %`, { from: 0, to: 1 }),
    row('bulkDensityKgM3', 'Weight of a level, loose litre', value => `${Math.round(value)} g`, { from: 20, to: 1500, log: true }),
  ]
})
</script>

<template>
  <section aria-labelledby="values">
    <h2
      id="values"
      class="section-rule"
    >
      Its values
    </h2>
    <dl>
      <div
        v-for="row in rows"
        :key="row.value"
        class="line-rule py-2"
        :data-value="row.value"
      >
        <dt class="font-semibold">
          {{ row.label }}
        </dt>
        <dd>
          <span class="font-serif text-lg font-semibold text-highlighted">{{ row.typical }}</span>
          <span class="aside-note">{{ row.spread }}</span>
          <RangeBar
            :value="row.range"
            v-bind="row.bar"
          />
          <span class="aside-note">{{ row.from }}{{ row.was ? `; ${row.was}` : '' }}</span>
          <OwnValue
            :material="material"
            :value="row.value"
          />
        </dd>
      </div>
    </dl>
    <p
      v-if="preparationsFor(material).length > 0"
      class="line-rule pt-2"
    >
      Can be {{ preparationsFor(material).map(one => `${one} (${preparationHint(one)})`).join('; ') }}.
    </p>
    <p class="aside-note mt-2">
      The tables are compiled from published extension tables; extremes are those met in practice.
    </p>
  </section>
</template>
