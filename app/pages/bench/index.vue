<script setup lang="ts">
import { mixBalance } from '#core/mix/balance'
import { portionOf } from '#core/mix/portion'
import { fillHeightM } from '#core/vessel/vessel'

/** The bench: what lies on it, what it would be, what to do about it. */
const bench = useBench()
const { draft, method, approach, ingredients, filled, judgement, ranges, levers, proposal, drawn } = bench
const { units } = useGarden()
const route = useRoute()
const picking = ref(route.query.start === 'pick' && ingredients.value.length === 0)

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

    <div
      v-if="levers && ranges"
      class="sticky top-0 z-20 bg-default py-3 border-b-2 border-inverted/60 mb-2"
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

    <div class="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(21rem,25rem)_minmax(0,1fr)]">
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
            @amount="amount => bench.setAmount(index, amount)"
            @remove="bench.remove(index)"
          />
        </ul>
        <div class="line-rule pt-3">
          <button
            type="button"
            class="label-button w-full"
            :class="{ strong: ingredients.length === 0 }"
            @click="picking = true"
          >
            <UIcon
              name="i-ph-plus"
              class="size-5"
            />
            {{ ingredients.length === 0 ? 'Pick what you have' : 'Something else' }}
          </button>
        </div>
      </section>

      <section
        v-if="ranges && judgement"
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
          :ingredients="filled"
          :ranges="ranges"
          :comfort="approach.comfort"
          :dry-moisture="dryMoisture"
        />
        <div class="grid sm:grid-cols-[1fr_auto] gap-6 mt-4 items-end">
          <MeasureList
            :ranges="ranges"
            :comfort="approach.comfort"
            :ingredients="filled"
            :vessel="draft.vessel"
          />
          <figure class="max-w-60 justify-self-center">
            <CutawayDrawing
              :vessel="draft.vessel"
              :layers="layers"
              :fill-m="fillM"
              :label="`The heap in the ${draft.vessel.name.toLowerCase()}, cut open`"
              :px-per-metre="130"
            />
            <figcaption
              v-if="size"
              class="aside-note"
            >
              {{ size.text }}
            </figcaption>
          </figure>
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
