<script setup lang="ts">
import type { Comfort } from '#core/mix/judgement'
import type { Ingredient } from '#core/mix/portion'
import type { DrivenRange, MixRanges } from '#core/mix/ranges'
import { chanceText } from '#core/mix/words'
import { preparedMaterial } from '#core/materials/preparation'
import { containersFor } from '#core/units/container'
import { countText, ratioText } from '#core/units/format'
import type { Range } from '#core/units/range'
import { vesselVolumeL, type Vessel } from '#core/vessel/vessel'

/** The numbers of a mix, each with its range and with what makes it unsure. */
const { ranges, comfort, ingredients, vessel, standsShare } = defineProps<{
  ranges: MixRanges
  comfort: Comfort
  ingredients: readonly Ingredient[]
  vessel: Vessel
  /** Of loosely mixed litres, so much stands in it. */ standsShare: number
}>()
const { waterCan } = useGarden()
const { quantity, span, amount } = useSay()

const UNSURE = {
  fill: 'how full they were filled', bulkDensityKgM3: 'how heavy it is', moistureFraction: 'how wet it is',
  carbonToNitrogen: 'how rich it is',
} as const

interface Row {
  readonly label: string
  readonly value: string
  readonly spread: string
  readonly why: string
  readonly bar: { value: Range, from: number, to: number, comfort?: readonly [number, number], log?: boolean }
}

const why = ({ driver }: DrivenRange) => {
  const ingredient = ingredients[driver.portionIndex]
  return ingredient ? `Least sure of the ${ingredient.material.short}: ${UNSURE[driver.value]}.` : ''
}
/** What lies there and is not counted in the ratio, and why. */
const apart = computed(() => {
  const shorts = ingredients
    .filter(({ material, prepared }) => preparedMaterial(material, prepared).part !== 'mix')
    .map(({ material }) => material.short)
  return shorts.length > 0 ? `Not counted in the ratio, since they hardly decay or only start it: ${shorts.join(', ')}.` : ''
})
const ratio = (range: Range) => `${Math.round(range.low)}–${Math.round(range.high)}`
const percent = (range: Range) => `${Math.round(range.low * 100)}–${Math.round(range.high * 100)} %`

const rows = computed<Row[]>(() => {
  const { carbonToNitrogen, availableCarbonToNitrogen, moistureFraction, volumeL, freeAirSpace } = ranges.of
  const water = ranges.waterToTargetL
  const wholeL = vesselVolumeL(vessel) / standsShare
  return [
    {
      label: 'Carbon to nitrogen', value: ratioText(carbonToNitrogen.typical), spread: ratio(carbonToNitrogen),
      why: why(carbonToNitrogen),
      bar: { value: carbonToNitrogen, from: 8, to: 150, log: true, comfort: [comfort.carbonToNitrogen.low, comfort.carbonToNitrogen.high] },
    },
    {
      label: 'Of what takes part in the heat', value: ratioText(availableCarbonToNitrogen.typical),
      spread: ratio(availableCarbonToNitrogen), why: why(availableCarbonToNitrogen),
      bar: {
        value: availableCarbonToNitrogen, from: 8, to: 150, log: true,
        comfort: [comfort.availableCarbonToNitrogen.low, comfort.carbonToNitrogen.high],
      },
    },
    {
      label: 'Moisture, watered', value: `${Math.round(moistureFraction.typical * 100)} %`, spread: percent(moistureFraction),
      why: why(moistureFraction),
      bar: { value: moistureFraction, from: 0.2, to: 0.9, comfort: [comfort.moistureFraction.low, comfort.moistureFraction.high] },
    },
    {
      label: 'Water to add', value: water.typical < 0.5 ? 'none' : amount(containersFor(water.typical, waterCan.value), waterCan.value),
      spread:
        water.high < 0.5
          ? ''
          : `${countText(water.low / waterCan.value.volumeL)}–${countText(water.high / waterCan.value.volumeL)} ${waterCan.value.plural}`,
      why: water.high < 0.5 ? '' : `${quantity('volume', water.typical)}. ${why(moistureFraction)}`,
      bar: { value: water, from: 0, to: Math.max(20, water.high * 1.2) },
    },
    {
      label: `Fills ${vessel.name.startsWith('My ') ? '' : 'the '}${vessel.name.charAt(0).toLowerCase()}${vessel.name.slice(1)}`,
      value: `${Math.round((volumeL.typical / wholeL) * 100)} %`, spread: span('volume', volumeL.low, volumeL.high),
      why: `It holds ${quantity('volume', wholeL)} as loosely mixed: its own weight presses it. ${why(volumeL)}`,
      bar: { value: volumeL, from: 0, to: wholeL * 1.4, comfort: [wholeL * 0.75, wholeL] },
    },
    {
      label: 'Air in it', value: `${Math.round(freeAirSpace.typical * 100)} %`, spread: percent(freeAirSpace), why: why(freeAirSpace),
      bar: { value: freeAirSpace, from: 0, to: 1, comfort: [comfort.freeAirSpace.low, 1] },
    },
  ]
})
</script>

<template>
  <div>
    <p
      class="py-2"
      data-chance
    >
      {{ chanceText(ranges.chance) }}
    </p>
    <p
      v-if="apart"
      class="aside-note pb-2"
      data-apart
    >
      {{ apart }}
    </p>
    <dl>
      <div
        v-for="row in rows"
        :key="row.label"
        class="line-rule py-2 grid grid-cols-[1fr_auto] items-baseline gap-x-3"
      >
        <dt class="font-semibold">
          <TermNote :word="row.label" />
        </dt>
        <dd class="text-right whitespace-nowrap">
          <span class="font-serif font-semibold text-lg text-highlighted">{{ row.value }}</span>
          <span
            v-if="row.spread"
            class="aside-note ml-2"
          >{{ row.spread }}</span>
        </dd>
        <dd class="col-span-2">
          <RangeBar v-bind="row.bar" />
          <span
            v-if="row.why"
            class="aside-note"
          >{{ row.why }}</span>
        </dd>
      </div>
    </dl>
  </div>
</template>
