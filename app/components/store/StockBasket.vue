<script setup lang="ts">
import { daysText } from '#core/units/plural'
import { format } from 'date-fns'
import { usualContainer } from '#core/bench/offered'
import type { NewEvent } from '#core/journal/event'
import type { Material } from '#core/materials/material'
import { containerThen, PACKINGS, type Amount, type Packing } from '#core/units/container'

/** What was brought home on one visit: a line each, numbers one after the other, one tap for all of it. */
const { materials } = defineProps<{ materials: readonly Material[] }>()
const emit = defineEmits<{ done: [], more: [], drop: [materialId: string] }>()
const { materialContainers, now } = useGarden()
const { record } = useRecorder()
const { amount: amountText } = useSay()
const form = useTemplateRef('form')

const usual = (material: Material): Amount => ({
  count: 1, container: containerThen(usualContainer(material, materialContainers.value)), packing: 'loose',
})
const amounts = ref<Record<string, Amount>>({})
watch(() => materials, (all) => {
  amounts.value = Object.fromEntries(all.map(material => [material.id, amounts.value[material.id] ?? usual(material)]))
}, { immediate: true })
const gathered = ref(format(now.value, 'yyyy-MM-dd'))
const source = useDraft('stock.visit')
const cautions = computed(() =>
  materials.flatMap(({ id, short, cautions: own }) => (own.length > 0 ? [{ id, text: `${capital(short)}: ${own.join('; ')}.` }] : [])),
)
const PACKING_WORDS: Readonly<Record<Packing, string>> = { loose: 'loose', shaken: 'shaken down', packed: 'packed tight' }

onMounted(async () => {
  await nextTick()
  form.value?.scrollIntoView({ block: 'start', behavior: 'instant' })
  // The picker that is still closing would take the focus back.
  await until(() => document.querySelector('[role="dialog"]') === null)
  form.value?.querySelector('input')?.focus({ preventScroll: true })
})
function change(id: string, part: Partial<Amount>): void {
  const amount = amounts.value[id]
  if (amount) amounts.value = { ...amounts.value, [id]: { ...amount, ...part } }
}
function put(id: string, containerId: string): void {
  const container = materialContainers.value.find(one => one.id === containerId)
  if (container) change(id, { container: containerThen(container) })
}
/** Enter goes to the next number, from the last one to the button that takes all in. */
function onward(event: KeyboardEvent): void {
  if (!(event.target instanceof HTMLInputElement) || event.target.inputMode !== 'decimal') return
  event.preventDefault()
  const fields = [...form.value?.querySelectorAll<HTMLInputElement>('input[inputmode="decimal"]') ?? []]
  const next = fields[fields.indexOf(event.target) + 1] ?? form.value?.querySelector<HTMLElement>('[data-all-in]')
  next?.focus()
  if (next instanceof HTMLInputElement) next.select()
}
/** The day as chosen; today means now. */
function gatheredAt(): string {
  const chosen = new Date(`${gathered.value}T12:00`)
  return (gathered.value === format(now.value, 'yyyy-MM-dd') || Number.isNaN(chosen.getTime()) ? new Date() : chosen).toISOString()
}
async function save(): Promise<void> {
  const filled = materials.flatMap((material) => {
    const amount = amounts.value[material.id]
    return amount && amount.count > 0 ? [{ material, amount }] : []
  })
  const events = filled.map(({ material, amount }): NewEvent => ({
    kind: 'stocked', at: gatheredAt(), materialId: material.id, amount, source: source.value.trim(),
  }))
  if (events.length === 0) return
  const said = filled.map(({ material, amount: { count, container } }) => `${amountText(count, container)} of ${material.short}`)
  const soonest = filled.map(({ material }) => material).sort((a, b) => a.keepsDays - b.keepsDays)[0]
  const done = await record(
    events, `${said.join(', ')} in the store.`,
    soonest && soonest.keepsDays < 90 ? `${capital(soonest.short)}: ${daysText(soonest.keepsDays)} to use it.` : '',
  )
  if (!done) return
  source.value = ''
  emit('done')
}
</script>

<template>
  <form
    ref="form"
    class="space-y-3"
    data-stock-form
    @submit.prevent="save"
    @keydown.enter="onward"
  >
    <h2>What you brought</h2>
    <ul>
      <li
        v-for="material in materials"
        :key="material.id"
        class="line-rule py-2 flex flex-wrap items-center gap-x-3 gap-y-1"
        :data-bringing="material.id"
      >
        <HatchSwatch :family="material.family" />
        <span class="flex-1 min-w-28 font-semibold text-highlighted leading-tight">{{ material.name }}</span>
        <StepNumber
          :model-value="amounts[material.id]?.count ?? 1"
          hide-label
          :label="`how many of ${material.short}`"
          :step="(amounts[material.id]?.count ?? 1) >= 1 ? 1 : 0.25"
          :min="0.25"
          :max="1000"
          @update:model-value="count => change(material.id, { count })"
        />
        <select
          class="text-field !w-auto"
          :aria-label="`of ${material.short}, in`"
          :value="amounts[material.id]?.container.id"
          @change="put(material.id, ($event.target as HTMLSelectElement).value)"
        >
          <option
            v-for="container in materialContainers"
            :key="container.id"
            :value="container.id"
          >
            {{ container.plural }}
          </option>
        </select>
        <select
          class="text-field !w-auto"
          :aria-label="`${material.short}, filled`"
          :value="amounts[material.id]?.packing"
          @change="change(material.id, { packing: ($event.target as HTMLSelectElement).value as Packing })"
        >
          <option
            v-for="packing in PACKINGS"
            :key="packing"
            :value="packing"
          >
            {{ PACKING_WORDS[packing] }}
          </option>
        </select>
        <button
          type="button"
          class="tap grid place-items-center"
          :aria-label="`not the ${material.short}`"
          @click="emit('drop', material.id)"
        >
          <UIcon
            name="i-ph-x"
            class="size-5"
          />
        </button>
      </li>
    </ul>
    <div class="flex flex-wrap gap-3">
      <button
        class="label-button strong"
        data-all-in
      >
        {{ materials.length > 1 ? `All ${materials.length} into the store` : 'Into the store' }}
      </button>
      <button
        type="button"
        class="label-button"
        @click="emit('more')"
      >
        And something else
      </button>
    </div>
    <details class="line-rule">
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
        Gathered when and where, and what to mind
      </summary>
      <GatheredFields
        v-model:day="gathered"
        v-model:source="source"
      />
      <p
        v-for="caution in cautions"
        :key="caution.id"
        class="caution"
      >
        {{ caution.text }}
      </p>
    </details>
  </form>
</template>
