<script setup lang="ts">
import { inputsOf } from '#core/journal/garden'
import type { KnownBatch } from '~/composables/useGarden'

/** Everything recorded of a batch, latest first; each entry can be taken back. */
const { known } = defineProps<{ known: KnownBatch }>()
const { wordsOf } = useLogWords()
const { moment } = useSay()
const store = useGardenStore()
const router = useRouter()
const bench = useBenchPlan()
const all = ref(false)

const entries = computed(() => known.batch.log.flatMap((id) => {
  const event = store.journal.events.get(id)
  return event ? [event] : []
}).reverse())
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
        :data-log="entry.kind"
      >
        <span class="aside-note w-27 shrink-0 pt-2">{{ moment(entry.at) }}</span>
        <span class="flex-1 pt-2 whitespace-pre-line break-words min-w-0">{{ wordsOf(entry, known) }}</span>
        <button
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
