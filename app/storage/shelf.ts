import { deleteDB, openDB, type IDBPDatabase, type IDBPTransaction } from 'idb'
import type { GardenDocument } from '#core/journal/document'
import { takenEvents, writtenEvent, type GardenEvent } from '#core/journal/event'
import { fail, ok, type Outcome } from '#core/outcome/outcome'
import { DATABASE_VERSION, migrationsFrom } from './migrations'
import { storageTrouble, troubleFrom, type StorageTrouble } from './trouble'

/** All that a garden consists of. */
export interface Contents {
  readonly events: readonly GardenEvent[]
  readonly documents: readonly GardenDocument[]
}

/** A picture beside the journal: a small JPEG. */
export interface StoredPhoto {
  readonly id: string
  readonly picture: Blob
}

/** What was there before an import, so that it can be undone without losing what came after. */
export interface Keepsake extends Contents {
  readonly id: 'before-import'
  readonly takenAt: string
  readonly importedIds: readonly string[]
}

/** Where a garden is kept. Every call is one transaction and is done when that is complete. */
export interface Shelf {
  readonly lasting: boolean
  load(): Promise<Outcome<Contents & { readonly keepsake?: Keepsake }, StorageTrouble>>
  /** Adds contents, and pictures with them in the same transaction. */
  add(contents: Contents, photos?: readonly StoredPhoto[]): Promise<Outcome<void, StorageTrouble>>
  photo(id: string): Promise<Outcome<Blob | undefined, StorageTrouble>>
  photos(): Promise<Outcome<readonly StoredPhoto[], StorageTrouble>>
  /** Puts other contents in place of everything, with or without a keepsake. Pictures stay: an undo may want them again. */
  replace(contents: Contents, keepsake?: Keepsake): Promise<Outcome<void, StorageTrouble>>
  close(): void
}

const STORES = ['events', 'documents', 'keepsakes', 'photos'] as const
/** What an import puts something else in place of. */
const REPLACED = ['events', 'documents', 'keepsakes'] as const

async function outcomeOf<T>(work: () => Promise<T>): Promise<Outcome<T, StorageTrouble>> {
  try {
    return ok(await work())
  }
  catch (cause) {
    return fail(troubleFrom(cause))
  }
}

function databaseShelf(database: IDBPDatabase): Shelf {
  const writing = () => database.transaction(STORES, 'readwrite', { durability: 'strict' })
  return {
    lasting: true,
    load: () => outcomeOf(async () => {
      const reading = database.transaction(STORES)
      const [events, documents, keepsake] = await Promise.all([
        reading.objectStore('events').getAll() as Promise<unknown[]>,
        reading.objectStore('documents').getAll() as Promise<GardenDocument[]>,
        reading.objectStore('keepsakes').get('before-import') as Promise<Keepsake | undefined>,
      ])
      return { events: takenEvents(events), documents, keepsake: keepsake && { ...keepsake, events: takenEvents(keepsake.events) } }
    }),
    add: (contents, photos = []) => outcomeOf(() => whole(writing(), [...puttingContents(contents), ...photos.map((photo): Request => transaction => transaction.objectStore('photos').put(photo))])),
    photo: id => outcomeOf(async () => (await database.get('photos', id) as StoredPhoto | undefined)?.picture),
    photos: () => outcomeOf(() => database.getAll('photos') as Promise<StoredPhoto[]>),
    replace: (contents, keepsake) => outcomeOf(() => whole(writing(), [
      ...REPLACED.map((store): Request => transaction => transaction.objectStore(store).clear()),
      ...puttingContents(contents),
      ...(keepsake ? [(transaction: Writing) => transaction.objectStore('keepsakes').put({ ...keepsake, events: keepsake.events.map(writtenEvent) })] : []),
    ])),
    close: () => database.close(),
  }
}

type Writing = IDBPTransaction<unknown, typeof STORES, 'readwrite'>
type Request = (transaction: Writing) => Promise<unknown>

function puttingContents({ events, documents }: Contents): Request[] {
  return [
    ...events.map((event): Request => transaction => transaction.objectStore('events').put(writtenEvent(event))),
    ...documents.map((document): Request => transaction => transaction.objectStore('documents').put(document)),
  ]
}

/** Everything in one transaction or nothing: a single request that fails takes the others back. */
async function whole(transaction: Writing, requests: readonly Request[]): Promise<void> {
  const ended = transaction.done
  const placed: Promise<unknown>[] = []
  try {
    for (const request of requests) placed.push(request(transaction))
    await Promise.all(placed)
  }
  catch (cause) {
    abandon(transaction)
    await Promise.allSettled([...placed, ended])
    throw cause
  }
  await ended
}

function abandon(transaction: Writing): void {
  try {
    transaction.abort()
  }
  catch {
    // It has already ended by itself.
  }
}

/** A shelf that lasts as long as the page: for browsers that keep nothing. */
export function memoryShelf(): Shelf {
  const events = new Map<string, GardenEvent>()
  const documents = new Map<string, GardenDocument>()
  const pictures = new Map<string, StoredPhoto>()
  let kept: Keepsake | undefined
  const add = (contents: Contents) => {
    for (const event of contents.events) events.set(event.id, event)
    for (const document of contents.documents) documents.set(document.id, document)
  }
  return {
    lasting: false,
    load: async () => ok({ events: [...events.values()], documents: [...documents.values()], keepsake: kept }),
    add: async (contents, photos = []) => {
      for (const photo of photos) pictures.set(photo.id, photo)
      return ok(add(contents))
    },
    photo: async id => ok(pictures.get(id)?.picture),
    photos: async () => ok([...pictures.values()]),
    replace: async (contents, keepsake) => {
      events.clear()
      documents.clear()
      kept = keepsake
      return ok(add(contents))
    },
    close: () => {},
  }
}

/**
 * Opens the shelf of this name, growing an older one step by step.
 * @param onGivenUp called when a newer version in another tab needs this one to let go.
 */
export async function openShelf(name: string, onGivenUp: () => void = () => {}): Promise<Outcome<Shelf, StorageTrouble>> {
  if (typeof indexedDB === 'undefined') return fail(storageTrouble('unavailable'))
  let refuse: (trouble: StorageTrouble) => void = () => {}
  const blocked = new Promise<Outcome<Shelf, StorageTrouble>>((resolve) => { refuse = trouble => resolve(fail(trouble)) })
  const opened = outcomeOf(async () => {
    const database = await openDB(name, DATABASE_VERSION, {
      upgrade: (growing, from) => {
        for (const { grow } of migrationsFrom(from)) grow(growing)
      },
      blocked: () => refuse(storageTrouble('blocked')),
      blocking: (_current, _wanted, event) => {
        (event.target as IDBDatabase).close()
        onGivenUp()
      },
      terminated: onGivenUp,
    })
    return databaseShelf(database)
  })
  return Promise.race([opened, blocked])
}

/** Removes a shelf without a trace. */
export async function removeShelf(name: string): Promise<void> {
  await deleteDB(name)
}
