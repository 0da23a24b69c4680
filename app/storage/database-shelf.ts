import { deleteDB, openDB, type IDBPDatabase } from 'idb'
import { mergeDocument, type GardenDocument } from '#core/journal/document'
import { takenEvents, writtenEvent, type GardenEvent } from '#core/journal/event'
import { fail, ok, type Outcome } from '#core/outcome/outcome'
import { DATABASE_VERSION, migrationsFrom } from './migrations'
import { handfulsOf, packAnew, packedIn, tidied, unpacked } from './packs'
import { exchanged } from './restore'
import { ROOMS, type Reading, type Writing } from './rooms'
import type { Contents, Exchange, ImportMark, Keepsake, LastAnswer, Shelf, StoredPhoto } from './shelf'
import { storageTrouble, troubleFrom, type StorageTrouble, type Wanted } from './trouble'

/** The mark that something was imported stands apart from what it changed: that may be large, and is wanted seldom. */
const MARK = 'import'
const BEFORE = 'import-before'
/** What versions before that kept, all in one. */
const EARLIER = 'before-import'
const ARRIVING = 'arriving'

async function outcomeOf<T>(wanted: Wanted, work: () => Promise<T>): Promise<Outcome<T, StorageTrouble>> {
  try {
    return ok(await work())
  }
  catch (cause) {
    return fail(troubleFrom(cause, wanted))
  }
}

function abandon(transaction: Writing): void {
  try {
    transaction.abort()
  }
  catch {
    // It has already ended by itself.
  }
}

const isAbandoned = (cause: unknown) => cause instanceof DOMException && cause.name === 'AbortError'

/** Everything in one transaction or nothing: whatever fails in `work` takes the rest back. */
async function whole<T>(database: IDBPDatabase, work: (transaction: Writing) => Promise<T>): Promise<T> {
  const transaction = database.transaction(ROOMS, 'readwrite', { durability: 'strict' })
  const ended = transaction.done
  try {
    // Both at once: of a database whose disk is full the requests never answer, the transaction alone says so.
    const [value] = await Promise.all([work(transaction), ended])
    return value
  }
  catch (cause) {
    abandon(transaction)
    // Requests only say that they were abandoned; the transaction says why.
    throw await ended.then(() => cause, (why: unknown) => isAbandoned(cause) ? why ?? cause : cause)
  }
}

/** Places requests one after the other. One that cannot even be placed ends it; those before it are taken back with their transaction. */
function placing(requests: readonly (() => Promise<unknown>)[]): Promise<unknown[]> {
  const placed: Promise<unknown>[] = []
  try {
    for (const request of requests) placed.push(request())
  }
  catch (cause) {
    for (const one of placed) one.catch(() => {})
    throw cause
  }
  return Promise.all(placed)
}

async function contentsOf(transaction: Reading): Promise<Contents> {
  const events: unknown[] = []
  for await (const some of handfulsOf(transaction, 'events')) for (const one of some) events.push(one)
  return { events: takenEvents(events), documents: (await transaction.objectStore('documents').getAll()) as GardenDocument[] }
}

interface EarlierKeepsake {
  readonly takenAt: string
  readonly events: readonly unknown[]
  readonly documents: readonly GardenDocument[]
  readonly importedIds: readonly string[]
}

async function keepsakeOf(transaction: Reading): Promise<Keepsake | undefined> {
  const kept = (await transaction.objectStore('keepsakes').get(BEFORE)) as (Omit<Keepsake, 'removed'> & { removed: unknown[] }) | undefined
  if (kept) return { ...kept, removed: takenEvents(kept.removed) }
  const earlier = (await transaction.objectStore('keepsakes').get(EARLIER)) as EarlierKeepsake | undefined
  return (
    earlier && {
      takenAt: earlier.takenAt, importedIds: earlier.importedIds, removed: takenEvents(earlier.events), documents: earlier.documents,
      photoIds: [],
    }
  )
}

