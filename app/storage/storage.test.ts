import 'fake-indexeddb/auto'
import { openDB } from 'idb'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { randomDocuments, randomJournal } from '../../test/builders/journals'
import { writeDocument } from '#core/journal/document'
import type { GardenEvent } from '#core/journal/event'
import { seededRandom } from '#core/random/random'
import { MIGRATIONS, migrationsFrom } from './migrations'
import { openShelf, removeShelf, type Lost } from './database-shelf'
import { memoryShelf } from './memory-shelf'
import { importing, takingBack } from './restore'
import type { Contents, Shelf } from './shelf'
import { troubleFrom, type Wanted } from './trouble'

let count = 0
let name = ''
beforeEach(() => { name = `garden-${count++}` })

async function opened(onLost?: (why: Lost) => void): Promise<Shelf> {
  const found = await openShelf(name, onLost)
  if (!found.shelf) throw new Error(found.trouble.message)
  return found.shelf
}

async function contentsOf(shelf: Shelf) {
  const loaded = await shelf.load()
  if (!loaded.ok) throw new Error(loaded.error.message)
  const sorted = <T extends { id: string }>(all: readonly T[]) => [...all].sort((a, b) => a.id < b.id ? -1 : 1)
  return { events: sorted(loaded.value.events), documents: sorted(loaded.value.documents) }
}

const garden = (seed: number, by: string): Contents => ({
  events: randomJournal(seededRandom(seed), 40, by), documents: randomDocuments(seededRandom(seed), by),
})

