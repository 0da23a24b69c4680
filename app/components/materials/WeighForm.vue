<script setup lang="ts">
import { weighedDensityKgM3 } from '#core/materials/measured'
import type { Material } from '#core/materials/material'
import { amountMassKg } from '#core/materials/packing'
import { containerThen, type Amount } from '#core/units/container'
import { usualContainer } from '#core/bench/offered'

/** Weigh my bucket: a filled container on the scale gives this garden's own bulk density. */
const { material } = defineProps<{ material: Material }>()
const { materialContainers } = useGarden()
const { record } = useRecorder()
const { quantity } = useSay()

const open = ref(false)
const amount = shallowRef<Amount>({
  count: 1, container: containerThen(usualContainer(material, materialContainers.value)), packing: 'loose',
})
const massKg = ref(0)
/** Heavier than stone or lighter than foam is a slip. */
const likely = computed(() => {
  const density = massKg.value > 0 ? weighedDensityKgM3(material, { amount: amount.value, massKg: massKg.value }) : 0
  return density >= 5 && density <= 3000
})
const { at } = provideWhen(new Date(0).toISOString())
async function save(): Promise<void> {
  const when = at()
  if (!when) return
  const before = material.bulkDensityKgM3
  const done = await record(
    { kind: 'weighed', at: when, materialId: material.id, amount: amount.value, massKg: massKg.value },
    `${quantity('mass', massKg.value, 1)} of ${material.short} weighed.`,
    `It was ${Math.round(before.low)} to ${Math.round(before.high)} g a litre; now it is yours.`,
  )
  if (done) {
    open.value = false
    massKg.value = 0
  }
}
</script>

<template>
  <section aria-labelledby="weigh">
    <h2
      id="weigh"
      class="section-rule"
    >
      Weigh my bucket
    </h2>
    <p class="aside-note">
      Fill it as you always do, weigh it, take the empty one off. It should weigh about
      {{ quantity('mass', amountMassKg(material, amount), 1) }}.
    </p>
    <button
      v-if="!open"
      type="button"
      class="label-button mt-1"
      @click="open = true"
    >
      <UIcon
        name="i-ph-scales"
        class="size-5"
      />
      I have weighed it
    </button>
    <form
      v-else
      class="space-y-3 pt-2"
      @submit.prevent="save"
    >
      <AmountEntry
        v-model="amount"
        label="How many"
      />
      <QuantityNumber
        v-model="massKg"
        quantity="mass"
        label="What is in it weighs"
        :max="20000"
        :step="0.5"
      />
      <p
        v-if="massKg > 0 && !likely"
        class="caution"
      >
        That is hardly possible for so much of it. Look at the number and the container again.
      </p>
      <WhenRow label="When it was weighed" />
      <button
        class="label-button strong"
        :disabled="!likely"
      >
        Keep it
      </button>
    </form>
  </section>
</template>
