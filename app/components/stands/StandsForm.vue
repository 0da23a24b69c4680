<script setup lang="ts">
import type { FoundOfIt, KnownStuff, Since } from '#core/already'
import { spanOf } from '#core/already'
import { deedOf, quantityByThermometer, sensesOf, sitesFor, type Method } from '#core/methods/contract'
import { levelOf } from '#core/methods/doubt'
import type { Answers } from '#core/questions/answers'
import { asVessel, siteName, type Site } from '#core/vessel/site'

/** One thing that stands already, as far as anybody knows: since when, of what, how high, and what is found of it today. */
const { method } = defineProps<{ method: Method }>()
const emit = defineEmits<{ done: [batchId: string], drop: [] }>()
const { standing, now } = useGarden()
const { note, trouble } = useStanding()
const { method: benchMethod, goesIn, effective, planned } = useBench()
const form = useTemplateRef('form')

const approachId = ref(method.face.approaches[0]!.id)
const already = computed(() => method.plan.already?.(approachId.value))
const since = ref<Since>()
const sites = computed(() => sitesFor(method, approachId.value))
const site = shallowRef<Site>(sites.value[0]!)
watch(sites, (all) => { site.value = all[0]! })
const answers = ref<Answers>({})
const name = ref('')
const place = ref('')
const busy = ref(false)

const onBench = computed(() => benchMethod.value.id === method.id && goesIn.value.length > 0)
const UNKNOWN = 'unknown'
const BENCH = 'bench'
const RECIPE = 'recipe'
const stuffChoices = computed(() => [
  ...(onBench.value ? [{ id: BENCH, label: 'as on the bench' }] : []),
  ...(already.value?.of ?? []).map(({ id, label }) => ({ id, label })),
  ...((already.value?.of.length ?? 0) === 0 ? [{ id: RECIPE, label: 'as the method says' }] : []),
  { id: UNKNOWN, label: 'nobody knows' },
])
const stuff = ref<string>(onBench.value ? BENCH : (already.value?.of.length ?? 0) > 0 ? UNKNOWN : RECIPE)
const stuffSaid = computed((): KnownStuff =>
  stuff.value === BENCH
    ? { kind: 'known', ingredients: goesIn.value, waterL: planned.value?.draft.waterL ?? 0 }
    : stuff.value === UNKNOWN ? { kind: 'unknown' } : { kind: 'usually', id: stuff.value })
const HOW = [{ id: 'at-once', label: 'in one go' }, { id: 'bit-by-bit', label: 'bit by bit' }] as const
const how = ref<typeof HOW[number]['id']>(already.value?.bitByBit ? 'bit-by-bit' : 'at-once')
const closed = ref<'open' | 'closed'>('open')
const closedSince = ref<Since>()

/** Asked of a batch that is only thought: enough to know which length says how it stands. */
const level = computed(() => levelOf(method, {
  id: '', name: '', place: '', puts: [], did: [], gauged: {}, observations: [], takings: [], uses: [], testsBegun: [], testsRead: [],
  putOffs: [], photos: [], log: [],
  began: { at: now.value.toISOString(), methodId: method.id, approachId: approachId.value, site: site.value, answers: answers.value },
}))
const USUAL_SHARE = 0.7
const rimM = computed(() => asVessel(site.value).heightM)
const heightM = ref<number>()
const behind = computed(() => (already.value?.behind ?? []).flatMap(({ deed }) => deedOf(method.life, deed) ?? []))
const notYet = ref<string[]>([])
const toggle = (id: string) => {
  notYet.value = notYet.value.includes(id) ? notYet.value.filter(one => one !== id) : [...notYet.value, id]
}
const senses = computed(() => sensesOf(method.life))
const seen = ref<Record<string, string | undefined>>({})
const thermometer = quantityByThermometer(method.life)
const readC = ref<number>()
const readSince = ref<Since>()
const takenL = ref<number>()
const takenSince = ref<Since>()

const suggested = computed(() => {
  const base = method.face.approaches.length > 1 && siteName(site.value).length === 0 ? method.face.name : siteName(site.value)
  const taken = standing.value.filter(({ batch }) => batch.name.startsWith(base)).length
  return taken > 0 ? `${base} ${taken + 1}` : base
})
const momentOf = (said: Since | undefined): Date => {
  const span = said && spanOf(said, new Date())
  return span?.ok ? new Date((span.value.from.getTime() + span.value.to.getTime()) / 2) : new Date()
}
const found = computed((): FoundOfIt[] => [
  ...(takenL.value ? [{ kind: 'taken' as const, litres: takenL.value, at: momentOf(takenSince.value) }] : []),
  ...(thermometer && readC.value !== undefined
    ? [{
        kind: 'read' as const, quantity: thermometer.id, spot: thermometer.spots[0].id, value: readC.value, at: momentOf(readSince.value),
      }]
    : []),
  ...Object.entries(seen.value).flatMap(([sense, finding]) => finding ? [{ kind: 'sense' as const, sense, finding }] : []),
])

