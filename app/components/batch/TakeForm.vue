<script setup lang="ts">
import { unknownCautions } from '#core/already'
import { earliestOf, hasBegun } from '#core/journal/garden'
import { goneInL, cameOutL } from '#core/garden/batch'
import { numberText } from '#core/units/format'
import { HEIGHT } from '#core/journal/earlier'
import { carriedByBatch } from '#core/lots/carried'
import { carriedCautions } from '#core/lots/words'
import { balancedOf, quantityOf } from '#core/methods/contract'
import { expectedOut } from '#core/sizing/yields'
import { containerThen, type Amount } from '#core/units/container'
import type { KnownBatch } from '~/composables/useGarden'

/** Taking out what has become of a batch, in part or all of it: each product goes into the store. */
const { known } = defineProps<{ known: KnownBatch }>()
const { store, materialContainers, materials, surroundings, now, everything } = useGarden()
const { record } = useRecorder()
const { quantity, sieve, span } = useSay()
const router = useRouter()

const { life: look, face: { words } } = known.method
const outputs = computed(() => look.outputs(known.batch, surroundings.value))
const height = quantityOf(known.method.life, HEIGHT)
const expectedM = height?.expected(known.batch, surroundings.value).top
const changedAt = [...known.batch.puts, ...known.batch.takings].reduce((last, { at }) => at > last ? at : last, '')
const measured = known.batch.gauged[HEIGHT]?.findLast(({ at }) => at >= changedAt)
const heightM = ref(Math.round(100 * (measured?.value ?? expectedM ?? 0)) / 100)
const bucket = computed(() => containerThen(materialContainers.value.find(({ id }) => id === 'bucket') ?? materialContainers.value[0]!))
const amounts = ref<Amount[]>(outputs.value.map(() => ({ count: 0, container: bucket.value, packing: 'loose' })))
const windows = look.windows(known.batch, surroundings.value)
/** What comes out of it is what it is for: where worms may go in earlier, it is not ripe by that. */
const first = windows.find(({ id }) => id === 'ready') ?? windows[0]
const early = computed(() => first !== undefined && first.from > now.value)
const ends = ref<'ends' | 'goes-on'>(known.method.life.inParts ? 'goes-on' : 'ends')
const outL = computed(() => amounts.value.reduce((sum, { count, container }) => sum + count * container.volumeL, 0))
const inL = computed(() => goneInL(known.batch, materials.value))
/** Loose stuff never grows; a tenth is left for containers that are filled unevenly. */
const MOST_SHARE = 1.1
const before = computed(() => cameOutL(known.batch))
/** By the garden's own harvests first. */
const usualYield = balancedOf(known.method)?.sizing.usualYield
const likely = computed(() => {
  if (!usualYield) return ''
  const same = everything.value.filter(one => hasBegun(one) && one.began.methodId === known.method.id)
  const out = expectedOut(known.batch, same, materials.value, usualYield)
  const by = out && out.batches > 0 ? `by ${out.batches === 1 ? 'one' : out.batches} of your own` : 'as is usual'
  const left = (litres: number) => Math.max(0, litres - before.value)
  return out ? `In all about ${span('volume', left(out.litres.low), left(out.litres.high))}, ${by}.` : ''
})
/** What has to come first, while it has not; what is taken all the same leaves the batch where it is, with all it still asks for. */
const shut = computed(() => look.gates(known.batch, surroundings.value).find(({ beforeTaking, open }) => beforeTaking && !open))
const anyway = ref(false)

/** What can hardly be is asked back before it is written: nothing out at the end, or far more out than ever went in. */
const doubt = computed(() =>
  ends.value === 'ends' && !shut.value && outputs.value.length > 0 && known.batch.uses.length === 0 && outL.value + before.value === 0
    ? 'Nothing came out of it at all? Say how much there is; or, if it is truly gone, say so once more.'
    : inL.value > 0 && outL.value + before.value > inL.value * MOST_SHARE
      ? `${quantity('volume', outL.value + before.value)} out of ${quantity('volume', inL.value)} is more than went in: check the number `
      + 'and the container. If it is so, say so once more.'
      : '')
/** What went in goes with whatever comes out. */
const carried = computed(() => [
  ...unknownCautions(known.batch.began, known.method.face.choosing.eats),
  ...carriedCautions(carriedByBatch(store.journal.garden, known.batch, materials.value, now.value)),
])
/** What comes out unsieved can go through the sieve at once. */
const sieves = computed(() => outputs.value.some(({ sieveMm, materialId }, index) =>
  !sieveMm && (amounts.value[index]?.count ?? 0) > 0 && materials.value.find(materialId)?.growsAs !== undefined))
