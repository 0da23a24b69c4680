import { defineStore } from 'pinia'
import * as v from 'valibot'
import { computed, ref, shallowRef } from 'vue'
import { freshFields, mergeDocuments, writeDocument, type FieldValue } from '#core/journal/document'
import { knownEventSchema, type GardenEvent, type NewEvent } from '#core/journal/event'
import { openingJournal, openJournal } from '#core/journal/journal'
import { sameData } from '#core/journal/same'
import { clockMoment, nextTurn, turnBeside } from '#core/journal/turn'
import { fail, ok, type Outcome } from '#core/outcome/outcome'
import { openShelf, removeShelf, SILENT_MS, type Lost } from '~/storage/database-shelf'
import { memoryShelf } from '~/storage/memory-shelf'
import { copyTo } from '~/storage/copying'
import { joinTabs, type TabNews, type Tabs } from '~/storage/tabs'
import { newId } from '~/utils/identity'
import { remember, remembered } from '~/storage/remembered'
import { isEmpty, type Contents, type Shelf, type StoredPhoto } from '~/storage/shelf'
import { useForecastStore } from './forecasts'
import { readSecondCopy } from '~/storage/second-copy'
import { lostAndBack, storageTrouble, type StorageTrouble } from '~/storage/trouble'
import { inSlices } from '~/utils/slices'
import { tryAgain } from '~/utils/try-again'
import { layOutDemo } from './demo-laying'
import { shownGarden } from './shown-garden'
import { deviceName, shelfName, type WhichGarden } from './which-garden'

/** When the page has nothing else to do; where no browser says so, a while later. */
const quiet = () =>
  new Promise<void>(resolve =>
    typeof requestIdleCallback === 'undefined' ? setTimeout(resolve, 5000) : requestIdleCallback(() => resolve(), { timeout: 20_000 }),
  )

const NOTHING: Contents = { events: [], documents: [] }

const after = (ms: number) => new Promise<undefined>(resolve => setTimeout(() => resolve(undefined), ms))

