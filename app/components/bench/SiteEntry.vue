<script setup lang="ts">
import { asVessel, siteAreaM2, type Site } from '#core/vessel/site'
import type { AreaShape } from '#core/ground/shape'
import type { Vessel } from '#core/vessel/vessel'

/** Where it goes: a vessel with its measures, a piece of ground or one of the garden's beds, or a bed under a frame. */
const { sites } = defineProps<{ sites: readonly Site[] }>()
const model = defineModel<Site>({ required: true })
const { vessels: owned } = useGarden()
const { beds } = useBeds()
const { quantity } = useSay()

const presets = computed(() => sites.flatMap(site => site.kind === 'vessel' || site.kind === 'channelled' ? [site.vessel] : []))
/** The usual ones of the method, then those the gardener has measured. */
const vessels = computed(() => [
  ...presets.value,
  ...owned.value.filter(({ id }) => id.startsWith('own-') && !presets.value.some(one => one.id === id)),
])
const vessel = computed({
  get: () => asVessel(model.value),
  set: (chosen: Vessel) => {
    model.value = model.value.kind === 'channelled' ? { ...model.value, vessel: chosen } : { kind: 'vessel', vessel: chosen }
  },
})
type Ground = Extract<Site, { kind: 'area' | 'frame' }>
/** Ground of one's own beds is ground too. */
const grounds = computed<Ground[]>(() => {
  const usual = sites.flatMap(site => site.kind === 'area' || site.kind === 'frame' ? [site] : [])
  return usual.some(({ kind }) => kind === 'area')
    ? [...usual, ...beds.value.map(({ id, name, ground }): Ground => ({ kind: 'area', id, name, ground }))]
    : usual
})
const ground = computed({
  get: () => asVessel(model.value).id,
  set: (id: string | undefined) => {
    const found = grounds.value.find(site => site.id === id)
    if (found) model.value = found
  },
})
/** Other measures make it ground of one's own; a bed has its measures on its own page. */
function measured(shape: AreaShape): void {
  if (model.value.kind !== 'area') return
  const { id, name } = model.value
  model.value = {
    kind: 'area', id: 'own-ground', name: id === 'own-ground' ? name : beds.value.some(bed => bed.id === id) ? `Part of ${name}` : name,
    ground: shape,
  }
}
</script>

<template>
  <VesselEntry
    v-if="presets.length > 0"
    v-model="vessel"
    :vessels="vessels"
  />
  <div
    v-else
    class="space-y-3"
  >
    <ChoiceRow
      v-model="ground"
      label="Where"
      :choices="grounds.map(site => ({ id: site.id, label: site.name, hint: quantity('area', siteAreaM2(site), 1) }))"
    />
    <GroundEntry
      v-if="model.kind === 'area'"
      :model-value="model.ground"
      @update:model-value="measured"
    />
    <FrameEntry
      v-else-if="model.kind === 'frame'"
      v-model="model"
    />
  </div>
</template>
