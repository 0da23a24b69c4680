<script setup lang="ts">
import { CONTAINER_L } from '#core/garden/settings'
import { quantityText } from '#core/units/format'
import { readNumber } from '#core/units/number'
import { decimalSign } from '#core/units/region'
import { fromShown, SHOWN_UNITS, toShown } from '#core/units/system'
import type { Container } from '#core/units/container'

/** The containers a gardener owns, each with its volume. */
const model = defineModel<readonly Container[]>({ required: true })
const { units } = defineProps<{ units: 'metric' | 'us' }>()

const fresh = ref('')
const shown = (container: Container) => Math.round(toShown('volume', units, container.volumeL) * 1000) / 1000

const bound = (volumeL: number) => quantityText('volume', units, volumeL, volumeL < 1 ? 3 : 0)
const trouble = ref('')
function setVolume(id: string, text: string): void {
  const read = readNumber(text, decimalSign())
  const volumeL = read.ok ? fromShown('volume', units, read.value) : Number.NaN
  const sound = volumeL >= CONTAINER_L.least && volumeL <= CONTAINER_L.most
  trouble.value = sound
    ? ''
    : `A container of “${text}” cannot be: from ${bound(CONTAINER_L.least)} to ${bound(CONTAINER_L.most)}. It stays as it was.`
  if (sound) model.value = model.value.map(one => one.id === id ? { ...one, volumeL } : one)
}

function add(): void {
  const name = fresh.value.trim().slice(0, 40)
  if (!name) return
  const id = `${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-${model.value.length}`
  model.value = [
    ...model.value,
    { id, name, plural: `${name}s`, volumeL: fromShown('volume', units, units === 'us' ? 5 : 20), holds: 'material' },
  ]
  fresh.value = ''
}

/** One for material and one for water have to stay. */
const removable = (container: Container) => model.value.filter(({ holds }) => holds === container.holds).length > 1
</script>

<template>
  <div>
    <ul>
      <li
        v-for="container in model"
        :key="container.id"
        class="line-rule py-1.5 flex items-center gap-3"
      >
        <span class="flex-1 font-semibold">{{ container.name }}<span
          v-if="container.holds === 'water'"
          class="aside-note font-normal"
        > · for water</span></span>
        <label class="flex items-center gap-2">
          <span class="sr-only">volume of the {{ container.name }}</span>
          <input
            class="text-field !w-24 text-right"
            inputmode="decimal"
            :value="shown(container)"
            @change="setVolume(container.id, ($event.target as HTMLInputElement).value)"
          >
          <span class="aside-note w-7">{{ SHOWN_UNITS.volume[units].symbol }}</span>
        </label>
        <button
          type="button"
          class="tap label-button plain !px-0"
          :aria-label="`remove the ${container.name}`"
          :disabled="!removable(container)"
          @click="model = model.filter(one => one.id !== container.id)"
        >
          <UIcon
            name="i-ph-trash"
            class="size-5"
          />
        </button>
      </li>
    </ul>
    <p
      v-if="trouble"
      role="alert"
      class="text-error font-semibold"
    >
      {{ trouble }}
    </p>
    <form
      class="line-rule pt-2 flex gap-2 items-end max-w-md"
      @submit.prevent="add"
    >
      <label class="flex-1">
        <span class="field-label">Another container</span>
        <input
          v-model="fresh"
          class="text-field"
          placeholder="tub, trug, feed bag…"
          maxlength="40"
        >
      </label>
      <button class="label-button">
        Add
      </button>
    </form>
  </div>
</template>
