import { describe, expect, it } from 'vitest'
import { SPRING } from '../clock/days'
import { inTurn } from './support/turns'
import { button, field, visit, walk, walkDemo, type Screen, type Visit } from './support/visit'

const shown = (gardener: Visit, selector: string) => gardener.page.$eval(selector, one => (one as HTMLElement).innerText)

async function benchWith(screen: Screen, ids: readonly string[], amounts: Readonly<Record<string, number>>): Promise<Visit> {
  const gardener = await visit(screen, { on: SPRING, forecasts: true })
  await gardener.go('/')
  await gardener.press(button('Is my pile any good'))
  for (const id of ids) await gardener.press(`[data-material="${id}"]`)
  await gardener.press(button('That is all'))
  for (const [label, count] of Object.entries(amounts)) await gardener.type(field(label), String(count))
  return gardener
}

describe.each<Screen>(inTurn(['phone', 'laptop'], 1))('what it will do, on a %s', (screen) => {
  it('is shown before a fork is lifted, and changes with the day', async () => {
    const gardener = await benchWith(screen, ['leaves-mixed', 'grass-clippings'], { 'sacks of leaves': 16, 'buckets of grass': 48 })
    try {
      await gardener.see(/[Gg]ood mix/)
      await gardener.press('[data-panel="ahead"]')
      await gardener.page.waitForSelector('[data-ahead] dl', { timeout: 30_000 })
      const now = await shown(gardener, '[data-ahead] dl')
      for (const label of ['Hottest', 'Hot days', 'Stands', 'Ready', 'Gives']) expect(now).toContain(label)
      expect(now).toMatch(/\d+–\d+ °C/)
      await gardener.press(button('4 weeks later'))
      await gardener.press(button('4 weeks later'))
      await gardener.page.waitForFunction(
        was =>
          !document.querySelector('[data-ahead] [role="status"]')?.textContent?.includes('Working')
          && (document.querySelector('[data-ahead] dl') as HTMLElement | null)?.innerText !== was,
        { polling: 50, timeout: 30_000 },
        now,
      )
      expect(gardener.complaints).toEqual([])
    }
    finally { await gardener.close() }
  })
})

describe('counsel', () => {
  it('sends most of a pile of leaves to a cage, with amounts, and names a feed', async () => {
    const gardener = await benchWith('phone', ['leaves-mixed', 'coffee-grounds'], {
      'sacks of leaves': 14, 'buckets of coffee grounds': 0.5,
    })
    try {
      await gardener.see(/Not a hot heap yet: cage as leaf mould about \d+½? of the 14 sacks of leaves|[Aa]dd \d+ buckets/)
      await gardener.press('[data-panel="why"]')
      await gardener.see(/a good mix in \d+ of 10 cases, one that works in \d+/)
    }
    finally { await gardener.close() }
  })

  it('of what does not decay says that nothing does, and of ballast that it does not count', async () => {
    const gardener = await benchWith('laptop', ['twigs'], {})
    try {
      await gardener.page.waitForSelector('[data-nothing-decays]')
      await gardener.press(button('Something else'))
      for (const id of ['leaves-mixed', 'grass-clippings']) await gardener.press(`[data-material="${id}"]`)
      await gardener.press(button('That is all'))
      await gardener.press('[data-panel="why"]')
      expect(await shown(gardener, '[data-apart]')).toMatch(/twigs/)
    }
    finally { await gardener.close() }
  })
})

describe('a plan by the layer', () => {
  it('changes the amounts and not the mix, and the sheet has as many layers', async () => {
    const gardener = await benchWith('phone', ['leaves-mixed', 'grass-clippings'], { 'sacks of leaves': 8, 'buckets of grass': 24 })
    try {
      await gardener.see(/[Gg]ood mix/)
      await gardener.press('[data-layer-recipe] summary')
      const layer = async () => [
        await shown(gardener, '[data-layer-recipe] ul'),
        ...await gardener.page.$$eval('[data-layer-recipe] li input', inputs => inputs.map(one => (one as HTMLInputElement).value)),
      ]
      const before = await layer()
      expect(before[0]).toMatch(/sacks? of leaves/)
      expect(before.slice(1).every(cm => Number(cm) > 0)).toBe(true)
      const times = Number(await gardener.page.$$eval('[data-layer-recipe] input', inputs => (inputs.at(-1) as HTMLInputElement).value))
      await gardener.type(field('Laid so many times'), String(times * 2))
      await gardener.page.waitForFunction(
        () =>
          [...document.querySelectorAll('input[inputmode="decimal"]')].some(
            input =>
              document.querySelector(`label[for="${input.id}"]`)?.textContent?.includes('sacks of leaves')
              && (input as HTMLInputElement).value === '16',
          ),
        { polling: 50 },
      )
      expect(await layer()).toEqual(before)
      // Twice as thick is twice as much of it, and nothing else moves.
      await gardener.type(field('Thickness of the grass'), String(2 * Number(before[2])))
      await gardener.page.waitForFunction(
        () =>
          [...document.querySelectorAll('input[inputmode="decimal"]')].some(
            input =>
              document.querySelector(`label[for="${input.id}"]`)?.textContent?.includes('buckets of grass')
              && Math.abs(Number((input as HTMLInputElement).value) - 96) < 4,
          ),
        { polling: 50 },
      )
      await gardener.go('/bench/sheet')
      await gardener.see(`Layer 1 of ${times * 2}`)
      expect(gardener.complaints).toEqual([])
    }
    finally { await gardener.close() }
  })
})

describe('what comes in by the week', () => {
  it('is asked once, kept, and holds what is advised', () => walkDemo('laptop', '/garden', async (gardener) => {
    await gardener.page.waitForSelector('[data-supply]')
    await gardener.type(field('Kitchen scraps'), '48')
    await gardener.see('as you said')
    await gardener.go('/garden')
    await gardener.page.waitForFunction(
      () => [...document.querySelectorAll('[data-supply] input')].some(input => (input as HTMLInputElement).value === '48'),
      { polling: 50 },
    )
  }))
})

describe('warmth by hand', () => {
  it('is recorded with one tap and told as felt', () => walkDemo('phone', '/batch/demo-plum-bay', async (gardener) => {
    await gardener.press('[data-pad="warmth"]')
    await gardener.press(button('Warm like bath water'))
    await gardener.see(/felt by hand, about \d+ °C/)
  }))
})

describe('searching', () => {
  it('finds by everyday words and forgives typing errors', () => walk('laptop', async (gardener) => {
    await gardener.go('/')
    await gardener.press(button('Is my pile any good'))
    for (const [word, id] of [
      ['lawn clippings', 'grass-clippings'], ['toilet roll', 'card-tubes'], ['manuer', 'horse-manure-straw'],
    ] as const) {
      await gardener.type('input[type="search"]', word)
      await gardener.page.waitForSelector(`[data-material="${id}"]`)
    }
  }))
})
