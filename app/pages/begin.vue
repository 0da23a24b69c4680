<script setup lang="ts">
import { COMING_WORDS, fittingMethods, MAINLY_WORDS, purposeName, siteStanding, STANDING_WORDS, type Choice } from '#core/bench/choosing'
import { METHODS } from '#core/methods'
import { capital } from '#core/units/plural'
import { COMINGS, MAINLY, sitesFor, STANDINGS, timeText, workText, type Method, type Purpose } from '#core/methods/contract'

definePageMeta({ title: 'Which way suits?' })

/** Three questions that anybody can answer, and the way that suits, drawn, with why; the next two one tap away. */
const route = useRoute()
const { stored, units } = useGarden()
const { filled } = useBench()
const bench = useBenchPlan()
const pictureOf = useMethodPicture()

const coming = ref<Choice['coming']>(COMINGS.find(id => id === route.query.coming))
const standsIn = ref<Choice['standsIn']>()
const mainly = ref<Choice['mainly']>()
const purpose = ref<string>()
const effort = ref<string>()
const patience = ref<string>()
const EFFORTS = [{ id: '5', label: 'a few minutes' }, { id: '25', label: 'half an hour' }, { id: '120', label: 'as much as it takes' }]
const PATIENCE = [{ id: '2', label: 'days' }, { id: '20', label: 'a season' }, { id: '130', label: 'a year or two' }]
const purposes = [...new Set(METHODS.flatMap(({ face }) => face.choosing.purposes))].map(id => ({ id, label: purposeName(id) }))
const choice = computed<Choice>(() => ({
  purpose: purpose.value as Purpose | undefined,
  coming: coming.value, standsIn: standsIn.value, mainly: mainly.value,
  minutesAWeek: effort.value ? Number(effort.value) : undefined, weeks: patience.value ? Number(patience.value) : undefined,
}))
const said = computed(() => Object.values(choice.value).filter(one => one !== undefined).length)
const fits = computed(() => fittingMethods(METHODS, choice.value, { stored: stored.value, bench: filled.value }, units.value))
/** One that was asked for from the others, or the one that fits best; once two things are said there is something to go by. */
const wanted = shallowRef<Method>()
watch(choice, () => { wanted.value = undefined })
const answer = computed(() => said.value < 2 ? undefined : fits.value.find(({ method }) => method === wanted.value) ?? fits.value[0])
const others = computed(() => fits.value.filter(one => one !== answer.value).slice(0, 2))
const siteOf = (method: Method) => siteStanding(sitesFor(method, method.face.approaches[0]?.id ?? ''), standsIn.value)
const picture = computed(() => answer.value && pictureOf(answer.value.method, siteOf(answer.value.method)))

async function begin(method: Method): Promise<void> {
  bench.choose(method)
  const site = siteOf(method)
  if (site) bench.change({ site })
  await navigateTo('/bench')
}
</script>

<template>
  <div class="max-w-3xl">
    <h1>Which way suits?</h1>
    <div class="mt-3 space-y-3">
      <ChoiceRow
        v-model="coming"
        label="It comes"
        :choices="COMINGS.map(id => ({ id, label: COMING_WORDS[id].asked }))"
      />
      <ChoiceRow
        v-model="standsIn"
        label="It stands"
        :choices="STANDINGS.map(id => ({ id, label: STANDING_WORDS[id] }))"
      />
      <ChoiceRow
        v-model="mainly"
        label="Mostly"
        :choices="MAINLY.map(id => ({ id, label: MAINLY_WORDS[id] }))"
      />
    </div>
    <div
      role="status"
      class="mt-5"
      data-chosen-for-me
    >
      <section
        v-if="answer"
        aria-labelledby="answer"
        class="section-rule flex flex-wrap gap-x-8 gap-y-3 items-end"
      >
        <PictureDrawing
          v-if="picture"
          :picture="picture"
          :label="`${answer.method.face.name}, drawn`"
          :px-per-metre="120"
        />
        <div class="min-w-0 flex-1 basis-64">
          <h2
            id="answer"
            class="text-2xl"
          >
            {{ answer.method.face.name }}
          </h2>
          <p class="text-lg leading-snug">
            {{ answer.method.face.choosing.line }}
          </p>
          <p class="aside-note">
            {{ capital(timeText(answer.method.face.choosing)) }}; {{ workText(answer.method.face.choosing) }}.
          </p>
          <p
            v-if="answer.speaksFor.length > 0"
            class="mt-1"
          >
            For it: {{ answer.speaksFor.join(', ') }}.
          </p>
          <p
            v-if="answer.speaksAgainst.length > 0"
            class="aside-note"
          >
            Against it: {{ answer.speaksAgainst.join(', ') }}.
          </p>
          <button
            type="button"
            class="label-button strong mt-3"
            data-begin
            @click="begin(answer.method)"
          >
            Begin it
            <UIcon
              name="i-ph-arrow-right"
              class="size-5"
            />
          </button>
        </div>
      </section>
      <p
        v-if="answer"
        class="mt-3 flex flex-wrap gap-x-5 items-center"
      >
        <span class="aside-note">Or</span>
        <button
          v-for="{ method } in others"
          :key="method.id"
          type="button"
          class="tap underline underline-offset-3 decoration-dotted"
          data-other-way
          @click="wanted = method"
        >
          {{ method.face.name.toLowerCase() }}
        </button>
        <NuxtLink
          to="/bench?start=ways"
          class="tap inline-flex items-center underline underline-offset-3 decoration-dotted"
        >all the ways</NuxtLink>
      </p>
    </div>
    <details class="line-rule mt-5">
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
        Say more
      </summary>
      <div class="space-y-3 pb-3">
        <ChoiceRow
          v-model="purpose"
          label="It is for"
          :choices="purposes"
        />
        <ChoiceRow
          v-model="effort"
          label="Work a week"
          :choices="EFFORTS"
        />
        <ChoiceRow
          v-model="patience"
          label="I can wait"
          :choices="PATIENCE"
        />
      </div>
    </details>
    <NuxtLink
      to="/stands"
      class="tap inline-flex items-center underline underline-offset-3"
      data-stands-already
    >Something stands here already</NuxtLink>
  </div>
</template>
