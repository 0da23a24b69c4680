import { writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { writeBackup } from '#core/formats/backup/write'
import type { GardenEvent } from '#core/journal/event'
import { VESSEL_PRESETS } from '#core/vessel/presets'
import { BUCKET, SACK } from '../builders/heaps'
import { AUTUMN } from '../clock/days'
import { button, field, SCREENS, walk, walkDemo, type Visit } from './support/visit'

const inDemo = async (gardener: Visit, path = '/') => {
  await gardener.go('/welcome/demo')
  await gardener.see('Apple bay')
  if (path !== '/') await gardener.go(path)
}
/** Counts taps; digits and the key that goes on to the next field are typed, not tapped. */
function counting(gardener: Visit) {
  let taps = 0
  return {
    tap: async (selector: string) => {
      taps++
      await gardener.press(selector)
    },
    taps: () => taps,
  }
}
const focused = (gardener: Visit) =>
  gardener.page.evaluate(() => {
    const element = document.activeElement
    return { tag: element?.tagName ?? '', says: (element?.getAttribute('aria-label') ?? element?.textContent ?? '').trim() }
  })

describe('with a glove, on a phone', () => {
  it('a pile has its verdict within six taps', () =>
    walk('phone', async (gardener) => {
      const { tap, taps } = counting(gardener)
      await gardener.go('/')
      await tap(button('Is my pile any good'))
      await tap('[data-material="leaves-mixed"]')
      await tap('[data-material="grass-clippings"]')
      await tap('[data-material="kitchen-veg"]')
      await tap(button('That is all'))
      await gardener.page.waitForSelector('[data-verdict]')
      expect(taps()).toBeLessThanOrEqual(6)
    }))

  it('a reading is two taps and its digits, and nothing but the core is recorded', () =>
    walk('phone', async (gardener) => {
      await inDemo(gardener)
      await gardener.page.waitForSelector('[data-round] ul:not([inert]) [data-task="reading"]')
      const { tap, taps } = counting(gardener)
      await tap('[data-task="reading"] button')
      await gardener.page.waitForFunction(() => document.activeElement instanceof HTMLInputElement && document.activeElement.value === '')
      await gardener.page.keyboard.type('47')
      await tap(button('Record the heat'))
      await gardener.see(/: core 47 °C\./)
      expect(taps()).toBe(2)
    }))

  it('a step that has only just moved under the finger is not recorded', () =>
    walk('phone', async (gardener) => {
      await inDemo(gardener)
      await gardener.page.waitForSelector('[data-round] ul:not([inert]) [data-task="reading"]')
      const tapped = () =>
        gardener.page.evaluate(async () => {
          const step = document.querySelector('[data-task="reading"] button')!
          const list = step.closest('[data-round] ul > li')!
          const tap = () => {
            step.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true }))
            return step.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, detail: 1 }))
          }
          const row = document.createElement('li')
          row.style.height = '90px'
          list.before(row)
          await Promise.resolve()
          const atOnce = [tap(), step.getAttribute('aria-expanded')]
          // Long enough for whatever else of the round still moves.
          const settled = new Promise(resolve => setTimeout(resolve, 8000))
          const byKey = step.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, detail: 0 }))
          await settled
          // And one that comes under a finger that went down on another.
          const other = document.querySelector('[data-task="foam"] button, [data-task="open"] button')!
          other.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true }))
          const strayed = step.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, detail: 1 }))
          return [...atOnce, byKey, strayed, tap()]
        })
      expect(await tapped()).toEqual([false, 'false', true, false, true])
    }))

  it('eight things come into the store with twelve taps and their digits', () =>
    walk('phone', async (gardener) => {
      const things = [
        'leaves-mixed', 'grass-clippings', 'kitchen-veg', 'cardboard', 'twigs', 'coffee-grounds', 'straw-wheat', 'horse-manure-straw',
      ]
      await gardener.go('/')
      await gardener.press(button('Is my pile any good'))
      await gardener.press(button('That is all'))
      await gardener.go('/store')
      const { tap, taps } = counting(gardener)
      await tap('[data-put-in]')
      for (const thing of things) await tap(`[data-material="${thing}"]`)
      await tap(button('These 8'))
      await gardener.page.waitForFunction(() => document.activeElement instanceof HTMLInputElement)
      for (const count of ['6', '12', '1½', '2', '3', '½', '4', '7,5']) {
        await gardener.page.evaluate(() => (document.activeElement as HTMLInputElement).select())
        await gardener.page.keyboard.type(count)
        await gardener.page.keyboard.press('Enter')
      }
      await tap('[data-all-in]')
      await gardener.see('in the store.')
      expect(taps()).toBeLessThanOrEqual(12)
      await gardener.see(/1½ buckets\s+of kitchen scraps/)
      await gardener.see(/7½ buckets\s+of horse manure/)
      // One taking back for the whole visit.
      await gardener.press(button('Take back'))
      await gardener.see('Nothing gathered yet')
    }))

  it('plus goes on while it is held, and stops when it is let go', () =>
    walk('laptop', async (gardener) => {
      await inDemo(gardener, '/bench')
      const value = () => gardener.page.$eval('input[inputmode="decimal"]', one => Number((one as HTMLInputElement).value))
      const before = await value()
      const plus = await gardener.page.waitForSelector('button[aria-label^="more: sacks of leaves"]')
      await plus!.evaluate(one => one.scrollIntoView({ block: 'center' }))
      await plus!.hover()
      await gardener.page.mouse.down()
      await gardener.page.waitForFunction(
        least => Number(document.querySelector<HTMLInputElement>('input[inputmode="decimal"]')!.value) >= least, {}, before + 3,
      )
      await gardener.page.mouse.up()
      await new Promise(resolve => setTimeout(resolve, 200))
      const after = await value()
      await new Promise(resolve => setTimeout(resolve, 600))
      expect(await value()).toBe(after)
      // A short tap is one, however busy the machine is between its down and its up.
      await plus!.evaluate((one) => {
        for (const kind of ['pointerdown', 'pointerup'])
          one.dispatchEvent(new PointerEvent(kind, { bubbles: true, pointerId: 1, button: 0 }))
        one.dispatchEvent(new MouseEvent('click', { bubbles: true, detail: 1 }))
      })
      expect(await value()).toBe(after + 1)
    }))

  it('an ordinary heap is built in a dozen ticks', () =>
    walk('phone', async (gardener) => {
      await inDemo(gardener, '/bench/sheet')
      await gardener.press(button('Build it step by step'))
      await gardener.page.waitForSelector('[role="checkbox"]')
      expect((await gardener.page.$$('[role="checkbox"]')).length).toBeLessThanOrEqual(12)
    }))

  it('few words stand between a gardener and the answer', () =>
    walk(
      'phone',
      async (gardener) => {
        await inDemo(gardener)
        const count = async (path: string) => {
          await gardener.go(path)
          return gardener.page.$eval('main', (main) => {
            const text = (main as HTMLElement).innerText
            return {
              words: text.split(/\s+/).filter(word => /[a-z]/i.test(word)).length, numbers: text.match(/\d+([.,]\d+)?/g)?.length ?? 0,
            }
          })
        }
        // 397 words and 62 numbers there once were on the bench, 550 and 101 in the store.
        const bench = await count('/bench')
        expect(bench.words).toBeLessThan(240)
        expect(bench.numbers).toBeLessThan(45)
        const store = await count('/store')
        expect(store.words).toBeLessThan(275)
        expect(store.numbers).toBeLessThan(66)
      },
      { on: AUTUMN },
    ))

  it('thirty heaps are walked along on three screens', () =>
    walk('phone', async (gardener) => {
      const builtAt = new Date(Date.now() - 6 * 86_400_000).toISOString()
      const heaps = Array.from({ length: 30 }, (_, index): GardenEvent => ({
        kind: 'began', id: `heap-${index}`, by: 'phone', at: builtAt, recordedAt: builtAt, batchId: `heap-${index}`,
        name: `Bay ${index + 1}`, place: `row ${(index % 5) + 1}`, methodId: 'hot-heap', approachId: 'weekly',
        site: { kind: 'vessel', vessel: VESSEL_PRESETS[1]! }, answers: {}, waterL: 40,
        inputs: [
          { role: 'feed', materialId: 'leaves-mixed', amount: { count: 14, container: SACK, packing: 'loose' }, draws: [] },
          { role: 'feed', materialId: 'grass-clippings', amount: { count: 46, container: BUCKET, packing: 'loose' }, draws: [] },
        ],
      }))
      await gardener.go('/')
      // The file is asked for at once, and what is in it comes next.
      const input = await gardener.page.waitForSelector('[data-have-backup] input[type="file"]')
      const file = join(gardener.downloads, 'thirty.json')
      await writeFile(file, writeBackup(heaps, [], builtAt))
      await input!.uploadFile(file)
      await gardener.page.waitForSelector('[data-import-preview]')
      await gardener.press('[data-import-preview] button')
      await gardener.see('were taken in')
      await gardener.go('/')
      await gardener.page.waitForFunction(() => document.querySelectorAll('[data-stop]').length === 30)
      const tall = await gardener.page.evaluate(() => {
        const stops = [...document.querySelectorAll('[data-stop]')].map(one => one.getBoundingClientRect())
        return stops.at(-1)!.bottom - stops[0]!.top
      })
      expect(tall).toBeLessThan(3 * SCREENS.phone.height)
    }))
})

