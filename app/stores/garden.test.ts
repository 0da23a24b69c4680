import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { NewEvent } from '#core/journal/event'
import { remainingL } from '#core/journal/garden'
import { removeShelf } from '~/storage/shelf'
import { useGardenStore } from './garden'

/** A small stand-in for what a page has and Node has not. */
function memoryStorage(): Storage {
  const kept = new Map<string, string>()
  return {
    getItem: key => kept.get(key) ?? null, setItem: (key, value) => void kept.set(key, value), removeItem: key => void kept.delete(key),
    clear: () => kept.clear(), key: index => [...kept.keys()][index] ?? null, get length() { return kept.size },
  }
}

beforeEach(async () => {
  vi.stubGlobal('localStorage', memoryStorage())
  vi.stubGlobal('navigator', {})
  setActivePinia(createPinia())
  await removeShelf('wastrum-own')
  await removeShelf('wastrum-demo')
})

const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
const stocked = (count: number): NewEvent => ({ kind: 'stocked', at: new Date().toISOString(), materialId: 'leaves-mixed', source: '', amount: { count, container: bucket, packing: 'loose' } })
const turned = (batchId: string): NewEvent => ({ kind: 'turned', at: new Date().toISOString(), batchId })

describe('the garden that is open', () => {
  it('records, undoes and has everything again after it is opened anew', async () => {
    const store = useGardenStore()
    await store.open('own')
    const recorded = await store.record([stocked(4), stocked(2)])
    expect(recorded.ok && recorded.value).toHaveLength(2)
    if (!recorded.ok) return
    expect(store.journal.garden.lots.size).toBe(2)
    await store.undo([recorded.value[0]!.id])
    expect([...store.journal.garden.lots.values()].map(lot => remainingL(store.journal.garden, lot))).toEqual([24])

    setActivePinia(createPinia())
    const later = useGardenStore()
    expect(await later.openRemembered()).toBe(true)
    expect(later.which).toBe('own')
    expect(later.journal.events.size).toBe(3)
    expect(later.journal.garden.lots.size).toBe(1)
  })

  it('refuses what cannot be, says why, and records nothing of it', async () => {
    const store = useGardenStore()
    await store.open('own')
    const refused = await store.record([stocked(1), { kind: 'reading', at: new Date().toISOString(), batchId: 'b', coreC: 5000, source: 'hand' }])
    expect(refused.ok).toBe(false)
    expect(store.trouble?.message).toMatch(/not recorded: a value is above 120/)
    expect(store.journal.events.size).toBe(0)
  })

  it('writes fields of documents and leaves the others alone', async () => {
    const store = useGardenStore()
    await store.open('own')
    await store.write([{ id: 'settings', kind: 'settings', values: { units: 'us', water: 'well' } }])
    await store.write([{ id: 'settings', kind: 'settings', values: { units: 'metric' } }])
    expect(store.fieldsOf('settings')).toEqual({ units: 'metric', water: 'well' })
    expect(store.documents[0]!.fields.units!.before?.value).toBe('us')
  })

  it('keeps the demo garden apart and leaves it without a trace', async () => {
    const store = useGardenStore()
    await store.open('own')
    await store.record([stocked(3)])
    await store.open('demo')
    expect(store.journal.garden.batches.size).toBeGreaterThan(4)
    await store.record([turned('demo-apple-bay')])
    await store.leaveDemo()
    expect(store.which).toBeUndefined()
    expect((await indexedDB.databases()).map(({ name }) => name)).not.toContain('wastrum-demo')
    expect(localStorage.getItem('wastrum.garden')).toBeNull()
    await store.open('own')
    expect(store.journal.events.size).toBe(1)
  })

  it('opens in memory when the browser keeps nothing, and says so', async () => {
    vi.stubGlobal('indexedDB', undefined)
    const store = useGardenStore()
    await store.open('own')
    expect(store.lasting).toBe(false)
    expect(store.trouble?.kind).toBe('unavailable')
    expect((await store.record([stocked(1)])).ok).toBe(true)
    vi.unstubAllGlobals()
  })

  it('takes the place of everything and remembers what was there before', async () => {
    const store = useGardenStore()
    await store.open('own')
    await store.record([stocked(3)])
    const before = { events: [...store.journal.events.values()], documents: store.documents }
    await store.replace({ events: [], documents: [] }, { id: 'before-import', takenAt: new Date().toISOString(), importedIds: [], ...before })
    expect(store.journal.events.size).toBe(0)
    await store.open('own')
    expect(store.keepsake?.events).toEqual(before.events)
  })
})
