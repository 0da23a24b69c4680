import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import puppeteer, { type Browser, type BrowserContext, type ElementHandle, type Page } from 'puppeteer-core'
import { afterAll, expect, inject } from 'vitest'
import { moveClock, shiftTo, TODAY } from '../../clock/days'
import { FLAGS, wholeBrowserPath } from './chromium'

/** The two screens that everything has to work on. */
export const SCREENS = {
  laptop: { width: 1280, height: 800 },
  phone: { width: 390, height: 844, isMobile: true, hasTouch: true },
  /** A laptop at four times its size: what is left of its page. */
  tiny: { width: 320, height: 256 },
} as const
export type Screen = keyof typeof SCREENS

/** One browser for all visits of all files: each visit is at home in a context of its own, as with a fresh profile. */
let shared: Promise<Browser> | undefined
const theBrowser = () => shared ??= puppeteer.connect({ browserWSEndpoint: inject('browser'), protocolTimeout: 240_000 })
afterAll(async () => {
  await (await shared)?.disconnect()
  shared = undefined
})

/** A browser whose profile outlives it, for what happens when it is killed. */
export function browserAt(profile: string): Promise<Browser> {
  return puppeteer.launch({
    executablePath: wholeBrowserPath, headless: true, userDataDir: profile, args: FLAGS, defaultViewport: SCREENS.laptop,
  })
}

/** A gardener at a browser with nothing in it: taps on the phone, clicks on the laptop. */
export interface Visit {
  readonly page: Page
  readonly context: BrowserContext
  readonly downloads: string
  /** What the page complained about, and where it called other than home. */
  readonly complaints: string[]
  /** To a page, as by a link of the app; the page that is open already, or none of the app, is loaded anew. */
  go(path: string): Promise<void>
  press(selector: string): Promise<void>
  type(selector: string, text: string): Promise<void>
  see(text: string | RegExp): Promise<void>
  text(): Promise<string>
  /** Days go by: the page is opened again so much later. */
  daysLater(days: number): Promise<void>
  /** Another tab of the same browser, on the same day. */
  tab(): Promise<Page>
  /** Where it is visited. */
  readonly home: string
  shown(selector: string): Promise<boolean>
  close(): Promise<void>
}

/**
 * Lets a page live on the day of all tests, or on one of a season and in the north: its clock and its focus are its own,
 * whatever else the machine and other pages do.
 */
export async function liveOn(page: Page, season?: string): Promise<void> {
  if (season !== undefined) await page.emulateTimezone('Etc/UTC')
  await page.evaluateOnNewDocument(moveClock, season === undefined ? shiftTo(TODAY, realNow()) : shiftTo(season, realNow(), 'Z'))
  await page.emulateFocusedPage(true)
  askSeldom(page)
}

/** Ten looks a second are enough: to ask at every frame what a page says keeps it from getting anywhere. */
function askSeldom(page: Page): void {
  const ask = page.waitForFunction.bind(page)
  page.waitForFunction = ((condition, options, ...args) =>
    ask(condition, { polling: 100, ...options }, ...args)) as typeof page.waitForFunction
}

/** The machine's clock: the one of the tests is ahead of it or behind. */
const realNow = () => performance.timeOrigin + performance.now()

/** Requests that are expected to fail while the server is gone are not complaints. */
function listen(page: Page, home: string, complaints: string[], calm: () => boolean): void {
  page.on('console', (message) => {
    if (
      message.type() === 'error'
      && !(calm() && /ERR_CONNECTION_REFUSED|Failed to load resource|Failed to update a ServiceWorker|net::ERR/.test(message.text()))
    )
      complaints.push(`console: ${message.text()}`)
  })
  page.on('pageerror', error => complaints.push(`error: ${error instanceof Error ? error.message : String(error)}`))
  page.on('request', (request) => {
    const url = request.url()
    if (!url.startsWith(home) && !/^(data|blob|about|chrome-error):/.test(url)) complaints.push(`called ${url}`)
  })
}

interface Point { readonly x: number, readonly y: number }

/**
 * The middle of an element that is drawn to the middle of the screen, once it stands still there and a finger would meet it and
 * not something on top of it.
 */
