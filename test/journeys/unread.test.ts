import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { walk, type Screen } from './support/visit'

/** A disk without room: nothing of the garden can be read until there is some again. */
function noRoom(): void {
  const real = IDBDatabase.prototype.transaction
  Object.assign(globalThis, { isFull: true })
  IDBDatabase.prototype.transaction = function (...given: Parameters<IDBDatabase['transaction']>) {
    if ((globalThis as { isFull?: boolean }).isFull) throw new DOMException('Internal error', 'UnknownError')
    return real.apply(this, given)
  }
}

describe.each<Screen>(inTurn(['phone', 'laptop'], 3))('a garden that the browser cannot read, on a %s', (screen) => {
  it('is said to be unread, never shown empty, and is there when there is room again', () =>
    walk(screen, async (gardener) => {
      await gardener.go('/welcome/demo')
      await gardener.see('Apple bay')
      await gardener.page.evaluateOnNewDocument(noRoom)
      await gardener.page.reload()
      await gardener.see('Your garden is not shown just now')
      expect(await gardener.text()).not.toContain('Nothing is standing')
      await gardener.page.evaluate(() => Object.assign(globalThis, { isFull: false }))
      await gardener.press('[data-unread] .strong')
      await gardener.see('Apple bay')
    }))
})