async function markOf(transaction: Reading): Promise<ImportMark | undefined> {
  const mark = (await transaction.objectStore('keepsakes').get(MARK)) as ImportMark | undefined
  if (mark) return { takenAt: mark.takenAt }
  return (await transaction.objectStore('keepsakes').count(EARLIER)) > 0 ? { takenAt: '' } : undefined
}

async function makeChange(transaction: Writing, { put, removeEvents, removeDocuments, removePhotos, keepsake }: Exchange): Promise<void> {
  const [events, documents, keepsakes, photos, thumbs] = (['events', 'documents', 'keepsakes', 'photos', 'thumbs'] as const).map(name =>
    transaction.objectStore(name),
  )
  await placing([
    ...removeEvents.map(id => () => events!.delete(id)),
    ...removeDocuments.map(id => () => documents!.delete(id)),
    ...removePhotos.flatMap(id => [() => photos!.delete(id), () => thumbs!.delete(id)]),
    ...put.events.map(event => () => events!.put(writtenEvent(event))),
    ...put.documents.map(document => () => documents!.put(document)),
    ...[MARK, BEFORE, EARLIER, ARRIVING].map(id => () => keepsakes!.delete(id)),
    ...(keepsake
      ? [
          () => keepsakes!.put({ id: MARK, takenAt: keepsake.takenAt }),
          () => keepsakes!.put({ ...keepsake, id: BEFORE, removed: keepsake.removed.map(writtenEvent) }),
        ]
      : []),
  ])
}

async function arrivingIn(transaction: Reading): Promise<readonly string[]> {
  const note = (await transaction.objectStore('keepsakes').get(ARRIVING)) as { readonly photoIds: readonly string[] } | undefined
  return note?.photoIds ?? []
}

const dropPhotos = (transaction: Writing, ids: readonly string[]) =>
  Promise.all(ids.flatMap(id => [transaction.objectStore('photos').delete(id), transaction.objectStore('thumbs').delete(id)]))

function databaseShelf(database: IDBPDatabase): Shelf {
  return {
    lasting: true,
    load: () =>
      outcomeOf('read', async () => {
        const reading = database.transaction(ROOMS)
        const packed = await packedIn(reading)
        const imported = await markOf(reading)
        if (!packed) return { ...(await contentsOf(reading)), imported }
        const documents = (await reading.objectStore('documents').getAll()) as GardenDocument[]
        return { events: takenEvents(await unpacked(packed)), documents, imported }
      }),
    add: ({ events, documents }, photos = []) =>
      outcomeOf('write', () =>
        whole(database, async (transaction) => {
          const there: GardenDocument[] = []
          for (const document of documents) {
            const known = (await transaction.objectStore('documents').get(document.id)) as GardenDocument | undefined
            there.push(known ? mergeDocument(known, document) : document)
          }
          const placed = placing([
            ...events.flatMap((event: GardenEvent) =>
              ['events' as const, 'recent' as const].map(store => () => transaction.objectStore(store).put(writtenEvent(event))),
            ),
            ...photos.map(photo => () => transaction.objectStore('photos').put(photo)),
            ...there.map(document => () => transaction.objectStore('documents').put(document)),
          ])
          // At once, not when every answer has come back: a page that is left meanwhile takes nothing with it.
          transaction.commit()
          await placed
          return there
        }),
      ),
    exchange: work =>
      outcomeOf('write', () =>
        whole(database, async (transaction) => {
          const here = await contentsOf(transaction)
          const change = work(here, await keepsakeOf(transaction))
          if (!change) return change
          await makeChange(transaction, change)
          await packAnew(transaction, exchanged(here, change).events.map(writtenEvent))
          return change
        }),
      ),
    tidy: () => outcomeOf('write', () => whole(database, tidied)),
    photoIds: () => outcomeOf('read', async () => (await database.getAllKeys('photos')) as string[]),
    photo: id => outcomeOf('read', async () => ((await database.get('photos', id)) as StoredPhoto | undefined)?.picture),
    addArriving: photos =>
      outcomeOf('write', () =>
        whole(database, async (transaction) => {
          const known = await Promise.all(photos.map(({ id }) => transaction.objectStore('photos').count(id)))
          const fresh = photos.filter((_, index) => known[index] === 0)
          const ids = fresh.map(({ id }) => id)
          await Promise.all(fresh.map(photo => transaction.objectStore('photos').put(photo)))
          await transaction.objectStore('keepsakes').put({ id: ARRIVING, photoIds: [...(await arrivingIn(transaction)), ...ids] })
          return ids
        }),
      ),
    clearArriving: () =>
      outcomeOf('write', () =>
        whole(database, async (transaction) => {
          await dropPhotos(transaction, await arrivingIn(transaction))
          await transaction.objectStore('keepsakes').delete(ARRIVING)
        }),
      ),
    removePhotos: ids =>
      outcomeOf('write', () =>
        whole(database, async (transaction) => {
          await dropPhotos(transaction, ids)
        }),
      ),
    thumb: id => outcomeOf('read', async () => ((await database.get('thumbs', id)) as StoredPhoto | undefined)?.picture),
    keepThumb: (id, picture) =>
      outcomeOf('write', async () => {
        await database.put('thumbs', { id, picture })
      }),
    // Apart from the journal's transactions: a copy must never keep a record waiting.
    answers: () => outcomeOf('read', async () => (await database.getAll('answers')) as LastAnswer[]),
    keepAnswer: answer =>
      outcomeOf('write', async () => {
        await database.put('answers', answer)
      }),
    dropAnswers: ids =>
      outcomeOf('write', async () => {
        const { store, done } = database.transaction('answers', 'readwrite')
        await Promise.all([...ids.map(id => store.delete(id)), done])
      }),
    close: () => database.close(),
  }
}