function touchable(element: ElementHandle): Promise<Point | undefined> {
  return element.evaluate(async (one) => {
    const middle = () => {
      const { left, top, width, height } = one.getBoundingClientRect()
      return { x: left + width / 2, y: top + height / 2 }
    }
    // To the middle, clear of what is fixed at the top and bottom.
    one.scrollIntoView({ block: 'center', behavior: 'instant' })
    const before = middle()
    await new Promise<void>(drawn => requestAnimationFrame(() => requestAnimationFrame(() => drawn())))
    const { x, y } = middle()
    if (x !== before.x || y !== before.y) return undefined
    const met = document.elementFromPoint(x, y)
    return met !== null && (one.contains(met) || (met.contains(one) && met.matches('label, button, a'))) ? { x, y } : undefined
  })
}

type HeedingWindow = Window & { tap?: { seen: boolean, taken: boolean } }

/** Notes of the next tap whether it is taken by what it meets: a list whose rows have only just moved stops it on its way there. */
function heedTap(): void {
  const tap = { seen: false, taken: false };
  (window as HeedingWindow).tap = tap
  window.addEventListener('click', ({ target }) => {
    tap.seen = true
    target?.addEventListener('click', () => { tap.taken = true }, { capture: true, once: true })
  }, { capture: true, once: true })
}

/** Whether it was; a finger's click comes a moment after its touch. */
async function tapTaken(): Promise<boolean> {
  const { tap } = window as HeedingWindow
  for (let waited = 0; tap && !tap.seen && waited < 300; waited += 10) await new Promise(resolve => setTimeout(resolve, 10))
  return !tap?.seen || tap.taken
}

/** As in a browser that knows no service workers. */
function withoutServiceWorker(): void {
  delete (Navigator.prototype as { serviceWorker?: unknown }).serviceWorker
}

interface AppElement {
  readonly __vue_app__?: {
    readonly $nuxt?: {
      readonly $router: { readonly currentRoute: { readonly value: { readonly fullPath: string } }, push(to: string): Promise<unknown> }
      hook(name: 'page:finish', then: () => void): () => void
    }
  }
}

/** Goes on within the app that is open, until the page is there; says whether there was one that could. */
async function byLink(to: string): Promise<boolean> {
  const nuxt = (document.querySelector('#__nuxt') as AppElement | null)?.__vue_app__?.$nuxt
  const here = nuxt?.$router.currentRoute.value.fullPath
  if (!nuxt || here === undefined || here === to || here.startsWith('/welcome') || to.startsWith('/welcome')) return false
  const there = new Promise<void>((resolve) => {
    const off = nuxt.hook('page:finish', () => {
      off()
      resolve()
    })
  })
  await nuxt.$router.push(to)
  // A page that only takes other marks may finish without saying so.
  await Promise.race([there, new Promise(resolve => setTimeout(resolve, 700))])
  return true
}

/** A worker that forecasts answers at once that it has given up, as it does when a newer question comes. */
function withoutForecasts(): void {
  const RealWorker = globalThis.Worker
  class GivesUp extends EventTarget {
    postMessage({ id, path }: { readonly id: string, readonly path?: readonly string[] }): void {
      setTimeout(
        () =>
          this.dispatchEvent(new MessageEvent('message', { data: { id, type: 'RAW', value: path?.includes('hello') ? true : undefined } })),
        0,
      )
    }

    terminate(): void {}
  }
  globalThis.Worker = new Proxy(RealWorker, {
    construct: (target, values) => (String(values[0]).includes('forecaster') ? new GivesUp() : Reflect.construct(target, values)),
  })
}

/** Details were left open the last time. */
function unfold(): void {
  try {
    localStorage.setItem('wastrum.unfolded', JSON.stringify({ later: true, known: true, charts: true, log: true }))
  }
  catch {
    // A browser that keeps nothing has them folded.
  }
}

/** What a visit may be told beside its screen. */
export interface VisitOptions {
  /** The day it begins on, and north of the equator, where a season matters; else the day and the place of all tests. */
  readonly on?: string
  /** Whether failing requests are expected just now. */
  readonly serverGone?: () => boolean
  /**
   * Whether forecasts are worked out: they keep a core busy for half a minute after every page, and until they are there the
   * rough course stands in.
   */
  readonly forecasts?: boolean
  /** Whether details lie folded, as on a first visit; else they lie open, as this device remembers them. */
  readonly folded?: boolean
  /** A script that is there before the app. */
  readonly first?: string
  /** Another server than the one of all tests. */
  readonly home?: string
  /** Whether the app keeps itself for being offline: it then fetches all of its parts at every first visit. */
  readonly keepsItself?: boolean
}

