import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { NewEvent } from '#core/journal/event'
import { openShelf, removeShelf } from '~/storage/database-shelf'
import { importing } from '~/storage/restore'
import { useGardenStore } from './garden'

const TAKEN = '2026-06-01T00:00:00.000Z'
const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
const stocked = (count: number): NewEvent => ({
  kind: 'stocked', at: new Date().toISOString(), materialId: 'leaves-mixed', source: '',
  amount: { count, container: bucket, packing: 'loose' },
})

beforeEach(async () => {
  vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => {}, removeItem: () => {} })
  vi.stubGlobal('navigator', {})
  setActivePinia(createPinia())
  await removeShelf('wastrum-own')
})
afterEach(() => { vi.restoreAllMocks() })

async function withTwenty() {
  const store = useGardenStore()
  await store.open('own')
  for (let count = 1; count <= 20; count++) await store.record([stocked(count)])
  return store
}

/** A disk without room: the browser cannot so much as open or read what lies on it. */
const noRoom = () => { throw new DOMException('Internal error opening backing store', 'UnknownError') }

describe('a garden that the browser cannot read', () => {
  it('is never shown as an empty one, and is there as soon as there is room', async () => {
    const store = await withTwenty()
    const reading = vi.spyOn(IDBDatabase.prototype, 'transaction').mockImplementation(noRoom)
    await store.open('own')
    expect([store.unread?.kind, store.journal.events.size]).toEqual(['unread', 0])
    await store.readAgain()
    expect(store.unread?.kind).toBe('unread')
    reading.mockRestore()
    await store.readAgain()
    expect([store.unread, store.journal.events.size]).toEqual([undefined, 20])
  })

  it('which cannot even be opened is no private window, and comes back with what was recorded meanwhile', async () => {
    const store = await withTwenty()
    const opening = vi.spyOn(indexedDB, 'open').mockImplementation(noRoom)
    await store.open('own')
    expect([store.unread?.kind, store.notKept?.kind, store.lasting]).toEqual(['unread', 'unread', false])
    await store.record([stocked(21)])
    opening.mockRestore()
    await store.readAgain()
    expect([store.unread, store.lasting, store.journal.events.size]).toEqual([undefined, true, 21])
  })

  it('and that was closed without a word goes on where it was, nothing lost', async () => {
    const store = await withTwenty()
    store.shelfNow().close()
    expect((await store.record([stocked(21)])).ok).toBe(true)
    await vi.waitFor(() => expect(store.lasting).toBe(true))
    await store.open('own')
    expect(store.journal.events.size).toBe(21)
  })

  it('and that comes back while one records goes on without a gap, everything in it', async () => {
    const store = await withTwenty()
    store.shelfNow().close()
    const began = store.record([stocked(21)])
    let recorded = 1
    expect((await began).ok).toBe(true)
    for (let after = 0; after < 5 && recorded < 500; after += store.lasting ? 1 : 0) {
      await new Promise(resolve => setTimeout(resolve))
      expect((await store.record([stocked(22)], [{ id: `p${recorded}`, picture: new Blob(['x']) }])).ok).toBe(true)
      recorded++
    }
    expect(store.journal.events.size).toBe(20 + recorded)
    await store.open('own')
    expect(store.journal.events.size).toBe(20 + recorded)
    const pictures = await store.shelfNow().photoIds()
    expect(pictures.ok && pictures.value.length).toBe(recorded - 1)
  })

  it('and that came back as another tab left it: what that one removed does not rise again', async () => {
    const store = await withTwenty()
    store.shelfNow().close()
    const other = await openShelf('wastrum-own')
    await other.shelf!.exchange(here => importing(here, { events: here.events.slice(0, 5), documents: [] }, 'replace', TAKEN))
    expect((await store.record([stocked(21)])).ok).toBe(true)
    await vi.waitFor(() => expect(store.lasting).toBe(true))
    expect(store.journal.events.size).toBe(6)
    other.shelf!.close()
  })

  it('and cleared away under it: the page keeps its copy, says so, and can put it back', async () => {
    const store = await withTwenty()
    store.shelfNow().close()
    await removeShelf('wastrum-own')
    expect((await store.record([stocked(21)])).ok).toBe(true)
    await vi.waitFor(() => expect(store.notKept?.kind).toBe('deleted'))
    expect(store.journal.events.size).toBe(21)
    await store.putBack()
    expect(store.lasting).toBe(true)
    await store.open('own')
    expect(store.journal.events.size).toBe(21)
  })

  it('and thrown away by a browser whose disk was full is put back by itself as soon as there is room', async () => {
    const store = await withTwenty()
    const writing = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(noRoom)
    const refused = await store.record([stocked(21)])
    writing.mockRestore()
    expect([!refused.ok && refused.error.kind, store.trouble?.kind]).toEqual(['disk', 'disk'])
    await removeShelf('wastrum-own')
    await vi.waitFor(() => expect(store.lasting).toBe(true))
    setActivePinia(createPinia())
    const later = useGardenStore()
    await later.open('own')
    expect(later.journal.events.size).toBe(20)
  })

  it('that failed once and was kept since is cleared away for good by whoever clears it', async () => {
    const store = await withTwenty()
    const writing = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(noRoom)
    await store.record([stocked(21)])
    writing.mockRestore()
    await store.record([stocked(22)])
    await removeShelf('wastrum-own')
    expect([store.notKept?.kind, store.lasting]).toEqual(['deleted', false])
  })

  it('has nothing of the garden that was open before', async () => {
    await useGardenStore().open('demo')
    const store = await withTwenty()
    const reading = vi.spyOn(IDBDatabase.prototype, 'transaction').mockImplementation(noRoom)
    await store.open('demo')
    expect([store.which, store.unread?.kind, store.journal.events.size]).toEqual(['demo', 'unread', 0])
    reading.mockRestore()
  })
})
