<script setup lang="ts">
import { mixBalance } from '#core/mix/balance'
import { portionOf } from '#core/mix/portion'
import { mixesByRule, RULES } from '#core/mix/rules'
import { fillHeightM } from '#core/vessel/vessel'

/** The bench: what lies on it, what it would be, what to do about it. */
const bench = useBench()
const { draft, before, method, approach, ingredients, filled, judgement, ranges, levers, proposal, drawn, warnings } = bench
const { units, stored } = useGarden()
const { need } = useNeed()
const route = useRoute()
const picking = ref(route.query.start === 'pick' && ingredients.value.length === 0)
const TABS = ['numbers', 'balance', 'rules', 'how-much']
const open = ref(TABS.find(one => one === route.query.open) ?? 'numbers')
const panels = useTemplateRef<HTMLElement>('panels')
const mixes = computed(() => mixesByRule(filled.value, approach.value.comfort))
const ghosts = computed(() => open.value !== 'rules'
  ? []
  : mixes.value.map(({ rule, judgement: { measures } }) => ({
      id: rule.id, mark: String(RULES.indexOf(rule) + 1), label: rule.name, carbonToNitrogen: measures.carbonToNitrogen, moistureFraction: measures.moistureFraction,
    })))
async function show(tab: string): Promise<void> {
  open.value = tab
  await nextTick()
  panels.value?.scrollIntoView({ block: 'start', behavior: 'smooth' })
}
// What was just taken lies at the top, with its verdict and the way back.
watch(before, (laid) => { if (laid) window.scrollTo({ top: 0, behavior: 'smooth' }) })
function pulled(materialId: string, count: number): void {
  const index = ingredients.value.findIndex(({ material }) => material.id === materialId)
  const ingredient = ingredients.value[index]
  if (ingredient) bench.setAmount(index, { ...ingredient.amount, count })
}
const warningsOf = (materialId: string) => warnings.value.filter(one => one.materialId === materialId).map(({ text }) => text)