describe('what cannot be', () => {
  it('is asked back and not set right in silence: too hot, before the build, still to come, nothing written', () =>
    walk('laptop', async (gardener) => {
      await inDemo(gardener, '/batch/demo-apple-bay')
      const entries = async () => (await gardener.page.$$('[data-log="gauged"]')).length
      const before = await entries()
      await gardener.press('[data-pad="heat"]')
      await gardener.press(button('Record the heat'))
      await gardener.see('Nothing is written yet')
      await gardener.type(field('Core'), '131')
      await gardener.see(/131 °C cannot be\.[\s\S]*131 °F would be 55 °C/)
      await gardener.press(button('Record the heat'))
      await gardener.type(field('Core'), '55')
      const when = async (moment: string) => {
        await gardener.page.$eval(
          'input[type="datetime-local"]',
          (one, value) => {
            ;(one as HTMLInputElement).value = value
            one.dispatchEvent(new Event('input', { bubbles: true }))
          },
          moment,
        )
        await gardener.press(button('Record the heat'))
      }
      await gardener.press(button('another day'))
      await when('2020-05-01T10:00')
      await gardener.see('That was before it was begun')
      await when('2099-05-01T10:00')
      await gardener.see('That is still to come')
      expect(await entries()).toBe(before)
      await gardener.press(button('now'))
      await gardener.press(button('Record the heat'))
      await gardener.see('core 55 °C')
    }))

  it('at the end of a heap is said once more before it is believed', () =>
    walk('laptop', async (gardener) => {
      await inDemo(gardener, '/batch/demo-shed-ring/finish')
      await gardener.press(button('Into the store with it'))
      await gardener.see('Nothing came out of it at all?')
      await gardener.type(field('How much bed compost'), '900')
      await gardener.press(button('Into the store with it'))
      await gardener.see('is more than went in')
      await gardener.type(field('How much bed compost'), '18')
      await gardener.press(button('Into the store with it'))
      await gardener.see('Shed ring is taken out.')
    }))
})

