<script setup lang="ts">
import { earliestOf } from '#core/journal/garden'
import { format } from 'date-fns'
import type { KnownEvent } from '#core/journal/event'
import { eventOf } from '#core/journal/journal'
import { sameData } from '#core/journal/same'
import { partsOf, setRight, type Part } from '#core/journal/set-right'
import { momentTrouble } from '#core/journal/when'
import { deedOf, quantityOf, sensesOf } from '#core/methods/contract'
import { materialOf } from '#core/mix/portion'
import type { KnownBatch } from '~/composables/useGarden'

/** An entry of the log as it should have read: its value, its finding, its amounts, its words, and when it was. */
const { known, entry, said } = defineProps<{ known: KnownBatch, entry: KnownEvent, said: string }>()
const emit = defineEmits<{ done: [] }>()
const { record } = useRecorder()
const { materials } = useGarden()
const store = useGardenStore()

const parts = ref<Part[]>(partsOf(entry)?.map(part => ({ ...part })) ?? [])
const local = (at: string) => format(new Date(at), 'yyyy-MM-dd\'T\'HH:mm')
const when = ref(local(entry.at))
const trouble = ref('')

const quantityFor = (id: string) => quantityOf(known.method.life, id)
const spotLabel = ({ quantity, spot }: Extract<Part, { kind: 'value' }>) =>
  quantityFor(quantity)?.spots.find(({ id }) => id === spot)?.label ?? spot
const findingsOf = (sense: string) => sensesOf(known.method.life).find(({ id }) => id === sense)?.findings ?? []
const asksOf = (deed: string) => deedOf(known.method.life, deed)?.asks ?? []
const named = (materialId: string) => materialOf({ materialId }, materials.value)?.name ?? materialId
/** What it may have been instead, by name; what came out has its own lot and stays what it is. */
const others = computed(() => [...materials.value.all].sort((a, b) => a.name < b.name ? -1 : 1))

/** Nothing comes before the beginning, and the beginning before all else. */
const bounds = computed(() => {
  const isBeginning = entry.kind === 'began' || entry.kind === 'built'
  const first = known.batch.log.map(id => eventOf(store.journal, id)).find(one => one && one.id !== entry.id)?.at
  return isBeginning ? { from: undefined, to: first } : { from: earliestOf(known.batch.began), to: undefined }
})
/** As it was, to the second, where its day and hour were left alone. */
const moment = computed(() => when.value === local(entry.at) ? entry.at : new Date(when.value).toISOString())

async function save(): Promise<void> {
  trouble.value = when.value === '' ? 'Pick the day and the hour.' : momentTrouble(moment.value, bounds.value, new Date())
  const to = trouble.value === '' ? setRight(entry, parts.value, moment.value) : undefined
  if (!to) return
  // Nothing was changed: nothing is written down.
  if (sameData(to, entry)) return emit('done')
  const done = await record(
    { kind: 'amended', at: new Date().toISOString(), targetId: entry.id, to },
    `${known.batch.name}: set right.`, 'What stood before is kept.',
  )
  if (done) emit('done')
}
</script>

<template>
  <form
    class="border-l-4 border-accented pl-3 py-2 my-1 space-y-3 basis-full min-w-0"
    :aria-label="`set right: ${said}`"
    data-set-right
    @submit.prevent="save"
  >
    <template
      v-for="(part, index) in parts"
      :key="index"
    >
      <template v-if="part.kind === 'value'">
        <QuantityNumber
          v-if="quantityFor(part.quantity) && quantityFor(part.quantity)!.unit !== 'percent' && quantityFor(part.quantity)!.unit !== 'none'"
          v-model="part.value"
          :quantity="quantityFor(part.quantity)!.unit as 'temperature'"
          :label="spotLabel(part)"
          :min="quantityFor(part.quantity)!.limits[0]"
          :max="quantityFor(part.quantity)!.limits[1]"
        />
        <StepNumber
          v-else
          v-model="part.value"
          :label="spotLabel(part)"
          :min="quantityFor(part.quantity)?.limits[0] ?? -1e6"
          :max="quantityFor(part.quantity)?.limits[1] ?? 1e6"
          :unit="quantityFor(part.quantity)?.unit === 'percent' ? '%' : ''"
        />
      </template>
      <div
        v-else-if="part.kind === 'finding'"
        class="flex flex-wrap gap-2"
        role="group"
        aria-label="What it was"
      >
        <button
          v-for="finding in findingsOf(part.sense)"
          :key="finding.id"
          type="button"
          class="label-button"
          :aria-pressed="part.finding === finding.id"
          @click="parts[index] = { ...part, finding: finding.id }"
        >
          {{ finding.label }}
        </button>
      </div>
      <QuestionFields
        v-else-if="part.kind === 'answers' && asksOf(part.deed).length > 0"
        :model-value="part.answers"
        :questions="asksOf(part.deed)"
        @update:model-value="parts[index] = { ...part, answers: $event }"
      />
      <div
        v-else-if="part.kind === 'stuff'"
        class="space-y-2"
      >
        <label
          v-if="!part.fixed"
          class="block"
        >
          <span class="field-label">What it was</span>
          <select
            class="text-field"
            :value="part.materialId"
            @change="parts[index] = { ...part, materialId: ($event.target as HTMLSelectElement).value }"
          >
            <option
              v-for="material in others"
              :key="material.id"
              :value="material.id"
            >
              {{ material.name }}
            </option>
          </select>
        </label>
        <AmountEntry
          :model-value="part.amount"
          :label="named(part.materialId)"
          @update:model-value="parts[index] = { ...part, amount: $event }"
        />
      </div>
      <QuantityNumber
        v-else-if="part.kind === 'litres'"
        v-model="part.litres"
        quantity="volume"
        label="How much"
        :max="100000"
      />
      <label
        v-else-if="part.kind === 'text'"
        class="block"
      >
        <span class="field-label">Note</span>
        <textarea
          v-model="part.text"
          class="text-field"
          rows="3"
          maxlength="4000"
        />
      </label>
    </template>
    <label class="block">
      <span class="field-label">When it was</span>
      <input
        v-model="when"
        type="datetime-local"
        class="text-field max-w-full sm:!w-auto"
      >
    </label>
    <p
      v-if="trouble"
      role="alert"
      class="text-error font-semibold"
    >
      {{ trouble }}
    </p>
    <div class="flex flex-wrap gap-2">
      <button class="label-button strong">
        Set it right
      </button>
      <button
        type="button"
        class="label-button plain"
        @click="emit('done')"
      >
        Leave it
      </button>
    </div>
  </form>
</template>
