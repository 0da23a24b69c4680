import { readdir, readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { AUTUMN } from '../clock/days'
import { inTurn } from './support/turns'
import { button, walk, type Screen, type Visit } from './support/visit'

/** How sure a need is, as its row says. */
const sureness = (gardener: Visit, name: string) =>
  gardener.page.$$eval('[data-need]', (rows, wanted) => {
    const row = rows.find(one => one.querySelector('button')?.textContent?.trim() === wanted)
    return row?.querySelector('[data-sureness]')?.textContent?.replace(/\s+/g, ' ').trim()
  }, name)
const becomes = (gardener: Visit, name: string, words: readonly string[]) =>
  gardener.page.waitForFunction((wanted, any) => [...document.querySelectorAll('[data-need]')].some(row =>
    row.querySelector('button')?.textContent?.trim() === wanted
    && (any as string[]).some(one => row.querySelector('[data-sureness]')?.textContent?.trim().startsWith(one))),
  { timeout: 60_000 }, name, [...words])

const inForm = (words: string) => `::-p-xpath(//form[@data-need-form]//button[normalize-space()="${words}"])`

describe.each<Screen>(inTurn(['phone', 'laptop'], 0))('the year on a %s', (screen) => {
  it('a need is said in three taps, its shortage is seen, a start is taken and the chance goes up', () =>
    walk(screen, async (gardener) => {
      await gardener.go('/welcome/demo')
      await gardener.page.waitForSelector('[data-round]')
      await gardener.go('/year')
      await becomes(gardener, 'Leaf mulch for the fruit', ['short', 'probably short'])
      await gardener.see(/4 things are wanted in the year to come: 1 may be short/)

      // Three taps: what for, how much, when.
      await gardener.press('[data-new-need]')
      await gardener.press(inForm('char that stays in the soil'))
      await gardener.press(inForm('80 L'))
      await gardener.press(inForm('January'))
      await gardener.see(/5 things are wanted/)
      await becomes(gardener, 'Char that stays in the soil, January', ['short', 'probably short', 'may be short'])
      await gardener.see('each year')

      // What mends the fruit's shortage, by a last safe day.
      await gardener.page.waitForSelector('[data-start="start.leafmould.alone.new"]', { timeout: 90_000 })
      const start = await gardener.page.$eval('[data-start="start.leafmould.alone.new"]', one =>
        (one as HTMLElement).innerText.replace(/\s+/g, ' '))
      expect(start).toMatch(/Leaf mould, a new wire cage begin it by \d+ \w+/)
      expect(start).toMatch(/Leaf mulch for the fruit: enough in \d+ of 100 years; as it stands in (none|\d+)/)
      expect(start).toMatch(/sacks of leaves/)
      await gardener.press('[data-start="start.leafmould.alone.new"] [data-take-start]')
      await gardener.see('what it takes is on a collecting list')
      await becomes(gardener, 'Leaf mulch for the fruit', ['most likely there', 'there in time'])
      expect(await sureness(gardener, 'Char that stays in the soil, January')).toMatch(/short/)

      // Taken back, it is short again.
      await gardener.press(button('Take back'))
      await becomes(gardener, 'Leaf mulch for the fruit', ['short', 'probably short'])
    }, { on: AUTUMN }), 300_000)
})

describe('the strip of the year', () => {
  it('shows a batch moved along time by the keys, says what that does, and puts it back', () => walk('laptop', async (gardener) => {
    await gardener.go('/welcome/demo')
    await gardener.page.waitForSelector('[data-round]')
    await gardener.go('/year')
    await becomes(gardener, 'Leaf mulch for the fruit', ['short', 'probably short'])
    const hazel = '[data-bar="demo-hazel-cage"] button'
    await gardener.page.waitForSelector(hazel)
    const before = await gardener.page.$eval(hazel, one => one.getAttribute('aria-label'))
    await gardener.page.focus(hazel)
    for (let press = 0; press < 4; press++) await gardener.page.keyboard.press('ArrowRight')
    await gardener.see(/Hazel cage, 28 days later: this is only tried out/)
    expect(await gardener.page.$eval(hazel, one => one.getAttribute('aria-label'))).not.toBe(before)
    await gardener.press(button('Put it back'))
    await gardener.page.waitForFunction((selector, was) => document.querySelector(selector)?.getAttribute('aria-label') === was, {},
      hazel, before)
    expect(await gardener.page.$$eval('[data-step]', all => all.length)).toBe(4)
  }, { on: AUTUMN }), 180_000)
})

describe('the month ahead', () => {
  it('lists what each week asks for, and what can wait waits a week', () => walk('phone', async (gardener) => {
    await gardener.go('/welcome/demo')
    await gardener.page.waitForSelector('[data-round]')
    await gardener.go('/month')
    await gardener.page.waitForSelector('[data-week="0"] [data-thing]')
    const waits = '[data-week="0"] button[aria-label^="A week later: Water it"]'
    const label = await gardener.page.$eval(waits, one => one.getAttribute('aria-label')!)
    await gardener.press(waits)
    await gardener.see('not before')
    await gardener.page.waitForFunction(said =>
      !document.querySelector(`[data-week="0"] button[aria-label="${said}"]`)
      && document.querySelector(`[data-week="1"] button[aria-label="${said}"]`) !== null, {}, label)
  }, { on: AUTUMN }), 120_000)
})

describe('the account', () => {
  it('adds the year up beside the last, in own prices, and goes out as a table', () => walk('laptop', async (gardener) => {
    await gardener.go('/welcome/demo')
    await gardener.page.waitForSelector('[data-round]')
    await gardener.go('/account')
    await gardener.see('The account of 2026')
    expect(await gardener.text()).toMatch(/Kept out of the bin[\s\S]*[\d,]+ L/)
    await gardener.type('[data-price="compost-finished"]', '0.5')
    await gardener.page.keyboard.press('Tab')
    await gardener.see(/would have cost you [\d.]+/)
    await gardener.press('[data-csv]')
    const name = await gardener.page.waitForFunction(() => true).then(async () => {
      for (let tries = 0; tries < 50; tries++) {
        const found = (await readdir(gardener.downloads)).find(one => one.endsWith('.csv'))
        if (found) return found
        await new Promise(resolve => setTimeout(resolve, 100))
      }
      return ''
    })
    expect(name).toBe('wastrum-account.csv')
    const [head, ...rows] = (await readFile(join(gardener.downloads, name), 'utf8')).trim().split('\r\n')
    expect(head).toContain('kept out of the bin (L)')
    expect(rows.length).toBeGreaterThan(6)
  }, { on: AUTUMN }), 120_000)
})
