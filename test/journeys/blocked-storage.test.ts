import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { walk, type Screen } from './support/visit'

/** A browser that blocks site data throws at whoever only asks for these. */
function block(): void {
  for (const name of ['localStorage', 'sessionStorage'] as const)
    Object.defineProperty(window, name, { get: () => { throw new DOMException('blocked', 'SecurityError') } })
}

describe.each<Screen>(inTurn(['phone', 'laptop'], 2))('where site data is blocked, on a %s', (screen) => {
  it('every page is drawn', () =>
    walk(screen, async (gardener) => {
      await gardener.page.evaluateOnNewDocument(block)
      await gardener.go('/welcome/demo')
      await gardener.see('Apple bay')
      for (const path of ['/', '/bench', '/store', '/yard', '/beds', '/garden', '/batch/demo-apple-bay']) {
        await gardener.go(path)
        expect((await gardener.page.$$('h1')).length, path).toBe(1)
      }
    }))
})
