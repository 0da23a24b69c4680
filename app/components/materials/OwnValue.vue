<script setup lang="ts">
import type { Material, RangedValue } from '#core/materials/material'
import { OWN_LIMITS } from '#core/garden/own-material'
import { range } from '#core/units/range'
import { readNumber } from '#core/units/number'
import { decimalSign } from '#core/units/region'

/** Saying a value oneself: low, usual, high, in the unit it is shown in. */
const { material, value } = defineProps<{ material: Material, value: RangedValue }>()
const { setValue } = useOwnMaterials()

/** Fractions are shown in per cent, grams a litre are kilograms a cubic metre. */
const FACTORS: Readonly<Record<RangedValue, number>> = {
  carbonToNitrogen: 1, nitrogenFraction: 100, moistureFraction: 100, bulkDensityKgM3: 1,
}
const factor = computed(() => FACTORS[value])
const open = ref(false)
const shown = reactive({ low: '', typical: '', high: '' })
const trouble = ref('')
const ENDS = [['low', 'low'], ['typical', 'usual'], ['high', 'high']] as const

watch(open, (isOpen) => {
  if (!isOpen) return
  trouble.value = ''
  for (const [end] of ENDS) shown[end] = String(Number((material[value][end] * factor.value).toFixed(2)))
})

async function save(): Promise<void> {
  const numberIn = (text: string) => {
    const read = readNumber(text, decimalSign())
    return read.ok ? read.value : Number.NaN
  }
  const numbers = ENDS.map(([end]) => numberIn(shown[end]) / factor.value)
  const [low, typical, high] = numbers as [number, number, number]
  const [least, most] = OWN_LIMITS[value]
  if (!numbers.every(Number.isFinite)) trouble.value = 'One of these is not a number.'
  else if (!(low <= typical && typical <= high)) trouble.value = 'They have to rise: low, usual, high.'
  else if (low < least || high > most) trouble.value = `That cannot be: between ${least * factor.value} and ${most * factor.value}.`
  else {
    await setValue(material, value, range(low, typical, high))
    open.value = false
  }
}
async function putBack(): Promise<void> {
  await setValue(material, value, undefined)
  open.value = false
}
</script>

<template>
  <div>
    <button
      type="button"
      class="tap underline underline-offset-3 decoration-dotted"
      :aria-expanded="open"
      @click="open = !open"
    >
      say it myself
    </button>
    <button
      v-if="material.known[value]?.kind === 'typed'"
      type="button"
      class="tap underline underline-offset-3 decoration-dotted ml-4"
      @click="putBack"
    >
      back to the table
    </button>
    <form
      v-if="open"
      class="flex flex-wrap gap-2 items-end pb-2"
      @submit.prevent="save"
    >
      <label
        v-for="[end, label] in ENDS"
        :key="end"
        class="w-24"
      >
        <span class="field-label">{{ label }}</span>
        <input
          v-model="shown[end]"
          class="text-field"
          inputmode="decimal"
          autocomplete="off"
        >
      </label>
      <button class="label-button">
        Keep
      </button>
      <p
        v-if="trouble"
        class="w-full text-error"
        role="alert"
      >
        {{ trouble }}
      </p>
    </form>
  </div>
</template>
