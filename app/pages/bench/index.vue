<script setup lang="ts">
import { METHODS } from '#core/methods'
import { balancedOf, sitesFor } from '#core/methods/contract'
import type { Answers } from '#core/questions/answers'
import { fittingMethods, siteStanding, standingOf } from '#core/bench/choosing'
import { changedBy } from '#core/bench/one-change'
import { asVessel } from '#core/vessel/site'
import { leverText } from '#core/mix/words'
import { completed } from '#core/questions/question'

definePageMeta({ title: 'The bench' })

/** The bench: what to make, what lies on it, what it would be, what to do about it. */
const bench = useBench()
const { draft, before, method, approach, ingredients, filled, verdict, firstChange, counsel, judgement, planned, unknownMethod } = bench
const { balanced } = bench
const route = useRoute()
const router = useRouter()
const mix = useTemplateRef<{ show: () => Promise<void> }>('mix')

/** Whoever asks whether their pile is any good has chosen: something that is mixed. */
const asksForAPile = route.query.start === 'pick'
if (asksForAPile && ingredients.value.length === 0 && draft.value.methodId === '')
  bench.choose(METHODS.find(one => balancedOf(one)) ?? METHODS[0]!)
const picking = ref(asksForAPile && ingredients.value.length === 0)
const choosing = ref(route.query.start === 'ways' || (draft.value.methodId === '' && ingredients.value.length === 0))
const PANELS = ['why', 'balance', 'ahead', 'rules', 'how-much']
const open = ref(PANELS.find(one => one === route.query.open) ?? '')

async function choose(wanted: typeof method.value): Promise<void> {
  bench.choose(wanted)
  choosing.value = false
  if (route.query.start) await router.replace('/bench')
}
async function show(panel: string): Promise<void> {
  // Asked again, it answers again.
  if (open.value === panel) open.value = ''
  await nextTick()
  open.value = panel
  await mix.value?.show()
}
// What was just taken lies at the top, with its verdict and the way back.
watch(before, (laid) => {
  if (!laid) return
  choosing.value = false
  window.scrollTo({ top: 0, behavior: scrolling() })
})

