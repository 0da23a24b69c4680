import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { NewEvent } from '#core/journal/event'
import { LAST_MOMENT_MS } from '#core/journal/turn'
import { remainingL } from '#core/journal/garden'
import { openDB } from 'idb'
import { openShelf, removeShelf } from '~/storage/database-shelf'
import { importing, takingBack } from '~/storage/restore'
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

const LAST_MOMENT = new Date(LAST_MOMENT_MS).toISOString()
const bucket = { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 }
const stocked = (count: number): NewEvent => ({
  kind: 'stocked', at: new Date().toISOString(), materialId: 'leaves-mixed', source: '',
  amount: { count, container: bucket, packing: 'loose' },
})
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
    const refused = await store.record([
      stocked(1), { kind: 'reading', at: new Date().toISOString(), batchId: 'b', coreC: 5000, source: 'hand' },
    ])
    expect(refused.ok).toBe(false)
    expect(store.trouble?.message).toMatch(/not recorded: a reading of .*: the warmth of the core \(5000\) is above 120/)
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
    expect(store.notKept?.kind).toBe('unavailable')
    expect((await store.record([stocked(1)])).ok).toBe(true)
    vi.unstubAllGlobals()
  })

  it('writes what was recorded on the page alone as soon as the way is free', async () => {
    await removeShelf('wastrum-own')
    const older = await openDB('wastrum-own', 1, {
      upgrade: (database) => {
        for (const name of ['events', 'documents']) database.createObjectStore(name, { keyPath: 'id' })
      },
    })
    const store = useGardenStore()
    await store.open('own')
    expect([store.lasting, store.notKept?.kind]).toEqual([false, 'blocked'])
    await store.record([stocked(3)])
    await store.write([{ id: 'settings', kind: 'settings', values: { units: 'us' } }])
    older.close()
    await vi.waitFor(() => expect(store.lasting).toBe(true))
    expect([store.notKept, store.journal.events.size, store.fieldsOf('settings').units]).toEqual([undefined, 1, 'us'])
    setActivePinia(createPinia())
    const later = useGardenStore()
    await later.open('own')
    expect([later.journal.events.size, later.fieldsOf('settings').units]).toEqual([1, 'us'])
  })

  it('knows when it was deleted elsewhere, says that the page holds the last of it, and can put it back', async () => {
    const store = useGardenStore()
    await store.open('own')
    await store.record([stocked(3)])
    await removeShelf('wastrum-own')
    expect(store.notKept?.kind).toBe('deleted')
    expect(store.notKept?.message).toMatch(/save it, or put it back/)
    await store.record([stocked(4)])
    await store.putBack()
    expect([store.lasting, store.journal.events.size]).toEqual([true, 2])
    await store.open('own')
    expect(store.journal.events.size).toBe(2)
  })

  it('undoes whatever the clocks said: an entry of 2030, and a clock set back three years after it', async () => {
    const store = useGardenStore()
    await store.open('own')
    try {
      vi.useFakeTimers({ toFake: ['Date'], now: new Date('2030-05-01T10:00:00.000Z') })
      const ahead = await store.record([stocked(3)])
      await store.write([{ id: 'settings', kind: 'settings', values: { units: 'us' } }])
      vi.setSystemTime(new Date('2027-05-01T10:00:00.000Z'))
      const back = await store.record([stocked(5)])
      expect((await store.undo([...ahead.ok ? ahead.value : [], ...back.ok ? back.value : []].map(({ id }) => id))).ok).toBe(true)
      await store.write([{ id: 'settings', kind: 'settings', values: { units: 'metric' } }])
      vi.setSystemTime(new Date('9999-12-31T23:59:59.999Z'))
      await store.write([{ id: 'settings', kind: 'settings', values: { water: 'well' } }])
      vi.setSystemTime(new Date('2026-05-01T10:00:00.000Z'))
      await store.write([{ id: 'settings', kind: 'settings', values: { water: 'mains' } }])
    }
    finally { vi.useRealTimers() }
    expect(store.journal.garden.lots.size).toBe(0)
    await store.open('own')
    expect([store.journal.garden.lots.size, store.fieldsOf('settings')]).toEqual([0, { units: 'metric', water: 'mains' }])
  })

  it('says so when something set does not count, since it was set before from the end of all time', async () => {
    const store = useGardenStore()
    await store.open('own')
    const other = await openShelf('wastrum-own')
    const turn = [LAST_MOMENT_MS, 1_000_000_000] as const
    await other.shelf!.add({
      events: [], documents: [{ id: 'settings', kind: 'settings', fields: { units: { value: 'us', at: LAST_MOMENT, by: 'x', turn } } }],
    })
    await store.replaced()
    const set = await store.write([{ id: 'settings', kind: 'settings', values: { units: 'metric' } }])
    expect([set.ok, store.trouble?.kind, store.fieldsOf('settings').units]).toEqual([false, 'outdone', 'us'])
    expect((await store.write([{ id: 'settings', kind: 'settings', values: { water: 'well' } }])).ok).toBe(true)
    other.shelf!.close()
  })

  it('records the order of many things written at once', async () => {
    const store = useGardenStore()
    await store.open('own')
    const at = new Date().toISOString()
    const recorded = await store.record(
      Array.from({ length: 12 }, (_, index) => ({ kind: 'renamed' as const, at, batchId: 'b', name: `name ${index}`, place: '' })),
    )
    expect(recorded.ok).toBe(true)
    expect(store.journal.garden.batches.get('b')!.name).toBe('name 11')
    await store.open('own')
    expect(store.journal.garden.batches.get('b')!.name).toBe('name 11')
  })

  it('of which an entry cannot be told opens without it, names it, and is at rest when that is left out', async () => {
    const store = useGardenStore()
    await store.open('own')
    await store.record([stocked(3)])
    const raw = await openDB('wastrum-own')
    const at = new Date().toISOString()
    await raw.delete('keepsakes', 'packed')
    await raw.put('events', {
      kind: 'gauged', id: 'odd', at, recordedAt: at, by: 'x', batchId: 'b', quantity: 'heat', source: 'hand', values: null,
    })
    raw.close()
    await store.open('own')
    expect([[...store.journal.leftOut.keys()], store.journal.garden.lots.size]).toEqual([['odd'], 1])
    expect((await store.undo(['odd'])).ok).toBe(true)
    await store.open('own')
    expect([store.journal.leftOut.size, store.journal.events.has('odd')]).toEqual([0, true])
  })

  it('shows what an import exchanged on the shelf, with what another tab added while it was read anew', async () => {
    const store = useGardenStore()
    await store.open('own')
    await store.record([stocked(3)])
    const other = await openShelf('wastrum-own')
    const file = {
      events: [
        { kind: 'turned' as const, id: 't', at: '2026-05-01T10:00:00.000Z', recordedAt: '2026-05-01T10:00:00.000Z', by: 'x', batchId: 'b' },
      ],
      documents: [],
    }
    await other.shelf!.exchange(here => importing(here, file, 'merge', '2026-06-01T00:00:00.000Z'))
    const showing = store.replaced()
    const recording = store.record([stocked(4)])
    await Promise.all([showing, recording])
    expect([store.journal.events.size, store.imported?.takenAt]).toEqual([3, '2026-06-01T00:00:00.000Z'])
    await other.shelf!.exchange((now, keepsake) => keepsake && takingBack(now, keepsake))
    await store.replaced()
    expect([store.journal.events.size, store.journal.events.has('t'), store.imported]).toEqual([2, false, undefined])
    other.shelf!.close()
  })
})
