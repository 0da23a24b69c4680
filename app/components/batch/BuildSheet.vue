<script setup lang="ts">
import { approachOf, type Method, type Proposal } from '#core/methods/method'
import { fillHeightM, frontWidthM } from '#core/vessel/vessel'
import { containersFor } from '#core/units/container'
import { numberText } from '#core/units/format'

/** The sheet to build from: layers bottom to top in containers, water by layer, cautions beside the step. */
const { proposal, method, name, place } = defineProps<{ proposal: Proposal, method: Method, name: string, place: string }>()
const { surroundings, waterCan } = useGarden()
const { quantity, amount } = useSay()

const steps = computed(() => method.buildSteps(proposal, surroundings.value))
const layers = computed(() => method.strata(proposal))
const fillM = computed(() => fillHeightM(proposal.vessel, proposal.volumeL))
const vesselText = computed(() => {
  const { vessel } = proposal
  const across = vessel.shape === 'box' ? `${quantity('length', vessel.widthM)} × ${quantity('length', vessel.depthM)}` : `${quantity('length', frontWidthM(vessel))} across`
  return `${vessel.name}, ${across}, ${quantity('length', vessel.heightM)} high`
})
const waterText = computed(() => proposal.waterL < 0.5
  ? 'no water: it is moist enough.'
  : `water ${amount(containersFor(proposal.waterL, waterCan.value), waterCan.value)} (${quantity('volume', proposal.waterL)}) in all.`)
const work = computed(() => method.handsOn(proposal))
const minutes = (low: number, high: number) => high < 90 ? `${Math.round(low / 5) * 5}–${Math.round(high / 5) * 5} minutes` : `${numberText(low / 60, 1)}–${numberText(high / 60, 1)} hours`
const numbered = computed(() => {
  let layer = 0
  return steps.value.map(step => ({ ...step, number: step.stratum ? ++layer : undefined, thick: step.stratum ? step.stratum.heightShare * fillM.value : 0 }))
})
</script>

<template>
  <article class="build-sheet">
    <header class="flex flex-wrap gap-x-8 gap-y-3 items-end justify-between">
      <div>
        <h1>{{ name || 'Build sheet' }}</h1>
        <p class="aside-note">
          {{ place ? `${place} · ` : '' }}{{ vesselText }} · {{ approachOf(method, proposal.approachId).name.toLowerCase() }}
        </p>
        <p class="mt-1">
          {{ quantity('volume', proposal.volumeL) }} mixed, {{ quantity('length', fillM) }} high; {{ waterText }}
        </p>
        <p class="aside-note">
          Work for one: {{ minutes(work.building.low, work.building.high) }} to build, {{ minutes(work.eachTurn.low, work.eachTurn.high) }} each turn, {{ work.turns }} turns at most.
        </p>
      </div>
      <CutawayDrawing
        :vessel="proposal.vessel"
        :layers="layers"
        :fill-m="fillM"
        :px-per-metre="120"
        ruler
        label="The heap as it will stand, cut open"
      />
    </header>
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
      Layers are numbered from the bottom. Local rules on vermin, manure and nuisance come first.
    </p>
  </article>
</template>
