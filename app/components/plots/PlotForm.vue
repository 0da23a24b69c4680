<script setup lang="ts">
import { MEASURES, type MeasureId } from '#core/plots/constants'
import { MEASURE_WORDS } from '#core/plots/readout'
import { isSamePlot, type Plot } from '#core/plots/trial'

/** A new trial of beds, parts of beds, trays or pots: what differs, where, and what is held against each other. */
const { begin } = usePlots()
const difference = ref('')
const mine = ref<Plot>({ called: '' })
const theirs = ref<Plot>({ called: '' })
const measures = ref<readonly MeasureId[]>(['height'])
const IDEAS = ['char in the top layer', 'compost on top', 'a mulch', 'the own mix instead of a bought one', 'urine in the water'] as const
const filled = ({ bedId, called }: Plot) => bedId !== undefined || called.trim() !== ''
const same = computed(() => filled(mine.value) && isSamePlot(mine.value, theirs.value))
const ready = computed(() => filled(mine.value) && filled(theirs.value) && !same.value && difference.value.trim() !== ''
  && measures.value.length > 0)
const toggle = (id: MeasureId) => {
  measures.value = measures.value.includes(id) ? measures.value.filter(one => one !== id) : [...measures.value, id]
}
async function save(): Promise<void> {
  const said = difference.value.trim()
  const id = await begin({
    name: said.replace(/^./, letter => letter.toUpperCase()), difference: said, measures: [...measures.value],
    pairs: [{ id: 'p1', with: mine.value, without: theirs.value }],
  })
  if (id) await navigateTo(`/trials/${id}`)
}
</script>

<template>
  <form
    class="mt-5 max-w-2xl space-y-4"
    data-plot-form
    @submit.prevent="save"
  >
    <h2 class="section-rule">
      A trial of beds or pots
    </h2>
    <label class="block">
      <span class="field-label">The one thing in which they differ</span>
      <input
        v-model="difference"
        class="text-field"
        maxlength="80"
        list="plot-differences"
        data-difference
      >
      <datalist id="plot-differences">
        <option
          v-for="idea in IDEAS"
          :key="idea"
          :value="idea"
        />
      </datalist>
    </label>
    <div class="grid sm:grid-cols-2 gap-4">
      <PlotEntry
        v-model="mine"
        label="With it"
        side="with"
      />
      <PlotEntry
        v-model="theirs"
        label="Without it"
        side="without"
      />
    </div>
    <div>
      <span
        id="measures"
        class="field-label"
      >What is held against each other</span>
      <div
        role="group"
        aria-labelledby="measures"
        class="flex flex-wrap gap-2"
      >
        <button
          v-for="{ id } in MEASURES"
          :key="id"
          type="button"
          class="label-button !px-3"
          :aria-pressed="measures.includes(id)"
          :data-measure="id"
          @click="toggle(id)"
        >
          {{ MEASURE_WORDS[id].label }}
        </button>
      </div>
    </div>
    <p
      v-if="same"
      role="alert"
      class="text-error font-semibold"
    >
      That is the same bed twice: say which part of it.
    </p>
    <button
      class="label-button strong"
      :disabled="!ready"
    >
      Begin it
    </button>
  </form>
</template>
