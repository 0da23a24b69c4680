<script setup lang="ts">
import { FAMILIES, type Family, type Material } from '#core/materials/material'
import { FAMILY_NAMES } from './families'

/** What else can be said of a material of one's own: its name, its kind, how long it keeps; and throwing it away. */
const { material } = defineProps<{ material: Material }>()
const emit = defineEmits<{ gone: [] }>()
const { setDetails, remove, isUsed } = useOwnMaterials()

const name = ref(material.name)
watch(() => material.name, (fresh) => { name.value = fresh })
const family = computed({ get: () => material.family, set: (value: Family) => void setDetails(material, { family: value }) })
const keepsDays = computed({ get: () => material.keepsDays, set: (value: number) => void setDetails(material, { keepsDays: value }) })

async function drop(): Promise<void> {
  const gone = material
  // The page leaves first: without its material it would have nothing to show.
  emit('gone')
  await remove(gone)
}
</script>

<template>
  <section
    class="section-rule space-y-3"
    data-own-details
  >
    <h2>Yours</h2>
    <form
      class="flex gap-2 items-end"
      @submit.prevent="name.trim() && setDetails(material, { name: name.trim(), short: name.trim().toLowerCase() })"
    >
      <label class="flex-1">
        <span class="field-label">Its name</span>
        <input
          v-model="name"
          class="text-field"
          maxlength="80"
          required
        >
      </label>
      <button class="label-button">
        Call it so
      </button>
    </form>
    <div class="flex flex-wrap gap-4 items-end">
      <label>
        <span class="field-label">Kind</span>
        <select
          v-model="family"
          class="text-field"
        >
          <option
            v-for="one in FAMILIES"
            :key="one"
            :value="one"
          >
            {{ FAMILY_NAMES[one] }}
          </option>
        </select>
      </label>
      <StepNumber
        v-model="keepsDays"
        label="Keeps, days"
        :max="3650"
        :digits="0"
      />
    </div>
    <p
      v-if="isUsed(material)"
      class="aside-note"
    >
      Your records speak of it, so it stays.
    </p>
    <button
      v-else
      type="button"
      class="label-button plain"
      @click="drop"
    >
      Throw it away
    </button>
  </section>
</template>