describe('made-up weather', () => {
  it('belongs to the demo: an own garden says what it reckons with, and takes what is noted by hand', () =>
    walk('phone', async (gardener) => {
      await gardener.go('/')
      await gardener.press(button('Is my pile any good'))
      await gardener.press(button('That is all'))
      await gardener.go('/')
      await gardener.see('Reckoned with a usual')
      expect(await gardener.text()).not.toContain('Made-up')
      await gardener.press('[data-note-weather]')
      await gardener.type(field('Coldest'), '-3')
      await gardener.type(field('Warmest'), '4,5')
      await gardener.type(field('Rain'), '12')
      await gardener.press(button('Note it'))
      await gardener.see(/Noted today: −3 to 5 °C, 12 mm/)
      await gardener.go('/')
      await gardener.see('Noted today')
    }))
})

describe('by keys alone', () => {
  it(
    'a pile goes from the first page to a heap that stands',
    () =>
      walk('laptop', async (gardener) => {
        const { keyboard } = gardener.page
        /** Along by Tab until something says so, then on it with a key. */
        const to = async (says: string | RegExp, key = 'Enter') => {
          for (let step = 0; step < 200; step++) {
            const { says: now } = await focused(gardener)
            if (typeof says === 'string' ? now.startsWith(says) : says.test(now)) {
              await keyboard.press(key as 'Enter')
              return
            }
            await keyboard.press('Tab')
          }
          throw new Error(`not reached by Tab: ${String(says)}`)
        }
        const fill = async (label: string, text: string) => {
          for (let step = 0; step < 200; step++) {
            const here = await gardener.page.evaluate(() =>
              document.activeElement instanceof HTMLInputElement
                ? [...(document.activeElement.labels ?? [])].map(one => one.textContent?.trim() ?? '').join()
                : '',
            )
            if (here.endsWith(label)) break
            await keyboard.press('Tab')
          }
          await gardener.page.evaluate(() => (document.activeElement as HTMLInputElement).select())
          await keyboard.type(text)
        }
        await gardener.go('/')
        await gardener.see('Is my pile any good')
        await to('Is my pile any good')
        await gardener.page.waitForSelector('[role="dialog"]')
        // The picker opens on its search.
        await gardener.page.waitForFunction(() => (document.activeElement as HTMLInputElement | null)?.type === 'search')
        await keyboard.type('leaves')
        await to(/^Autumn leaves, as raked/)
        await gardener.page.focus('[role="dialog"] input[type="search"]')
        await gardener.page.evaluate(() => (document.activeElement as HTMLInputElement).select())
        await keyboard.type('grass')
        await to(/^Grass clippings, fresh/)
        await to('That is all')
        await gardener.page.waitForSelector('[data-verdict]')
        await gardener.page.waitForFunction(() => document.querySelector('[role="dialog"]') === null)
        await fill('sacks of leaves', '11')
        await fill('buckets of grass', '36')
        await to('Layers and build sheet')
        await gardener.see('Sort and prepare')
        // A new view begins at its heading.
        await gardener.page.waitForFunction(
          () => document.activeElement?.tagName === 'H1' || document.activeElement?.closest('main') !== null,
        )
        await to('Build it step by step')
        await gardener.page.waitForSelector('[role="checkbox"]')
        const steps = (await gardener.page.$$('[role="checkbox"]')).length
        for (let step = 0; step < steps; step++) {
          for (let along = 0; along < 200; along++) {
            const waits = await gardener.page.evaluate(
              () =>
                document.activeElement?.getAttribute('role') === 'checkbox'
                && document.activeElement.getAttribute('aria-checked') === 'false',
            )
            if (waits) break
            await keyboard.press('Tab')
          }
          await keyboard.press('Space')
          await gardener.see(`${step + 1} of ${steps} steps done`)
        }
        await to('It is built: start it')
        await gardener.see('is standing.')
        await gardener.page.waitForFunction(() => document.activeElement !== document.body)
      }),
    120_000,
  )

  it('single keys rest in dialogs and can be switched off', () =>
    walk('laptop', async (gardener) => {
      const { keyboard } = gardener.page
      await inDemo(gardener, '/store')
      await gardener.press('[data-put-in]')
      await gardener.page.waitForSelector('[role="dialog"]')
      await gardener.page.focus('[role="dialog"] [data-material]')
      await keyboard.press('2')
      expect(new URL(gardener.page.url()).pathname).toBe('/store')
      await keyboard.press('Escape')
      await gardener.page.waitForFunction(() => document.querySelector('[role="dialog"]') === null)
      await keyboard.press('?')
      await gardener.press('::-p-xpath(//label[contains(., "Keys are on")]//input)')
      await keyboard.press('Escape')
      await gardener.page.waitForFunction(() => document.querySelector('[role="dialog"]') === null)
      await keyboard.press('2')
      await new Promise(resolve => setTimeout(resolve, 300))
      expect(new URL(gardener.page.url()).pathname).toBe('/store')
    }))
})

