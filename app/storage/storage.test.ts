import 'fake-indexeddb/auto'
import { openDB } from 'idb'
import { beforeEach, describe, expect, it } from 'vitest'
import { randomDocuments, randomJournal } from '../../test/builders/journals'
import { mangled } from '../../test/builders/mangle'
import { readBackup, writeBackup } from '#core/formats/backup'
import type { GardenEvent } from '#core/journal/event'
import { seededRandom } from '#core/random/random'
import { MIGRATIONS, migrationsFrom } from './migrations'
import { afterImport, keepsakeOf, undoneImport } from './restore'
import { memoryShelf, openShelf, removeShelf, type Contents, type Shelf } from './shelf'
import { troubleFrom } from './trouble'

let count = 0
let name = ''
beforeEach(() => { name = `garden-${count++}` })

async function opened(): Promise<Shelf> {
  const shelf = await openShelf(name)
  if (!shelf.ok) throw new Error(shelf.error.message)
  return shelf.value
}

async function contentsOf(shelf: Shelf) {
  const loaded = await shelf.load()
  if (!loaded.ok) throw new Error(loaded.error.message)
  const sorted = <T extends { id: string }>(all: readonly T[]) => [...all].sort((a, b) => a.id < b.id ? -1 : 1)
  return { events: sorted(loaded.value.events), documents: sorted(loaded.value.documents) }
}

const garden = (seed: number, by: string): Contents => ({ events: randomJournal(seededRandom(seed), 40, by), documents: randomDocuments(seededRandom(seed), by) })

describe('the shelf', () => {
  it('keeps what was added after it is closed and opened again', async () => {
    const first = await opened()
    const contents = garden(1, 'phone')
    expect(await first.add(contents)).toEqual({ ok: true, value: undefined })
    const before = await contentsOf(first)
    first.close()
    expect(await contentsOf(await opened())).toEqual(before)
    expect(before.events).toHaveLength(40)
  })

  it('keeps pictures with their event, in the database and in memory, and an import leaves them', async () => {
    const picture = { id: 'photo-1', picture: new Blob([Uint8Array.of(255, 216, 255)], { type: 'image/jpeg' }) }
    for (const shelf of [await opened(), memoryShelf()]) {
      await shelf.add(garden(1, 'phone'), [picture])
      expect(await shelf.replace(garden(2, 'tablet'))).toEqual({ ok: true, value: undefined })
      const found = await shelf.photo('photo-1')
      expect(found.ok && found.value !== undefined).toBe(true)
      expect(await shelf.photo('photo-2')).toEqual({ ok: true, value: undefined })
      const all = await shelf.photos()
      expect(all.ok && all.value.map(({ id }) => id)).toEqual(['photo-1'])
    }
  })

  it('grows from the first released schema without losing anything', async () => {
    // The schema of version 1 as it was released, frozen here.
    const old = await openDB(name, 1, {
      upgrade: (database) => {
        database.createObjectStore('events', { keyPath: 'id' })
        database.createObjectStore('documents', { keyPath: 'id' })
      },
    })
    const event: GardenEvent = { kind: 'turned', id: 'e1', at: '2026-05-01T10:00:00.000Z', recordedAt: '2026-05-01T10:00:00.000Z', by: 'phone', batchId: 'b' }
    await old.put('events', event)
    old.close()
    const shelf = await opened()
    expect((await contentsOf(shelf)).events).toEqual([event])
    expect((await shelf.replace(garden(2, 'x'), keepsakeOf(garden(1, 'y'), garden(2, 'x'), event.at))).ok).toBe(true)
  })

  it('numbers its migrations without a gap', () => {
    expect(migrationsFrom(1).map(({ version }) => version)).toEqual([2, 3])
    expect(() => migrationsFrom(0, [MIGRATIONS[1]!])).toThrow(/out of line/)
  })

  it('leaves everything as it was when a transaction fails half way', async () => {
    const shelf = await opened()
    await shelf.add(garden(3, 'phone'))
    const before = await contentsOf(shelf)
    const broken = { ...garden(4, 'other').events[0], note: () => {} } as unknown as GardenEvent
    const failed = await shelf.replace({ events: [...garden(4, 'other').events, broken], documents: [] })
    expect(failed.ok).toBe(false)
    expect(await contentsOf(shelf)).toEqual(before)
  })

  it('says so when a newer version has been here', async () => {
    const newer = await openDB(name, 99)
    newer.close()
    const refused = await openShelf(name)
    expect(!refused.ok && refused.error.kind).toBe('newer')
  })

  it('says so when an older version in another tab holds on to the garden, and opens once that is closed', async () => {
    const older = await openDB(name, 1, { upgrade: (database) => { database.createObjectStore('events', { keyPath: 'id' }) } })
    const refused = await openShelf(name)
    expect(!refused.ok && refused.error).toMatchObject({ kind: 'blocked' })
    older.close()
  })

  it('lets go when a newer version in another tab needs it', async () => {
    let given = false
    const shelf = await openShelf(name, () => { given = true })
    expect(shelf.ok).toBe(true)
    const newer = await openDB(name, 99)
    expect(given).toBe(true)
    newer.close()
    const after = shelf.ok ? await shelf.value.add(garden(1, 'phone')) : shelf
    expect(!after.ok && after.error.kind).toBe('closed')
  })

  it('tells a full browser from other trouble', () => {
    expect(troubleFrom(new DOMException('no room', 'QuotaExceededError')).kind).toBe('full')
    expect(troubleFrom('odd').kind).toBe('unknown')
  })

  it('is gone without a trace when removed', async () => {
    const shelf = await opened()
    await shelf.add(garden(1, 'phone'))
    shelf.close()
    await removeShelf(name)
    expect((await indexedDB.databases()).map(database => database.name)).not.toContain(name)
  })

  it('in memory behaves alike', async () => {
    const shelf = memoryShelf()
    await shelf.add(garden(1, 'phone'))
    await shelf.replace(garden(2, 'laptop'))
    expect((await contentsOf(shelf)).events.every(({ by }) => by === 'laptop')).toBe(true)
    expect(shelf.lasting).toBe(false)
  })
})

describe('an import', () => {
  const here = garden(1, 'phone')
  const file = garden(2, 'laptop')
  const later: GardenEvent = { kind: 'turned', id: 'later', at: '2026-05-01T10:00:00.000Z', recordedAt: '2026-05-01T10:00:00.000Z', by: 'phone', batchId: 'batch-1' }

  it.each(['merge', 'replace'] as const)('by %s can be undone and loses nothing recorded since', (mode) => {
    const keepsake = keepsakeOf(here, file, '2026-04-01T00:00:00.000Z')
    const after = afterImport(here, file, mode)
    const undone = undoneImport({ ...after, events: [...after.events, later] }, keepsake)
    expect(undone.events.map(({ id }) => id).sort()).toEqual([...here.events, later].map(({ id }) => id).sort())
  })

  it('of 200 mangled files changes nothing that is stored', async () => {
    const shelf = await opened()
    await shelf.add(here)
    const before = await contentsOf(shelf)
    const good = writeBackup(file.events, file.documents, '2026-05-01T10:00:00.000Z')
    for (let seed = 0; seed < 200; seed++) {
      const read = readBackup(mangled(good, seededRandom(seed), seed))
      if (read.ok) await shelf.replace(afterImport(here, read.value, 'merge'))
    }
    expect(await contentsOf(shelf)).toEqual(before)
  })
})