const thenSieve = ref(false)
const asked = ref('')
const { at } = provideWhen(earliestOf(known.batch.began))
async function save(): Promise<void> {
  if (doubt.value && asked.value !== doubt.value) {
    asked.value = doubt.value
    return
  }
  const takenAt = at()
  if (!takenAt) return
  const products = outputs.value.flatMap(({ materialId, sieveMm, char }, index) => {
    const amount = amounts.value[index]
    return amount && amount.count > 0
      ? [{ materialId, amount, ...(sieveMm ? { sieveMm } : {}), ...(char ? { char: { ...char, with: [...char.with] } } : {}) }]
      : []
  })
  const over = ends.value === 'ends' && !shut.value
  const id = newId(new Date())
  const toSieve = products.findIndex(({ sieveMm, materialId }) => !sieveMm && materials.value.find(materialId)?.growsAs !== undefined)
  const done = await record(
    {
      kind: 'took', id, at: takenAt, batchId: known.batch.id,
      ...(height ? { heightM: heightM.value } : {}),
      products,
      ends: over,
    },
    over ? `${known.batch.name} is ${words.takenDown.toLowerCase()}.` : `${known.batch.name}: ${quantity('volume', outL.value)} taken out.`,
    outL.value > 0 ? `${quantity('volume', outL.value)} went into the store.` : '',
  )
  if (done) await router.push(thenSieve.value && toSieve >= 0 ? `/sieve?lot=${id}.${toSieve}` : `/batch/${known.batch.id}`)
}
</script>

<template>
  <form
    class="max-w-2xl space-y-6"
    @submit.prevent="save"
  >
    <header>
      <NuxtLink
        :to="`/batch/${known.batch.id}`"
        class="tap inline-flex items-center underline underline-offset-3"
      >Back to the {{ words.one }}</NuxtLink>
      <h1>{{ words.take }}: {{ known.batch.name }}</h1>
      <p
        v-if="early"
        class="caution mt-2"
      >
        {{ words.early }}
      </p>
      <p
        v-if="shut"
        class="caution mt-2"
        data-refused
      >
        <strong>{{ shut.label }}:</strong> {{ shut.reason }}<template v-if="anyway">
          It stays on the round until then.
        </template>
      </p>
      <slot />
    </header>
    <section
      v-if="height"
      class="section-rule"
    >
      <h2 class="mb-2">
        Before you dig in
      </h2>
      <QuantityNumber
        v-model="heightM"
        quantity="length"
        label="Height now"
        :min="0"
        :max="6"
      />
    </section>
    <p
      v-if="likely"
      class="aside-note"
      data-likely-yield
    >
      {{ likely }}
    </p>
    <section
      v-for="(output, index) in outputs"
      :key="output.label"
      class="section-rule"
      :data-output="output.materialId"
    >
      <div class="flex gap-3 items-center mb-2">
        <HatchSwatch :family="materials.find(output.materialId)?.family ?? 'finished'" />
        <div>
          <h2><TermNote :word="output.label" /></h2>
          <p class="aside-note">
            {{ output.hint }}<template v-if="output.sieveMm">
              ({{ sieve(output.sieveMm) }})
            </template><template v-if="output.expectedL !== undefined && output.expectedL >= 1">
              · about {{ quantity('volume', output.expectedL) }} expected
            </template>
          </p>
        </div>
      </div>
      <AmountEntry
        v-model="amounts[index]!"
        :label="`How much ${output.label.toLowerCase()}`"
      />
    </section>
    <section class="section-rule space-y-2">
      <ChoiceRow
        v-if="known.method.life.inParts"
        v-model="ends"
        label="Afterwards"
        :choices="[{ id: 'goes-on', label: 'the rest goes on' }, { id: 'ends', label: 'it is empty' }]"
      />
      <p
        v-if="outputs.length > 0"
        class="text-lg"
      >
        <strong class="font-serif">{{ quantity('volume', outL + before) }}</strong> out of {{ quantity('volume', inL) }} that went in
        loosely<template v-if="outL + before > 0 && inL > 0">
          : {{ numberText(Math.round(((outL + before) / inL) * 100)) }} %
        </template>.
      </p>
      <p
        v-if="asked && asked === doubt"
        class="text-error font-semibold"
        role="alert"
        data-asked-back
      >
        {{ asked }}
      </p>
      <p
        v-for="caution in carried"
        :key="caution"
        class="caution"
        data-carried
      >
        {{ caution }}
      </p>
      <p
        v-for="caution in known.method.life.takeCautions"
        :key="caution"
        class="caution"
      >
        {{ caution }}
      </p>
      <WhenRow label="When it was taken" />
      <button
        v-if="shut && !anyway && !shut.never"
        type="button"
        class="tap aside-note underline underline-offset-3 decoration-dotted"
        data-anyway
        @click="anyway = true"
      >
        it was done all the same
      </button>
      <label
        v-if="sieves"
        class="tap flex gap-3 items-center"
      >
        <input
          v-model="thenSieve"
          type="checkbox"
          class="size-6"
          data-then-sieve
        >
        and through the sieve at once
      </label>
      <button
        v-if="!shut || anyway"
        class="label-button strong w-full sm:w-auto"
        :disabled="(ends === 'goes-on' || shut !== undefined) && outL === 0"
      >
        {{
          asked && asked === doubt
            ? 'It is so: record it'
            : outputs.length > 0 && (outL > 0 || !known.method.life.inParts)
              ? 'Into the store with it'
              : words.takenDown
        }}
      </button>
    </section>
  </form>
</template>