describe('read aloud', () => {
  interface Node {
    readonly role?: string
    readonly name?: string
    readonly children?: readonly Node[]
  }
  const flat = (node: Node | null): Node[] => (node ? [node, ...(node.children ?? []).flatMap(flat)] : [])

  it('the names say what the page shows: title, heading, standing, picture, chart and every repeated button', () =>
    walk('laptop', async (gardener) => {
      await inDemo(gardener, '/batch/demo-apple-bay')
      await gardener.page.waitForSelector('[data-chart-said]')
      expect(await gardener.page.title()).toBe('Apple bay – Wastrum')
      const nodes = flat((await gardener.page.accessibility.snapshot()) as Node | null)
      const names = (role: string) => nodes.filter(node => node.role === role).map(({ name }) => (name ?? '').replace(/\u00A0/g, ' '))
      expect(names('heading')).toEqual(expect.arrayContaining(['Apple bay', 'What it asks for', 'When it is ready', 'Record']))
      expect(names('button')).toEqual(expect.arrayContaining(['How it is today', 'Heat', 'Log and pictures']))
      const log = (await gardener.text()).match(/Core (\d+) °C/)?.[1]
      const picture = names('image').find(name => name.includes('from the ground up')) ?? ''
      // Right after a turn core and edge are alike, and then only the core is said.
      expect(picture).toMatch(
        /cm high, from the ground up: .+warm inside, (\d+ °C above the air in the core and \d+ °C at the edge, )?\d+ °C/,
      )
      // The picture, the head and what is known are one number; what was read this morning has gone on since.
      const core = (await gardener.page.$eval('[data-known-id="coreC"] dd', one => (one as HTMLElement).innerText)).match(/\d+/)?.[0]
      expect(picture).toContain(`${core} °C`)
      expect(await gardener.text()).toMatch(new RegExp(`core (read at|about) ${core} °C`))
      const said = await gardener.page.$eval('[data-chart-said]', one => (one as HTMLElement).innerText)
      expect(said).toMatch(
        new RegExp(`^Latest ${log} °C on [^,]+(, highest \\d+ °C on .+)?\\. Expected now .+ in a week .+ Ready: .+\\.$`),
      )
      // As a table it says the same.
      await gardener.press('[data-chart-table]')
      const rows = await gardener.page.$$eval('table tbody tr', all => all.map(row => (row as HTMLElement).innerText))
      expect(rows.some(row => row.includes(`${log} °C`))).toBe(true)

      await gardener.go('/store')
      const store = flat((await gardener.page.accessibility.snapshot()) as Node | null)
      const labelled = store.filter(({ role }) => role === 'button').map(({ name }) => name ?? '')
      expect(labelled.filter(name => name === '')).toEqual([])
      const repeated = labelled.filter((name, index) => labelled.indexOf(name) !== index)
      expect(repeated).toEqual([])
    }))

  it('every page has its title and one heading', () =>
    walkDemo('laptop', '/', async (gardener) => {
      for (const [path, title] of [
        ['/', 'Today\'s round'], ['/bench', 'The bench'], ['/bench/sheet', 'Build sheet'], ['/store', 'The store'],
        ['/yard', 'The yard'], ['/garden', 'The garden'], ['/materials', 'Materials'], ['/labels', 'Labels'],
        ['/batch/demo-plum-bay/label', 'Plum bay, Label'], ['/nowhere', 'Not here'],
      ] as const) {
        await gardener.go(path)
        await gardener.page.waitForFunction(wanted => document.title === `${wanted} – Wastrum`, {}, title)
        expect((await gardener.page.$$('h1')).length).toBe(1)
      }
    }))
})

