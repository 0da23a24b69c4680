// A device of a run: a browser with a profile of its own, some tabs, and what it was told is recorded.
import { mkdtempSync } from 'node:fs'
import { join } from 'node:path'
import { profile } from '../browser.mjs'

/** A device: a browser with a profile of its own, some tabs, and what it was told is recorded. */
export class Device {
  constructor(world, name, small) {
    this.world = world
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
    this.browser = await this.own.launch([`--disk-cache-dir=${join(this.world.folder, `${this.name}-cache`)}`])
    const devtools = await this.browser.target().createCDPSession()
    // As a gardener who comes back often: the browser clears nothing of it when room is short.
    await devtools.send('Browser.grantPermissions', { origin: this.world.server.home, permissions: ['durableStorage'] })
    this.downloads = mkdtempSync(join(this.world.folder, `${this.name}-`))
    await devtools.send('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: this.downloads })
    this.tabs = []
    await this.open()
  }

  async open() {
    const page = await this.browser.newPage()
    page.setDefaultTimeout(60_000)
    page.on('error', ({ message }) => this.world.trail.push(`  ${this.name}: ${message}`))
    page.on('framenavigated', frame => this.world.trail.push(`  ${this.name}: went to ${frame.url()}`))
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
    // A browser that begins its store anew threw away the one before: then the difference is not the app's alone.
    await page.evaluateOnNewDocument(() => {
      const real = IDBFactory.prototype.open
      IDBFactory.prototype.open = function (...given) {
        const asked = real.apply(this, given)
        asked.addEventListener('upgradeneeded', ({ oldVersion, dataLoss, dataLossMessage }) =>
          console.log(`a store begun anew from version ${oldVersion}, ${dataLoss} ${dataLossMessage}`))
        return asked
      }
    })
    page.on('console', message => this.world.trail.push(`  ${this.name}: ${message.text().slice(0, 200)}`))
    await this.load(page)
    this.tabs.push(page)
  }

  async load(page, path = '/materials') {
    await page.goto(`${this.world.server.home}${path}`, { waitUntil: 'load' })
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
export const inGarden = (page, work, ...given) =>
  page.evaluate(
    `(async () => { const garden = document.querySelector('#__nuxt').__vue_app__.config.globalProperties.$pinia._s.get('garden'); return `
    + `(${work})(garden, ...${JSON.stringify(given)}) })()`,
  )

export const record = (page, events) =>
  inGarden(
    page,
    // What is on the page alone is said to be there, and not acknowledged as kept.
    'async (garden, events) => { const done = await garden.record(events.map(event => ({ ...event, at: new Date().toISOString() }))); '
    + 'return done.ok && garden.lasting ? done.value.map(({ id }) => id) : null }',
    events,
  )

export const settingsOf = page =>
  inGarden(
    page,
    'async garden => Object.fromEntries(garden.documents.flatMap(({ id }) => Object.entries(garden.fieldsOf(id)).map(([field, value]) => '
    + '[`${id} ${field}`, value])))',
  )

export const photographed = (page, id) =>
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
