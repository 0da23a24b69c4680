// A garden under attack, by a seed: `npm run torture -- --minutes 10 --seed 7`. Browsers are killed, tabs opened and closed, clocks jump by
// years, the disk is full, backups go from device to device and are taken back. What was acknowledged has to be there; the first
// difference ends it and prints the seed.
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { profile, served } from './browser.mjs'
import { ensureBuilt, ensureInstalled, SERVER } from './steps.mjs'

const { values } = parseArgs({
  options: {
    minutes: { type: 'string', default: '10' }, seed: { type: 'string', default: '7' }, steps: { type: 'string', default: '10000' },
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

const server = await served(SERVER)
const folder = mkdtempSync(join(tmpdir(), 'wastrum-torture-'))
const counts = { steps: 0, acknowledged: 0, refused: 0, kills: 0, reloads: 0, jumps: 0, imports: 0, takenBack: 0, full: 0, checks: 0 }
const trail = []

class Difference extends Error {}

/** A device: a browser with a profile of its own, some tabs, and what it was told is recorded. */
class Device {
  constructor(name) {
    this.name = name
    this.own = profile()
    this.tabs = []
    /** What has to be there: events by id, and those taken back; the last values of settings. */
    this.events = new Set()
    this.undone = new Set()
    this.settings = {}
    this.beforeImport = undefined
    this.shiftMs = 0
  }

  async begin() {
    this.browser = await this.own.launch()
    const devtools = await this.browser.target().createCDPSession()
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

async function settings(device) {
  const fields = ['units', 'water', 'gardenName']
  const writes = device.tabs.map((page, index) => ({ page, field: fields[index % fields.length], value: `value ${counts.steps}-${index}` }))
  const done = await Promise.all(
    writes.map(({ page, field, value }) =>
      inGarden(
        page,
        `async (garden, field, value) => (await garden.write([{ id: 'settings', kind: 'settings', values: { [field]: value } }])).ok`,
        field, value,
      ),
    ),
  )
  writes.forEach(({ field, value }, index) => {
    if (done[index]) device.settings[field] = value
  })
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

/** With no room left a picture is refused whole, its line in the log with it. */
async function full(device) {
  counts.full++
  const page = device.tabs[0]
  const devtools = await page.createCDPSession()
  await devtools.send('Storage.overrideQuotaForOrigin', { origin: server.home, quotaSize: 1000 })
  const id = `photo-${counts.steps}`
  const done = await inGarden(
    page,
    `async (garden, id) => {
    const taken = {
      kind: 'photographed', at: new Date().toISOString(), batchId: 'b1', photoId: id, caption: '', widthPx: 10, heightPx: 10, bytes: 400000,
    }
    const picture = new Blob([crypto.getRandomValues(new Uint8Array(60000)), new Uint8Array(340000)], { type: 'image/jpeg' })
    const done = await garden.record([taken], [{ id, picture }])
    return done.ok ? done.value.map(one => one.id) : garden.trouble.kind
  }`,
    id,
  )
  await devtools.send('Storage.overrideQuotaForOrigin', { origin: server.home })
  await devtools.detach()
  if (Array.isArray(done)) {
    for (const one of done) device.events.add(one)
    counts.acknowledged += done.length
    return
  }
  counts.refused++
  if (done !== 'full') throw new Difference(`${device.name}: no room was said to be “${done}”`)
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
  device.settings = await inGarden(page, `async garden => ({ ...garden.fieldsOf('settings') })`)
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
  device.settings = await inGarden(page, `async garden => ({ ...garden.fieldsOf('settings') })`)
  device.undone = new Set(await inGarden(page, `async garden => [...garden.journal.undone]`))
}

/** What a tab that is opened anew shows, against what was acknowledged. */
async function check(device) {
  counts.checks++
  const page = device.tabs[0]
  await device.load(page)
  const there = await inGarden(
    page,
    'async garden => ({ ids: [...garden.journal.events.keys()], undone: [...garden.journal.undone], settings: '
    + `garden.fieldsOf('settings'), kept: garden.lasting, leftOut: garden.journal.leftOut.size })`,
  )
  const ids = new Set(there.ids)
  const lost = [...device.events].filter(id => !ids.has(id))
  if (lost.length > 0) throw new Difference(`${device.name}: ${lost.length} acknowledged entries are gone, the first ${lost[0]}`)
  const undone = new Set(there.undone)
  const risen = [...device.undone].filter(id => ids.has(id) && !undone.has(id))
  if (risen.length > 0) throw new Difference(`${device.name}: ${risen.length} that were taken back stand again, the first ${risen[0]}`)
  for (const [field, value] of Object.entries(device.settings))
    if (there.settings[field] !== value)
      throw new Difference(`${device.name}: ${field} is “${there.settings[field]}” and was set to “${value}”`)
  if (!there.kept || there.leftOut > 0) throw new Difference(`${device.name}: not kept, or ${there.leftOut} left out`)
}

const STEPS = [
  [600, recording], [90, undoing], [90, settings], [24, reloading], [16, tabs], [14, jumping], [6, full], [4, killing], [2, importing],
  [1, takingBack],
]
const total = STEPS.reduce((sum, [weight]) => sum + weight, 0)
function drawn() {
  let left = random() * total
  return STEPS.find(([weight]) => (left -= weight) < 0)[1]
}

const devices = ['phone', 'laptop', 'tablet'].map(name => new Device(name))
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
}
catch (cause) {
  failed = cause
}
for (const device of devices) {
  await device.browser?.close().catch(() => {})
  device.own.remove()
}
server.stop()
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
