<script setup lang="ts">
import type { Material } from '#core/materials/material'
import { usualContainer } from '#core/bench/offered'
import type { FeedOffer } from '#core/methods/contract'
import type { Ingredient } from '#core/mix/portion'
import { containerThen, type Amount } from '#core/units/container'
import type { KnownBatch } from '~/composables/useGarden'

/** Feeding as it usually is: what, what covers it, and where. Opened it stands ready; one more tap records it. */
const { known, feed } = defineProps<{ known: KnownBatch, feed: FeedOffer }>()
const emit = defineEmits<{ done: [] }>()
const { surroundings, stored, materialContainers } = useGarden()
const { record } = useRecorder()
const { inputsFrom } = useRecording()
const { at } = useWhen()
const { amount: amountText } = useSay()

const fed = shallowRef<readonly Ingredient[]>(feed.usual(known.batch, surroundings.value))
/** What the gardener covers it with, where that is not what is proposed; null for no cover. */
const own = shallowRef<Ingredient | null>()
const wanted = computed(() => feed.coverFor(known.batch, surroundings.value, fed.value))
const cover = computed(() => own.value === null ? undefined : own.value ?? wanted.value.ingredient)
const pockets = computed(() => feed.pockets(known.batch, surroundings.value))
const pocket = ref(pockets.value[0]?.id)
/** What is picked or changed: a part that is fed by its place, or the cover. */
const picking = ref<number | 'more' | 'cover'>()
const changing = ref<number | 'cover'>()
const words = (one: Ingredient) => `${amountText(one.amount.count, one.amount.container)} of ${one.material.short}`
const amountOf = computed<Amount | undefined>({
  get: () =>
    changing.value === 'cover' ? cover.value?.amount : changing.value === undefined ? undefined : fed.value[changing.value]?.amount,
  set: (amount) => {
    if (!amount) return
    if (changing.value === 'cover') own.value = cover.value && { ...cover.value, amount }
    else fed.value = fed.value.map((one, index) => index === changing.value ? { ...one, amount } : one)
  },
})

function startWith(material: Material): Ingredient {
  const lot = stored.value.find(one => one.material.id === material.id)?.lot
  return {
    material,
    amount: {
      count: 1, container: lot?.container ?? containerThen(usualContainer(material, materialContainers.value)),
      packing: lot?.packing ?? 'loose',
    },
  }
}
function pick(material: Material): void {
  const target = picking.value
  if (target === 'cover') own.value = { ...startWith(material), ...(cover.value ? { amount: cover.value.amount } : {}) }
  else if (target === 'more') fed.value = [...fed.value, startWith(material)]
  else fed.value = fed.value.map((one, index) => index === target ? { ...one, material } : one)
  picking.value = undefined
}
async function save(): Promise<void> {
  const moment = at()
  if (!moment || fed.value.length === 0) return
  const inputs = [...inputsFrom(fed.value, 'feed'), ...(cover.value ? inputsFrom([cover.value], 'cover') : [])]
  const where = pockets.value.find(({ id }) => id === pocket.value)
  const said = `${known.batch.name}: `
    + `${fed.value.map(words).join(', ')}${cover.value ? `, covered with ${words(cover.value)}` : ''}${where ? `, ${where.label}` : ''}.`
  const answer = feed.answer(known.batch, surroundings.value, fed.value, cover.value)
  if (
    await record(
      { kind: 'put', at: moment, batchId: known.batch.id, inputs, waterL: 0, ...(where ? { pocket: where.id } : {}) }, said, answer,
    )
  )
    emit('done')
}
</script>

<template>
  <form
    class="space-y-2"
    data-feed-pad
    @submit.prevent="save"
  >
    <ul>
      <li
        v-for="(one, index) in fed"
        :key="index"
        class="line-rule py-1 flex flex-wrap items-center gap-x-3"
      >
        <HatchSwatch :family="one.material.family" />
        <span class="flex-1 min-w-32 font-semibold text-highlighted">{{ words(one) }}</span>
        <button
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          :aria-expanded="changing === index"
          :aria-label="`how much: ${one.material.short}`"
          @click="changing = changing === index ? undefined : index"
        >
          how much
        </button>
        <button
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          :aria-label="`something else than ${one.material.short}`"
          @click="picking = index"
        >
          else
        </button>
        <button
          v-if="fed.length > 1"
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          :aria-label="`not this: ${one.material.short}`"
          @click="fed = fed.filter((_, at) => at !== index)"
        >
          not this
        </button>
      </li>
      <li
        class="line-rule py-1 flex flex-wrap items-center gap-x-3"
        data-cover
      >
        <HatchSwatch
          v-if="cover"
          :family="cover.material.family"
        />
        <span class="flex-1 min-w-32">
          <span class="field-label">covered with</span>
          <span class="font-semibold text-highlighted">{{ cover ? words(cover) : 'nothing' }}</span>
        </span>
        <button
          v-if="cover"
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          aria-label="how much cover"
          :aria-expanded="changing === 'cover'"
          @click="changing = changing === 'cover' ? undefined : 'cover'"
        >
          how much
        </button>
        <button
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          aria-label="else: another cover"
          @click="picking = 'cover'"
        >
          else
        </button>
        <button
          v-if="cover"
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          data-no-cover
          @click="own = null"
        >
          none
        </button>
      </li>
    </ul>
    <AmountEntry
      v-if="amountOf"
      v-model="amountOf"
      label="How many"
    />
    <p
      v-if="wanted.words && own === undefined"
      class="aside-note"
      data-cover-why
    >
      {{ wanted.words }}
    </p>
    <ChoiceRow
      v-if="pockets.length > 1"
      v-model="pocket"
      label="Where"
      :choices="pockets"
    />
    <WhenRow />
    <p class="flex flex-wrap gap-2">
      <button class="label-button strong">
        {{ feed.button }}
      </button>
      <button
        type="button"
        class="label-button"
        @click="picking = 'more'"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        Something with it
      </button>
    </p>
    <p
      v-for="caution in feed.cautions(fed)"
      :key="caution"
      class="caution"
    >
      {{ caution }}
    </p>
    <MaterialPicker
      :open="picking !== undefined"
      :title="picking === 'cover' ? 'Covered with what?' : 'What was it?'"
      :families="picking === 'cover' ? feed.coverFamilies : feed.families"
      @update:open="open => { if (!open) picking = undefined }"
      @pick="pick"
    />
  </form>
</template>
