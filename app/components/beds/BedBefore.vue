<script setup lang="ts">
import { middleOf, spanOf, type Since } from '#core/already'
import type { Bed } from '#core/beds/bed'
import { spreadKindOf } from '#core/beds/spreading'
import { stuffOfMaterial } from '#core/lots/stuff'

/** What a bed was given before this garden was kept: what, about how much, and when. */
const { bed } = defineProps<{ bed: Bed }>()
const emit = defineEmits<{ done: [] }>()
const { had } = useBeds()
const { materials } = useGarden()
const since = ref<Since>()
const trouble = ref('')
const offered = computed(() => materials.value.all
  .filter(material => spreadKindOf(stuffOfMaterial(material, [])))
  .sort((a, b) => a.name < b.name ? -1 : 1))
const materialId = ref('compost-finished')
const litres = ref(50)

async function save(): Promise<void> {
  const span = since.value ? spanOf(since.value, new Date()) : undefined
  trouble.value = span?.ok ? '' : 'About when was it? A guess will do.'
  if (span?.ok && litres.value > 0 && await had(bed, materialId.value, litres.value, middleOf(span.value), span.value)) emit('done')
}
</script>

<template>
  <form
    class="border-l-4 border-accented pl-3 space-y-3"
    :aria-label="`What ${bed.name} had before`"
    data-had-before
    @submit.prevent="save"
  >
    <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
      <label class="block min-w-48">
        <span class="field-label">What it had</span>
        <select
          v-model="materialId"
          class="text-field"
        >
          <option
            v-for="one in offered"
            :key="one.id"
            :value="one.id"
          >
            {{ one.name }}
          </option>
        </select>
      </label>
      <QuantityNumber
        v-model="litres"
        quantity="volume"
        label="About so much"
        :max="20000"
      />
    </div>
    <SinceEntry
      v-model="since"
      label="It was spread about so long ago"
    />
    <p
      v-if="trouble"
      role="alert"
      class="text-error font-semibold"
    >
      {{ trouble }}
    </p>
    <button class="label-button strong">
      It had that
    </button>
  </form>
</template>