describe('the yard', () => {
  it('is arranged by hand and by key, and stays so', () =>
    walk('laptop', async (gardener) => {
      await inDemo(gardener, '/yard')
      await gardener.press('[data-arrange]')
      const place = '[data-place="by-the-north-wall"]'
      const left = () => gardener.page.$eval(place, one => Number.parseFloat((one as HTMLElement).style.left))
      const before = await left()
      await gardener.page.focus(place)
      await gardener.page.keyboard.press('ArrowRight')
      await gardener.page.waitForFunction(
        (selector, was) => Number.parseFloat((document.querySelector(selector) as HTMLElement).style.left) > was, {}, place, before,
      )
      await gardener.page.$eval(place, one => one.scrollIntoView({ block: 'center', behavior: 'instant' }))
      const box = await (await gardener.page.$(place))!.boundingBox()
      await gardener.page.mouse.move(box!.x + 20, box!.y + 5)
      await gardener.page.mouse.down()
      await gardener.page.mouse.move(box!.x + 120, box!.y + 45, { steps: 5 })
      await gardener.page.mouse.up()
      const moved = await left()
      expect(moved).toBeGreaterThan(before + 60)
      await new Promise(resolve => setTimeout(resolve, 400))
      await gardener.go('/yard')
      await gardener.page.waitForSelector(place)
      expect(Math.abs((await left()) - moved)).toBeLessThan(2)
    }))
})