/** The garden that is open: its journal, its documents and where they are kept. */
export const useGardenStore = defineStore('garden', () => {
  const which = ref<WhichGarden>()
  const trouble = shallowRef<StorageTrouble>()
  /** Why the garden that was opened could not be read so far: pages that were drawn would show an empty one in its place. */
  const unread = shallowRef<StorageTrouble>()
  /** Why nothing is kept just now; while there is such a reason, everything is on this page alone. */
  const notKept = shallowRef<StorageTrouble>()
  const lasting = computed(() => notKept.value === undefined)
  const { journal, documents, imported, opened, changedAtMs, lastTurn, held, goOn, begin, documentOf, fieldsOf } = shownGarden()
  let shelf: Shelf = memoryShelf()
  let tabs: Tabs | undefined
  /** Counts openings: what belongs to an earlier one is not wanted any more. */
  let opening = 0
  /** What comes in while everything is being read anew. */
  let meanwhile: Contents[] | undefined
  /** Whether the disk failed under it: a browser may then throw away what it holds, which nobody asked for. */
  let diskFailed = false
  /** Whether the garden that is open was read once: until then nothing says what is in it. */
  let wasRead = false

  function take(contents: Contents): void {
    meanwhile?.push(contents)
    goOn(contents)
  }

  let reading: Promise<void> = Promise.resolve()
  /** Reads everything anew from the shelf. One reading waits for the other, so that nothing heard in between is overwritten. */
  function reload(): Promise<void> {
    reading = reading.then(readAnew)
    return reading
  }

  /** In slices, so that the page stays awake however long the journal is. */
  async function readAnew(): Promise<void> {
    const mine = opening
    meanwhile ??= []
    const loaded = await Promise.race([shelf.load(), after(SILENT_MS)])
    if (!loaded?.ok) {
      const why = loaded?.error ?? storageTrouble('silent')
      if (mine === opening) {
        if (wasRead) trouble.value = why
        else unread.value = why
      }
      if (wasRead) meanwhile = undefined
      return
    }
    const fresh = await inSlices(openingJournal(loaded.value.events), {
      stillWanted: () => mine === opening,
      onStep: (share) => {
        opened.value = share
      },
    })
    if (!fresh || mine !== opening) return
    begin(fresh, mergeDocuments(loaded.value.documents), loaded.value.imported)
    wasRead = true
    if (shelf.lasting) unread.value = undefined
    const came = meanwhile ?? []
    meanwhile = undefined
    changedAtMs.value = Date.now()
    came.forEach(take)
  }

  async function hear(news: TabNews): Promise<void> {
    if (news.kind === 'added') take(news.contents)
    else await reload()
  }

  /**
   * What was recorded on this page alone goes to a shelf that lasts, and the garden is shown from there. @param known what lies there
   * already, and is not written once more.
   */
  async function adopt(lasts: Shelf, mine: number, known: Contents = NOTHING): Promise<boolean> {
    const before = shelf
    const copied = mine === opening && !before.lasting ? await copyTo(lasts, before, known) : undefined
    if (!copied || shelf !== before) {
      // Another garden is open by now, or another opening of this one was quicker.
      lasts.close()
      return mine === opening && shelf.lasting
    }
    if (!copied.ok) {
      lasts.close()
      trouble.value = copied.error
      return false
    }
    // From here on everything goes there; what was recorded while the rest was copied follows it.
    shelf = lasts
    const since = await copyTo(lasts, before, copied.value.contents, copied.value.photoIds)
    if (!since.ok) {
      lasts.close()
      onThisPage(since.error, held())
      return false
    }
    notKept.value = undefined
    wasRead = wasRead && !unread.value
    await reload()
    tabs?.tell({ kind: 'replaced' })
    return true
  }

  /** From here on things are on this page alone, and that is said. */
  function onThisPage(reason: StorageTrouble, held: Contents): void {
    shelf = memoryShelf()
    void shelf.add(held)
    notKept.value = reason
  }

  /** What the page held when its garden was taken away. */
  let atLoss: Contents = NOTHING

  function lose(name: string, why: Lost, mine: number): void {
    if (mine !== opening) return
    // Of a garden that is gone, or may be, the page holds the last copy.
    const how = why === 'deleted' && diskFailed ? 'closed' : why
    atLoss = held()
    onThisPage(storageTrouble(how), how === 'newer' ? NOTHING : atLoss)
    if (how === 'closed') void comesBack(name, mine)
  }

  /**
   * Opens the garden again. One that comes back empty while this page holds it was cleared away: the page keeps its copy and says so.
   * Where the disk failed it was the browser that threw it away, and it is put back at once.
   */
  async function openAgain(name: string, mine: number): Promise<boolean> {
    const again = await openShelf(name, why => lose(name, why, mine))
    if (!again.shelf) return false
    const there = await again.shelf.load()
    if (there.ok && !diskFailed && notKept.value?.kind === 'closed' && isEmpty(there.value) && !isEmpty(held())) {
      again.shelf.close()
      if (mine === opening) notKept.value = storageTrouble('deleted')
      return true
    }
    if (!there.ok) {
      again.shelf.close()
      return false
    }
    // One that is as it was takes only what came since: what another tab removed meanwhile does not rise again.
    const isAsItWas = notKept.value?.kind === 'closed' && !diskFailed && !isEmpty(there.value)
    return adopt(again.shelf, mine, isAsItWas ? atLoss : NOTHING)
  }

  /** Tries, ever more seldom, until the garden is open and read, or another one is wanted. */
  const comesBack = (name: string, mine: number) =>
    tryAgain(() => (shelf.lasting ? reload().then(() => unread.value === undefined) : openAgain(name, mine)), () => mine === opening)

  /** Puts a garden that was removed from the browser back into it, as far as this page holds it. */
  async function putBack(): Promise<void> {
    if (which.value) await openAgain(shelfName(which.value), opening)
  }

  /** Reads a garden that could not be read once more, at once. */
  async function readAgain(): Promise<void> {
    if (!which.value || !unread.value) return
    if (shelf.lasting) await reload()
    else await openAgain(shelfName(which.value), opening)
  }

  /**
   * Opens a garden. While the browser keeps nothing, it opens in memory and `notKept` says why. @param years how many years a
   * made-up garden is to have.
   */
  async function open(wanted: WhichGarden, years = 0): Promise<void> {
    letGo()
    useForecastStore().reset()
    const mine = ++opening
    const name = shelfName(wanted)
    trouble.value = undefined
    notKept.value = undefined
    unread.value = undefined
    wasRead = false
    diskFailed = false
    // Of the garden before nothing is shown under the name of this one.
    begin(openJournal([]), [], undefined)
    opened.value = 0
    // Heard from the first moment on: what another tab adds while this one reads would be missed.
    tabs = joinTabs(name, news => void hear(news))
    meanwhile = []
    const found = await openShelf(name, why => lose(name, why, mine))
    if (found.shelf) shelf = found.shelf
    else {
      onThisPage(found.trouble, NOTHING)
      // A made-up garden is laid out anew on the page; of one's own it must never look as if there were none.
      if (wanted === 'own' && found.trouble.kind !== 'unavailable') unread.value = found.trouble
      void found.later?.then(late => late && adopt(late, mine))
    }
    const answers = await Promise.all([shelf.answers(), reload()]).then(([answered]) => answered)
    if (mine !== opening) return
    if (wanted === 'own' && shelf.lasting && !unread.value && isEmpty(held())) await fromSecondCopy(name, mine)
    if (mine !== opening) return
    // Before anything is shown: a garden opens with what it knew, and nothing moves.
    if (answers.ok) useForecastStore().recall(answers.value)
    void quiet().then(() => (mine === opening ? shelf.tidy() : undefined))
    if (wanted === 'demo' && journal.value.events.size === 0 && !unread.value)
      await layOutDemo(years, { shelf, add, reload, onShare: (share) => { opened.value = share } })
    which.value = wanted
    if (unread.value?.kind === 'unread' || (found.shelf && unread.value)) void comesBack(name, mine)
    remember('wastrum.garden', wanted)
    // Asked for once more at every visit: browsers grant it to what is used.
    if (wanted === 'own') void (navigator as Partial<Navigator>).storage?.persist()
  }

  /** A garden that comes up empty though there is a second copy of it was lost by the browser: it is put back, and that is said. */
  async function fromSecondCopy(name: string, mine: number): Promise<void> {
    const copy = await Promise.race([readSecondCopy(name), after(SILENT_MS)])
    if (!copy || isEmpty(copy.contents) || mine !== opening) return
    const added = await shelf.add(copy.contents)
    if (added.ok) await reload()
    if (mine === opening) trouble.value = added.ok ? lostAndBack(copy.at) : added.error
  }

  function letGo(): void {
    opening++
    shelf.close()
    tabs?.leave()
    tabs = undefined
    meanwhile = undefined
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
    shelf = memoryShelf()
    await reload()
  }

  async function add(contents: Contents, photos: readonly StoredPhoto[] = []): Promise<Outcome<void, StorageTrouble>> {
    const mine = opening
    const adding = shelf.add(contents, photos)
    const added = await Promise.race([adding, after(SILENT_MS)])
    if (added === undefined) {
      // It may still arrive: then it is shown, and until then nothing claims that it is kept.
      trouble.value = {
        kind: 'silent',
        message: 'The browser\'s storage does not answer, so this is not recorded so far. It is shown here as soon as it is.',
      }
      void adding.then((late) => {
        if (late.ok && mine === opening) take({ events: contents.events, documents: late.value })
      })
      return fail(trouble.value)
    }
    if (!added.ok) diskFailed ||= added.error.kind === 'disk'
    else if (shelf.lasting) diskFailed = false
    // The browser had closed the garden without a word: from here on it is kept on this page, and that is said.
    if (!added.ok && added.error.kind === 'closed' && shelf.lasting && which.value) {
      lose(shelfName(which.value), 'closed', mine)
      return add(contents, photos)
    }
    if (!added.ok) {
      trouble.value = added.error
      return added
    }
    const there = { events: contents.events, documents: added.value }
    take(there)
    tabs?.tell({ kind: 'added', contents: there })
    return ok(undefined)
  }

  /** Records what happened, all of it or nothing, and pictures with it. */
  async function record(
    happened: readonly NewEvent[], photos: readonly StoredPhoto[] = [],
  ): Promise<Outcome<readonly GardenEvent[], StorageTrouble>> {
    const now = Date.now()
    const recordedAt = clockMoment(now)
    const by = deviceName(which.value ?? 'own')
    let turn = lastTurn.value
    const events = happened.map((one, index) => {
      turn = nextTurn(turn, now)
      return { ...one, id: one.id ?? `${newId(new Date(recordedAt))}-${index}`, recordedAt, by, ...turnBeside(recordedAt, turn) }
    })
    const good: GardenEvent[] = []
    for (const event of events) {
      const checked = v.safeParse(knownEventSchema, event)
      if (checked.success) {
        good.push(checked.output)
        continue
      }
      // The words for it are wanted seldom.
      const { oddEntry } = await import('#core/formats/backup/odd')
      trouble.value = {
        kind: 'unknown',
        message: `This was not recorded: ${oddEntry('event', 0, event, checked.issues, new Map()).what} Check what was typed and try `
          + 'again.',
      }
      return fail(trouble.value)
    }
    const added = await add({ events: good, documents: [] }, photos)
    return added.ok ? ok(good) : added
  }

  /** Takes events back, all of them in one transaction and one fold. */
  function undo(targetIds: readonly string[]) {
    const at = clockMoment(Date.now())
    return record(targetIds.map(targetId => ({ kind: 'undone' as const, at, targetId })))
  }

  /**
   * Writes fields of documents: settings, containers, vessels, the plan on the bench. Only what changed is written, so that
   * nothing of another tab is lost.
   */
  async function write(
    changes: readonly { id: string, kind: string, values: Readonly<Record<string, FieldValue>> }[],
  ): Promise<Outcome<void, StorageTrouble>> {
    const at = clockMoment(Date.now())
    const by = deviceName(which.value ?? 'own')
    const written = changes
      .map(({ id, kind, values }) => freshFields(writeDocument(documentOf(id), id, kind, values, at, by, lastTurn.value), documentOf(id)))
      .filter(({ id, fields }) => Object.keys(fields).length > 0 || !documentOf(id))
    if (written.length === 0) return ok(undefined)
    const added = await add({ events: [], documents: written })
    return added.ok ? won(changes) : added
  }

  /** Whether what was set counts now. It does not against a writing from the end of all time: that is said, not passed over. */
  function won(changes: readonly { id: string, values: Readonly<Record<string, FieldValue>> }[]): Outcome<void, StorageTrouble> {
    if (changes.every(({ id, values }) => Object.entries(values).every(([name, value]) => sameData(fieldsOf(id)[name], value))))
      return ok(undefined)
    trouble.value = storageTrouble('outdone')
    return fail(trouble.value)
  }

  /** Everything was exchanged on the shelf, by an import or by taking one back: shown anew here and in the other tabs. */
  async function replaced(): Promise<void> {
    await reload()
    tabs?.tell({ kind: 'replaced' })
  }

  return {
    which, lasting, notKept, unread, trouble, journal, documents, imported, opened, changedAtMs, lastTurn, open, openRemembered, leaveDemo,
    record, undo, write, fieldsOf, replaced, putBack, readAgain,
    /** Where the garden is kept just now. */
    shelfNow: () => shelf,
  }
})