/** Opens a browser with nothing in it on a screen. */
export async function visit(
  screen: Screen,
  { on, serverGone = () => false, home = inject('home'), keepsItself = false, forecasts = false, folded = false, first }: VisitOptions = {},
): Promise<Visit> {
  const downloads = await mkdtemp(join(tmpdir(), 'wastrum-downloads-'))
  const context = await (await theBrowser()).createBrowserContext({ downloadBehavior: { policy: 'allow', downloadPath: downloads } })
  const page = await context.newPage()
  await page.setViewport(SCREENS[screen])
  const complaints: string[] = []
  await liveOn(page, on)
  if (!keepsItself) await page.evaluateOnNewDocument(withoutServiceWorker)
  if (!forecasts) await page.evaluateOnNewDocument(withoutForecasts)
  if (!folded) await page.evaluateOnNewDocument(unfold)
  if (first) await page.evaluateOnNewDocument(first)
  listen(page, home, complaints, serverGone)
  page.setDefaultTimeout(15_000)

  async function found(selector: string): Promise<ElementHandle> {
    const element = await page.waitForSelector(selector, { visible: true }).catch(async (cause: unknown) => {
      throw new Error(`not found: ${selector}\n${(await text()).slice(0, 1200)}`, { cause })
    })
    if (!element) throw new Error(`not found: ${selector}`)
    return element
  }

  /** Both at once: while a page is fetched, neither the loading screen's heading nor the page's own is there. */
  async function drawn(): Promise<void> {
    await page
      .waitForFunction(() => document.querySelector('main h1') !== null && !document.querySelector('[aria-busy="true"]'))
      .catch(async (cause: unknown) => {
        throw new Error(`not drawn: ${page.url()}\n${(await text()).slice(0, 1200)}`, { cause })
      })
  }

  /** What is not among the likely records waits behind "something else". */
  async function bringOut(selector: string): Promise<void> {
    if (!selector.startsWith('[data-pad=') || await page.$(selector)) return
    const more = await page.waitForSelector(`${selector}, [data-something-else]`).catch(() => undefined)
    if (more && !await page.$(selector)) await press('[data-something-else]')
  }

  async function press(selector: string): Promise<void> {
    await bringOut(selector)
    for (let attempt = 0; ; attempt++) {
      try {
        const at = await touchable(await found(selector))
        if (!at) throw new Error(`covered, or still moving: ${selector}`)
        await page.evaluate(heedTap)
        if (screen === 'phone') await page.touchscreen.tap(at.x, at.y)
        else await page.mouse.click(at.x, at.y)
        // A page that was left meanwhile has taken it.
        if (!await page.evaluate(tapTaken).catch(() => true)) throw new Error(`moved under the finger: ${selector}`)
        return
      }
      catch (cause) {
        // The page may just be drawing itself anew; what was waited for in vain will not come.
        if (attempt >= 12 || (cause instanceof Error && cause.message.startsWith('not found'))) throw cause
        // At the foot of a page the bar that says what was recorded lies over it: it is put away, as a person does.
        if (attempt === 4) await page.$eval('button[aria-label="Close"]', one => (one as HTMLElement).click()).catch(() => undefined)
        await new Promise(resolve => setTimeout(resolve, 150))
      }
    }
  }

  /**
   * A drawer that is still closing gives the focus back to whoever opened it: only then does it stay in the field, and keys do
   * not go astray.
   */
  async function settledFocus(element: ElementHandle): Promise<void> {
    for (let attempt = 0; attempt < 20; attempt++) {
      await element.focus()
      await new Promise(resolve => setTimeout(resolve, 50))
      const held = await element.evaluate(
        one => document.activeElement === one && [...document.querySelectorAll('[role="dialog"]')].every(dialog => dialog.contains(one)),
      )
      if (held) return
    }
  }

  const text = () => page.evaluate(() => document.body.innerText.replace(/\u00A0/g, ' '))

  async function see(wanted: string | RegExp): Promise<void> {
    const [source, flags] = typeof wanted === 'string' ? [wanted.replace(/[.*+?^${}()|[\]\\]/g, '\\$&'), ''] : [wanted.source, wanted.flags]
    try {
      await page.waitForFunction(
        (pattern, how) => new RegExp(pattern, how).test(document.body.innerText.replace(/\u00A0/g, ' ')), {}, source, flags,
      )
    }
    catch {
      throw new Error(`not seen: ${String(wanted)}\n${(await text()).slice(0, 1500)}`)
    }
  }

  return {
    page, context, downloads, complaints, home, press, see, text,
    tab: async () => {
      const other = await context.newPage()
      await other.setViewport(SCREENS[screen])
      await liveOn(other, on)
      if (!keepsItself) await other.evaluateOnNewDocument(withoutServiceWorker)
      if (!forecasts) await other.evaluateOnNewDocument(withoutForecasts)
      return other
    },
    go: async (path) => {
      if (await page.evaluate(byLink, path).catch(() => false)) return drawn()
      const answered = await page.goto(`${home}${path}`, { waitUntil: 'load' })
      if (answered && answered.status() >= 400) throw new Error(`${path} answered ${answered.status()}`)
      await drawn()
    },
    type: async (selector, typed) => {
      const element = await found(selector)
      await element.evaluate(one => one.scrollIntoView({ block: 'center', behavior: 'instant' }))
      await settledFocus(element)
      await element.evaluate((one) => { if (one instanceof HTMLInputElement && one.type !== 'date') one.select() })
      await page.keyboard.type(typed)
      await page.keyboard.press('Tab')
    },
    daysLater: async (days) => {
      await page.evaluate(
        more => sessionStorage.setItem('clock-shift', String(Number(sessionStorage.getItem('clock-shift') ?? 0) + more * 86_400_000)),
        days,
      )
      await page.reload({ waitUntil: 'load' })
      await drawn()
    },
    shown: async selector => (await page.$(selector)) !== null,
    close: async () => {
      await context.close()
      await rm(downloads, { recursive: true, force: true, maxRetries: 5 })
    },
  }
}

