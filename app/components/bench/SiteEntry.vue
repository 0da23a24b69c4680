<script setup lang="ts">
import { asVessel, siteAreaM2, type Site } from '#core/vessel/site'
import type { Vessel } from '#core/vessel/vessel'

/** Where it goes: a vessel with its measures, or ground. */
const { sites } = defineProps<{ sites: readonly Site[] }>()
const model = defineModel<Site>({ required: true })
const { vessels: owned } = useGarden()
const { quantity } = useSay()

const presets = computed(() => sites.flatMap(site => site.kind === 'vessel' || site.kind === 'channelled' ? [site.vessel] : []))
/** The usual ones of the method, then those the gardener has measured. */
const vessels = computed(() => [...presets.value, ...owned.value.filter(({ id }) => id.startsWith('own-') && !presets.value.some(one => one.id === id))])
const vessel = computed({
  get: () => asVessel(model.value),
  set: (chosen: Vessel) => { model.value = model.value.kind === 'channelled' ? { ...model.value, vessel: chosen } : { kind: 'vessel', vessel: chosen } },
})
const grounds = computed(() => sites.flatMap(site => site.kind === 'area' || site.kind === 'frame' ? [site] : []))
const ground = computed({
  get: () => asVessel(model.value).id,
  set: (id: string | undefined) => {
    const found = grounds.value.find(site => site.id === id)
    if (found) model.value = found
  },
})
</script>

<template>
  <VesselEntry
    v-if="presets.length > 0"
    v-model="vessel"
    :vessels="vessels"
  />
  <ChoiceRow
    v-else
    v-model="ground"
    label="Where"
    :choices="grounds.map(site => ({ id: site.id, label: site.name, hint: quantity('area', siteAreaM2(site), 0) }))"
  />
</template>
