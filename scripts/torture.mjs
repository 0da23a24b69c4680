// A garden under attack, by a seed: `npm run torture -- --minutes 10 --seed 7`. Browsers are killed, tabs opened and closed, clocks jump by
// years, the disk is full, backups go from device to device and are taken back. What was acknowledged has to be there: entries, documents
// and pictures; the first difference ends it and prints the seed. One device lives on a small disk of its own, which takes the right to
// mount one; `--no-disk` goes without.
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { smallDisk } from './small-disk.mjs'
import { profile, served } from './browser.mjs'
import { ensureBuilt, ensureInstalled, SERVER } from './steps.mjs'

const { values } = parseArgs({
  options: {
    'minutes': { type: 'string', default: '10' }, 'seed': { type: 'string', default: '7' }, 'steps': { type: 'string', default: '10000' },
    'no-disk': { type: 'boolean', default: false },
  },
})
const seed = Number(values.seed)
const until = Date.now() + Number(values.minutes) * 60_000
if (!ensureInstalled() || !ensureBuilt()) process.exit(1)

let state = seed >>> 0
function random() {
  state = (state + 0x6d2b79f5) >>> 0
  let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
  mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
  return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
}
const pick = from => from[Math.floor(random() * from.length)]
const sleep = ms => new Promise(resolve => setTimeout(resolve, ms))

const disk = values['no-disk'] ? undefined : smallDisk()
if (!disk && !values['no-disk']) {
  console.error('No small disk can be made here: run it with the right to mount one, or with --no-disk.')
  process.exit(1)
}
const server = await served(SERVER)
const folder = mkdtempSync(join(tmpdir(), 'wastrum-torture-'))
const counts = {
  steps: 0, acknowledged: 0, refused: 0, kills: 0, reloads: 0, jumps: 0, imports: 0, takenBack: 0, full: 0, onThePage: 0,
  picturesThrownAway: 0, documents: 0, checks: 0,
}
const trail = []

class Difference extends Error {}

/** A device: a browser with a profile of its own, some tabs, and what it was told is recorded. */
class Device {
  constructor(name, small) {
    this.name = name
    this.disk = small
    this.own = profile(small?.folder)
    this.tabs = []
    /** What has to be there: events by id, and those taken back; the last values of settings. */
    this.events = new Set()
    this.undone = new Set()
    this.settings = {}
    this.pictures = new Set()
    this.maybe = {}
    this.beforeImport = undefined
    this.shiftMs = 0
  }

