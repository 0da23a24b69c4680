<script setup lang="ts">
import { ageText, type Method } from '#core/methods/contract'
import { METHODS } from '#core/methods'
import { daysBetween } from '#core/units/time'

definePageMeta({ title: 'What stands here' })

/** A walk through a garden that is there already: what stands, what the beds had, what lies in the shed. */
const { standing, stored, now } = useGarden()
const { beds } = useBeds()
const route = useRoute()
const chosen = shallowRef<Method | undefined>(METHODS.find(({ id }) => id === route.query.of))
const tiles = useTemplateRef('tiles')
const BED = 'bed'
const bedId = ref('')
const addingBed = ref(false)
const bed = computed(() => beds.value.find(({ id }) => id === bedId.value) ?? beds.value[0])
/** The last ones first: what was just written down is seen at once. */
const entered = computed(() =>
  standing.value.filter(({ batch }) => batch.began.stood).sort((a, b) => a.batch.began.stood!.noted < b.batch.began.stood!.noted ? 1 : -1),
)

async function next(): Promise<void> {
  chosen.value = undefined
  await nextTick()
  tiles.value?.scrollIntoView({ block: 'start', behavior: 'instant' })
}
const bedding = ref(false)
</script>

<template>
  <div class="max-w-3xl space-y-6">
    <header>
      <h1>What stands here?</h1>
      <p class="aside-note">
        Walk round once. Guesses will do: what nobody knows makes the forecast wider, not wrong, and can be set right later.
      </p>
    </header>
    <section
      v-if="entered.length > 0"
      aria-labelledby="noted"
      class="section-rule"
    >
      <h2 id="noted">
        Written down
      </h2>
      <ul>
        <li
          v-for="{ batch, method } in entered"
          :key="batch.id"
          class="line-rule py-1 flex flex-wrap gap-x-3 items-center"
          data-entered
        >
          <NuxtLink
            :to="`/batch/${batch.id}`"
            class="tap inline-flex items-center font-semibold underline underline-offset-3"
          >{{ batch.name }}</NuxtLink>
          <span class="aside-note">{{ method.face.name }} · {{ ageText(batch, daysBetween(batch.began.at, now)).toLowerCase() }}</span>
        </li>
      </ul>
    </section>
    <section
      ref="tiles"
      aria-labelledby="next-one"
      class="section-rule scroll-mt-4"
    >
      <h2 id="next-one">
        {{ entered.length > 0 ? 'And what else?' : 'What is it?' }}
      </h2>
      <StandsForm
        v-if="chosen"
        :key="chosen.id"
        :method="chosen"
        @done="next"
        @drop="next"
      />
      <div
        v-else
        class="grid grid-cols-2 sm:grid-cols-3 gap-2 mt-2"
      >
        <button
          v-for="method in METHODS"
          :key="method.id"
          type="button"
          class="label-button !justify-start !text-left"
          :data-stands="method.id"
          @click="chosen = method"
        >
          {{ method.face.name }}
        </button>
      </div>
    </section>
    <section
      aria-labelledby="beds-had"
      class="section-rule space-y-3"
    >
      <h2 id="beds-had">
        What the beds had
      </h2>
      <div
        v-if="beds.length > 0"
        class="flex flex-wrap gap-x-4 gap-y-2"
      >
        <ChoiceRow
          :model-value="bedding ? bed?.id : undefined"
          label="Which bed had something"
          :choices="beds.map(one => ({ id: one.id, label: one.name }))"
          @update:model-value="bedId = $event ?? ''; bedding = true"
        />
      </div>
      <BedBefore
        v-if="bed && bedding"
        :key="bed.id"
        :bed="bed"
        @done="bedding = false"
      />
      <BedForm
        v-if="addingBed"
        @done="addingBed = false"
      />
      <button
        v-else
        type="button"
        class="label-button"
        :data-stands="BED"
        @click="addingBed = true"
      >
        <UIcon
          name="i-ph-plus"
          class="size-5"
        />
        A bed
      </button>
    </section>
    <section
      aria-labelledby="in-store"
      class="section-rule"
    >
      <h2 id="in-store">
        What lies in the shed
      </h2>
      <p class="flex flex-wrap gap-x-4 items-center">
        <NuxtLink
          to="/store?add=1"
          class="label-button"
        >Put something into the store</NuxtLink>
        <span
          v-if="stored.length > 0"
          class="aside-note"
        >{{ stored.length }} in it by now</span>
      </p>
    </section>
    <NuxtLink
      to="/"
      class="label-button strong"
    >That is all: to today's round</NuxtLink>
  </div>
</template>
