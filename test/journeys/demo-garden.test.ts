import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { button, walk, walkDemo, type Screen } from './support/visit'

describe.each<Screen>(inTurn(['phone', 'laptop'], 0))('the demo garden on a %s', (screen) => {
  it('shows a heap going well, one that stays cool and one that is ready, and leaves no trace', () => walk(screen, async (gardener) => {
    await gardener.go('/')
    await gardener.press(button('Look around a demo garden'))
    await gardener.see('Find out why it stays cool')
    for (const seen of ['Apple bay', 'Hot', 'Wall bay', 'Not heating', 'Shed ring', 'Curing', 'Spoils in the store'])
      await gardener.see(seen)
    await gardener.press('[data-task="turned"] button')
    await gardener.see(/: turned|turned\./)
    await gardener.press(button('Take back'))
    await gardener.page.waitForSelector('[data-task="turned"]')
    await gardener.press(button('Leave the demo'))
    await gardener.press(button('Leave the demo garden'))
    await gardener.see('Is my pile any good?')
    await gardener.page.waitForFunction(async () => (await indexedDB.databases()).length === 0)
    const kept = await gardener.page.evaluate(() => Object.keys(localStorage).filter(key => key.startsWith('wastrum')))
    expect(kept).toEqual([])
  }, { folded: true }))
})

describe('taking back', () => {
  it('a start puts the ingredients on the bench and the stock into the store again', () =>
    walkDemo('phone', '/bench/sheet', async (gardener) => {
      await gardener.press(button('It is built: start it'))
      await gardener.see('Pallet bay is standing.')
      await gardener.press(button('Take back'))
      await gardener.see('The bench')
      await gardener.see('packed · 320 L')
      await gardener.go('/store')
      await gardener.see(/6 sacks\s+of leaves, packed/)
    }))

  it('what happened earlier is recorded for when it was', () => walkDemo('laptop', '/batch/demo-plum-bay', async (gardener) => {
    const turns = (await gardener.text()).match(/Turned\./g)?.length ?? 0
    await gardener.press('[data-pad="turned"]')
    await gardener.press(button('another day'))
    const twoDaysAgo = new Date(Date.now() - 2 * 86_400_000)
    await gardener.page.$eval('input[type="datetime-local"]', (one, value) => {
      (one as HTMLInputElement).value = value
      one.dispatchEvent(new Event('input', { bubbles: true }))
    }, `${twoDaysAgo.toISOString().slice(0, 10)}T07:15`)
    await gardener.press('::-p-xpath(//div[contains(@class, "border-l-4")]//button[contains(., "Turned")])')
    await gardener.see('Plum bay: turned')
    await gardener.see(', 07:15')
    expect((await gardener.text()).match(/Turned\./g)?.length).toBe(turns + 1)
  }))
})

describe('units', () => {
  it('switch at any moment and never change what was recorded', () => walkDemo('laptop', '/batch/demo-apple-bay', async (gardener) => {
    await gardener.see(/Core \d+ °C, edge/)
    const celsius = Number(/Core (\d+) °C, edge/.exec(await gardener.text())![1])
    await gardener.go('/garden')
    await gardener.press(button('Gallons, inches'))
    await gardener.page.waitForFunction(() => [...document.querySelectorAll('input')].some(({ value }) => value === '3.17'))
    await gardener.go('/batch/demo-apple-bay')
    await gardener.see(`Core ${Math.round(celsius * 1.8 + 32)} °F, edge`)
    await gardener.go('/garden')
    await gardener.press(button('Litres, cm'))
    await gardener.go('/batch/demo-apple-bay')
    await gardener.see(`Core ${celsius} °C, edge`)
  }))
})
