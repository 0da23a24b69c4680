<script setup lang="ts">
import { aroundHere } from '#core/bench/offered'
import { COMING_WORDS, fittingMethods, MAINLY_WORDS, purposeName, STANDING_WORDS, type Choice } from '#core/bench/choosing'
import { METHODS } from '#core/methods'
import { completed } from '#core/questions/question'
import { COMINGS, MAINLY, STANDINGS, type Method, type Proposal, type Purpose } from '#core/methods/contract'
import type { Picture } from '#core/picture/picture'

/** What to make, before how: every method drawn, with its time, its work and what it is for; and the one that fits best. */
const emit = defineEmits<{ choose: [method: Method] }>()
const { stored, surroundings, materials, materialContainers, units } = useGarden()
const EXAMPLE_L = 950

const purpose = ref<string>()
const effort = ref<string>()
const patience = ref<string>()
const coming = ref<Choice['coming']>()
const standsIn = ref<Choice['standsIn']>()
const mainly = ref<Choice['mainly']>()
const { filled } = useBench()
const EFFORTS = [{ id: '5', label: 'a few minutes' }, { id: '25', label: 'half an hour' }, { id: '120', label: 'as much as it takes' }]
const PATIENCE = [{ id: '2', label: 'days' }, { id: '20', label: 'a season' }, { id: '130', label: 'a year or two' }]
const purposes = computed(() =>
  [...new Set(METHODS.flatMap(({ face }) => face.choosing.purposes))].map(id => ({ id, label: purposeName(id) })),
)
const choice = computed<Choice>(() => ({
  purpose: purpose.value as Purpose | undefined,
  coming: coming.value, standsIn: standsIn.value, mainly: mainly.value,
  minutesAWeek: effort.value ? Number(effort.value) : undefined, weeks: patience.value ? Number(patience.value) : undefined,
}))
const fits = computed(() => fittingMethods(METHODS, choice.value, { stored: stored.value, bench: filled.value }, units.value))
/** The best and the next two, once anything was said. */
const said = computed(() => Object.values(choice.value).some(one => one !== undefined))
const named = computed(() => said.value ? fits.value.slice(0, 3) : [])

/** In autumn there is something of everything. */
const EXAMPLE_MONTH = 10

/** What a mix is drawn with as long as nothing lies on the bench: six containers of whatever can be had. */
function stuffFor(some: boolean): Pick<Proposal, 'ingredients' | 'volumeL'> {
  const ingredients = some
    ? aroundHere(materials.value, materialContainers.value, EXAMPLE_MONTH, []).map(({ material, container }) => ({
        material,
        amount: { count: 6, container, packing: 'loose' as const },
      }))
    : []
  return { ingredients, volumeL: some ? EXAMPLE_L : 0 }
}

/** A method in its first school and place, as it would look. */
function pictureOf(method: Method): Picture {
  const [approach] = method.face.approaches
  const [site] = method.plan.sites
  const drawn = (some: boolean) => {
    const proposal: Proposal = {
      site: site!, approachId: approach!.id, answers: completed(method.plan.asks(approach!.id), {}),
      ...stuffFor(some),
      waterL: 0,
    }
    return method.plan.draft(proposal, surroundings.value).picture
  }
  const plain = drawn(method.plan.bench === 'balanced')
  // What is fed little by little would be drawn empty.
  return plain.parts.some(part => part.kind === 'fill' && part.heightM < 0.01) ? drawn(true) : plain
}
/** Drawn one after the other, so that the page is awake before the last of them is thought through. */
const pictures = shallowRef<ReadonlyMap<string, Picture>>(new Map())
function* drawAll(): Generator<ReadonlyMap<string, Picture>, true> {
  const drawn = new Map<string, Picture>()
  for (const method of METHODS) {
    drawn.set(method.id, pictureOf(method))
    yield new Map(drawn)
  }
  pictures.value = drawn
  return true
}
let wanted = 0
watch([materials, materialContainers, units], () => {
  const mine = ++wanted
  void inSlices(drawAll(), { stillWanted: () => mine === wanted, onStep: (drawn) => { pictures.value = drawn } })
}, { immediate: true })
onScopeDispose(() => { wanted++ })
const time = ({ face: { choosing: { weeks } } }: Method) => weeks.high === 0
  ? 'of use the day it lies'
  : weeks.high < 8
    ? `${Math.max(1, Math.round(weeks.low * 7))} days to ${Math.round(weeks.high)} weeks`
    : weeks.high < 60
      ? `${Math.round(weeks.low / 4.35)} to ${Math.round(weeks.high / 4.35)} months`
      : `${Math.round(weeks.low / 4.35)} months to ${Math.round(weeks.high / 52)} years`
const work = ({ face: { choosing: { minutesAWeek, heavy } } }: Method) =>
  `about ${Math.round(minutesAWeek.typical)} ${Math.round(minutesAWeek.typical) === 1 ? 'minute' : 'minutes'} a `
  + `week${heavy ? ', heavy at times' : ''}`
</script>

<template>
  <div>
    <ul class="grid gap-x-6 gap-y-5 sm:grid-cols-2 lg:grid-cols-3">
      <li
        v-for="method in METHODS"
        :key="method.id"
        class="section-rule flex flex-col"
      >
        <button
          type="button"
          class="text-left flex gap-4 items-end w-full hover:bg-muted rounded-sm p-1"
          :data-method="method.id"
          @click="emit('choose', method)"
        >
          <span class="shrink-0 w-28 h-30 flex items-end">
            <PictureDrawing
              v-if="pictures.get(method.id)"
              :picture="pictures.get(method.id)!"
              :label="`${method.face.name}, drawn`"
              :px-per-metre="82"
              class="w-28 max-h-30"
            />
          </span>
          <span class="min-w-0">
            <span class="block font-serif text-xl font-semibold text-highlighted">{{ method.face.name }}</span>
            <span class="block leading-snug">{{ method.face.choosing.line }}</span>
            <span class="block aside-note">{{ time(method) }}; {{ work(method) }}; for {{
              method.face.choosing.purposes.map(purposeName).join(', ') }}.</span>
          </span>
        </button>
      </li>
    </ul>
    <details class="line-rule mt-5">
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
        Choose for me
      </summary>
      <div class="space-y-3 pb-3">
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
        <p class="aside-note">
          Say as much as you know. What lies on the bench and in the store counts too.
        </p>
        <div
          role="status"
          data-chosen-for-me
        >
          <ul v-if="named.length > 0">
            <li
              v-for="({ method, speaksFor, speaksAgainst }, index) in named"
              :key="method.id"
              class="line-rule py-2"
            >
              <button
                type="button"
                class="tap text-left font-serif text-lg font-semibold text-highlighted underline underline-offset-3 decoration-dotted"
                @click="emit('choose', method)"
              >
                {{ index === 0 ? `${method.face.name} fits best` : method.face.name }}
              </button>
              <p class="text-[0.94rem]">
                <span v-if="speaksFor.length > 0">For it: {{ speaksFor.join(', ') }}. </span>
                <span
                  v-if="speaksAgainst.length > 0"
                  class="text-muted"
                >Against it: {{ speaksAgainst.join(', ') }}.</span>
              </p>
            </li>
          </ul>
        </div>
      </div>
    </details>
  </div>
</template>