  async begin() {
    this.browser = await this.own.launch([`--disk-cache-dir=${join(folder, `${this.name}-cache`)}`])
    const devtools = await this.browser.target().createCDPSession()
    // As a gardener who comes back often: the browser clears nothing of it when room is short.
    await devtools.send('Browser.grantPermissions', { origin: server.home, permissions: ['durableStorage'] })
    this.downloads = mkdtempSync(join(folder, `${this.name}-`))
    await devtools.send('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: this.downloads })
    this.tabs = []
    await this.open()
  }

  async open() {
    const page = await this.browser.newPage()
    page.setDefaultTimeout(60_000)
    // The first moment of a page decides: a clock set to another year is that for everything in it.
    await page.evaluateOnNewDocument((shift) => {
      localStorage.setItem('wastrum.garden', 'own')
      globalThis.clockShift = shift
      const Real = Date
      globalThis.Date = new Proxy(Real, {
        construct: (target, given) =>
          given.length === 0 ? new target(Real.now() + globalThis.clockShift) : Reflect.construct(target, given),
        get: (target, key) => (key === 'now' ? () => Real.now() + globalThis.clockShift : Reflect.get(target, key)),
      })
    }, this.shiftMs)
    await this.load(page)
    this.tabs.push(page)
  }

  async load(page, path = '/materials') {
    await page.goto(`${server.home}${path}`, { waitUntil: 'load' })
    await page.waitForFunction(
      () =>
        document.querySelector('#__nuxt')?.__vue_app__?.config.globalProperties.$pinia?._s.get('garden')?.which === 'own'
        && !document.querySelector('[aria-busy="true"]'),
      { polling: 50 },
    )
  }

  async kill() {
    const child = this.browser.process()
    const gone = new Promise(resolve => child.once('exit', resolve))
    child.kill('SIGKILL')
    await gone
    await this.browser.close().catch(() => {})
    await this.begin()
  }
}

/** Does something with the garden of a tab. */
const inGarden = (page, work, ...given) =>
  page.evaluate(
    `(async () => { const garden = document.querySelector('#__nuxt').__vue_app__.config.globalProperties.$pinia._s.get('garden'); return `
    + `(${work})(garden, ...${JSON.stringify(given)}) })()`,
  )

const record = (page, events) =>
  inGarden(
    page,
    'async (garden, events) => { const done = await garden.record(events.map(event => ({ ...event, at: new Date().toISOString() }))); '
    + 'return done.ok ? done.value.map(({ id }) => id) : null }',
    events,
  )

let written = 0
function anEvent() {
  written++
  return pick([
    () => ({ kind: 'noted', batchId: `b${written % 17}`, text: `note ${written} ${'x'.repeat(Math.floor(random() * 300))}` }),
    () => ({
      kind: 'stocked', materialId: 'leaves-mixed', source: '',
      amount: { count: 1 + (written % 5), container: { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 }, packing: 'loose' },
    }),
    () => ({
      kind: 'began', batchId: `b${written % 17}`, name: `Heap ${written}`, place: '', methodId: 'hot-heap', approachId: 'weekly',
      inputs: [], site: { kind: 'frame', id: 'f', name: 'f', widthM: 1, depthM: 1, heightM: 1 }, answers: {}, waterL: 0,
    }),
    () => ({ kind: 'put', batchId: `b${written % 17}`, inputs: [], waterL: written % 40 }),
    () => ({ kind: 'did', batchId: `b${written % 17}`, deed: 'turned', answers: {} }),
    () => ({ kind: 'observed', batchId: `b${written % 17}`, sense: 'squeeze', finding: 'sponge' }),
    () => ({
      kind: 'gauged', batchId: `b${written % 17}`, quantity: 'heat', source: 'hand',
      values: [{ spot: 'core', value: 20 + (written % 50) }],
    }),
  ])()
}

async function recording(device) {
  const ids = await record(pick(device.tabs), Array.from({ length: 1 + Math.floor(random() * 3) }, anEvent))
  if (!ids) {
    counts.refused++
    return
  }
  for (const id of ids) device.events.add(id)
  counts.acknowledged += ids.length
}

async function undoing(device) {
  if (device.events.size === 0) return
  const target = pick([...device.events])
  const page = pick(device.tabs)
  const done = await inGarden(
    page,
    `async (garden, id) => { const event = garden.journal.events.get(id); if (!event || event.kind === 'undone') return 'nothing of the `
    + `kind'; const done = await garden.undo([id]); return done.ok ? done.value.map(one => one.id) : null }`,
    target,
  )
  if (!Array.isArray(done)) return
  device.undone.add(target)
  for (const id of done) device.events.add(id)
}

/** Settings, beds and trials, one field after the other in tabs at once. */
async function documents(device) {
  const fields = [
    ['settings', 'settings', 'units'], ['settings', 'settings', 'water'], ['bed.1', 'bed', 'name'], ['bed.2', 'bed', 'name'],
    ['side-by-side.1', 'side-by-side', 'difference'],
  ]
  const from = Math.floor(random() * fields.length)
  const writes = device.tabs.map((page, index) => {
    const [id, kind, field] = fields[(from + index) % fields.length]
    return { page, id, kind, field, value: `value ${counts.steps}-${index}` }
  })
  const done = await Promise.all(
    writes.map(({ page, id, kind, field, value }) =>
      inGarden(
        page,
        'async (garden, id, kind, field, value) => (await garden.write([{ id, kind, values: { [field]: value } }])).ok && garden.lasting',
        id, kind, field, value,
      ),
    ),
  )
  writes.forEach(({ id, field, value }, index) => {
    const key = `${id} ${field}`
    // What was not acknowledged may have arrived all the same.
    if (done[index]) [device.settings[key], device.maybe[key]] = [value, []]
    else device.maybe[key] = [...device.maybe[key] ?? [], value]
  })
  counts.documents += done.filter(Boolean).length
}
const settingsOf = page =>
  inGarden(
    page,
    'async garden => Object.fromEntries(garden.documents.flatMap(({ id }) => Object.entries(garden.fieldsOf(id)).map(([field, value]) => '
    + '[`${id} ${field}`, value])))',
  )

const photographed = (page, id) =>
  inGarden(
    page,
    `async (garden, id) => {
    const taken = {
      kind: 'photographed', at: new Date().toISOString(), batchId: 'b1', photoId: id, caption: '', widthPx: 10, heightPx: 10, bytes: 400000,
    }
    const picture = new Blob([crypto.getRandomValues(new Uint8Array(60000)), new Uint8Array(340000)], { type: 'image/jpeg' })
    const done = await garden.record([taken], [{ id, picture }])
    return done.ok ? { ids: done.value.map(one => one.id), lasting: garden.lasting } : { refused: garden.trouble.kind }
  }`,
    id,
  )
function acknowledged(device, ids, picture) {
  for (const id of ids) device.events.add(id)
  if (picture) device.pictures.add(picture)
  counts.acknowledged += ids.length
}
async function picturing(device) {
  const id = `photo-${counts.steps}`
  const done = await photographed(pick(device.tabs), id)
  if (done.ids && done.lasting) acknowledged(device, done.ids, id)
}

async function tabs(device) {
  if (device.tabs.length < 3 && random() < 0.6) return device.open()
  if (device.tabs.length > 1) await device.tabs.splice(Math.floor(random() * device.tabs.length), 1)[0].close()
}

async function reloading(device) {
  counts.reloads++
  // Half of the time in the middle of something, of which nobody was told that it is recorded.
  const page = pick(device.tabs)
  if (random() < 0.5) void record(page, [anEvent()]).catch(() => {})
  await device.load(page)
}

async function killing(device) {
  counts.kills++
  for (const page of device.tabs) if (random() < 0.7) void record(page, [anEvent()]).catch(() => {})
  await device.kill()
}

async function jumping(device) {
  counts.jumps++
  device.shiftMs = Math.round((random() - 0.5) * 10 * 365) * 86_400_000
  for (const page of device.tabs)
    await page.evaluate((shift) => {
      globalThis.clockShift = shift
    }, device.shiftMs)
}

const keeps = page => inGarden(page, 'async garden => garden.lasting && !garden.unread')
/** Waits until every tab keeps things again, by itself or opened anew. */
async function keepsAgain(device) {
  for (const page of device.tabs) {
    for (let attempt = 0; attempt < 120 && !(await keeps(page)); attempt++) {
      await sleep(500)
      // A tab that recorded nothing meanwhile only sees that the garden is gone: it asks, and is told to put it back.
      await inGarden(page, `async garden => garden.notKept?.kind === 'deleted' && garden.putBack()`)
    }
    if (!(await keeps(page))) throw new Difference(`${device.name}: it does not keep anything again though there is room`)
  }
}

/** With no room left what is recorded is refused whole, or kept on the page and said so; with room again it goes on. */
async function full(device) {
  if (!device.disk) return
  counts.full++
  const page = device.tabs[0]
  device.disk.fill()
  const waiting = []
  let refused = 0
  for (let count = 0; count < 4; count++) {
    const id = `full-${counts.steps}-${count}`
    const done = await photographed(page, id)
    if (done.refused) {
      refused++
      if (!['full', 'disk', 'closed', 'silent', 'unread'].includes(done.refused))
        throw new Difference(`${device.name}: no room was said to be “${done.refused}”`)
    }
    else if (done.lasting) acknowledged(device, done.ids, id)
    else waiting.push({ id, ids: done.ids })
  }
  counts.refused += refused
  counts.onThePage += waiting.length
  device.disk.clear()
  await keepsAgain(device)
  // What was on the page alone is kept with the garden, unless the page had to be opened anew.
  const there = new Set(await inGarden(page, 'async garden => [...garden.journal.events.keys()]'))
  for (const { id, ids } of waiting) if (ids.every(one => there.has(one))) acknowledged(device, ids, id)
  // A browser may throw away all it holds when its disk is full: entries are put back from the page, pictures nobody holds any more.
  const pictures = (await inGarden(page, 'async garden => (await garden.shelfNow().photoIds()).value')) ?? []
  const kept = [...device.pictures].filter(id => pictures.includes(id))
  counts.picturesThrownAway += device.pictures.size - kept.length
  device.pictures = new Set(kept)
}

/** A backup of one device, as it is saved from its garden page. */
async function backupOf(device) {
  const page = device.tabs[0]
  await page.bringToFront()
  for (const name of readdirSync(device.downloads)) rmSync(join(device.downloads, name))
  await device.load(page, '/garden')
  await (await page.waitForSelector('::-p-xpath(//button[contains(., "Save a backup")])')).evaluate(one => one.click())
  for (let attempt = 0; attempt < 200; attempt++) {
    const [name] = readdirSync(device.downloads).filter(one => one.endsWith('.json'))
    if (name) return readFileSync(join(device.downloads, name), 'utf8')
    await sleep(100)
  }
  throw new Difference(`${device.name}: no backup was saved`)
}

async function importing(device, others) {
  counts.imports++
  const from = pick(others)
  const text = await backupOf(from)
  const path = join(folder, `from-${from.name}.json`)
  writeFileSync(path, text)
  const page = device.tabs[0]
  await page.bringToFront()
  await device.load(page, '/garden')
  const input = await page.waitForSelector('input[type="file"]')
  await input.uploadFile(path)
  await page.waitForSelector('[data-import-preview]')
  const before = new Set(device.events)
  const settingsBefore = { ...device.settings }
  // Another tab goes on recording meanwhile.
  const meanwhile = device.tabs[1] ? record(device.tabs[1], [anEvent()]) : Promise.resolve([])
  await page.evaluate(() =>
    [...document.querySelectorAll('[data-import-preview] button')].find(({ innerText }) => innerText.startsWith('Add')).click(),
  )
  await page.waitForSelector('[data-taken]')
  for (const id of (await meanwhile) ?? []) {
    device.events.add(id)
    before.add(id)
  }
  const { events } = JSON.parse(text)
  for (const { id } of events) device.events.add(id)
  device.beforeImport = { events: before, imported: events.map(({ id }) => id).filter(id => !before.has(id)), settings: settingsBefore }
  // Whose setting counts is decided by turns: read it, and hold it to that from here on.
  device.settings = await settingsOf(page)
  device.undone = new Set(await inGarden(page, `async garden => [...garden.journal.undone]`))
}

async function takingBack(device) {
  if (!device.beforeImport) return
  counts.takenBack++
  const page = device.tabs[0]
  await page.bringToFront()
  await device.load(page, '/garden')
  await (await page.waitForSelector('::-p-xpath(//button[contains(., "Take that back")])')).evaluate(one => one.click())
  await page.waitForFunction(() => !document.body.innerText.includes('A backup was read in'), { polling: 50 })
  for (const id of device.beforeImport.imported) {
    device.events.delete(id)
    device.undone.delete(id)
  }
  device.beforeImport = undefined
  device.settings = await settingsOf(page)
  device.undone = new Set(await inGarden(page, `async garden => [...garden.journal.undone]`))
}

/** What a tab that is opened anew shows, against what was acknowledged. */
async function check(device) {
  counts.checks++
  const page = device.tabs[0]
  await device.load(page)
  const there = await inGarden(
    page,
    'async garden => ({ ids: [...garden.journal.events.keys()], undone: [...garden.journal.undone], kept: garden.lasting, leftOut: '
    + 'garden.journal.leftOut.size, pictures: (await garden.shelfNow().photoIds()).value })',
  )
  const ids = new Set(there.ids)
  const lost = [...device.events].filter(id => !ids.has(id))
  if (lost.length > 0) throw new Difference(`${device.name}: ${lost.length} acknowledged entries are gone, the first ${lost[0]}`)
  const undone = new Set(there.undone)
  const risen = [...device.undone].filter(id => ids.has(id) && !undone.has(id))
  if (risen.length > 0) throw new Difference(`${device.name}: ${risen.length} that were taken back stand again, the first ${risen[0]}`)
  const settings = await settingsOf(page)
  for (const [field, value] of Object.entries(device.settings))
    if (settings[field] !== value && !device.maybe[field]?.includes(settings[field]))
      throw new Difference(`${device.name}: ${field} is “${settings[field]}” and was set to “${value}”`)
  const missing = [...device.pictures].find(id => !there.pictures.includes(id))
  if (missing) throw new Difference(`${device.name}: a picture is gone, ${missing}`)
  if (!there.kept || there.leftOut > 0) throw new Difference(`${device.name}: not kept, or ${there.leftOut} left out`)
}

const STEPS = [
  [600, recording], [90, undoing], [90, documents], [30, picturing], [24, reloading], [16, tabs], [14, jumping], [10, full], [4, killing],
  [2, importing], [1, takingBack],
]
const total = STEPS.reduce((sum, [weight]) => sum + weight, 0)
function drawn() {
  let left = random() * total
  return STEPS.find(([weight]) => (left -= weight) < 0)[1]
}

const devices = ['phone', 'laptop', 'tablet'].map((name, at) => new Device(name, at === 0 ? disk : undefined))
let failed
try {
  for (const device of devices) await device.begin()
  let toldAt = Date.now()
  while (Date.now() < until && counts.steps < Number(values.steps)) {
    counts.steps++
    const device = pick(devices)
    const step = drawn()
    trail.push(`${counts.steps} ${device.name} ${step.name}`)
    await step(
      device, devices.filter(one => one !== device),
    )
    if ([killing, reloading, importing, takingBack].includes(step) || counts.steps % 60 === 0) await check(device)
    if (Date.now() - toldAt > 20_000) {
      toldAt = Date.now()
      console.log(
        Object.entries(counts)
          .map(([name, count]) => `${name} ${count}`)
          .join(', '),
      )
    }
  }
  for (const device of devices) await check(device)
  if (counts.full > 2 && counts.refused + counts.onThePage === 0) throw new Difference('a full disk refused nothing')
}
catch (cause) {
  failed = cause
}
for (const device of devices) {
  await device.browser?.close().catch(() => {})
  device.own.remove()
}
server.stop()
disk?.remove()
rmSync(folder, { recursive: true, force: true })
console.log(
  Object.entries(counts)
    .map(([name, count]) => `${name} ${count}`)
    .join(', '),
)
if (failed) {
  console.error(
    `\nThe first difference, with --seed ${seed}: ${failed instanceof Difference ? failed.message : failed.stack}\nThe last steps:\n  `
    + `${trail.slice(-12).join('\n  ')}`,
  )
  process.exit(1)
}
console.log(`Nothing was lost, with --seed ${seed}.`)
