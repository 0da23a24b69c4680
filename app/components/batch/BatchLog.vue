<script setup lang="ts">
import { isDayKnown } from '#core/methods/contract'
import { monthYearText } from '#core/units/dates'
import { inputsOf } from '#core/journal/garden'
import { eventOf } from '#core/journal/journal'
import { partsOf } from '#core/journal/set-right'
import type { GardenEvent, KnownEvent } from '#core/journal/event'
import type { KnownBatch } from '~/composables/useGarden'

/** Everything recorded of a batch, latest first; each entry can be taken back. */
const { known } = defineProps<{ known: KnownBatch }>()
const { wordsOf } = useLogWords()
const { moment } = useSay()
const store = useGardenStore()
const router = useRouter()
const bench = useBenchPlan()
const all = ref(false)
/** The entry that is being set right. */
const open = ref<string>()
const canBeSetRight = (entry: GardenEvent): entry is KnownEvent => entry.kind !== 'foreign' && partsOf(entry) !== undefined

const entries = computed(() => known.batch.log.flatMap((id) => {
  const event = eventOf(store.journal, id)
  return event ? [event] : []
}).reverse())
/** Nobody knows the hour of what is only known to a month. */
const whenOf = (entry: GardenEvent) =>
  entry.kind === 'began' && !isDayKnown(entry) ? `about ${monthYearText(entry.at)}` : moment(entry.at)
/** What stood there before it was set right, where that reads otherwise. */
function before(entry: GardenEvent): string {
  const was = store.journal.events.get(entry.id)
  if (!was) return ''
  const words = wordsOf(was, known)
  return words === wordsOf(entry, known) ? `, it was at ${moment(was.at)}` : `, it was: ${words.replace(/\.$/, '')}`
}
/** The entry that a search leads to: it is shown however old it is. */
const wanted = useRoute().query.entry
if (typeof wanted === 'string') all.value = known.batch.log.includes(wanted)
onMounted(() => {
  if (typeof wanted === 'string') document.querySelector(`[data-entry="${CSS.escape(wanted)}"]`)?.scrollIntoView({ block: 'center' })
})
const shown = computed(() => all.value ? entries.value : entries.value.slice(0, 12))

async function takeBack(id: string): Promise<void> {
  const { began, puts } = known.batch
  const beginning = puts.find(({ eventId, atStart }) => eventId === id && atStart)
  const kind = store.journal.events.get(id)?.kind
  // What did not work is said above the page.
  if (!(await store.undo([id])).ok) return
  if (kind !== 'began' && kind !== 'built') return
  // What it was made from lies on the bench again, as it was prepared; what lay there can be brought back.
  const { methodId, approachId, site, answers } = began
  bench.replace({
    methodId, approachId, site, answers,
    ingredients: inputsOf({ puts: beginning ? [beginning] : [] }).map(({ materialId, amount, prepared }) => ({
      materialId, amount,
      ...(prepared ? { prepared } : {}),
    })),
  })
  await router.push('/bench')
}
</script>

<template>
  <div>
    <ol>
      <li
        v-for="entry in shown"
        :key="entry.id"
        class="line-rule py-1.5 flex gap-3 items-start"
        :class="[open === entry.id ? 'flex-wrap' : '', entry.id === wanted ? 'bg-elevated' : '']"
        :data-entry="entry.id"
        :data-log="entry.kind"
      >
        <span class="aside-note w-27 shrink-0 pt-2">{{ whenOf(entry) }}</span>
        <SetRight
          v-if="open === entry.id && canBeSetRight(entry)"
          :known="known"
          :entry="entry"
          :said="wordsOf(entry, known)"
          @done="open = undefined"
        />
        <span
          v-else
          class="flex-1 pt-2 whitespace-pre-line break-words min-w-0"
        >{{ wordsOf(entry, known) }}<span
          v-if="store.journal.amended.has(entry.id)"
          class="aside-note"
          data-amended
        > Set right{{ before(entry) }}.</span></span>
        <button
          v-if="open !== entry.id && canBeSetRight(entry)"
          type="button"
          class="tap grid place-items-center"
          :aria-label="`set right: ${wordsOf(entry, known)}`"
          @click="open = entry.id"
        >
          <UIcon
            name="i-ph-pencil-simple"
            class="size-5"
          />
        </button>
        <button
          v-if="open !== entry.id"
          type="button"
          class="tap grid place-items-center"
          :aria-label="`take back: ${wordsOf(entry, known)}`"
          @click="takeBack(entry.id)"
        >
          <UIcon
            name="i-ph-arrow-counter-clockwise"
            class="size-5"
          />
        </button>
      </li>
    </ol>
    <button
      v-if="entries.length > shown.length"
      type="button"
      class="label-button plain"
      @click="all = true"
    >
      All {{ entries.length }} entries
    </button>
  </div>
</template>
