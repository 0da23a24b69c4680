import { readFile, readdir } from 'node:fs/promises'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { button, walkDemo } from './support/visit'

const at = () => new Date().toISOString()
/** What a newer version might write: a batch of a method, and an event of a kind, that this one does not know. */
const newer = () => [
  {
    kind: 'began', id: 'newer-1', at: at(), recordedAt: at(), by: 'newer', batchId: 'newer-batch', name: 'Moss wall',
    place: 'north side', methodId: 'moss', approachId: 'drip',
    site: { kind: 'frame', id: 'f', name: 'Frame', widthM: 1, depthM: 1, heightM: 1 }, answers: {}, inputs: [], waterL: 0,
  },
  { kind: 'misted', id: 'newer-2', at: at(), recordedAt: at(), by: 'newer', batchId: 'newer-batch', puffs: 3 },
  { kind: 'hummed', id: 'newer-3', at: at(), recordedAt: at(), by: 'newer', batchId: 'demo-apple-bay', tune: { notes: [1, 2] } },
]

describe('a tab of this version', () => {
  it(
    'meets what a newer one wrote, goes on, keeps it over a reload and in a backup',
    () =>
      walkDemo('laptop', '/batch/demo-apple-bay', async (gardener) => {
        // The newer tab writes into the same database and tells of it, as every tab does.
        await gardener.page.evaluate(async (events) => {
          const database = await new Promise<IDBDatabase>((resolve, reject) => {
            const opening = indexedDB.open('wastrum-demo')
            opening.onsuccess = () => resolve(opening.result)
            opening.onerror = () => reject(opening.error)
          })
          const writing = database.transaction(['events', 'recent'], 'readwrite')
          for (const event of events) for (const room of ['events', 'recent']) writing.objectStore(room).put(event)
          await new Promise((resolve) => {
            writing.oncomplete = resolve
          })
          database.close()
          new BroadcastChannel('wastrum-demo').postMessage({ kind: 'added', contents: { events, documents: [] } })
        }, newer())
        await gardener.see('From a newer Wastrum: kept as it is')
        await gardener.press('[data-pad="turned"]')
        await gardener.press('::-p-xpath(//form//button[contains(., "Turned")])')
        await gardener.see('Turned.')
        await gardener.go('/batch/demo-apple-bay')
        await gardener.see('From a newer Wastrum: kept as it is')
        await gardener.go('/')
        await gardener.see('Today\'s round')
        await gardener.go('/yard')
        await gardener.see('Moss wall')
        await gardener.press('::-p-xpath(//li[@data-unknown]//a)')
        await gardener.see('This version does not know how it is done')
        await gardener.see('2 entries')

        await gardener.go('/garden')
        await gardener.press(button('Save a backup'))
        for (let attempt = 0; attempt < 40 && (await readdir(gardener.downloads)).length === 0; attempt++)
          await new Promise(resolve => setTimeout(resolve, 150))
        const [file] = (await readdir(gardener.downloads)).filter(name => name.endsWith('.json'))
        const { events } = JSON.parse(await readFile(join(gardener.downloads, file!), 'utf8')) as { events: { id: string, kind: string }[] }
        expect(
          events
            .filter(({ id }) => id.startsWith('newer-'))
            .map(({ kind }) => kind)
            .sort(),
        ).toEqual(['began', 'hummed', 'misted'])
        expect(events.find(({ id }) => id === 'newer-3')).toMatchObject({ tune: { notes: [1, 2] } })
      }),
    120_000,
  )
})
