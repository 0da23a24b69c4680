import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { button, walk, walkDemo, type Screen } from './support/visit'

describe.each<Screen>(inTurn(['phone', 'laptop'], 1))('the gardener\'s own stuff on a %s', (screen) => {
  it('who has a lidded bin and scraps that come bit by bit is led to a slow heap, and told why not worms', () =>
    walk(screen, async (gardener) => {
      await gardener.go('/')
      // Three taps to the answer, one more to what it is fed.
      await gardener.press('[data-way^="/begin"]')
      for (const said of ['in a lidded bin', 'kitchen scraps']) await gardener.press(button(said))
      const told = () => gardener.page.$eval('[data-chosen-for-me]', one => (one as HTMLElement).innerText)
      await gardener.page.waitForFunction(() => document.querySelector('#answer')?.textContent?.trim() === 'Slow heap')
      expect(await told()).toMatch(/is filled bit by bit, stands in a lidded bin, lives on kitchen scraps/)
      expect(await gardener.shown('[data-chosen-for-me] svg[role="img"]')).toBe(true)
      await gardener.press('[data-other-way]')
      await gardener.see(/does not stand in a lidded bin/)
      await gardener.press(button('slow heap'))
      await gardener.press('[data-begin]')
      await gardener.see('Slow heap ·')
      const chosen = await gardener.page.$$eval('button[aria-pressed="true"]', all => all.map(one => one.textContent ?? ''))
      expect(chosen.some(one => one.includes('Lidded bin'))).toBe(true)
    }))

  it('a bin for worms takes straw beside what is proposed, line by line', () =>
    walkDemo(screen, '/bench', async (gardener) => {
      await gardener.press('[data-another-method]')
      await gardener.press('[data-method="worms"], [data-method="worm-bin"]')
      await gardener.press(button('Something else'))
      await gardener.press('[data-material="straw-wheat"]')
      await gardener.press(button('That is all'))
      const lines = await gardener.page.$$eval('label', labels => labels.map(one => one.textContent?.trim() ?? ''))
      expect(lines.filter(line => /^sacks? of straw$/.test(line))).toHaveLength(1)
    }))

  it('a soak begins with the char that lies there, and takes compost beside castings', () =>
    walkDemo(screen, '/bench', async (gardener) => {
      await gardener.press('[data-another-method]')
      await gardener.press('[data-method="char-charging"]')
      await gardener.press(button('Something else'))
      await gardener.press('[data-material="compost-finished"]')
      await gardener.press(button('That is all'))
      await gardener.see(/of castings, .* of compost/)
      const lines = await gardener.page.$$eval('label', labels => labels.map(one => one.textContent?.trim() ?? ''))
      expect(lines.filter(line => /of (castings|compost|crushed char|coarse char)$/.test(line)).length).toBeGreaterThanOrEqual(3)
    }))

  it('a brew has a page for what may be wrong with it', () =>
    walkDemo(screen, '/batch/demo-forest-bucket/wrong', async (gardener) => {
      await gardener.press(button('Nothing moves'))
      await gardener.see(/Too cold|It has hardly begun/)
    }))
})