const site = computed({ get: () => draft.value.site, set: fresh => bench.change({ site: fresh }) })
const sites = computed(() => sitesFor(method.value, approach.value.id))
/** Another way of doing it may want another place. */
const approachId = computed({ get: () => approach.value.id, set: (id) => {
  const chosen = id ?? approach.value.id
  const offered = method.value.plan.sitesOf?.(chosen)
  bench.change({
    approachId: chosen,
    ...(offered && !offered.some(one => asVessel(one).id === asVessel(site.value).id) ? { site: offered[0]! } : {}),
  })
} })
const questions = computed(() => method.value.plan.asks(approach.value.id))
const answers = computed<Answers>({
  get: () => completed(questions.value, draft.value.answers),
  set: fresh => bench.change({ answers: { ...draft.value.answers, ...fresh } }),
})
/** What is too small to be built at once can still be filled bit by bit in the same place. */
const bitByBit = computed(() =>
  verdict.value?.weakest === 'size' && verdict.value.grade !== 'good'
    ? fittingMethods(METHODS, { coming: 'by-and-by', standsIn: standingOf(site.value) }, { stored: [], bench: filled.value })[0]?.method
    : undefined,
)
async function chooseThere(other: typeof method.value): Promise<void> {
  const here = standingOf(site.value)
  await choose(other)
  const there = siteStanding(sitesFor(other, approach.value.id), here)
  if (there) bench.change({ site: there })
}
const mixIsWeak = computed(() => verdict.value?.weakest === 'mix' && verdict.value.grade !== 'good')
const action = computed(() =>
  firstChange.value ? capital(leverText(firstChange.value, filled.value)) : mixIsWeak.value ? 'Balance it for me' : '',
)
const todo = computed(() => verdict.value?.advice ?? '')
/** Takes the change that was offered, with the way back as for any other answer. */
function change(): void {
  if (!firstChange.value) void show('balance')
  else bench.adopt(changedBy(firstChange.value, filled.value))
}
/** What is begun with a pile wants something on the bench; a mix that is empty is no plan; others can be begun as they are. */
const ready = computed(
  () =>
    planned.value !== undefined
    && planned.value.draft.refusal === undefined
    && (method.value.plan.bench !== 'pile' || planned.value.draft.recipe !== undefined || filled.value.length > 0),
)
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h1>The bench</h1>
      <button
        v-if="!choosing"
        type="button"
        class="tap aside-note underline underline-offset-3 decoration-dotted"
        data-another-method
        @click="choosing = true"
      >
        {{ unknownMethod ? 'Another method' : method.face.name }} ·
        {{ unknownMethod ? 'from a newer Wastrum' : approach.name.toLowerCase() }}
      </button>
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
    <section
      v-if="choosing"
      aria-labelledby="which"
      class="mt-2"
    >
      <h2
        id="which"
        class="mb-3"
      >
        What shall it be?
      </h2>
      <MethodTiles @choose="choose" />
    </section>
    <p
      v-else-if="unknownMethod"
      class="my-3 max-w-xl"
      role="status"
    >
      The plan on the bench was made with a newer Wastrum, in a way this one does not know. It is kept as it is; choose another method to
      plan something here.
    </p>
    <template v-else>
      <div
        v-if="balanced && planned && verdict"
        class="sticky-head z-20 bg-default py-2 -mx-1 px-1 border-b-2 border-inverted/60 mb-2"
      >
        <VerdictNote
          :verdict="verdict"
          :picture="planned.draft.picture"
          :todo="todo"
          :action="action"
          :instead="bitByBit ? `Or bit by bit, as it comes: ${bitByBit.face.name.toLowerCase()}` : ''"
          @act="change"
          @instead="bitByBit && chooseThere(bitByBit)"
        />
      </div>
      <p
        v-else-if="balanced && filled.length > 0 && !judgement"
        class="my-3 max-w-xl"
        role="status"
        data-nothing-decays
      >
        Nothing of this decays: it is a base, a starter or ballast. Add greens and browns, then the balance shows.
      </p>
      <p
        v-else-if="balanced"
        class="my-3 max-w-xl"
      >
        Say what you have, in whatever you carry it in. The balance shows at once.
      </p>
      <p
        v-else
        class="my-3 max-w-xl"
      >
        {{ method.face.summary }}
      </p>

      <div class="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(21rem,25rem)_minmax(0,1fr)] lg:grid-rows-[auto_1fr]">
        <GoesIn
          @pick="picking = true"
          @balance="show('balance')"
        />
        <section
          aria-labelledby="balance"
          class="min-w-0 lg:row-span-2"
        >
          <h2
            id="balance"
            class="section-rule mb-2"
          >
            {{ balanced ? 'The balance' : 'What it comes to' }}
          </h2>
          <ul
            v-if="balanced && counsel.length > 0"
            class="mb-3 space-y-1"
            aria-label="What would help"
            data-counsel
          >
            <li
              v-for="line in counsel"
              :key="line"
              class="flex gap-2 items-start"
            >
              <UIcon
                name="i-ph-arrow-bend-down-right"
                class="size-5 shrink-0 mt-0.5 text-primary"
              />{{ line }}
            </li>
          </ul>
          <MixView
            v-if="balanced"
            ref="mix"
            v-model:open="open"
            :plan="balanced"
          />
          <DraftView
            v-else-if="planned"
            :draft="planned.draft"
            :approach-id="approach.id"
            @way="approachId = $event"
          />
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
          <ChoiceRow
            v-if="method.face.approaches.length > 1 && !balanced"
            v-model="approachId"
            :label="method.face.words.approach"
            :choices="method.face.approaches.map(({ id, name }) => ({ id, label: name }))"
          />
          <SiteEntry
            v-model="site"
            :sites="sites"
          />
          <ChoiceRow
            v-if="method.face.approaches.length > 1 && balanced"
            v-model="approachId"
            :label="method.face.words.approach"
            :choices="method.face.approaches.map(({ id, name }) => ({ id, label: name }))"
          />
          <p class="aside-note">
            {{ approach.summary }}
          </p>
          <QuestionFields
            v-if="questions.length > 0"
            v-model="answers"
            :questions="questions"
          />
        </section>
      </div>

      <div
        v-if="ready"
        class="mt-6 section-rule flex flex-wrap gap-3 items-center"
      >
        <NuxtLink
          to="/bench/sheet"
          class="label-button strong"
        >
          {{ method.face.words.sheet }}
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
        :families="method.plan.feeds"
        :chosen="ingredients.map(({ material }) => material.id)"
        :done="balanced ? 'That is all: show the balance' : 'That is all'"
        @pick="bench.addMaterial"
      />
    </template>
  </div>
</template>
