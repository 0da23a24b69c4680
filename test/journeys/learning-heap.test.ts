import { readdir, readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { format } from 'date-fns'
import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import { AUTUMN } from '../clock/days'
import { inTurn } from './support/turns'
import { button, field, walkDemo, type Screen, type Visit } from './support/visit'

/** Waits until the forecast rests on everything recorded. */
async function forecastDone(gardener: Visit): Promise<void> {
  await gardener.page.waitForFunction(
    () => document.querySelector('[data-window-story]') !== null && document.querySelector('progress') === null, { timeout: 60_000 },
  )
}
const told = (gardener: Visit, selector: string) =>
  gardener.page.$eval(selector, one => (one as HTMLElement).innerText.replace(/\u00A0/g, ' '))

async function readHeat(gardener: Visit, celsius: number): Promise<void> {
  await gardener.press('[data-pad="heat"]')
  await gardener.type(field('Core, a forearm deep'), String(celsius))
  await gardener.press(button('Record the heat'))
  await gardener.see(`Core ${celsius} °C`)
}

/** The file that was saved last, once it is all there. */
async function saved(gardener: Visit, ending: string): Promise<string> {
  for (let attempt = 0; attempt < 60; attempt++) {
    const name = (await readdir(gardener.downloads)).find(one => one.endsWith(ending))
    if (name) return join(gardener.downloads, name)
    await new Promise(resolve => setTimeout(resolve, 200))
  }
  throw new Error(`no ${ending} was saved`)
}

describe.each<Screen>(inTurn(['phone', 'laptop'], 1))('on a %s', (screen) => {
  it(
    'a heap that fails to heat is looked into: what cannot be worked in goes another way, and what is read is believed',
    () =>
      walkDemo(
        screen, '/',
        async (gardener) => {
          await gardener.press('[data-task="open"] a.label-button')
          await gardener.see('What is wrong?')
          await gardener.see('Likely causes')
          expect(await told(gardener, '[data-cause]')).toMatch(/poor in nitrogen.*very likely/s)
          // Leaves and little else: the greens it wants are more than three turnings can take, and more than are to be had in autumn.
          expect(await told(gardener, '[data-cause]')).toMatch(/let it rot cold as a slow heap and feed it your scraps/)
          await gardener.go('/batch/demo-wall-bay')
          await gardener.daysLater(3)
          await readHeat(gardener, 52)
          await gardener.see(/Hot\. Day 1\d, core read at 52 °C/)
        }, { forecasts: true, on: AUTUMN }), 120_000)

  it(
    'seeds are sown, counted a week later, and few of them prove nothing',
    () =>
      walkDemo(
        screen, '/batch/demo-shed-ring/ready',
        async (gardener) => {
          await gardener.press('[data-test="sprout"] summary')
          await gardener.type(field('Seeds in the compost'), '10')
          await gardener.type(field('Seeds in the control'), '10')
          await gardener.press('[data-test="sprout"] form button.strong')
          await gardener.see('running, to be read in 6 days')
          await gardener.daysLater(6.1)
          await gardener.go('/')
          await gardener.press('[data-task="test"] a.label-button')
          await gardener.see('to be read now')
          await gardener.type(field('Came up in the compost'), '8')
          await gardener.type(field('Came up in the control'), '9')
          await gardener.press('[data-test="sprout"] form [role="group"] button')
          await gardener.press('[data-test="sprout"] form button.strong')
          await gardener.see(/8 of 10 against 9 of 10 in the control.*So few seeds prove nothing either way/)
          expect(await told(gardener, '[data-use="seeds"]')).toMatch(/not yet/)
        }, { forecasts: true }), 120_000)
})

describe('on a laptop', () => {
  it(
    'one wrong reading hardly moves the window, is marked and kept',
    () =>
      walkDemo(
        'laptop', '/batch/demo-apple-bay',
        async (gardener) => {
          await forecastDone(gardener)
          const days = async () => {
            const [, from, to] = /Ready between\s+(.+?) – (.+?)\n/.exec(await gardener.text()) ?? []
            return [from, to].map(
              text => Date.parse(`${text ?? ''}${/\d{4}/.test(text ?? '') ? '' : ` ${new Date().getFullYear()}`}`) / 86_400_000,
            )
          }
          const before = await days()
          await readHeat(gardener, 8)
          await gardener.page.waitForFunction(() => document.querySelector('progress') !== null)
          await forecastDone(gardener)
          const after = await days()
          before.forEach((day, index) => expect(Math.abs(after[index]! - day)).toBeLessThanOrEqual(10))
          await readHeat(gardener, 47)
          await gardener.go('/batch/demo-apple-bay/readings')
          await gardener.see(/2 stand apart from their neighbours: kept, and given little weight/)
        }, { forecasts: true, on: AUTUMN }), 180_000)

  it(
    'the heap is seen then and to come, by keys alone, and a turn is tried out without recording it',
    () =>
      walkDemo(
        'laptop', '/batch/demo-apple-bay',
        async (gardener) => {
          await forecastDone(gardener)
          await gardener.page.focus('input[type="range"]')
          for (let press = 0; press < 6; press++) await gardener.page.keyboard.press('ArrowLeft')
          await gardener.page.waitForFunction(() =>
            /core read at \d+ °C/.test((document.querySelector('[data-then]') as HTMLElement).innerText.replace(/\u00A0/g, ' ')),
          )
          await gardener.page.keyboard.press('End')
          await gardener.page.waitForFunction(() =>
            /core \d+–\d+ °C|core about/.test((document.querySelector('[data-then]') as HTMLElement).innerText.replace(/\u00A0/g, ' ')),
          )
          const entries = (await gardener.page.$$('[data-log]')).length
          await gardener.press(button('What if I'))
          await gardener.press(button('I turn it'))
          await gardener.page.waitForSelector('[data-what-if]')
          expect(await told(gardener, '[data-what-if]')).toMatch(/Ready (about|at about)/)
          expect((await gardener.page.$$('[data-log]')).length).toBe(entries)
        }, { forecasts: true }), 120_000)

  it(
    'a messy file of 100,000 rows is looked at, put right, read, taken in and taken back',
    () =>
      walkDemo(
        'laptop', '/batch/demo-apple-bay/readings',
        async (gardener) => {
          const file = join(gardener.downloads, 'probe.csv')
          const start = Date.now() - 8 * 86_400_000
          const two = (value: number) => String(value).padStart(2, '0')
          const rows = Array.from({ length: 100_000 }, (_, index) => {
            const at = new Date(start + index * 6_500)
            const heat = index === 50_000
              ? 'error'
              : index === 60_000 ? '985,0' : (50 + 8 * Math.sin(index / 9000)).toFixed(1).replace('.', ',')
            return `${two(at.getDate())}.${two(at.getMonth() + 1)}.${at.getFullYear()} `
              + `${two(at.getHours())}:${two(at.getMinutes())}:${two(at.getSeconds())};${heat};97`
          })
          await writeFile(file, `Zeit;Kern °C;Batterie\n${rows.join('\n')}\n${rows[500]}\n`)
          const input = await gardener.page.$('input[type="file"]')
          await (input as unknown as { uploadFile(path: string): Promise<void> }).uploadFile(file)
          await gardener.see('Dates are written')
          expect(await gardener.page.$$eval('select', all => all.map(one => one.value))).toEqual(['time', 'core', 'ignore'])
          await gardener.press(button('Read it so'))
          await gardener.page.waitForSelector('[data-found]', { timeout: 60_000 })
          const found = await told(gardener, '[data-found]')
          expect(found).toMatch(/^\d+ readings from 100001 rows/)
          expect(found).toMatch(/1 rows without a date or a number/)
          expect(found).toMatch(/1 that no thermometer in a heap shows/)
          expect(found).toMatch(/1 that were there twice/)
          await gardener.press(button('Take them in'))
          await gardener.see(/readings from probe\.csv/)
          await gardener.see(/\d+ of them from files/)
          await gardener.press(button('Take back'))
          await gardener.page.waitForFunction(() => !/of them from files/.test(document.body.innerText))
          await gardener.press(button('Save the readings as a table'))
          expect(await readFile(await saved(gardener, `-bay-${format(new Date(), 'yyyy-MM-dd')}.csv`), 'utf8')).toMatch(
            /^.?time,core °C,edge °C,source,batch\r\n/,
          )
        }, { forecasts: true }), 180_000)

  it('the round goes into a calendar, and again next day as the same things', () => walkDemo('laptop', '/', async (gardener) => {
    const events = async (ending: string) => {
      const text = await readFile(await saved(gardener, ending), 'utf8')
      return new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map(event => new ICAL.Event(event))
    }
    const today = new Date()
    const stamp = (date: Date) =>
      `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}.ics`
    await gardener.press(button('Calendar file'))
    const first = await events(stamp(today))
    expect(first.some(({ summary }) => summary === 'Find out why it stays cool: Wall bay')).toBe(true)
    await gardener.daysLater(1)
    await gardener.press(button('Calendar file'))
    const second = await events(stamp(new Date(today.getTime() + 86_400_000)))
    const shared = second.filter(({ uid }) => first.some(one => one.uid === uid))
    expect(shared.length).toBeGreaterThan(first.length / 2)
    expect(Number(shared[0]!.sequence)).toBeGreaterThan(Number(first.find(({ uid }) => uid === shared[0]!.uid)!.sequence))
  }, { forecasts: true }), 120_000)

  it(
    'a picture is taken in small, shown, and travels with the garden in a zip',
    () =>
      walkDemo(
        'laptop', '/batch/demo-apple-bay',
        async (gardener) => {
          const picture = join(gardener.downloads, 'heap.png')
          const drawn = await gardener.page.evaluate(() => {
            const canvas = document.createElement('canvas')
            canvas.width = 2400
            canvas.height = 1800
            canvas.getContext('2d')!.fillRect(300, 300, 900, 900)
            return canvas.toDataURL('image/png')
          })
          await writeFile(picture, Buffer.from(drawn.split(',')[1]!, 'base64'))
          const input = await gardener.page.$('input[accept="image/*"]')
          await (input as unknown as { uploadFile(path: string): Promise<void> }).uploadFile(picture)
          await gardener.see(/Apple bay: a picture, \d+ kB/)
          const size = await gardener.page.waitForFunction(() => {
            const shown = document.querySelector<HTMLImageElement>('[aria-label="Pictures"] img')
            return shown?.naturalWidth ? [shown.naturalWidth, shown.naturalHeight] : undefined
          })
          // A small one in the row, the whole one where it is looked at.
          expect(await size.jsonValue()).toEqual([320, 240])
          await gardener.press('[aria-label="Pictures"] button')
          const whole = await gardener.page.waitForFunction(() => {
            const shown = document.querySelector<HTMLImageElement>('[role="dialog"] img')
            return shown?.naturalWidth ? [shown.naturalWidth, shown.naturalHeight] : undefined
          })
          expect(await whole.jsonValue()).toEqual([1280, 960])
          await gardener.go('/garden')
          await gardener.press(button('With its pictures'))
          const zip = await saved(gardener, '.zip')
          const reader = await gardener.page.$('input[accept*=".zip"]')
          await (reader as unknown as { uploadFile(path: string): Promise<void> }).uploadFile(zip)
          await gardener.see(/1 picture comes with it/)
        }, { forecasts: true }), 120_000)

  it('a task waits till tomorrow, another is skipped with a reason that the log keeps', () => walkDemo('laptop', '/', async (gardener) => {
    await gardener.press('button[aria-label^="why, and later: Read the heat, Wall bay"]')
    await gardener.press(button('Tomorrow'))
    await gardener.see('Read the heat: tomorrow.')
    await gardener.press('button[aria-label^="why, and later: Water it, Wall bay"]')
    await gardener.type(field('or not this time, because'), 'frozen hose')
    await gardener.press(button('Skip it'))
    await gardener.see('Water it: not this time.')
    await gardener.go('/batch/demo-wall-bay')
    await gardener.see('Skipped: watering. frozen hose')
    await gardener.see(/Put off until .*: reading the heat\./)
  }, { forecasts: true }), 120_000)
})
