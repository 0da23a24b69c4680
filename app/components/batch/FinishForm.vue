<script setup lang="ts">
import { inAndOut } from '#core/garden/batch'
import { containerThen, type Amount } from '#core/units/container'
import type { KnownBatch } from '~/composables/useGarden'

/** Height and sieved volumes: what came out of a batch goes into the store. */
const { known } = defineProps<{ known: KnownBatch }>()
const { materialContainers, materials } = useGarden()
const { record } = useRecorder()
const { quantity } = useSay()
const router = useRouter()
const view = useBatchView(() => known)

const bucket = computed(() => containerThen(materialContainers.value.find(({ id }) => id === 'bucket') ?? materialContainers.value[0]!))
const heightM = ref(Math.round(view.heightM.value * 100) / 100)
const amounts = ref<Amount[]>(known.method.outputs.map(() => ({ count: 0, container: bucket.value, packing: 'loose' })))
const early = computed(() => view.readyWindow.value.from > new Date())
const outL = computed(() => amounts.value.reduce((sum, { count, container }) => sum + count * container.volumeL, 0))
const inL = computed(() => inAndOut({ ...known.batch, finish: { at: '', products: [] } }, materials.value)?.inL ?? 0)

async function save(): Promise<void> {
  const products = known.method.outputs.flatMap(({ materialId, sieveMm }, index) => {
    const amount = amounts.value[index]
    return amount && amount.count > 0 ? [{ materialId, amount, ...(sieveMm ? { sieveMm } : {}) }] : []
  })
  const done = await record({ kind: 'finished', at: new Date().toISOString(), batchId: known.batch.id, heightM: heightM.value, products }, `${known.batch.name} is taken down.`, `${quantity('volume', outL.value)} went into the store.`)
  if (done) await router.push(`/batch/${known.batch.id}`)
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
      >Back to the heap</NuxtLink>
      <h1>Take down {{ known.batch.name }}</h1>
      <p
        v-if="early"
        class="caution mt-2"
      >
        It is not expected to be ready yet. Unripe compost robs nitrogen and can hurt seedlings: use it as mulch, or let it cure.
      </p>
    </header>
    <section class="section-rule">
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
    <section
      v-for="(output, index) in known.method.outputs"
      :key="output.label"
      class="section-rule"
    >
      <div class="flex gap-3 items-center mb-2">
        <HatchSwatch family="finished" />
        <div>
          <h2>{{ output.label }}</h2>
          <p class="aside-note">
            {{ output.hint }}<template v-if="output.sieveMm">
              ({{ output.sieveMm }} mm)
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
      <p class="text-lg">
        <strong class="font-serif">{{ quantity('volume', outL) }}</strong> out of {{ quantity('volume', inL) }} that went in loosely<template v-if="outL > 0 && inL > 0">
          : {{ Math.round(outL / inL * 100) }} %
        </template>.
      </p>
      <p
        v-if="outL > inL"
        class="text-error"
        role="alert"
      >
        More came out than went in: check the containers.
      </p>
      <p
        v-for="caution in known.method.cautions.finishing"
        :key="caution"
        class="caution"
      >
        {{ caution }}
      </p>
      <button class="label-button strong w-full sm:w-auto">
        Into the store with it
      </button>
    </section>
  </form>
</template>