describe('a browser of another country', () => {
  it.each([
    ['de-DE', '7,5', /0,5 L|\d,\d/, /26 November|\d+ [A-Z][a-z]+/], ['en-US', '7.5', /\d/, /[A-Z][a-z]+ \d+/],
  ])('%s writes and reads its own numbers and dates', (language, typed, number, date) =>
    walk('laptop', async (gardener) => {
      await gardener.page.evaluateOnNewDocument((tag) => {
        Object.defineProperty(navigator, 'language', { get: () => tag })
      }, language)
      await inDemo(gardener)
      expect(await gardener.page.$eval('h1', one => one.textContent?.trim())).toMatch(date)
      await gardener.go('/bench')
      await gardener.type(field('buckets of grass'), typed)
      await gardener.page.waitForFunction(
        wanted => [...document.querySelectorAll('input')].some(({ value }) => value === wanted), {}, typed,
      )
      await gardener.see('90 L')
      await gardener.go('/garden')
      if (language === 'de-DE') {
        await gardener.type(field('volume of the bucket'), '1.200,5')
        await gardener.page.waitForFunction(() =>
          [...document.querySelectorAll('input')].some(({ value }) => value === '1200.5' || value === '1200,5'),
        )
      }
      await gardener.go('/batch/demo-forest-bucket')
      expect(await gardener.text()).toMatch(number)
    }),
  )
})

describe('at four times the size', () => {
  it('more than half of the height is left for the page', () =>
    walkDemo('tiny', '/', async (gardener) => {
      for (const path of ['/', '/bench', '/bench/build', '/store']) {
        await gardener.go(path)
        const stuck = await gardener.page.evaluate(() =>
          [...document.querySelectorAll('body *')]
            .filter(one => ['fixed', 'sticky'].includes(getComputedStyle(one).position))
            .reduce((sum, one) => sum + (one as HTMLElement).offsetHeight, 0),
        )
        expect(stuck, path).toBeLessThan(SCREENS.tiny.height / 2)
        expect(await gardener.page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0)
      }
    }))
})
