<script setup lang="ts">
import type { KnownBatch } from '~/composables/useGarden'

/** The thermometer: core and edge, by hand or from the probe. */
const { known } = defineProps<{ known: KnownBatch }>()
const emit = defineEmits<{ done: [] }>()
const { record } = useRecorder()
const at = useMoment()
const { quantity } = useSay()
const view = useBatchView(() => known)
const { read, state } = useProbe()

const last = known.batch.readings.at(-1)
const coreC = ref(Math.round(last?.coreC ?? view.today.value?.coreC.typical ?? 20))
const edgeC = ref(Math.round(last?.edgeC ?? view.today.value?.edgeC.typical ?? 15))
const withEdge = ref(last?.edgeC !== undefined)
const fromProbe = ref(false)

async function ask(): Promise<void> {
  const answer = await read(known.batch.id, { coreC: view.today.value?.coreC.typical ?? 20, edgeC: view.today.value?.edgeC.typical ?? 15, day: view.day.value })
  if (!answer) return
  coreC.value = answer.coreC
  edgeC.value = answer.edgeC
  withEdge.value = true
  fromProbe.value = true
}

async function save(): Promise<void> {
  const edge = withEdge.value ? { edgeC: edgeC.value } : {}
  const done = await record(
    { kind: 'reading', at: at(), batchId: known.batch.id, coreC: coreC.value, ...edge, source: fromProbe.value ? 'probe' : 'hand' },
    `${known.batch.name}: core ${quantity('temperature', coreC.value)}${withEdge.value ? `, edge ${quantity('temperature', edgeC.value)}` : ''}.`,
  )
  if (done) emit('done')
}
</script>

<template>
  <form
    class="space-y-3"
    @submit.prevent="save"
  >
    <div class="flex flex-wrap gap-x-5 gap-y-3 items-end">
      <QuantityNumber
        v-model="coreC"
        quantity="temperature"
        label="Core, a forearm deep"
        :min="-20"
        :max="95"
        @update:model-value="fromProbe = false"
      />
      <QuantityNumber
        v-if="withEdge"
        v-model="edgeC"
        quantity="temperature"
        label="Edge, a hand deep"
        :min="-20"
        :max="95"
      />
      <button
        v-else
        type="button"
        class="label-button plain"
        @click="withEdge = true"
      >
        and the edge
      </button>
    </div>
    <div class="flex flex-wrap gap-2 items-center">
      <button class="label-button strong">
        Record the heat
      </button>
      <button
        type="button"
        class="label-button"
        :disabled="state.kind === 'asking'"
        @click="ask"
      >
        <UIcon
          name="i-ph-broadcast"
          class="size-5"
        />
        Ask the probe
      </button>
      <span
        class="aside-note"
        role="status"
      >{{ state.text }}</span>
    </div>
  </form>
</template>
