import { readdir, readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { AUTUMN } from '../clock/days'
import { button, walk, walkDemo, type Visit } from './support/visit'

/** What is read of a page before its first fold. */
const beforeFold = (gardener: Visit) =>
  gardener.page.evaluate(() => {
    const fold = document.querySelector('[data-part]')
    const main = document.querySelector('main')!
    const range = document.createRange()
    range.setStart(main, 0)
    if (fold) range.setEndBefore(fold)
    else range.setEndAfter(main)
    const holder = document.createElement('div')
    holder.append(range.cloneContents())
    for (const unread of holder.querySelectorAll('svg, details > :not(summary), .sr-only, option')) unread.remove()
    const text = (holder.textContent ?? '').replace(/\s+/g, ' ')
    const spaced = [...holder.querySelectorAll('*')].flatMap(one => [...one.childNodes].filter(node => node.nodeType === 3)).map(node =>
      node.textContent ?? '').join(' ')
    return {
      text, words: spaced.split(/\s+/).filter(one => /\p{L}/u.test(one)).length, numbers: (spaced.match(/\d+([.,]\d+)?/g) ?? []).length,
    }
  })

describe('the first minute', () => {
  it('asks three things, answers with a picture and why, and has what stands already as near', () =>
    walk('phone', async (gardener) => {
      await gardener.go('/')
      expect(await gardener.shown('[data-way="/stands"]')).toBe(true)
      await gardener.press('[data-way^="/begin"]')
      await gardener.press(button('in a bay or an open heap'))
      await gardener.page.waitForSelector('#answer')
      await gardener.press(button('leaves'))
      await gardener.page.waitForFunction(() => document.querySelector('[data-chosen-for-me] svg[role="img"]') !== null)
      await gardener.see(/For it: .*lives on leaves/)
      // Others are one tap away, and change the answer in its place.
      const first = await gardener.page.$eval('#answer', one => one.textContent?.trim())
      await gardener.press('[data-other-way]')
      await gardener.page.waitForFunction(was => document.querySelector('#answer')?.textContent?.trim() !== was, {}, first)
    }))

  it('begins an own garden on a round that teaches, with three ways on', () =>
    walk('phone', async (gardener) => {
      await gardener.go('/welcome/own')
      await gardener.press(button('Open my garden'))
      await gardener.page.waitForSelector('[data-first-round]')
      await gardener.see('Say what you have')
      await gardener.press(button('It comes bit by bit'))
      await gardener.page.waitForFunction(() => document.querySelector('button[aria-pressed="true"]')?.textContent?.trim() === 'bit by bit')
    }))

  it('names the slow heap to whoever has too little for a hot one in a lidded bin', () =>
    walk('phone', async (gardener) => {
      await gardener.go('/')
      await gardener.press(button('Is my pile any good'))
      for (const thing of ['kitchen-veg', 'grass-clippings', 'leaves-mixed']) await gardener.press(`[data-material="${thing}"]`)
      await gardener.press(button('That is all'))
      await gardener.press(button('Lidded bin'))
      const others = await gardener.page.waitForSelector('[data-instead], [data-one-change]')
      expect(others).not.toBeNull()
      if (!await gardener.shown('[data-instead]')) await gardener.press('[data-one-change]')
      await gardener.press('[data-instead]')
      await gardener.see('Slow heap ·')
      expect(await gardener.page.$$eval('button[aria-pressed="true"]', all =>
        all.some(one => one.textContent?.includes('Lidded bin')))).toBe(true)
    }, { on: AUTUMN }))
})

describe('a calm page of a batch', () => {
  it('shows what is asked, the picture, the window and four records first, of every batch', () =>
    walkDemo('phone', '/yard', async (gardener) => {
      const paths = await gardener.page.$$eval('[data-room-place] a', all => all.map(one => one.getAttribute('href')!))
      expect(paths.length).toBeGreaterThan(20)
      for (const path of paths) {
        await gardener.go(path)
        await gardener.page.waitForSelector('[data-part]')
        const { words, numbers, text } = await beforeFold(gardener)
        expect(words, `${path}: ${text}`).toBeLessThanOrEqual(150)
        expect(numbers, `${path}: ${text}`).toBeLessThanOrEqual(25)
        expect((await gardener.page.$$('[data-pad]')).length, path).toBeLessThanOrEqual(4)
        const tops = await gardener.page.evaluate(() =>
          ['[data-asked]', 'input[type="range"], main svg[role="img"]', '[data-pad]', '[data-part]'].map(one =>
            document.querySelector(one)?.getBoundingClientRect().top ?? 0))
        expect([...tops].sort((a, b) => a - b), path).toEqual(tops)
      }
    }, { on: AUTUMN, folded: true }), 240_000)

  it('brings the others out, and keeps open what was opened, on every batch', () =>
    walkDemo('phone', '/batch/demo-apple-bay', async (gardener) => {
      expect(await gardener.shown('[data-log]')).toBe(false)
      await gardener.press('[data-part="log"] button')
      await gardener.page.waitForSelector('[data-log]')
      await gardener.press('[data-something-else]')
      await gardener.page.waitForSelector('[data-pad="note"]')
      await gardener.go('/batch/demo-wall-bay')
      await gardener.page.waitForSelector('[data-log]')
      await gardener.press('[data-part="log"] button')
      await gardener.page.waitForFunction(() => document.querySelector('[data-log]') === null)
    }, { on: AUTUMN, folded: true }))
})

describe('the round on a phone', () => {
  it('has its first task in the upper half, and ticks all that looks fine at once', () =>
    walkDemo('phone', '/', async (gardener) => {
      await gardener.page.waitForSelector('[data-round] ul:not([inert]) [data-task]')
      expect(await gardener.page.$eval('[data-task]', one => one.getBoundingClientRect().top)).toBeLessThan(422)
      const pressing = await gardener.page.$$eval('[data-stop]:not([data-quiet])', all => all.map(one => one.getAttribute('data-stop')))
      await gardener.press('[data-rest-fine]')
      await gardener.see(/The round: all \d+ look fine/)
      await gardener.page.waitForFunction(() => document.querySelector('[data-quiet]') === null)
      const left = await gardener.page.$$eval('[data-stop]', all => all.map(one => one.getAttribute('data-stop')))
      for (const stop of pressing) expect(left).toContain(stop)
      await gardener.press(button('Take back'))
      await gardener.page.waitForSelector('[data-quiet]')
    }, { on: AUTUMN }))
})

const collisions = (gardener: Visit) =>
  gardener.page.evaluate(() => {
    const seen = [...document.querySelectorAll('[data-caption], [data-room-place] a')].filter(one => getComputedStyle(one).opacity !== '0')
    const boxes = seen.map((one) => {
      const range = document.createRange()
      range.selectNodeContents(one)
      return { name: one.textContent?.trim(), box: range.getBoundingClientRect() }
    })
    return boxes.flatMap(({ name, box }, at) =>
      boxes.slice(at + 1)
        .filter(({ box: other }) =>
          box.left < other.right - 1 && other.left < box.right - 1 && box.top < other.bottom - 1 && other.top < box.bottom - 1)
        .map(other => `${name} on ${other.name}`))
  })

describe('the yard', () => {
  it.each([360, 390, 430])('has no name on another, %d px wide, place by place and from above', width =>
    walkDemo('phone', '/yard', async (gardener) => {
      await gardener.page.setViewport({ width, height: 844, isMobile: true, hasTouch: true })
      await gardener.page.waitForSelector('[data-room-place] svg[role="img"]')
      expect(await collisions(gardener)).toEqual([])
      await gardener.press(button('From above'))
      await gardener.page.waitForSelector('[data-place] svg[role="img"]')
      expect(await collisions(gardener)).toEqual([])
      const names = () => gardener.page.$$eval('[data-caption]', all => all.filter(one => getComputedStyle(one).opacity !== '0').length)
      const before = await names()
      expect(before).toBeGreaterThan(5)
      for (let step = 0; step < 3; step++) await gardener.press('[data-larger]')
      await gardener.page.waitForFunction(was =>
        [...document.querySelectorAll('[data-caption]')].filter(one => getComputedStyle(one).opacity !== '0').length > was, {}, before)
      expect(await collisions(gardener)).toEqual([])
    }, { on: AUTUMN }))
})

describe('the plan of the yard', () => {
  it('is enlarged by two fingers', () =>
    walkDemo('phone', '/yard?way=plan', async (gardener) => {
      await gardener.page.waitForSelector('[data-place] svg[role="img"]')
      const frame = (await gardener.page.$('[aria-label="Plan, moved by dragging"]'))!
      await frame.evaluate(one => one.scrollIntoView({ block: 'start', behavior: 'instant' }))
      const { x, y, width } = (await frame.boundingBox())!
      const wide = () => frame.evaluate(one => one.scrollWidth)
      const before = await wide()
      const devtools = await gardener.page.createCDPSession()
      const fingers = (type: 'touchStart' | 'touchMove' | 'touchEnd', apart: number) =>
        devtools.send('Input.dispatchTouchEvent', {
          type,
          touchPoints: type === 'touchEnd' ? [] : [-apart, apart].map((dx, id) => ({ x: x + width / 2 + dx, y: y + 120, id })),
        })
      await fingers('touchStart', 25)
      for (let apart = 30; apart <= 90; apart += 6) await fingers('touchMove', apart)
      await fingers('touchEnd', 0)
      await gardener.page.waitForFunction(
        least => document.querySelector('[aria-label="Plan, moved by dragging"]')!.scrollWidth > least, {}, before * 1.6,
      )
      // The plan grows within its frame: the page stays as wide as the phone.
      expect(await frame.evaluate(one => one.clientWidth)).toBeLessThanOrEqual(390)
      expect(await gardener.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    }, { on: AUTUMN }))
})

describe('one search over everything', () => {
  it('is a key away, finds what was noted and leads to the very entry', () =>
    walkDemo('laptop', '/batch/demo-apple-bay', async (gardener) => {
      await gardener.press('[data-pad="note"]')
      await gardener.type('textarea', 'Grandfather’s fork broke its handle.')
      await gardener.press('form button.strong')
      await gardener.see('noted.')
      await gardener.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
      await gardener.page.keyboard.press('/')
      await gardener.page.waitForSelector('[data-search]')
      await gardener.page.waitForFunction(() => document.activeElement?.hasAttribute('data-search'))
      await gardener.page.keyboard.type('fork handle')
      await gardener.page.waitForSelector('[data-found="log"]')
      await gardener.press('[data-found="log"] a')
      await gardener.page.waitForFunction(() => document.querySelector('[data-entry].bg-elevated')?.textContent?.includes('fork broke'))
      for (const [text, kind] of [['north wall', 'place'], ['leaf mould', 'lot'], ['curing', 'word'], ['straw', 'material'],
        ['slimy', 'sign']]) {
        await gardener.go('/search')
        await gardener.type('[data-search]', text!)
        await gardener.page.waitForSelector(`[data-found="${kind}"]`)
      }
    }, { folded: true }))
})

describe('a plan as a file', () => {
  it('goes to another garden, and what is no plan says so', async () => {
    let file = ''
    await walkDemo('laptop', '/bench', async (gardener) => {
      await gardener.press('::-p-xpath(//summary[contains(., "Plans put aside")])')
      await gardener.press(button('Put aside'))
      await gardener.press('[data-give-plan]')
      for (let attempt = 0; attempt < 40 && (await readdir(gardener.downloads)).length === 0; attempt++) await new Promise(resolve =>
        setTimeout(resolve, 150))
      const [name] = await readdir(gardener.downloads)
      expect(name).toMatch(/\.wastrum-plan\.json$/)
      file = await readFile(join(gardener.downloads, name!), 'utf8')
    })
    await walk('laptop', async (gardener) => {
      await gardener.go('/welcome/own')
      await gardener.press(button('Open my garden'))
      await gardener.press(button('It is all here'))
      await gardener.press(button('That is all'))
      await gardener.press('::-p-xpath(//summary[contains(., "Plans put aside")])')
      const offer = (text: string) =>
        gardener.page.$eval('[data-plan-file]', (field, content) => {
          const carried = new DataTransfer()
          carried.items.add(new File([content], 'plan.json', { type: 'application/json' }));
          (field as HTMLInputElement).files = carried.files
          field.dispatchEvent(new Event('change', { bubbles: true }))
        }, text)
      await offer(file.slice(0, 200))
      await gardener.see('This plan is broken')
      await offer(file)
      await gardener.page.waitForSelector('[data-kept-plan]')
      await gardener.press(button('lay out'))
      await gardener.page.waitForSelector('[data-verdict]')
    })
  })
})
