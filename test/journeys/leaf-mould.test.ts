import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { button, chooseOnOwnBench, field, walk, type Screen, type Visit } from './support/visit'

const told = (gardener: Visit, selector: string) =>
  gardener.page.$eval(selector, one => (one as HTMLElement).innerText.replace(/\u00A0/g, ' '))
const strong = '::-p-xpath(//div[contains(@class, "border-l-4")]//button[contains(@class, "strong")])'

/** Chooses leaf mould on an own garden's bench and says how many sacks of leaves there are. */
async function planCage(gardener: Visit, sacks: number): Promise<void> {
  await chooseOnOwnBench(gardener)
  await gardener.press('[data-method="leafmould"]')
  await gardener.press(button('Pick what you have'))
  await gardener.press('[data-material="leaves-mixed"]')
  await gardener.press(button('That is all'))
  await gardener.type('input[inputmode="decimal"]', String(sacks))
}

async function fill(gardener: Visit, sacks: number): Promise<void> {
  await gardener.press('[data-pad="filled"]')
  await gardener.press(button('What was filled in?'))
  await gardener.press('[data-material="leaves-mixed"]')
  await gardener.type(field('How many'), String(sacks))
  await gardener.press(strong)
}

describe.each<Screen>(inTurn(['phone', 'laptop'], 0))('on a %s', (screen) => {
  it(
    'a cage is planned, filled twice, watered, looked into, harvested in three streams, and its overs go into the next',
    () =>
      walk(
        screen,
        async (gardener) => {
          await planCage(gardener, 9)
          await gardener.see(/Potting mould in about \d+ to \d+ months/)
          expect(await told(gardener, '[data-draft]')).toMatch(/It takes today\s+9¾ sacks/)
          expect(await told(gardener, '[data-draft]')).toMatch(/Water to wet it through\s+4 cans/)
          expect((await gardener.page.$$('[data-gift]')).length).toBe(3)
          await gardener.press(button('Steps and sheet'))
          await gardener.see('Roadside leaves carry litter')
          await gardener.type(field('Name'), 'Beech cage')
          await gardener.press(button('It is filled: start it'))
          await gardener.see('Beech cage is standing')
          await gardener.see(/Settling\. Day 0/)
          await gardener.see(/Filled with 9 sacks of leaves, with 41 L of water/)

          await gardener.daysLater(22)
          await gardener.see('Fill it up again')
          await fill(gardener, 5)
          await gardener.see(/Filled again with 5 sacks of leaves\./)
          await gardener.press('[data-pad="watered"]')
          await gardener.press(strong)
          await gardener.see(/Watered: 1 can/)

          await gardener.daysLater(300)
          await gardener.press('[data-pad="look"]')
          await gardener.press(button('Crumbles, bits left'))
          await gardener.see('Sieve it for potting mixes')
          await gardener.page.waitForFunction(
            () => document.querySelector('[data-window-story]') !== null && document.querySelector('progress') === null,
            { timeout: 60_000 },
          )
          await gardener.press('::-p-xpath(//summary[normalize-space()="What else comes"])')
          await gardener.see(/Mulch, as far as can be told, since/)

          await gardener.press(button('Take some out'))
          await gardener.see('Hedgehogs and toads winter in leaves')
          for (const [material, buckets] of [['leaves-half-rotted', 4], ['leaf-mould-coarse', 3], ['leaf-mould', 2]] as const)
            await gardener.type(`[data-output="${material}"] input[inputmode="decimal"]`, String(buckets))
          await gardener.press(button('Into the store with it'))
          await gardener.see(/Taken out: 4 buckets of half-rotted leaves, 3 buckets of coarse leaf mould, 2 buckets of leaf mould/)
          await gardener.see(/Beech cage: 108 L taken out/)

          // The raw outside of the old cage goes into the next one, out of the store.
          await gardener.go('/bench')
          await gardener.press(button('Pick what you have'))
          await gardener.press('[data-material="leaves-half-rotted"]')
          await gardener.press(button('That is all'))
          await gardener.type('input[inputmode="decimal"]', '4')
          await gardener.press(button('Steps and sheet'))
          await gardener.type(field('Name'), 'Next cage')
          await gardener.press(button('It is filled: start it'))
          await gardener.see(/Filled with 4 buckets of half-rotted leaves/)
          await gardener.go('/store')
          expect(await gardener.text()).not.toMatch(/half-rotted|half rotted/i)
          await gardener.go('/years')
          await gardener.see('Leaf mould over the years')
          expect((await gardener.page.$$('[data-pipeline] li svg')).length).toBeGreaterThanOrEqual(4)
        }, { forecasts: true }), 180_000)
})

describe('in the demo garden', () => {
  it('a dry cage says so, why, and how much water brings it back; one tap records it', () => walk('laptop', async (gardener) => {
    await gardener.go('/welcome/demo')
    await gardener.see('Eaves cage')
    await gardener.go('/batch/demo-eaves-cage')
    await gardener.see('Too dry to rot.')
    await gardener.press(button('What is wrong?'))
    await gardener.press(button('Dry inside'))
    expect(await told(gardener, '[data-cause]')).toMatch(/It is too dry.*very likely/s)
    await gardener.press('[data-cause="dry"] button')
    await gardener.see(/Watered: [\d¼½¾]+ cans/)
    await gardener.see('Forked over, the outside to the inside.')
    expect(await gardener.text()).not.toMatch(/Too dry to rot\./)
    await gardener.go('/batch/demo-eaves-cage/label')
    expect(await told(gardener, '[data-label]')).toMatch(/Eaves cage.*Leaf mould, begun.*Oak/s)
  }), 120_000)
})
