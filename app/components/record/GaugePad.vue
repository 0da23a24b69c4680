<script setup lang="ts">
import { quantityByThermometer, type Quantity } from '#core/methods/contract'
import { daysBetween } from '#core/units/time'
import type { KnownBatch } from '~/composables/useGarden'

/** A quantity read by hand, or from the probe where there is one: the first spot at once, the others where they are wanted. */
const { known, quantity } = defineProps<{ known: KnownBatch, quantity: Quantity }>()
const emit = defineEmits<{ done: [] }>()
const { surroundings } = useGarden()
const { gauge } = useRecording()
const at = useMoment()
const { read, state } = useProbe()

const expected = computed(() => quantity.expected(known.batch, surroundings.value))
const gauges = known.batch.gauged[quantity.id] ?? []
const lastAt = (spot: string) => gauges.findLast(one => one.spot === spot)?.value
const starting = (spot: string) => lastAt(spot) ?? expected.value[spot] ?? quantity.limits[0]
/** Sticks tell centimetres, thermometers degrees. */
const rounded = (value: number) => quantity.unit === 'length' ? Math.round(value * 100) / 100 : Math.round(value)
const values = ref<Record<string, number>>(Object.fromEntries(quantity.spots.map(({ id }) => [id, rounded(starting(id))])))
const wanted = ref<readonly string[]>(quantity.spots.map(({ id }) => id).filter((id, index) => index === 0 || lastAt(id) !== undefined))
const fromProbe = ref(false)
const byProbe = computed(() => quantityByThermometer(known.method)?.id === quantity.id)

async function ask(): Promise<void> {
  const answer = await read(known.batch.id, quantity, expected.value, daysBetween(known.batch.began.at, new Date()))
  if (!answer) return
  values.value = { ...values.value, ...answer.values }
  wanted.value = quantity.spots.map(({ id }) => id)
  fromProbe.value = true
}

async function save(): Promise<void> {
  const given = Object.fromEntries(wanted.value.map(id => [id, values.value[id] ?? 0]))
  if (await gauge(known, quantity, given, fromProbe.value ? 'probe' : 'hand', at())) emit('done')
}
</script>

<template>
  <form
    class="space-y-3"
    @submit.prevent="save"
  >
    <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
      <template
        v-for="spot in quantity.spots"
        :key="spot.id"
      >
        <button
          v-if="!wanted.includes(spot.id)"
          type="button"
          class="label-button plain"
          @click="wanted = [...wanted, spot.id]"
        >
          and the {{ spot.said.replace(' {}', '') }}
        </button>
        <StepNumber
          v-else-if="quantity.unit === 'percent' || quantity.unit === 'none'"
          v-model="values[spot.id]!"
          :label="spot.label"
          :min="quantity.limits[0]"
          :max="quantity.limits[1]"
          :unit="quantity.unit === 'percent' ? '%' : ''"
        />
        <QuantityNumber
          v-else
          v-model="values[spot.id]!"
          :quantity="quantity.unit"
          :label="spot.label"
          :min="quantity.limits[0]"
          :max="quantity.limits[1]"
          @update:model-value="fromProbe = false"
        />
      </template>
      <button
        v-if="!byProbe"
        class="label-button strong"
      >
        {{ quantity.button }}
      </button>
    </div>
    <div
      v-if="byProbe"
      class="flex flex-wrap gap-2 items-center"
    >
      <button class="label-button strong">
        {{ quantity.button }}
      </button>
      <button
        type="button"
        class="label-button"
        :disabled="state.kind === 'asking'"
        @click="ask"
      >
        <UIcon
          name="i-ph-broadcast"
          class="size-5"
        />
        Ask the probe
      </button>
      <span
        class="aside-note"
        role="status"
      >{{ state.text }}</span>
    </div>
  </form>
</template>