/** Why a garden that was open is not any more. */
export type Lost = 'newer' | 'deleted' | 'closed'

/** What came of opening: a shelf, or why there is none; with `later`, it may still come by itself. */
export type Opened
  = { readonly shelf: Shelf }
    | { readonly shelf?: undefined, readonly trouble: StorageTrouble, readonly later?: Promise<Shelf | undefined> }

/** Longer than this no storage takes that works. */
export const SILENT_MS = 8000

async function isThere(name: string): Promise<boolean> {
  const known = await indexedDB.databases?.().catch(() => undefined)
  return known === undefined || known.some(database => database.name === name)
}

/**
 * Opens the shelf of this name, growing an older one step by step.
 * @param onLost called when the shelf is taken away: by a newer version, by whoever deleted it, or by the browser.
 */
export async function openShelf(name: string, onLost: (why: Lost) => void = () => {}, silentMs = SILENT_MS): Promise<Opened> {
  if (typeof indexedDB === 'undefined') return { trouble: storageTrouble('unavailable') }
  let refuse: (kind: 'blocked' | 'silent') => void = () => {}
  const refused = new Promise<StorageTrouble>((resolve) => {
    refuse = kind => resolve(storageTrouble(kind))
  })
  const opened = outcomeOf('open', async () =>
    databaseShelf(
      await openDB(name, DATABASE_VERSION, {
        upgrade: (growing, from) => {
          for (const { grow } of migrationsFrom(from)) grow(growing)
        },
        blocked: () => refuse('blocked'),
        blocking: (_current, wanted, event) => {
          ;(event.target as IDBDatabase).close()
          onLost(wanted === null ? 'deleted' : 'newer')
        },
        terminated: () => void isThere(name).then(there => onLost(there ? 'closed' : 'deleted')),
      }),
    ),
  )
  const silence = setTimeout(() => refuse('silent'), silentMs)
  const first = await Promise.race([opened, refused])
  clearTimeout(silence)
  if ('kind' in first) return { trouble: first, later: opened.then(late => (late.ok ? late.value : undefined)) }
  return first.ok ? { shelf: first.value } : { trouble: first.error }
}

/** Removes a shelf without a trace. */
export async function removeShelf(name: string): Promise<void> {
  await deleteDB(name)
}