async function save(): Promise<void> {
  busy.value = true
  // The words on the button are drawn before the reckoning begins.
  await new Promise(resolve => setTimeout(resolve, 20))
  const batchId = await note({
    name: name.value.trim() || suggested.value, place: place.value.trim(), methodId: method.id, approachId: approachId.value,
    site: stuff.value === BENCH ? effective.value.site : site.value, answers: answers.value, since: since.value, stuff: stuffSaid.value,
    bitByBit: how.value === 'bit-by-bit', notYet: notYet.value,
    ...(closed.value === 'closed' ? { closedAt: momentOf(closedSince.value) } : {}),
    ...(level.value && heightM.value !== undefined ? { heightM: heightM.value } : {}), found: found.value,
  })
  busy.value = false
  if (batchId) emit('done', batchId)
}
onMounted(() => form.value?.scrollIntoView({ block: 'start', behavior: 'instant' }))
</script>

<template>
  <form
    ref="form"
    class="space-y-4 border-l-4 border-accented pl-3"
    :aria-label="`${method.face.name} that stands already`"
    data-stands-form
    @submit.prevent="save"
  >
    <h2>{{ method.face.name }}</h2>
    <SinceEntry
      v-model="since"
      label="It stands since"
    />
    <ChoiceRow
      v-if="method.face.approaches.length > 1"
      v-model="approachId"
      :label="method.face.words.approach"
      :choices="method.face.approaches.map(one => ({ id: one.id, label: one.name }))"
    />
    <ChoiceRow
      v-model="stuff"
      label="What is in it"
      :choices="stuffChoices"
    />
    <div
      v-if="already?.bitByBit && already.of.length > 0 && stuff !== BENCH"
      class="flex flex-wrap gap-x-6 gap-y-3"
    >
      <ChoiceRow
        v-model="how"
        label="It came"
        :choices="HOW"
      />
    </div>
    <template v-if="already?.closes">
      <ChoiceRow
        v-model="closed"
        label="By now"
        :choices="[{ id: 'open', label: 'more goes in' }, { id: 'closed', label: 'nothing goes in any more' }]"
      />
      <SinceEntry
        v-if="closed === 'closed'"
        v-model="closedSince"
        label="Nothing goes in since"
      />
    </template>
    <QuantityNumber
      v-if="level"
      v-model="heightM"
      quantity="length"
      :label="`${level.label} now`"
      :min="0.01"
      :max="level.limits[1]"
      :start="Math.round(100 * Math.min(level.limits[1], USUAL_SHARE * rimM)) / 100"
    />
    <div
      v-if="behind.length > 0"
      role="group"
      aria-label="What is behind it"
      class="flex flex-wrap gap-2"
    >
      <button
        v-for="deed in behind"
        :key="deed.id"
        type="button"
        class="label-button !px-3"
        :aria-pressed="!notYet.includes(deed.id)"
        @click="toggle(deed.id)"
      >
        <UIcon
          :name="notYet.includes(deed.id) ? 'i-ph-square' : 'i-ph-check-square'"
          class="size-5"
        />
        {{ deed.label }}
      </button>
    </div>
    <details class="line-rule">
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
        How it is today
      </summary>
      <div class="space-y-3 pb-3">
        <ChoiceRow
          v-for="sense in senses"
          :key="sense.id"
          :model-value="seen[sense.id]"
          :label="sense.label"
          :choices="sense.findings.map(({ id, label }) => ({ id, label }))"
          @update:model-value="seen = { ...seen, [sense.id]: seen[sense.id] === $event ? undefined : $event }"
        />
        <template v-if="thermometer">
          <QuantityNumber
            v-model="readC"
            quantity="temperature"
            :label="`Read once: ${thermometer.label.toLowerCase()}`"
            :min="thermometer.limits[0]"
            :max="thermometer.limits[1]"
            :start="40"
          />
          <SinceEntry
            v-if="readC !== undefined"
            v-model="readSince"
            label="That was about so long ago; today if you say nothing"
          />
        </template>
        <template v-if="method.life.inParts">
          <QuantityNumber
            v-model="takenL"
            quantity="volume"
            label="Taken out of it since"
            :min="0"
            :max="20000"
            :start="20"
          />
          <SinceEntry
            v-if="takenL"
            v-model="takenSince"
            label="That was about so long ago; today if you say nothing"
          />
        </template>
      </div>
    </details>
    <details class="line-rule">
      <summary class="tap flex items-center cursor-pointer underline underline-offset-3 decoration-dotted">
        Its name and where it stands: {{ name.trim() || suggested }}
      </summary>
      <div class="space-y-3 pb-3">
        <div class="flex flex-wrap gap-4">
          <NameAndPlace
            v-model:name="name"
            v-model:place="place"
            :suggested="suggested"
          />
        </div>
        <SiteEntry
          v-if="stuff !== BENCH"
          v-model="site"
          :sites="sites"
        />
        <QuestionFields
          v-model="answers"
          :questions="method.plan.asks(approachId)"
        />
      </div>
    </details>
    <p
      v-if="trouble"
      role="alert"
      class="text-error font-semibold"
    >
      {{ trouble }}
    </p>
    <div class="flex flex-wrap gap-3">
      <button
        class="label-button strong"
        :disabled="busy"
        data-note-it
      >
        {{ busy ? 'Reckoning back …' : 'It stands there' }}
      </button>
      <button
        type="button"
        class="label-button"
        @click="emit('drop')"
      >
        Something else
      </button>
    </div>
  </form>
</template>
