<script setup lang="ts">
import { driedMoistureFraction } from '#core/materials/measured'
import type { Material } from '#core/materials/material'

/** Dry a handful: weighed fresh, dried until it stays the same, weighed again. */
const { material } = defineProps<{ material: Material }>()
const { record } = useRecorder()

const open = ref(false)
const wetG = ref(100)
const dryG = ref(50)
const possible = computed(() => wetG.value >= 1 && dryG.value >= 1 && dryG.value <= wetG.value)
const moisture = computed(() => possible.value ? driedMoistureFraction({ wetMassKg: wetG.value, dryMassKg: dryG.value }) : 0)

const { at } = provideWhen(new Date(0).toISOString())
async function save(): Promise<void> {
  const when = at()
  if (!when) return
  const done = await record(
    { kind: 'dried', at: when, materialId: material.id, wetMassKg: wetG.value / 1000, dryMassKg: dryG.value / 1000 },
    `${Math.round(moisture.value * 100)} % moisture in the ${material.short}.`, 'Weather changes it: dry another handful when it does.')
  if (done) open.value = false
}
</script>

<template>
  <section aria-labelledby="dry">
    <h2
      id="dry"
      class="section-rule"
    >
      Dry a handful
    </h2>
    <p class="aside-note">
      Weigh it fresh on the kitchen scale. Dry it on a tray near the stove or in the sun until it weighs the same twice, and weigh it again.
      Not in a microwave, and never unwatched in an oven: dry stuff catches fire.
    </p>
    <button
      v-if="!open"
      type="button"
      class="label-button mt-1"
      @click="open = true"
    >
      <UIcon
        name="i-ph-sun"
        class="size-5"
      />
      I have dried it
    </button>
    <form
      v-else
      class="space-y-3 pt-2"
      @submit.prevent="save"
    >
      <div class="flex flex-wrap gap-4">
        <StepNumber
          v-model="wetG"
          label="Fresh"
          unit="g"
          :step="5"
          :min="1"
        />
        <StepNumber
          v-model="dryG"
          label="Dry"
          unit="g"
          :step="5"
          :min="1"
        />
      </div>
      <p v-if="possible">
        That is <strong class="font-semibold text-highlighted">{{ Math.round(moisture * 100) }} %</strong> moisture.
      </p>
      <p
        v-else
        class="caution"
      >
        It cannot be heavier dry than fresh.
      </p>
      <WhenRow label="When it was weighed" />
      <button
        class="label-button strong"
        :disabled="!possible"
      >
        Keep it
      </button>
    </form>
  </section>
</template>
