<script setup lang="ts">
import { addDays } from 'date-fns'
import { weekdayText } from '#core/units/dates'
import { portionOf } from '#core/mix/portion'
import type { Material } from '#core/materials/material'
import type { Supposed, Supposing, WhatIf } from '#core/methods/contract'
import { containerThen, type Amount } from '#core/units/container'
import { usualContainer } from '#core/bench/offered'

/** What if I turn it on Friday, wet it, add two buckets of grass? The curve answers; nothing is recorded. */
const { supposing, whatIf } = defineProps<{ supposing: Supposing, whatIf?: WhatIf }>()
const supposed = defineModel<readonly Supposed[]>({ required: true })
const { now, waterCan, stored, materialContainers } = useGarden()

const turning = ref(false)
const cans = ref(0)
const inDays = ref(0)
const picking = ref(false)
const material = shallowRef<Material>()
const amount = shallowRef<Amount>()

const when = computed(() =>
  [0, 1, 2, 3, 5, 7].map(days => ({
    id: String(days), label: days === 0 ? 'today' : days === 1 ? 'tomorrow' : weekdayText(addDays(now.value, days)),
  })),
)
const chosenDay = computed({ get: () => String(inDays.value), set: (id: string | undefined) => { inDays.value = Number(id ?? 0) } })

function pick(picked: Material): void {
  const lot = stored.value.find(one => one.material.id === picked.id)?.lot
  material.value = picked
  amount.value = {
    count: 2, container: lot?.container ?? containerThen(usualContainer(picked, materialContainers.value)),
    packing: lot?.packing ?? 'loose',
  }
  picking.value = false
}

watch([turning, cans, inDays, material, amount], () => {
  const at = addDays(now.value, inDays.value).toISOString()
  supposed.value = [
    ...(material.value && amount.value && amount.value.count > 0
      ? [{ kind: 'add' as const, at, portion: portionOf({ material: material.value, amount: amount.value }) }]
      : []),
    ...(cans.value > 0 ? [{ kind: 'water' as const, at, litres: cans.value * waterCan.value.volumeL }] : []),
    ...(turning.value ? [{ kind: 'deed' as const, deed: supposing.deed, at }] : []),
  ]
})

function clear(): void {
  turning.value = false
  cans.value = 0
  material.value = undefined
  amount.value = undefined
}
</script>

<template>
  <div class="space-y-3">
    <div class="flex flex-wrap gap-x-6 gap-y-3 items-end">
      <button
        type="button"
        class="label-button"
        :aria-pressed="turning"
        @click="turning = !turning"
      >
        <UIcon
          name="i-ph-shovel"
          class="size-5"
        />
        {{ supposing.label }}
      </button>
      <StepNumber
        v-model="cans"
        :label="`I pour on ${waterCan.plural}`"
        :max="60"
      />
      <button
        type="button"
        class="label-button"
        :aria-pressed="Boolean(material)"
        @click="picking = true"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        {{ material ? material.name : 'I work something in' }}
      </button>
    </div>
    <AmountEntry
      v-if="amount"
      v-model="amount"
      label="How many"
    />
    <ChoiceRow
      v-model="chosenDay"
      label="When"
      :choices="when"
    />
    <p
      v-if="whatIf"
      role="status"
      class="font-semibold text-highlighted"
      data-what-if
    >
      {{ whatIf.words }}
      <button
        type="button"
        class="label-button plain"
        @click="clear"
      >
        Clear
      </button>
    </p>
    <p class="aside-note">
      One of them in the middle of what is possible, with it and without. Nothing is recorded.
    </p>
    <MaterialPicker
      v-model:open="picking"
      title="What would you work in?"
      :chosen="material ? [material.id] : []"
      @pick="pick"
    />
  </div>
</template>
