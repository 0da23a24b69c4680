import { computed, ref, shallowRef } from 'vue'
import { documentValues, lastTurnOf, mergeDocuments, type FieldValue, type GardenDocument } from '#core/journal/document'
import { extendJournal, openJournal, type Journal } from '#core/journal/journal'
import { laterTurn } from '#core/journal/turn'
import { highest } from '#core/statistics/ends'
import type { Contents, ImportMark } from '~/storage/shelf'

/** A record is taken to be of now when it is no further ahead than a device's clock may be. */
const AHEAD_MS = 5 * 60_000

/** What is shown of a garden: its journal and its documents, as they were read and as they go on. Where they are kept it does not know. */
export function shownGarden() {
  const journal = shallowRef(openJournal([]))
  const documents = shallowRef<readonly GardenDocument[]>([])
  const imported = shallowRef<ImportMark>()
  /** How far the garden is opened, 0 to 1. */
  const opened = ref(0)
  /** The last moment at which something came in: screens think anew then. */
  const changedAtMs = ref(0)
  const lastTurn = computed(() => laterTurn(journal.value.lastTurn, lastTurnOf(documents.value)))

  /** Everything that is shown. */
  const held = (): Contents => ({ events: [...journal.value.events.values()], documents: documents.value })

  /** Shows what came in beside what is there. */
  function goOn({ events, documents: came }: Contents): void {
    if (events.length > 0) journal.value = extendJournal(journal.value, events)
    if (came.length > 0) documents.value = mergeDocuments(documents.value, came)
    changedAtMs.value = highest(events.map(({ recordedAt }) => Date.parse(recordedAt)).filter(ms => ms < Date.now() + AHEAD_MS), Date.now())
  }

  /** Shows something else in place of all of it. */
  function begin(fresh: Journal, written: readonly GardenDocument[], mark: ImportMark | undefined): void {
    journal.value = fresh
    documents.value = written
    imported.value = mark
  }

  const documentOf = (id: string) => documents.value.find(one => one.id === id)
  function fieldsOf(id: string): Record<string, FieldValue> {
    const document = documentOf(id)
    return document ? documentValues(document) : {}
  }
  return { journal, documents, imported, opened, changedAtMs, lastTurn, held, goOn, begin, documentOf, fieldsOf }
}
