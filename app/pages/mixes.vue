<script setup lang="ts">
import { PURPOSES } from '#core/growing/constants'
import { needsSieve } from '#core/growing/offered'
import { foodWords, mixCautions, PURPOSE_WORDS, sieveWords } from '#core/growing/words'
import { containersFor } from '#core/units/container'

definePageMeta({ title: 'Growing mixes' })

/** The bench for seeds and pots: what the mix is for, what goes in, what it is like in that pot, and how it becomes a lot. */
const { draft, change, wanted, container, mixed, mix, verdicts, next, setLitres, keep, mixIt, hands } = useMixes()
const { units } = useGarden()
const { amount, quantity, sieve } = useSay()
const purpose = computed(() => PURPOSES.find(({ id }) => id === draft.value.purposeId)!)
const toSieve = computed(() => mixed.value.filter(({ of }) => needsSieve(of, draft.value.purposeId)).map(({ of }) => of))
const cautions = computed(() => mixed.value.length > 0 ? mixCautions(mixed.value, draft.value.purposeId, units.value) : [])
const short = computed(() => mix.value !== undefined && mix.value.litres < wanted.value.litres * 0.97)
const stepText = computed(() => {
  if (!next.value) return ''
  const { of, byL } = next.value
  return `${amount(containersFor(Math.abs(byL), container.value), container.value)} ${byL > 0 ? 'more' : 'less'} of ${of.name}`
})
function takeStep(): void {
  if (!next.value) return
  const { of, byL } = next.value
  setLitres(of, (mixed.value.find(one => one.of.id === of.id)?.litres ?? 0) + byL)
}
/** What it came to, once it is known better than reckoned. */
const cameTo = ref<number>()
watch(() => mix.value?.litres, () => { cameTo.value = undefined })
const name = computed({ get: () => draft.value.called, set: (called: string) => void change({ called }) })
const { at } = provideWhen(new Date(0).toISOString())
async function save(): Promise<void> {
  const when = at()
  if (when && mix.value && await mixIt(cameTo.value ?? mix.value.litres, when)) await navigateTo('/store')
}
</script>

<template>
  <div>
    <header class="flex flex-wrap items-center justify-between gap-3 no-print">
      <h1>Growing mixes</h1>
      <PrintButton v-if="mixed.length > 0" />
    </header>
    <div class="grid lg:grid-cols-[3fr_2fr] gap-x-10 gap-y-6 mt-3 no-print">
      <div class="space-y-6">
        <section aria-labelledby="wanted">
          <h2
            id="wanted"
            class="section-rule mb-2"
          >
            What is wanted
          </h2>
          <MixWanted
            :draft="draft"
            @change="change"
          />
          <p
            v-if="draft.count > 0"
            class="mt-3 text-lg"
            role="status"
            data-wanted
          >
            That takes <strong class="font-serif">{{ quantity('volume', wanted.litres, 1) }}</strong> of mix, a tenth to spare.
          </p>
        </section>
        <section aria-labelledby="parts">
          <h2
            id="parts"
            class="section-rule mb-2"
          >
            What goes in
          </h2>
          <MixOffers class="mb-4" />
          <MixParts />
        </section>
      </div>
      <section
        aria-labelledby="like"
        class="space-y-4"
      >
        <h2
          id="like"
          class="section-rule"
        >
          What it is like
        </h2>
        <p v-if="!mix">
          Take what lies in the store, or have it put together: here stands then how much air, water and food the roots have.
        </p>
        <template v-else>
          <PotSection
            :pot="draft.pot"
            :mix="mix"
            :air-from="purpose.air[0]"
            @height="heightM => change({ pot: { ...draft.pot, heightM } })"
          />
          <MixVerdict :verdicts="verdicts" />
          <p
            v-if="next"
            class="flex flex-wrap gap-3 items-center"
            data-smallest-change
          >
            <span class="flex-1 min-w-40">What helps most: <strong class="font-semibold text-highlighted">{{ stepText }}</strong>.</span>
            <button
              type="button"
              class="label-button"
              @click="takeStep"
            >
              Do that
            </button>
          </p>
          <p>{{ foodWords(mixed, draft.purposeId) }}</p>
          <p
            v-if="short"
            class="text-warning font-semibold"
            data-short
          >
            That is {{ quantity('volume', wanted.litres - mix.litres, 1) }} less than is wanted.
          </p>
          <p
            v-if="toSieve.length > 0"
            class="font-semibold"
            data-sieve-first
          >
            {{ sieveWords(toSieve, sieve(purpose.throughMm)) }}
            <NuxtLink
              v-if="toSieve[0]?.lotId"
              :to="`/sieve?lot=${toSieve[0].lotId}`"
              class="tap inline-flex items-center underline underline-offset-3"
            >Sieve it</NuxtLink>
          </p>
          <p
            v-for="caution in cautions"
            :key="caution"
            class="caution"
          >
            {{ caution }}
          </p>
          <form
            class="space-y-3 section-rule pt-1"
            data-mix-form
            @submit.prevent="save"
          >
            <label class="block max-w-72">
              <span class="field-label">Called</span>
              <input
                v-model.lazy="name"
                class="text-field"
                maxlength="80"
                autocomplete="off"
                :placeholder="PURPOSE_WORDS[draft.purposeId].mix"
              >
            </label>
            <QuantityNumber
              :model-value="cameTo ?? mix.litres"
              quantity="volume"
              label="It came to"
              :min="0.1"
              :max="20000"
              @update:model-value="(litres: number) => { cameTo = litres }"
            />
            <p
              v-if="hands.mixes > 0"
              class="aside-note"
            >
              As much as yours settle, by {{ hands.mixes === 1 ? 'one of your own' : `${hands.mixes} of your own` }}.
            </p>
            <WhenRow label="When it was mixed" />
            <p class="flex flex-wrap gap-2">
              <button
                class="label-button strong"
                data-mixed
              >
                It is mixed
              </button>
              <button
                type="button"
                class="label-button"
                :disabled="draft.called.trim() === ''"
                @click="keep"
              >
                Keep the recipe
              </button>
            </p>
          </form>
        </template>
      </section>
    </div>
    <RecipeCard
      v-if="mix"
      class="hidden print:block"
      :cautions="cautions"
      :to-sieve="toSieve"
    />
  </div>
</template>
