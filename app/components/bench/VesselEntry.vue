<script setup lang="ts">
import { MEASURE_LIMITS_M, vesselVolumeL, withVolume, type Vessel, type Wall } from '#core/vessel/vessel'

/** The vessel: one of the usual ones or one's own measures. */
const { vessels } = defineProps<{ vessels: readonly Vessel[] }>()
const model = defineModel<Vessel>({ required: true })
const { store } = useGarden()
const { quantity } = useSay()

const WALLS: readonly { id: Wall, label: string }[] = [
  { id: 'boards', label: 'boards' },
  { id: 'wire', label: 'wire' },
  { id: 'straw-bales', label: 'straw bales' },
  { id: 'plastic', label: 'plastic' },
  { id: 'insulated', label: 'insulated' },
  { id: 'none', label: 'none' },
]
const name = ref('')
watch(() => model.value.name, (fresh) => { name.value = fresh }, { immediate: true })
const chosen = computed({
  get: () => model.value.id,
  set: (id: string | undefined) => {
    const vessel = vessels.find(one => one.id === id)
    if (vessel) model.value = vessel
  },
})

/** Own measures make it a vessel of one's own. */
function changed(part: Record<string, number | string>): void {
  const own = {
    ...model.value,
    ...part,
    id: 'own-measures',
    name: model.value.id === 'own-measures' ? model.value.name : `My ${model.value.name.toLowerCase()}`,
  }
  model.value = own as Vessel
}
function reshape(shape: Vessel['shape'] | undefined): void {
  const { id, name, wall, heightM } = model.value
  const acrossM = model.value.shape === 'box' ? model.value.widthM : model.value.diameterM
  if (shape === 'box') model.value = { id, name, wall, heightM, shape, widthM: acrossM, depthM: acrossM }
  if (shape === 'cylinder') model.value = { id, name, wall, heightM, shape, diameterM: acrossM }
  changed({})
}
/** Kept vessels are offered from then on, in this garden. */
async function keep(): Promise<void> {
  const given = name.value.trim()
  if (!given) return
  const vessel = { ...model.value, id: `own-${newId(new Date())}`, name: given }
  await store.write([{ id: `vessel.${vessel.id}`, kind: 'vessel', values: { vessel } }])
  model.value = vessel
}
const litres = { min: 20, max: 20_000, step: 10, digits: 0, quantity: 'volume' } as const
const limits = { min: MEASURE_LIMITS_M.low, max: MEASURE_LIMITS_M.high, step: 5, quantity: 'length' } as const
</script>

<template>
  <div class="space-y-3">
    <ChoiceRow
      v-model="chosen"
      label="Where it goes"
      :choices="vessels.map(one => ({ id: one.id, label: one.name, hint: quantity('volume', vesselVolumeL(one)) }))"
    />
    <details>
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3">
        {{ model.name }}: change the inner measures
      </summary>
      <div class="space-y-3 pt-2">
        <ChoiceRow
          :model-value="model.shape"
          label="Shape"
          :choices="[{ id: 'box', label: 'box' }, { id: 'cylinder', label: 'round' }]"
          @update:model-value="reshape"
        />
        <div class="flex flex-wrap gap-3">
          <template v-if="model.shape === 'box'">
            <QuantityNumber
              v-bind="limits"
              :model-value="model.widthM"
              label="Width"
              @update:model-value="widthM => changed({ widthM })"
            />
            <QuantityNumber
              v-bind="limits"
              :model-value="model.depthM"
              label="Depth"
              @update:model-value="depthM => changed({ depthM })"
            />
          </template>
          <QuantityNumber
            v-else
            v-bind="limits"
            :model-value="model.diameterM"
            label="Across"
            @update:model-value="diameterM => changed({ diameterM })"
          />
          <QuantityNumber
            v-bind="limits"
            :model-value="model.heightM"
            label="Height"
            @update:model-value="heightM => changed({ heightM })"
          />
          <QuantityNumber
            v-bind="litres"
            :model-value="vesselVolumeL(model)"
            label="or what it holds"
            @update:model-value="volumeL => changed({ ...withVolume(model, volumeL ?? 0) })"
          />
        </div>
        <ChoiceRow
          :model-value="model.wall"
          label="Sides"
          :choices="WALLS"
          @update:model-value="wall => changed({ wall: wall ?? 'boards' })"
        />
        <form
          v-if="model.id === 'own-measures'"
          class="flex gap-2 items-end"
          @submit.prevent="keep"
        >
          <label class="flex-1">
            <span class="field-label">Its name</span>
            <input
              v-model="name"
              class="text-field"
              maxlength="80"
            >
          </label>
          <button class="label-button">
            Keep for next time
          </button>
        </form>
      </div>
    </details>
  </div>
</template>
