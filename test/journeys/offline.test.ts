import { describe, expect, it } from 'vitest'
import { startServer } from './support/server'
import { inTurn } from './support/turns'
import { button, field, visit, type Screen } from './support/visit'

describe.each<Screen>(inTurn(['phone', 'laptop'], 1))('without a server, on a %s', (screen) => {
  it('opens, records, says what it cannot reach, and has everything when the server is back', async () => {
    const first = await startServer()
    const port = Number(new URL(first.url).port)
    let gone = false
    const gardener = await visit(screen, { home: first.url, serverGone: () => gone, keepsItself: true })
    try {
      await gardener.go('/welcome/demo')
      await gardener.see('Apple bay')
      await gardener.page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
      await gardener.page.waitForFunction(() => navigator.serviceWorker.controller !== null)

      await first.stop()
      gone = true
      await gardener.go('/')
      await gardener.see('No weather from here')
      await gardener.press('[data-task="reading"] button')
      await gardener.press(button('Ask the made-up probe'))
      await gardener.see('cannot be reached')
      await gardener.type(field('Core'), '52')
      await gardener.press(button('Record the heat'))
      await gardener.see('core 52 °C')
      // A page not seen before opens as well.
      await gardener.go('/store')
      await gardener.see('buckets of grass')
      await gardener.go('/bench')
      await gardener.see('The balance')
      // The solver works without a network too.
      await gardener.press(button('Balance it for me'))
      await gardener.page.waitForSelector('[data-answer]')

      const second = await startServer(port)
      gone = false
      try {
        await gardener.go('/yard')
        await gardener.press(button('Wall bay'))
        await gardener.go('/')
        await gardener.see(screen === 'phone' ? /today .*°C, (dry|.*mm)/ : 'Made-up weather')
        const readings = await gardener.page.evaluate(async () => {
          const opened = await new Promise<IDBDatabase>((resolve) => {
            const request = indexedDB.open('wastrum-demo')
            request.onsuccess = () => resolve(request.result)
          })
          return new Promise<number>((resolve) => {
            const all = opened.transaction('events').objectStore('events').getAll()
            all.onsuccess = () =>
              resolve(
                (all.result as { values?: { spot: string, value: number }[], by: string }[]).filter(
                  ({ values, by }) => by === 'demo-visitor' && values?.some(({ spot, value }) => spot === 'core' && value === 52),
                ).length,
              )
          })
        })
        expect(readings).toBe(1)
      }
      finally { await second.stop() }
      expect(gardener.complaints).toEqual([])
    }
    finally { await gardener.close() }
  })
})
