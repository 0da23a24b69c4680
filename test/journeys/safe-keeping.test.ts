import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { demoGarden } from '#core/demo/demo-garden'
import { writeBackup } from '#core/formats/backup'
import { button, walk, walkDemo, type Visit } from './support/visit'

let folder: string
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'wastrum-files-'))
})
afterAll(async () => {
  await rm(folder, { recursive: true, force: true })
})

const { events, documents } = demoGarden(new Date())
const good = writeBackup(events, documents, '2026-05-01T10:00:00.000Z')
const withoutSeal = good.replace(/ {2}"seal".*\n/, '')

const BAD_FILES: readonly (readonly [name: string, text: string, said: RegExp])[] = [
  ['foreign', '{"type":"FeatureCollection","features":[]}', /not a garden backup but some other kind of file/],
  ['not even json', 'date;temperature\n2026-05-01;55', /not a garden backup but some other kind of file/],
  ['cut off at once', good.slice(0, 90), /breaks off before its first entry/],
  ['from the future', good.replace('"version": 1', '"version": 7'), /newer Wastrum/],
  ['brackets', '['.repeat(5000), /knotted in a way/],
  ['huge', ' '.repeat(65 * 1024 * 1024), /larger than any garden backup/],
]

const nested = (depth: number): unknown => depth === 0 ? 0 : [nested(depth - 1)]
/** Files of which something can be taken: what is odd is named, and nothing is taken by itself. */
const ODD_FILES: readonly (readonly [name: string, text: string, said: RegExp])[] = [
  ['truncated', good.slice(0, 5000), /This file breaks off/],
  ['altered', good.replace('"litres":', '"litres":1'), /changed or damaged after it was written/],
  [
    'with an impossible value', withoutSeal.replace(/"coreC":\d+/, '"coreC":4000'),
    /a reading of .*: the warmth of the core \(4000\) is above 120\./,
  ],
  [
    'hostile',
    withoutSeal.replace('"Apple bay"', '"<img src=x onerror=alert(1)>"').replace(/"coreC":\d+/, '"coreC":"<script>alert(1)</script>"'),
    /the warmth of the core is not a number/,
  ],
  [
    'reaching out of all time',
    withoutSeal.replace(
      '"events": [',
      '"events": '
      + '[{"kind":"logged","id":"far","at":"2026-05-01T10:00:00.000Z","recordedAt":"2026-05-01T10:00:00.000Z","by":"x",'
      + '"batchId":"demo-apple-bay","depth":"core","source":"f","minutes":[9e15],"tenthsC":[1]},',
    ),
    /readings from a thermometer's file of 1 May 2026, Apple bay: the time of one of its readings/,
  ],
  [
    'of nested lists',
    withoutSeal.replace(
      '"documents": [',
      '"documents": '
      + `[{"id":"plan.knot","kind":"plan"`
      + `,"fields":{"a":{"value":${JSON.stringify(nested(14))},"at":"2026-05-01T10:00:00.000Z","by":"x"}}},`,
    ),
    /a plan: a value is nested too deeply/,
  ],
]

async function offer(gardener: Visit, name: string, text: string): Promise<void> {
  const path = join(folder, `${name.replaceAll(' ', '-')}.json`)
  await writeFile(path, text)
  const input = await gardener.page.waitForSelector('input[data-backup-file]')
  await input!.uploadFile(path)
}

/** Everything stored, as text, straight from the browser's database. */
function storedText(gardener: Visit): Promise<string> {
  return gardener.page.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((resolve) => {
      const request = indexedDB.open('wastrum-own')
      request.onsuccess = () => resolve(request.result)
    })
    const all = await Promise.all(['events', 'documents', 'keepsakes'].map(name => new Promise((resolve) => {
      const request = database.transaction(name).objectStore(name).getAll()
      request.onsuccess = () => resolve(request.result)
    })))
    database.close()
    return JSON.stringify(all)
  })
}

async function ownGarden(gardener: Visit): Promise<void> {
  await gardener.go('/welcome/own')
  await gardener.press(button('Open my garden'))
  await gardener.press(button('It is all here'))
  await gardener.press('[data-material="leaves-mixed"]')
  await gardener.press(button('That is all'))
  await gardener.see('Too brown')
  await new Promise(resolve => setTimeout(resolve, 600))
  await gardener.go('/garden')
}

describe('reading backups', () => {
  it('says in plain words what is wrong with a bad file and changes nothing', () => walk('laptop', async (gardener) => {
    await ownGarden(gardener)
    const before = await storedText(gardener)
    expect(before).toContain('leaves-mixed')
    for (const [name, text, said] of BAD_FILES) {
      await offer(gardener, name, text)
      await gardener.see(said)
      await gardener.see('Nothing was changed.')
      expect(await storedText(gardener), name).toBe(before)
    }
    for (const [name, text, said] of ODD_FILES) {
      await offer(gardener, name, text)
      await gardener.page.waitForSelector('[data-import-preview]').catch(async (cause: unknown) => {
        throw new Error(`${name}: ${(await gardener.text()).slice(0, 900)}`, { cause })
      })
      await gardener.see(said)
      expect(await gardener.text()).not.toMatch(/Expected|Invalid/)
      await gardener.press(button('Not now'))
      expect(await storedText(gardener), name).toBe(before)
    }
  }))

  it('adds a good file to what is here, draws hostile names as text, and takes the import back', () => walk('phone', async (gardener) => {
    await ownGarden(gardener)
    await offer(gardener, 'good', withoutSeal.replaceAll('"Apple bay"', '"<img src=x onerror=alert(1)>"'))
    await gardener.see(/holds .*8 heaps/)
    await gardener.press(button('Add to what is here'))
    await gardener.see('A backup was read in')
    await gardener.go('/yard')
    await gardener.see('<img src=x onerror=alert(1)>')
    await gardener.go('/garden')
    await gardener.press(button('Take that back'))
    await gardener.page.waitForFunction(() => !document.body.innerText.includes('A backup was read in'))
    await gardener.go('/yard')
    await gardener.see('Nothing stands here yet')
    await gardener.go('/bench')
    await gardener.see('Too brown')
  }))
})

describe('two tabs', () => {
  it('show at once what the other one records', () => walkDemo('laptop', '/', async (gardener) => {
    const other = await gardener.tab()
    await other.goto(`${gardener.home}/batch/demo-plum-bay`, { waitUntil: 'load' })
    await other.waitForSelector('[data-log]')
    const before = await other.$$eval('[data-log]', entries => entries.length)
    await gardener.page.bringToFront()
    await gardener.go('/batch/demo-plum-bay')
    await gardener.press('[data-pad="look"]')
    await gardener.press(button('Worms arriving'))
    await gardener.see('Plum bay: look, worms arriving.')
    await other.waitForFunction(
      () => document.body.innerText.includes('Worms arriving') || document.body.innerText.includes('worms arriving'),
    )
    expect(before).toBeGreaterThan(3)
  }))
})

describe('a browser that keeps nothing', () => {
  it('is told so and can still be used', () => walk('phone', async (gardener) => {
    await gardener.page.evaluateOnNewDocument(() => Object.defineProperty(globalThis, 'indexedDB', { value: undefined }))
    await gardener.go('/')
    await gardener.press(button('Is my pile any good'))
    await gardener.press('[data-material="leaves-mixed"]')
    await gardener.press(button('That is all'))
    await gardener.see('Too brown')
    await gardener.see('Not kept just now.')
    await gardener.see('This browser keeps nothing')
  }))
})
