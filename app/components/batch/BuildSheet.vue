<script setup lang="ts">
import { approachOf, type Draft, type Method, type Proposal, type Spread } from '#core/methods/contract'
import { dateText } from '#core/units/dates'
import { numberText } from '#core/units/format'
import { gatheredCautions } from '#core/materials/gathered'
import { containersFor } from '#core/units/container'
import { asVessel, siteFillM } from '#core/vessel/site'
import type { Stratum } from '#core/vessel/strata'
import { frontWidthM } from '#core/vessel/vessel'

/** The sheet to work from, on one page: what it takes in all, the steps in order, layers as a table, cautions beside the step. */
const { proposal, draft, method, name, place, builtAt = undefined } = defineProps<{
  proposal: Proposal
  draft: Draft
  method: Method
  name: string
  place: string
  /** When it was built, in words; where nothing is said it is being built. */
  builtAt?: string
}>()
const { quantity, amount } = useSay()
const { waterCan, now } = useGarden()

const fillM = computed(() => siteFillM(proposal.site, proposal.volumeL))
const siteText = computed(() => {
  const vessel = asVessel(proposal.site)
  const across
    = vessel.shape === 'box'
      ? `${quantity('length', vessel.widthM)} × ${quantity('length', vessel.depthM)}`
      : `${quantity('length', frontWidthM(vessel))} across`
  return `${vessel.name}, ${across}${proposal.site.kind === 'area' ? '' : `, ${quantity('length', vessel.heightM)} high`}`
})
const minutes = (low: number, high: number) =>
  high < 15
    ? `${Math.round(low)}–${Math.round(high)} minutes`
    : high < 90
      ? `${Math.max(5, Math.round(low / 5) * 5)}–${Math.round(high / 5) * 5} minutes`
      : `${numberText(low / 60, 1)}–${numberText(high / 60, 1)} hours`
const cans = (litres: number) => amount(containersFor(litres, waterCan.value), waterCan.value)
const stratumText = ({ amount: laid, prepared, short }: Stratum) => {
  const packing = laid.packing === 'loose' ? '' : `, ${laid.packing}`
  return `${amount(laid.count, laid.container)} of ${prepared ? `${prepared} ` : ''}${short}${packing}`
}
const spreadText = ({ strata }: Spread) =>
  `${strata.map(stratumText).join(' + ')} `
  + `(${quantity('length', strata.reduce((sum, { heightShare }) => sum + heightShare, 0) * fillM.value, 0)})`

const totals = computed(() => (draft.recipe ?? proposal.ingredients).filter(one => one.amount.count > 0))
/** What the stuff brings along is minded on paper too: the bench is far away then. */
const minded = computed(() => gatheredCautions(totals.value.filter(({ material }) => material.brings.length > 0)))
const layers = computed(() => draft.steps.filter(({ spreads }) => spreads !== undefined))
const firstLayer = computed(() => draft.steps.findIndex(({ spreads }) => spreads !== undefined))
const before = computed(() => firstLayer.value < 0 ? draft.steps : draft.steps.slice(0, firstLayer.value))
const after = computed(() => firstLayer.value < 0 ? [] : draft.steps.slice(firstLayer.value).filter(({ spreads }) => spreads === undefined))
const hows = computed(() => layers.value.flatMap(({ detail, cautions }) => [detail, ...cautions]).filter(Boolean))
</script>

<template>
  <article class="build-sheet">
    <header class="flex flex-wrap gap-x-8 gap-y-2 items-end justify-between">
      <div class="flex-1 min-w-60">
        <h1>{{ name || 'Build sheet' }}</h1>
        <p class="aside-note">
          {{ builtAt ? `begun ${builtAt}` : dateText(now) }} · {{ place ? `${place} · ` : '' }}{{ siteText }} ·
          {{ approachOf(method.face, proposal.approachId).name.toLowerCase() }}
        </p>
        <p class="mt-1">
          {{ draft.summary }} Work for one:
          {{ draft.work.map(({ label, minutes: { low, high } }) => `${minutes(low, high)} ${label}`).join(', ') }}.
        </p>
      </div>
      <PictureDrawing
        :picture="draft.picture"
        :px-per-metre="90"
      />
    </header>
    <section
      v-if="totals.length > 0 || draft.waterL >= 0.5"
      class="line-rule mt-2 py-1.5"
      data-totals
    >
      <h2 class="sr-only">
        In all
      </h2>
      <ul class="flex flex-wrap gap-x-5 gap-y-0.5">
        <li
          v-for="one in totals"
          :key="`${one.material.id} ${one.amount.container.id}`"
          class="flex items-center gap-1.5 text-highlighted font-semibold"
        >
          <HatchSwatch
            :family="one.material.family"
            :size="18"
          />{{ amount(one.amount.count, one.amount.container) }} of {{ one.prepared ? `${one.prepared} ` : '' }}{{ one.material.short }}
        </li>
        <li
          v-if="draft.waterL >= 0.5"
          class="text-highlighted font-semibold"
        >
          {{ cans(draft.waterL) }} of water ({{ quantity('volume', draft.waterL) }})
        </li>
      </ul>
    </section>
    <p
      v-if="minded.length > 0"
      class="aside-note mt-1"
      data-minded
    >
      <strong class="font-semibold">To mind.</strong> {{ minded.join(' ') }}
    </p>
    <FactList
      v-if="draft.facts.length > 0"
      class="mt-2"
      :facts="draft.facts"
    />
    <figure
      v-if="draft.fromAbove"
      class="mt-3 avoid-break"
      data-from-above
    >
      <GroundDrawing
        :plan="draft.fromAbove"
      />
      <figcaption class="aside-note">
        From above, to scale; the near side is below.
      </figcaption>
    </figure>
    <ol class="mt-2">
      <SheetStep
        v-for="step in before"
        :key="step.title"
        :step="step"
      />
    </ol>
    <template v-if="layers.length > 0">
      <p class="aside-note line-rule pt-1">
        {{ hows.join(' ') }}
      </p>
      <table class="w-full text-left border-collapse mt-1">
        <caption class="sr-only">
          Layers from the bottom up
        </caption>
        <tbody>
          <tr
            v-for="step in layers"
            :key="step.title"
            class="line-rule align-top avoid-break"
          >
            <th
              scope="row"
              class="py-1 pr-3 font-semibold text-highlighted whitespace-nowrap"
            >
              {{ step.title }}
            </th>
            <td class="py-1 pr-3">
              <span
                v-for="(spread, index) in step.spreads"
                :key="index"
                class="sheet-spread"
              ><HatchSwatch
                v-for="stratum in spread.strata"
                :key="stratum.materialId"
                class="inline-block align-middle mr-0.5"
                :family="stratum.family"
                :size="15"
              /> {{ spreadText(spread) }}{{ spread.strata.length > 1 ? ', mixed' : '' }}</span>
            </td>
            <td class="py-1 text-right whitespace-nowrap">
              {{ step.waterL !== undefined && step.waterL >= 0.5 ? `${cans(step.waterL)} of water` : '' }}
            </td>
            <td class="hidden print:table-cell pl-2 py-1">
              <span
                class="inline-block size-5 border-2 border-accented"
                aria-hidden="true"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </template>
    <ol>
      <SheetStep
        v-for="step in after"
        :key="step.title"
        :step="step"
      />
    </ol>
    <p class="aside-note mt-1">
      {{ layers.length > 0 ? 'Layers from the bottom up. ' : '' }}Local rules on vermin, manure and nuisance come first.
    </p>
  </article>
</template>
