import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { button, field, walk, walkOwn, type Screen, type Visit } from './support/visit'

const told = (gardener: Visit, selector: string) =>
  gardener.page.$eval(selector, one => (one as HTMLElement).innerText.replace(/\u00A0/g, ' '))

async function foam(gardener: Visit, cm: number): Promise<void> {
  await gardener.press('[data-pad="foam"]')
  await gardener.type(field('Height of the foam'), String(cm))
  await gardener.press(button('Record the foam'))
  await gardener.see(new RegExp(`Foam ${cm} cm\\.`))
}

describe.each<Screen>(inTurn(['phone', 'laptop'], 1))('on a %s', (screen) => {
  it(
    'a starter is set up, its foam is measured five times, its height is called, and it is thinned for two beds',
    () =>
      walkOwn(
        screen,
        async (gardener) => {
          await gardener.press('[data-another-method]')
          await gardener.press('[data-method="brew"]')
          await gardener.press(button('In a warm room'))
          await gardener.see(/foam at its height in about [45] days/)
          await gardener.press(button('Recipe'))
          await gardener.see('Lid loose: closed tight it can burst.')
          await gardener.see(/g of leaf mould with white threads/)
          await gardener.type(field('Name'), 'Porch bucket')
          await gardener.press(button('It is set up: start it'))
          await gardener.see(/Just begun\. 0 hours in a warm room/)
          await gardener.see('Onto beds: Not before its height')

          for (const [days, cm] of [[1, 1], [1, 2.5], [1, 5], [0.7, 7], [0.6, 6.5]] as const) {
            await gardener.daysLater(days)
            await foam(gardener, cm)
          }
          await gardener.page.waitForFunction(
            () => document.querySelector('[data-window-story]') !== null && document.querySelector('progress') === null,
            { timeout: 60_000 },
          )
          await gardener.see('At its best: use it.')
          await gardener.see('Use it now')
          expect(await gardener.shown('[data-gate]')).toBe(false)

          for (const [bed, size, said] of [
            ['Bean bed', 30, '1.9 L in 3 cans (30 L), 1 to 15.'], ['Leek bed', 15, '0.9 L in 1½ cans (15 L), 1 to 15.'],
          ] as const) {
            await gardener.press('[data-pad="given"]')
            await gardener.type(field('Which bed'), bed)
            await gardener.type(field('Its size'), String(size))
            expect(await told(gardener, '[data-dilution]')).toBe(said)
            await gardener.press('::-p-xpath(//form//button[normalize-space(.)="Given"])')
            await gardener.see(new RegExp(`L to ${bed} of ${size} m²`))
          }
          await gardener.see(/Left\s+7\.9 L/)
          await gardener.press(button('Take it out'))
          await gardener.press(button('it is empty'))
          await gardener.press('form button.strong')
          await gardener.see('Taken out: nothing kept.')
          await gardener.go('/')
          await gardener.see('Nothing is standing yet')
        }, { forecasts: true }), 180_000)
})

describe('in the demo garden', () => {
  it('a foul tub goes onto the heap and not onto beds', () => walk('phone', async (gardener) => {
    await gardener.go('/welcome/demo')
    await gardener.see('Pour it on the heap')
    await gardener.press('::-p-xpath(//li[contains(., "Comfrey tub")]//a[contains(., "Pour it away")])')
    await gardener.see('not into a drain or a pond')
    await gardener.type('[data-output="brew-solids"] input[inputmode="decimal"]', '2')
    await gardener.press(button('it is empty'))
    await gardener.press(button('Into the store with it'))
    await gardener.see(/Taken out: 2 buckets of strained solids/)
    await gardener.go('/store')
    await gardener.see(/strained|Solids/i)
  }), 120_000)
})