/** A visit from beginning to end: the page has complained of nothing, and is closed whatever comes. */
export async function walk(screen: Screen, work: (gardener: Visit) => Promise<void>, options: VisitOptions = {}): Promise<void> {
  const gardener = await visit(screen, options)
  try {
    await work(gardener)
    expect(gardener.complaints).toEqual([])
  }
  finally { await gardener.close() }
}

/** A walk through the demo garden, from one of its pages on. */
export function walkDemo(
  screen: Screen, path: string, work: (gardener: Visit) => Promise<void>, options: VisitOptions = {},
): Promise<void> {
  return walk(screen, async (gardener) => {
    await gardener.go('/welcome/demo')
    await gardener.see('Apple bay')
    if (path !== '/') await gardener.go(path)
    await work(gardener)
  }, options)
}

/** Opens a garden of one's own: nothing is on the bench, nothing in the store. */
async function openOwn(gardener: Visit): Promise<void> {
  await gardener.go('/welcome/own')
  await gardener.press(button('Open my garden'))
  await gardener.press(button('It is all here'))
  await gardener.see('What do you have?')
  await gardener.page.keyboard.press('Escape')
}

/** A walk in an own garden that has just been opened. */
export function walkOwn(screen: Screen, work: (gardener: Visit) => Promise<void>, options: VisitOptions = {}): Promise<void> {
  return walk(screen, async (gardener) => {
    await openOwn(gardener)
    await work(gardener)
  }, options)
}

/** An own garden with every method to choose from on its bench. */
export async function chooseOnOwnBench(gardener: Visit): Promise<void> {
  await openOwn(gardener)
  await gardener.press('[data-another-method]')
}

/** A button or link by what it says. */
export const button = (label: string) =>
  `::-p-xpath(//*[self::button or self::a or self::label or self::summary][contains(normalize-space(.), "${label}")])`
/** A field by its label. */
export const field = (label: string) =>
  `::-p-xpath(//input[@id=//label[contains(normalize-space(.), "${label}")]/@for] | //label[contains(normalize-space(.), `
  + `"${label}")]//input | //label[contains(normalize-space(.), "${label}")]//textarea)`
