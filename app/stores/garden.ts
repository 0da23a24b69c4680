import { defineStore } from 'pinia'
import * as v from 'valibot'
import { ref, shallowRef } from 'vue'
import { demoGarden } from '#core/demo/demo-garden'
import { documentValues, mergeDocuments, writeDocument, type FieldValue, type GardenDocument } from '#core/journal/document'
import { knownEventSchema, type GardenEvent, type NewEvent } from '#core/journal/event'
import { extendJournal, openJournal, writingMoment } from '#core/journal/journal'
import { fail, ok, type Outcome } from '#core/outcome/outcome'
import { joinTabs, type TabNews, type Tabs } from '~/storage/tabs'
import { newId, randomText } from '~/storage/identity'
import { remember, remembered } from '~/storage/remembered'
import { memoryShelf, openShelf, removeShelf, type Contents, type Keepsake, type Shelf, type StoredPhoto } from '~/storage/shelf'
import { storageTrouble, type StorageTrouble } from '~/storage/trouble'

/** The two gardens a browser can hold: they never mix. */
export type WhichGarden = 'own' | 'demo'

const shelfName = (which: WhichGarden) => `wastrum-${which}`

function deviceName(which: WhichGarden): string {
  if (which === 'demo') return 'demo-visitor'
  const known = remembered('wastrum.device')
  if (known) return known
  const fresh = `d-${randomText(8)}`
  remember('wastrum.device', fresh)
  return fresh
}

/** The garden that is open: its journal, its documents and where they are kept. */
export const useGardenStore = defineStore('garden', () => {
  const which = ref<WhichGarden>()
  const lasting = ref(true)
  const trouble = shallowRef<StorageTrouble>()
  const journal = shallowRef(openJournal([]))
  const documents = shallowRef<readonly GardenDocument[]>([])
  const keepsake = shallowRef<Keepsake>()
  let shelf: Shelf = memoryShelf()
  let tabs: Tabs | undefined

  function show(contents: Contents, kept?: Keepsake): void {
    journal.value = openJournal(contents.events)
    documents.value = mergeDocuments(contents.documents)
    keepsake.value = kept
  }

  function take({ events, documents: written }: Contents): void {
    if (events.length > 0) journal.value = extendJournal(journal.value, events)
    if (written.length > 0) documents.value = mergeDocuments(documents.value, written)
  }

  async function reload(): Promise<void> {
    const loaded = await shelf.load()
    if (loaded.ok) show(loaded.value, loaded.value.keepsake)
    else trouble.value = loaded.error
  }

  async function hear(news: TabNews): Promise<void> {
    if (news.kind === 'added') take(news.contents)
    else await reload()
  }

  /** Opens a garden. When the browser keeps nothing, it opens in memory and `trouble` says so. */
  async function open(wanted: WhichGarden): Promise<void> {
    letGo()
    trouble.value = undefined
    const opened = await openShelf(shelfName(wanted), () => { trouble.value = storageTrouble('closed') })
    if (!opened.ok) trouble.value = opened.error
    shelf = opened.ok ? opened.value : memoryShelf()
    lasting.value = shelf.lasting
    await reload()
    if (wanted === 'demo' && journal.value.events.size === 0) await add(demoGarden(new Date()))
    tabs = joinTabs(shelfName(wanted), news => void hear(news))
    which.value = wanted
    remember('wastrum.garden', wanted)
    // Asked for once more at every visit: browsers grant it to what is used.
    if (wanted === 'own') void navigator.storage?.persist?.()
  }

  function letGo(): void {
    shelf.close()
    tabs?.leave()
    tabs = undefined
  }

  /** Opens what was open last, if anything was. */
  async function openRemembered(): Promise<boolean> {
    const last = remembered('wastrum.garden')
    if (last !== 'own' && last !== 'demo') return false
    await open(last)
    return true
  }

  /** Leaves the demo garden without a trace. */
  async function leaveDemo(): Promise<void> {
    letGo()
    which.value = undefined
    remember('wastrum.garden', undefined)
    await removeShelf(shelfName('demo'))
    show({ events: [], documents: [] })
  }

  async function add(contents: Contents, photos: readonly StoredPhoto[] = []): Promise<Outcome<void, StorageTrouble>> {
    const added = await shelf.add(contents, photos)
    if (added.ok) {
      take(contents)
      tabs?.tell({ kind: 'added', contents })
    }
    else trouble.value = added.error
    return added
  }

  async function replace(contents: Contents, kept?: Keepsake): Promise<Outcome<void, StorageTrouble>> {
    const replaced = await shelf.replace(contents, kept)
    if (replaced.ok) {
      show(contents, kept)
      tabs?.tell({ kind: 'replaced' })
    }
    else trouble.value = replaced.error
    return replaced
  }

  /** Records what happened, all of it or nothing, and pictures with it. */
  async function record(happened: readonly NewEvent[], photos: readonly StoredPhoto[] = []): Promise<Outcome<readonly GardenEvent[], StorageTrouble>> {
    const now = writingMoment(journal.value, new Date())
    const by = deviceName(which.value ?? 'own')
    const events = happened.map((one, index) => ({ ...one, id: `${newId(now)}-${index}`, recordedAt: now.toISOString(), by }))
    const checked = v.safeParse(v.array(knownEventSchema), events)
    if (!checked.success) {
      trouble.value = { kind: 'unknown', message: `This was not recorded: a value ${checked.issues[0].message}. Check what was typed and try again.` }
      return fail(trouble.value)
    }
    const added = await add({ events: checked.output, documents: [] }, photos)
    return added.ok ? ok(checked.output) : added
  }

  /** Takes events back, all of them in one transaction and one fold. */
  function undo(targetIds: readonly string[]) {
    const at = new Date().toISOString()
    return record(targetIds.map(targetId => ({ kind: 'undone' as const, at, targetId })))
  }

  function fieldsOf(id: string): Record<string, FieldValue> {
    const document = documents.value.find(one => one.id === id)
    return document ? documentValues(document) : {}
  }

  /** Writes fields of documents: settings, containers, vessels, the plan on the bench. */
  async function write(changes: readonly { id: string, kind: string, values: Readonly<Record<string, FieldValue>> }[]): Promise<void> {
    const at = new Date().toISOString()
    const by = deviceName(which.value ?? 'own')
    const written = changes.map(({ id, kind, values }) => writeDocument(documents.value.find(one => one.id === id), id, kind, values, at, by))
    await add({ events: [], documents: written })
  }

  /** Pictures kept in this browser. */
  const photo = (id: string) => shelf.photo(id)
  const photos = () => shelf.photos()
  const keepPhotos = (pictures: readonly StoredPhoto[]) => add({ events: [], documents: [] }, pictures)

  return { photo, photos, keepPhotos, which, lasting, trouble, journal, documents, keepsake, open, openRemembered, leaveDemo, record, undo, write, fieldsOf, replace }
})