const layers = computed(() => proposal.value ? method.value.strata(proposal.value).map(({ family, heightShare }) => ({ family, heightShare })) : [])
const fillM = computed(() => judgement.value ? fillHeightM(draft.value.vessel, judgement.value.measures.volumeL) : 0)
const size = computed(() => judgement.value && method.value.judgeSize(draft.value.vessel, judgement.value.measures.volumeL, units.value))
const dryMoisture = computed(() => {
  const dry = mixBalance(filled.value.map(portionOf))
  return dry.ok ? dry.value.moistureFraction : 0
})
const missingOf = (materialId: string) => drawn.value.filter(one => one.materialId === materialId).reduce((sum, { missingLooseL }) => sum + missingLooseL, 0)
const vessel = computed({ get: () => draft.value.vessel, set: vessel => bench.change({ vessel }) })
const approachId = computed({ get: () => approach.value.id, set: id => bench.change({ approachId: id ?? approach.value.id }) })
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h1>The bench</h1>
      <p class="aside-note">
        {{ method.name }} · {{ approach.name.toLowerCase() }}
      </p>
    </header>

    <BuildingBar />
    <PastBatchNote />
    <p
      v-if="before"
      class="flex flex-wrap items-center gap-x-3 py-1"
      role="status"
    >
      The bench was laid anew.
      <button
        type="button"
        class="tap underline underline-offset-3 decoration-dotted"
        @click="bench.bringBack()"
      >
        put it back as it was
      </button>
    </p>
    <div
      v-if="levers && ranges"
      class="sticky top-0 z-20 bg-default py-2 sm:py-3 border-b-2 border-inverted/60 mb-2"
    >
      <VerdictNote
        :levers="levers"
        :ingredients="filled"
      />
    </div>
    <p
      v-else
      class="my-3 max-w-xl"
    >
      Say what you have, in whatever you carry it in. The balance shows at once.
    </p>

    <div class="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(21rem,25rem)_minmax(0,1fr)] lg:grid-rows-[auto_1fr]">
      <section aria-labelledby="what">
        <h2
          id="what"
          class="section-rule"
        >
          What goes in
        </h2>
        <ul>
          <IngredientRow
            v-for="(ingredient, index) in ingredients"
            :key="ingredient.material.id"
            :ingredient="ingredient"
            :missing="missingOf(ingredient.material.id)"
            :freedom="bench.freedomOf(ingredient.material.id)"
            :warnings="warningsOf(ingredient.material.id)"
            @free="freedom => bench.setFreedom(ingredient.material.id, freedom)"
            @prepare="prepared => bench.setPrepared(index, prepared)"
            @amount="amount => bench.setAmount(index, amount)"
            @remove="bench.remove(index)"
          />
        </ul>
        <div class="line-rule pt-3 flex flex-wrap gap-2">
          <button
            type="button"
            class="label-button grow"
            :class="{ strong: ingredients.length === 0 }"
            @click="picking = true"
          >
            <UIcon
              name="i-ph-plus"
              class="size-5"
            />
            {{ ingredients.length === 0 ? 'Pick what you have' : 'Something else' }}
          </button>
          <button
            v-if="ingredients.length > 0 || stored.length > 0"
            type="button"
            class="label-button strong grow"
            @click="show('balance')"
          >
            <UIcon
              name="i-ph-scales"
              class="size-5"
            />
            Balance it for me
          </button>
        </div>
        <StarterRow v-if="filled.length > 0" />
        <PlanTools />
      </section>

      <section
        aria-labelledby="balance"
        class="min-w-0 lg:row-span-2"
      >
        <h2
          id="balance"
          class="section-rule mb-2"
        >
          The balance
        </h2>
        <BalanceField
          v-if="ranges"
          :ingredients="filled"
          :ranges="ranges"
          :comfort="approach.comfort"
          :dry-moisture="dryMoisture"
          :ghosts="ghosts"
          @pull="pulled"
        />
        <div
          ref="panels"
          class="mt-3 scroll-mt-28"
        >
          <BenchPanels
            v-model:open="open"
            :mixes="mixes"
            :wish-l="need?.eachL"
          />
        </div>
      </section>

      <section
        aria-labelledby="how"
        class="space-y-4"
      >
        <h2
          id="how"
          class="section-rule"
        >
          Where and how
        </h2>
        <VesselEntry v-model="vessel" />
        <ChoiceRow
          v-model="approachId"
          label="Turning"
          :choices="method.approaches.map(({ id, name }) => ({ id, label: name }))"
        />
        <p class="aside-note">
          {{ approach.summary }}
        </p>
        <figure
          v-if="judgement"
          class="flex flex-wrap gap-4 items-end"
        >
          <CutawayDrawing
            :vessel="draft.vessel"
            :layers="layers"
            :fill-m="fillM"
            :label="`The heap in the ${draft.vessel.name.toLowerCase()}, cut open`"
            :px-per-metre="130"
          />
          <figcaption
            v-if="size"
            class="aside-note flex-1 min-w-40"
          >
            {{ size.text }}
          </figcaption>
        </figure>
      </section>
    </div>

    <div
      v-if="proposal"
      class="mt-6 section-rule flex flex-wrap gap-3 items-center"
    >
      <NuxtLink
        to="/bench/sheet"
        class="label-button strong"
      >
        Layers and build sheet
        <UIcon
          name="i-ph-arrow-right"
          class="size-5"
        />
      </NuxtLink>
      <p class="aside-note">
        Nothing is taken from the store yet.
      </p>
    </div>
    <MaterialPicker
      v-model:open="picking"
      title="What do you have?"
      :chosen="ingredients.map(({ material }) => material.id)"
      done="That is all: show the balance"
      @pick="bench.addMaterial"
    />
  </div>
</template>
