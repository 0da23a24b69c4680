import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { removeShelf } from '~/storage/database-shelf'
import { writeSecondCopy } from '~/storage/second-copy'
import { ownFiles } from '../../test/builders/own-files'
import { useGardenStore } from './garden'

const TAKEN = '2026-06-01T00:00:00.000Z'
const note = (count: number) => ({ kind: 'noted' as const, at: new Date().toISOString(), batchId: 'b', text: `note ${count}` })

beforeEach(async () => {
  vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => {}, removeItem: () => {} })
  vi.stubGlobal('navigator', { storage: ownFiles().storage })
  setActivePinia(createPinia())
})

async function withTwenty() {
  await removeShelf('wastrum-own')
  const store = useGardenStore()
  await store.open('own')
  for (let count = 1; count <= 20; count++) await store.record([note(count)])
  return store
}
/** Another visit: nothing of the page before is left. */
async function visit() {
  setActivePinia(createPinia())
  const store = useGardenStore()
  await store.open('own')
  return store
}

describe('a garden that has a second copy', () => {
  it('is there again when the browser lost it between two visits, and that is said', async () => {
    const store = await withTwenty()
    await writeSecondCopy('wastrum-own', { events: [...store.journal.events.values()], documents: [...store.documents] }, TAKEN)
    store.shelfNow().close()
    await removeShelf('wastrum-own')
    const later = await visit()
    expect([later.journal.events.size, later.trouble?.kind, later.lasting]).toEqual([20, 'lost', true])
    // From there on it is in the database: nothing is said any more.
    await later.open('own')
    expect([later.journal.events.size, later.trouble]).toEqual([20, undefined])
  })

  it('takes nothing from it while it is not empty', async () => {
    const store = await withTwenty()
    await writeSecondCopy('wastrum-own', { events: [...store.journal.events.values()].slice(0, 5), documents: [] }, TAKEN)
    await store.record([note(21)])
    await store.open('own')
    expect([store.journal.events.size, store.trouble]).toEqual([21, undefined])
  })
})
