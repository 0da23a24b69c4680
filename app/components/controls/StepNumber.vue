<script setup lang="ts" generic="T extends number | undefined">
import { numberText } from '#core/units/format'
import { readNumber, type NumberTrouble } from '#core/units/number'
import { decimalSign } from '#core/units/region'

/**
 * A number with big minus and plus, for gloves; it can be typed as people write: ½, 3,5, "3 sacks". What cannot be is said and
 * not taken.
 */
const {
  label, min = 0, max = 10_000, step = 1, unit = '', spoken = '', digits = 2, hideLabel = false, start = undefined, doubt = undefined,
} = defineProps<{
  label: string
  min?: number
  max?: number
  step?: number
  unit?: string
  /** The unit as it is read aloud, where its sign would not do. */
  spoken?: string
  digits?: number
  hideLabel?: boolean
  /** Where minus and plus begin while nothing is there yet. */
  start?: number
  /** What a value that cannot be might have meant. */
  doubt?: (value: number) => string | undefined
}>()
const model = defineModel<T>({ required: true })
const id = useId()
const field = useTemplateRef('field')

const HOLD_MS = 450
const AGAIN_MS = 130
const WRONG: Readonly<Record<NumberTrouble, string>> = {
  'empty': '', 'no-number': 'That is no number.', 'more-than-one': 'One number, please: 3½ or 3.5.',
}

const shown = computed(() =>
  model.value === undefined
    ? ''
    : numberText(Number(model.value.toFixed(digits)), digits).replace(/(?<=\d)[.,\s](?=\d{3}(\D|$))/g, match =>
        match === decimalSign() ? match : '',
      ),
)
/** What stands there and was not taken, with why. */
const refused = ref<{ readonly text: string, readonly why: string }>()
watch(refused, one => field.value?.setCustomValidity(one?.why ?? ''))
watch(model, () => { refused.value = undefined })

const bounds = computed(() => `From ${numberText(min, digits)} to ${numberText(max, digits)}${unit ? ` ${unit}` : ''}.`)
function why(value: number): string {
  return value < min || value > max
    ? [`${numberText(value, digits)}${unit ? ` ${unit}` : ''} cannot be.`, bounds.value, doubt?.(value) ?? ''].filter(Boolean).join(' ')
    : ''
}
function take(value: number): void {
  refused.value = undefined
  model.value = Number(value.toFixed(6)) as T
}
function stepBy(change: number): void {
  const from = model.value ?? start
  take(Math.min(max, Math.max(min, from === undefined ? 0 : model.value === undefined ? from : from + change)))
}
/** Typed as it stands: also before the field is left, so that a form that is sent has it. */
function typed(): void {
  const text = field.value?.value ?? ''
  if (text.trim() === shown.value) return void (refused.value = undefined)
  const read = readNumber(text, decimalSign())
  if (!read.ok && read.error === 'empty') {
    refused.value = undefined
    // An emptied field goes back to what it was, unless it began empty.
    if (start !== undefined) model.value = undefined as T
    return
  }
  const trouble = read.ok ? why(read.value) : WRONG[read.error]
  if (trouble || !read.ok) refused.value = { text, why: trouble }
  else take(read.value)
}
function left(): void {
  typed()
  if (field.value && !refused.value) field.value.value = shown.value
}

let holding: ReturnType<typeof setTimeout> | undefined
let repeated = false
function hold(change: number): void {
  repeated = false
  const again = () => {
    repeated = true
    stepBy(change)
    holding = setTimeout(again, AGAIN_MS)
  }
  holding = setTimeout(again, HOLD_MS)
}
const release = () => clearTimeout(holding)
function click(change: number): void {
  release()
  if (!repeated) stepBy(change)
  repeated = false
}
onBeforeUnmount(release)
</script>

<template>
  <div>
    <label
      :for="id"
      :class="hideLabel ? 'sr-only' : 'field-label'"
    >{{ label }}</label>
    <div class="flex items-stretch">
      <button
        type="button"
        class="tap label-button !rounded-none !rounded-l !px-0 w-12 text-xl"
        :disabled="model !== undefined && model <= min"
        :aria-label="`less: ${label}`"
        @pointerdown="hold(-step)"
        @pointerup="release"
        @pointerleave="release"
        @pointercancel="release"
        @click="click(-step)"
      >
        −
      </button>
      <span class="relative flex items-center">
        <input
          :id="id"
          ref="field"
          :value="refused?.text ?? shown"
          inputmode="decimal"
          autocomplete="off"
          class="text-field !rounded-none !border-x-0 text-center font-semibold"
          :class="unit ? 'w-24 pr-8' : 'w-18'"
          :aria-invalid="refused ? 'true' : undefined"
          :aria-describedby="[unit ? `${id}-unit` : '', refused ? `${id}-why` : ''].join(' ').trim() || undefined"
          @change="left"
          @keydown.enter="typed"
        >
        <span
          v-if="unit"
          :id="`${id}-unit`"
          class="absolute right-2 pointer-events-none aside-note"
        ><span aria-hidden="true">{{ unit }}</span><span class="sr-only">{{ spoken || unit }}</span></span>
      </span>
      <button
        type="button"
        class="tap label-button !rounded-none !rounded-r !px-0 w-12 text-xl"
        :disabled="model !== undefined && model >= max"
        :aria-label="`more: ${label}`"
        @pointerdown="hold(step)"
        @pointerup="release"
        @pointerleave="release"
        @pointercancel="release"
        @click="click(step)"
      >
        +
      </button>
    </div>
    <p
      v-if="refused"
      :id="`${id}-why`"
      role="alert"
      class="max-w-64 mt-1 leading-snug text-error font-semibold"
    >
      {{ refused.why }}
    </p>
  </div>
</template>
