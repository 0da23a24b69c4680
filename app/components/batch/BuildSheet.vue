<script setup lang="ts">
import { approachOf, type Draft, type Method, type Proposal } from '#core/methods/contract'
import { numberText } from '#core/units/format'
import { asVessel, siteFillM } from '#core/vessel/site'
import { frontWidthM } from '#core/vessel/vessel'

/** The sheet to work from: steps in order, amounts in containers, cautions beside the step. */
const { proposal, draft, method, name, place } = defineProps<{ proposal: Proposal, draft: Draft, method: Method, name: string, place: string }>()
const { quantity } = useSay()

const fillM = computed(() => siteFillM(proposal.site, proposal.volumeL))
const siteText = computed(() => {
  const vessel = asVessel(proposal.site)
  const across = vessel.shape === 'box' ? `${quantity('length', vessel.widthM)} × ${quantity('length', vessel.depthM)}` : `${quantity('length', frontWidthM(vessel))} across`
  return `${vessel.name}, ${across}${proposal.site.kind === 'area' ? '' : `, ${quantity('length', vessel.heightM)} high`}`
})
const minutes = (low: number, high: number) => high < 15 ? `${Math.round(low)}–${Math.round(high)} minutes` : high < 90 ? `${Math.max(5, Math.round(low / 5) * 5)}–${Math.round(high / 5) * 5} minutes` : `${numberText(low / 60, 1)}–${numberText(high / 60, 1)} hours`
const numbered = computed(() => {
  let layer = 0
  return draft.steps.map(step => ({ ...step, number: step.stratum ? ++layer : undefined, thick: step.stratum ? step.stratum.heightShare * fillM.value : 0 }))
})
</script>

<template>
  <article class="build-sheet">
    <header class="flex flex-wrap gap-x-8 gap-y-3 items-end justify-between">
      <div>
        <h1>{{ name || 'Build sheet' }}</h1>
        <p class="aside-note">
          {{ place ? `${place} · ` : '' }}{{ siteText }} · {{ approachOf(method, proposal.approachId).name.toLowerCase() }}
        </p>
        <p class="mt-1">
          {{ draft.summary }}
        </p>
        <p class="aside-note">
          Work for one: {{ draft.work.map(({ label, minutes: { low, high } }) => `${minutes(low, high)} ${label}`).join(', ') }}.
        </p>
      </div>
      <PictureDrawing
        :picture="draft.picture"
        :px-per-metre="120"
        detail
      />
    </header>
    <FactList
      v-if="draft.facts.length > 0"
      class="mt-4"
      :facts="draft.facts"
    />
    <ol class="mt-4">
      <li
        v-for="(step, index) in numbered"
        :key="index"
        class="line-rule py-2 flex gap-3 avoid-break"
      >
        <span class="w-8 shrink-0 text-right font-serif font-semibold text-lg">{{ step.number ?? '·' }}</span>
        <HatchSwatch
          v-if="step.stratum"
          :family="step.stratum.family"
        />
        <div class="flex-1 min-w-0">
          <p class="font-semibold text-highlighted">
            {{ step.title }}
            <span
              v-if="step.stratum"
              class="aside-note font-normal"
            >· about {{ quantity('length', step.thick, 0) }} thick</span>
          </p>
          <p>{{ step.detail }}</p>
          <p
            v-for="caution in step.cautions"
            :key="caution"
            class="caution mt-1"
          >
            {{ caution }}
          </p>
        </div>
        <span
          class="size-6 border-2 border-accented shrink-0 hidden print:block"
          aria-hidden="true"
        />
      </li>
    </ol>
    <p class="aside-note mt-3">
      {{ numbered.some(({ number }) => number !== undefined) ? 'Layers are numbered from the bottom. ' : '' }}Local rules on vermin, manure and nuisance come first.
    </p>
  </article>
</template>
