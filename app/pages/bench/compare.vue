<script setup lang="ts">
import { readKeptPlans, type Plan } from '#core/garden/plan'
import { findMethod, METHODS } from '#core/methods'
import { approachOf } from '#core/methods/method'
import { typicalTotals } from '#core/mix/balance'
import { judge } from '#core/mix/judgement'
import { ingredientsOf, portionOf } from '#core/mix/portion'
import { mixRanges } from '#core/mix/ranges'
import { containersFor } from '#core/units/container'
import { roughly } from '#core/units/format'
import { fillHeightM, vesselVolumeL } from '#core/vessel/vessel'

/** Two plans side by side: the bench and one that was put aside. */
const bench = useBench()
const { store, materials, waterCan, units } = useGarden()
const { own } = useNeed()
const { quantity, span, amount } = useSay()
const route = useRoute()
const router = useRouter()

const kept = computed(() => readKeptPlans(store.documents))
const other = computed(() => kept.value.find(({ id }) => id === route.query.with) ?? kept.value[0])

function seen(title: string, plan: Plan) {
  const method = findMethod(plan.methodId) ?? METHODS[0]!
  const approach = approachOf(method, plan.approachId)
  const ingredients = ingredientsOf(plan.ingredients, materials.value).filter(({ amount: { count } }) => count > 0)
  if (ingredients.length === 0) return { title, plan, lines: [], ingredients, layers: [], fillM: 0 }
  const portions = ingredients.map(portionOf)
  const judgement = judge(typicalTotals(portions), approach.comfort)
  const ranges = mixRanges(portions, judgement.waterL, approach.comfort.moistureFraction.target)
  const { measures, waterL, grade } = judgement
  const proposal = { vessel: plan.vessel, approachId: approach.id, ingredients, waterL, volumeL: measures.volumeL }
  const outlook = method.outlook(measures)
  const work = method.handsOn(proposal)
  const days = method.daysToReady(approach.id)
  const ratio = ranges.ok ? `${Math.round(ranges.value.of.carbonToNitrogen.low)}–${Math.round(ranges.value.of.carbonToNitrogen.high)}` : ''
  const moisture = ranges.ok ? `${Math.round(ranges.value.of.moistureFraction.low * 100)}–${Math.round(ranges.value.of.moistureFraction.high * 100)} %` : ''
  return {
    title, plan, ingredients,
    layers: method.strata(proposal).map(({ family, heightShare }) => ({ family, heightShare })),
    fillM: fillHeightM(plan.vessel, measures.volumeL),
    lines: [
      { label: 'Balance', value: { good: 'good', workable: 'workable', poor: 'poor' }[grade], note: '' },
      { label: 'Carbon to nitrogen', value: `${Math.round(measures.carbonToNitrogen)} : 1`, note: ratio },
      { label: 'Moisture, watered', value: `${Math.round(measures.moistureFraction * 100)} %`, note: moisture },
      { label: 'Water to add', value: waterL < 0.5 ? 'none' : amount(containersFor(waterL, waterCan.value), waterCan.value), note: '' },
      { label: 'Free air space', value: `${Math.round(measures.freeAirSpace * 100)} %`, note: '' },
      { label: 'Mixed', value: quantity('volume', measures.volumeL), note: `${Math.round(measures.volumeL / vesselVolumeL(plan.vessel) * 100)} % of the ${plan.vessel.name.toLowerCase()}` },
      { label: 'Size', value: method.judgeSize(plan.vessel, measures.volumeL, units.value).grade, note: '' },
      { label: 'Heat', value: outlook.label, note: `about ${quantity('temperature', outlook.peakC)}` },
      { label: 'Gives', value: span('volume', roughly(measures.volumeL * own.value.share.low), roughly(measures.volumeL * own.value.share.high)), note: '' },
      { label: 'Ready', value: `${Math.round(days.earliest / 7)}–${Math.round(days.latest / 7)} weeks`, note: approach.name.toLowerCase() },
      { label: 'Work to build', value: `${Math.round(work.building.typical / 5) * 5} minutes`, note: `${Math.round(ingredients.reduce((sum, one) => sum + one.amount.count, 0))} containers` },
    ],
  }
}
const sides = computed(() => [seen('On the bench', bench.draft.value), ...(other.value ? [seen(other.value.name, other.value)] : [])])
const labels = computed(() => sides.value.find(({ lines }) => lines.length > 0)?.lines.map(({ label }) => label) ?? [])

async function swap(): Promise<void> {
  if (!other.value) return
  bench.replace(other.value)
  await router.push('/bench')
}
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline justify-between gap-3 mb-3">
      <h1>Two plans</h1>
      <NuxtLink
        to="/bench"
        class="label-button plain"
      >Back to the bench</NuxtLink>
    </header>
    <p v-if="kept.length === 0">
      Nothing is put aside yet. On the bench, put a plan aside, change it, and compare.
    </p>
    <template v-else>
      <ChoiceRow
        v-if="kept.length > 1"
        :model-value="other?.id"
        label="Beside the bench"
        :choices="kept.map(({ id, name }) => ({ id, label: name }))"
        class="mb-4"
        @update:model-value="id => router.replace({ query: { with: id } })"
      />
      <table class="w-full max-w-3xl text-left border-collapse table-fixed">
        <caption class="sr-only">
          The plan on the bench and the one put aside
        </caption>
        <thead>
          <tr class="align-bottom">
            <td class="w-1/4" />
            <th
              v-for="side in sides"
              :key="side.title"
              scope="col"
              class="p-2 font-normal"
            >
              <h2 class="mb-2">
                {{ side.title }}
              </h2>
              <CutawayDrawing
                v-if="side.layers.length > 0"
                :vessel="side.plan.vessel"
                :layers="side.layers"
                :fill-m="side.fillM"
                :label="`${side.title}, cut open`"
                :px-per-metre="95"
              />
            </th>
          </tr>
        </thead>
        <tbody>
          <tr class="line-rule align-top">
            <th
              scope="row"
              class="py-2 pr-2 font-semibold"
            >
              Goes in
            </th>
            <td
              v-for="side in sides"
              :key="side.title"
              class="p-2"
            >
              <p
                v-for="one in side.ingredients"
                :key="one.material.id"
                class="flex gap-1.5 items-center"
              >
                <HatchSwatch
                  :family="one.material.family"
                  :size="18"
                />{{ amount(one.amount.count, one.amount.container) }} of {{ one.prepared ? `${one.prepared} ` : '' }}{{ one.material.short }}
              </p>
              <p v-if="side.ingredients.length === 0">
                nothing
              </p>
            </td>
          </tr>
          <tr
            v-for="(label, row) in labels"
            :key="label"
            class="line-rule align-top"
          >
            <th
              scope="row"
              class="py-2 pr-2 font-semibold"
            >
              {{ label }}
            </th>
            <td
              v-for="side in sides"
              :key="side.title"
              class="p-2"
            >
              <span class="font-serif text-lg text-highlighted">{{ side.lines[row]?.value ?? '–' }}</span> <span class="aside-note">{{ side.lines[row]?.note }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <button
        type="button"
        class="label-button mt-4"
        @click="swap"
      >
        Lay “{{ other?.name }}” on the bench
      </button>
    </template>
  </div>
</template>
