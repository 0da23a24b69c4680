<script setup lang="ts">
import { quantityByThermometer, type Quantity } from '#core/methods/contract'
import { daysBetween } from '#core/units/time'
import type { KnownBatch } from '~/composables/useGarden'

/** A quantity read by hand, or from the probe where there is one: the first spot at once, the others where they are wanted. */
const { known, quantity } = defineProps<{ known: KnownBatch, quantity: Quantity }>()
const emit = defineEmits<{ done: [] }>()
const { surroundings, store } = useGarden()
const { gauge } = useRecording()
const { at } = useWhen()
const { read, state } = useProbe()

const expected = computed(() => quantity.expected(known.batch, surroundings.value))
const gauges = known.batch.gauged[quantity.id] ?? []
const lastAt = (spot: string) => gauges.findLast(one => one.spot === spot)?.value
/** Minus and plus begin at what was read last or is expected; sticks tell centimetres, thermometers degrees. */
function startOf(spot: string): number {
  const value = lastAt(spot) ?? expected.value[spot] ?? quantity.limits[0]
  return quantity.unit === 'length' ? Math.round(value * 100) / 100 : Math.round(value)
}
/** Nothing stands there that was not read: what is left empty is not recorded. */
const values = ref<Record<string, number | undefined>>(Object.fromEntries(quantity.spots.map(({ id }) => [id, undefined])))
const wanted = ref<readonly string[]>([quantity.spots[0].id])
const fromProbe = ref(false)
const missing = ref(false)
/** The probe is a stand-in: it belongs to the demo and never gives a gardener's own heap a made-up heat. */
const byProbe = computed(() => store.which === 'demo' && quantityByThermometer(known.method.life)?.id === quantity.id)

async function ask(): Promise<void> {
  const answer = await read(known.batch.id, quantity, expected.value, daysBetween(known.batch.began.at, new Date()))
  if (!answer) return
  values.value = { ...values.value, ...answer.values }
  wanted.value = quantity.spots.map(({ id }) => id)
  fromProbe.value = true
}

async function save(): Promise<void> {
  const given = Object.fromEntries(Object.entries(values.value).flatMap(([id, value]) => value === undefined ? [] : [[id, value] as const]))
  missing.value = Object.keys(given).length === 0
  const moment = missing.value ? undefined : at()
  if (moment && await gauge(known, quantity, given, fromProbe.value ? 'probe' : 'hand', moment)) emit('done')
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
          v-model="values[spot.id]"
          :label="spot.label"
          :min="quantity.limits[0]"
          :max="quantity.limits[1]"
          :unit="quantity.unit === 'percent' ? '%' : ''"
          :start="startOf(spot.id)"
        />
        <QuantityNumber
          v-else
          v-model="values[spot.id]"
          :quantity="quantity.unit"
          :label="spot.label"
          :min="quantity.limits[0]"
          :max="quantity.limits[1]"
          :start="startOf(spot.id)"
          @update:model-value="fromProbe = false"
        />
      </template>
    </div>
    <p
      v-if="missing"
      role="alert"
      class="text-error font-semibold"
    >
      Nothing is written yet: what does it read?
    </p>
    <WhenRow />
    <div class="flex flex-wrap gap-2 items-center">
      <button class="label-button strong">
        {{ quantity.button }}
      </button>
      <template v-if="byProbe">
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
          Ask the made-up probe
        </button>
        <span
          class="aside-note"
          role="status"
        >{{ state.text }}</span>
      </template>
    </div>
  </form>
</template>
