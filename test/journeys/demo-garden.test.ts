import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startServer, type RunningServer } from './support/server'
import { button, visit, type Screen } from './support/visit'

let server: RunningServer
beforeAll(async () => { server = await startServer() })
afterAll(() => server.stop())

describe.each<Screen>(['laptop', 'phone'])('the demo garden on a %s', (screen) => {
  it('shows a heap going well, one that stays cool and one that is ready, and leaves no trace', async () => {
    const gardener = await visit(server.url, screen)
    try {
      await gardener.go('/')
      await gardener.press(button('Look around a demo garden'))
      await gardener.see('Find out why it stays cool')
      for (const seen of ['Apple bay', 'Hot', 'Wall bay', 'Not heating', 'Shed ring', 'Curing', 'Spoils in the store']) await gardener.see(seen)
      await gardener.press('[data-task="turned"] button')
      await gardener.see('turned.')
      await gardener.press(button('Take back'))
      await gardener.page.waitForSelector('[data-task="turned"]')
      await gardener.press(button('Leave it'))
      await gardener.press(button('Leave the demo garden'))
      await gardener.see('Is my pile any good?')
      await gardener.page.waitForFunction(async () => (await indexedDB.databases()).length === 0)
      const kept = await gardener.page.evaluate(() => Object.keys(localStorage).filter(key => key.startsWith('wastrum')))
      expect(kept).toEqual([])
      expect(gardener.complaints).toEqual([])
    }
    finally { await gardener.close() }
  })
})

describe('units', () => {
  it('switch at any moment and never change what was recorded', async () => {
    const gardener = await visit(server.url, 'laptop')
    try {
      await gardener.go('/welcome/demo')
      await gardener.see('Apple bay')
      await gardener.go('/batch/demo-apple-bay')
      await gardener.see('Core 57 °C, edge')
      await gardener.go('/garden')
      await gardener.press(button('Gallons, inches'))
      await gardener.page.waitForFunction(() => [...document.querySelectorAll('input')].some(({ value }) => value === '3.17'))
      await gardener.go('/batch/demo-apple-bay')
      await gardener.see('Core 135 °F, edge')
      await gardener.go('/garden')
      await gardener.press(button('Litres, cm'))
      await gardener.go('/batch/demo-apple-bay')
      await gardener.see('Core 57 °C, edge')
      expect(gardener.complaints).toEqual([])
    }
    finally { await gardener.close() }
  })
})