describe('the shelf', () => {
  it('keeps what was added after it is closed and opened again', async () => {
    const first = await opened()
    const contents = garden(1, 'phone')
    expect(await first.add(contents)).toEqual({ ok: true, value: contents.documents })
    const before = await contentsOf(first)
    first.close()
    expect(await contentsOf(await opened())).toEqual(before)
    expect(before.events).toHaveLength(40)
  })

  const TAKEN = '2026-06-01T00:00:00.000Z'
  const picture = (id: string) => ({ id, picture: new Blob([Uint8Array.of(255, 216, 255)], { type: 'image/jpeg' }) })
  const take = (shelf: Shelf, file: Contents, photoIds: readonly string[] = []) =>
    shelf.exchange(here => importing(here, file, 'merge', TAKEN, photoIds))
  const idsOf = async (shelf: Shelf) => {
    const ids = await shelf.photoIds()
    return ids.ok ? [...ids.value].sort() : ids
  }

  it('keeps pictures with their event, and small versions beside them, in the database and in memory', async () => {
    for (const shelf of [await opened(), memoryShelf()]) {
      await shelf.add(garden(1, 'phone'), [picture('photo-1')])
      const found = await shelf.photo('photo-1')
      expect(found.ok && found.value !== undefined).toBe(true)
      expect(await shelf.photo('photo-2')).toEqual({ ok: true, value: undefined })
      expect((await shelf.keepThumb('photo-1', picture('x').picture)).ok).toBe(true)
      expect(await shelf.thumb('photo-1')).toMatchObject({ ok: true })
      await shelf.removePhotos(['photo-1'])
      expect([await idsOf(shelf), await shelf.thumb('photo-1')]).toEqual([[], { ok: true, value: undefined }])
    }
  })

  it('never puts another picture in the place of one it has, and is rid of those that never arrived', async () => {
    for (const shelf of [await opened(), memoryShelf()]) {
      await shelf.add(garden(1, 'phone'), [picture('mine')])
      expect(await shelf.addArriving([picture('mine'), picture('new')])).toEqual({ ok: true, value: ['new'] })
      await shelf.clearArriving()
      expect(await idsOf(shelf)).toEqual(['mine'])
      await shelf.addArriving([picture('new')])
      await take(shelf, garden(2, 'laptop'), ['new'])
      await shelf.clearArriving()
      expect(await idsOf(shelf)).toEqual(['mine', 'new'])
      await shelf.exchange((now, keepsake) => keepsake && takingBack(now, keepsake))
      expect(await idsOf(shelf)).toEqual(['mine'])
    }
  })

  it('puts documents together field by field with what another tab has written meanwhile', async () => {
    for (const shelf of [await opened(), memoryShelf()]) {
      const written = (values: Record<string, string>, at: string, by: string) =>
        writeDocument(undefined, 'settings', 'settings', values, at, by)
      await Promise.all([
        shelf.add({ events: [], documents: [written({ units: 'us' }, '2026-05-01T10:00:00.000Z', 'one')] }),
        shelf.add({ events: [], documents: [written({ water: 'well' }, '2026-05-01T10:00:00.000Z', 'two')] }),
      ])
      const { documents } = await contentsOf(shelf)
      expect(documents.map(({ fields }) => [fields.units?.value, fields.water?.value])).toEqual([['us', 'well']])
    }
  })

  it('takes into an import what was recorded while the file was read: nothing of 60 is lost', async () => {
    const shelf = await opened()
    const recorded: Promise<unknown>[] = []
    const events = garden(3, 'phone').events
    for (let index = 0; index < 30; index++) {
      recorded.push(shelf.add({ events: [{ ...events[0]!, id: `r${index}` }], documents: [] }))
      if (index === 12) recorded.push(shelf.exchange(here => importing(here, garden(2, 'laptop'), 'replace', TAKEN)))
    }
    await Promise.all(recorded)
    const loaded = await contentsOf(shelf)
    // Those before the import were replaced, and come back when it is taken back; those after it stand.
    expect(loaded.events.filter(({ id }) => id.startsWith('r')).length).toBe(17)
    await shelf.exchange((now, keepsake) => keepsake && takingBack(now, keepsake))
    expect((await contentsOf(shelf)).events.map(({ id }) => id).sort()).toEqual(
      Array.from({ length: 30 }, (_, index) => `r${index}`).sort(),
    )
  })

  it('grows from the first released schema without losing anything', async () => {
    // The schema of version 1 as it was released, frozen here.
    const old = await openDB(name, 1, {
      upgrade: (database) => {
        database.createObjectStore('events', { keyPath: 'id' })
        database.createObjectStore('documents', { keyPath: 'id' })
      },
    })
    const event: GardenEvent = {
      kind: 'turned', id: 'e1', at: '2026-05-01T10:00:00.000Z', recordedAt: '2026-05-01T10:00:00.000Z', by: 'phone', batchId: 'b',
    }
    await old.put('events', event)
    old.close()
    const shelf = await opened()
    expect((await contentsOf(shelf)).events).toEqual([event])
    expect((await take(shelf, garden(2, 'x'))).ok).toBe(true)
  })

  it('numbers its migrations without a gap', () => {
    expect(migrationsFrom(1).map(({ version }) => version)).toEqual([2, 3, 4, 5, 6])
    expect(() => migrationsFrom(0, [MIGRATIONS[1]!])).toThrow(/out of line/)
  })

  it('leaves everything as it was when a transaction fails half way', async () => {
    const shelf = await opened()
    await shelf.add(garden(3, 'phone'))
    const before = await contentsOf(shelf)
    const broken = { ...garden(4, 'other').events[0], note: () => {} } as unknown as GardenEvent
    const failed = await shelf.exchange(() => ({
      put: { events: [...garden(4, 'other').events, broken], documents: [] }, removeEvents: before.events.map(({ id }) => id),
      removeDocuments: [], removePhotos: [], keepsake: undefined,
    }))
    expect(failed.ok).toBe(false)
    expect(await contentsOf(shelf)).toEqual(before)
  })

  describe('a long journal in packs', () => {
    const long = (from: number, count: number): GardenEvent[] =>
      Array.from({ length: count }, (_, index) => ({
        kind: 'turned', id: `t${String(from + index).padStart(5, '0')}`, at: TAKEN, recordedAt: TAKEN, by: 'phone', batchId: 'b',
      }))
    const rooms = async () => {
      const raw = await openDB(name)
      const [events, packs, recent] = [
        await raw.count('events'), (await raw.getAll('packs')) as { text: string }[], await raw.count('recent'),
      ]
      raw.close()
      return { events, packed: packs.map(({ text }) => (JSON.parse(text) as unknown[]).length), recent }
    }

    it('is the same as entry by entry, before and after tidying, and after more was added', async () => {
      const shelf = await opened()
      await shelf.add({ events: long(0, 2400), documents: [] })
      expect(await rooms()).toEqual({ events: 2400, packed: [], recent: 2400 })
      await shelf.tidy()
      expect(await rooms()).toEqual({ events: 2400, packed: [1000, 1000, 400], recent: 0 })
      await shelf.add({ events: long(2400, 20), documents: [] })
      await shelf.tidy()
      expect(await rooms()).toEqual({ events: 2420, packed: [1000, 1000, 400], recent: 20 })
      expect((await contentsOf(shelf)).events).toEqual(long(0, 2420))
    })

    it('is read from the events where nothing says that the packs are whole, and packed anew', async () => {
      const shelf = await opened()
      await shelf.add({ events: long(0, 700), documents: [] })
      await shelf.tidy()
      const raw = await openDB(name)
      await raw.put('events', long(700, 1)[0])
      await raw.delete('keepsakes', 'packed')
      raw.close()
      expect((await contentsOf(shelf)).events).toEqual(long(0, 701))
      await shelf.tidy()
      expect(await rooms()).toEqual({ events: 701, packed: [701], recent: 0 })
    })

    it('is packed anew by whatever exchanges the whole', async () => {
      const shelf = await opened()
      await shelf.add({ events: long(0, 400), documents: [] })
      await shelf.exchange(here => importing(here, { events: long(300, 200), documents: [] }, 'replace', TAKEN))
      expect(await rooms()).toEqual({ events: 200, packed: [200], recent: 0 })
      expect((await contentsOf(shelf)).events).toEqual(long(300, 200))
      await shelf.exchange((now, keepsake) => keepsake && takingBack(now, keepsake))
      expect((await contentsOf(shelf)).events).toEqual(long(0, 400))
    })
  })

  it('takes back an import that an earlier version made', async () => {
    const shelf = await opened()
    const [before, came] = [garden(1, 'phone'), garden(2, 'laptop')]
    await shelf.add({ events: [...before.events, ...came.events], documents: [] })
    const raw = await openDB(name)
    await raw.put('keepsakes', {
      id: 'before-import', takenAt: TAKEN, events: before.events, documents: [], importedIds: came.events.map(({ id }) => id),
    })
    raw.close()
    const loaded = await shelf.load()
    expect(loaded.ok && loaded.value.imported).toEqual({ takenAt: '' })
    await shelf.exchange((now, keepsake) => keepsake && takingBack(now, keepsake))
    expect((await contentsOf(shelf)).events.map(({ id }) => id)).toEqual(before.events.map(({ id }) => id).sort())
    const again = await shelf.load()
    expect(again.ok && again.value.imported).toBeUndefined()
  })

  it('says so when a newer version has been here', async () => {
    const newer = await openDB(name, 99)
    newer.close()
    const refused = await openShelf(name)
    expect(!refused.shelf && refused.trouble.kind).toBe('newer')
  })

  it('says so when an older version in another tab holds on to the garden, and comes by itself once that is closed', async () => {
    const older = await openDB(name, 1, { upgrade: (database) => { database.createObjectStore('events', { keyPath: 'id' }) } })
    const refused = await openShelf(name)
    if (refused.shelf) throw new Error('not blocked')
    expect(refused.trouble.kind).toBe('blocked')
    older.close()
    expect((await refused.later)?.lasting).toBe(true)
  })

  it('says so when the storage does not answer', async () => {
    const silent = Object.assign(Object.create(IDBOpenDBRequest.prototype) as IDBOpenDBRequest, {
      addEventListener: () => {}, removeEventListener: () => {},
    })
    const opening = vi.spyOn(indexedDB, 'open').mockReturnValue(silent)
    const refused = await openShelf(name, undefined, 20)
    opening.mockRestore()
    expect(!refused.shelf && refused.trouble.kind).toBe('silent')
  })

  it('lets go when a newer version in another tab needs it, and knows that from being deleted', async () => {
    const lost: Lost[] = []
    const shelf = await opened(why => lost.push(why))
    const newer = await openDB(name, 99)
    expect(lost).toEqual(['newer'])
    newer.close()
    const after = await shelf.add(garden(1, 'phone'))
    expect(!after.ok && after.error.kind).toBe('closed')
    await removeShelf(name)
    await opened(why => lost.push(why))
    await removeShelf(name)
    expect(lost).toEqual(['newer', 'deleted'])
  })

  it('tells a full browser from other trouble', () => {
    const kind = (name: string, wanted: Wanted) => troubleFrom(new DOMException('said by the browser', name), wanted).kind
    expect(kind('QuotaExceededError', 'write')).toBe('full')
    // A disk without room and a private window are two things, and a browser says of both that it is an unknown error.
    expect((['write', 'open', 'read'] as const).map(wanted => kind('UnknownError', wanted))).toEqual(['disk', 'unread', 'unread'])
    expect([kind('SecurityError', 'open'), kind('QuotaExceededError', 'open')]).toEqual(['unavailable', 'unread'])
    expect(troubleFrom('odd', 'write').kind).toBe('unknown')
  })

  it('says at once that a write was thrown away, though none of its requests is ever answered', async () => {
    const shelf = await opened()
    const put = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(function (this: IDBObjectStore) {
      if (put.mock.calls.length === 1) queueMicrotask(() => this.transaction.abort())
      return new EventTarget() as IDBRequest<IDBValidKey>
    })
    const commit = vi.spyOn(IDBTransaction.prototype, 'commit').mockImplementation(() => {})
    const added = await shelf.add(garden(1, 'phone'))
    put.mockRestore()
    commit.mockRestore()
    expect(!added.ok && added.error.kind).toBe('disk')
    const there = await shelf.load()
    expect(there.ok && there.value.events).toEqual([])
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
    const here = garden(1, 'phone')
    await shelf.add(here)
    await shelf.exchange(now => importing(now, garden(2, 'laptop'), 'replace', TAKEN))
    expect((await contentsOf(shelf)).events.every(({ by }) => by === 'laptop')).toBe(true)
    await shelf.exchange((now, keepsake) => keepsake && takingBack(now, keepsake))
    expect((await contentsOf(shelf)).events.map(({ id }) => id)).toEqual(here.events.map(({ id }) => id).sort())
    expect(shelf.lasting).toBe(false)
  })
})
