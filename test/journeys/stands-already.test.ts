import { describe, expect, it } from 'vitest'
import { AUTUMN } from '../clock/days'
import { inTurn } from './support/turns'
import { button, field, walk, type Screen, type Visit } from './support/visit'

const inForm = (label: string) =>
  `::-p-xpath(//form[@data-stands-form]//*[self::button or self::summary][contains(normalize-space(.), "${label}")])`
/** The nth "about so long" of the form: since when, and then whatever was asked beside it. */
const sinceOf = (nth: number) => `(//form[@data-stands-form]//*[@data-since])[${nth}]`

async function about(gardener: Visit, count: number, unit: 'weeks' | 'months' | 'years', nth = 1): Promise<void> {
  await gardener.type(`::-p-xpath(${sinceOf(nth)}//input[@inputmode="decimal"])`, String(count))
  await gardener.press(`::-p-xpath(${sinceOf(nth)}//button[normalize-space(.)="${unit}"])`)
}
async function begin(gardener: Visit, methodId: string): Promise<void> {
  await gardener.press(`[data-stands="${methodId}"]`)
}
async function itStands(gardener: Visit, count: number): Promise<void> {
  await gardener.press('[data-note-it]')
  await gardener.page.waitForFunction(wanted => document.querySelectorAll('[data-entered]').length === wanted, {}, count)
}
const pageOf = (gardener: Visit, name: string) =>
  gardener.page.$$eval('[data-entered] a', (links, wanted) =>
    links.find(link => link.textContent?.trim() === wanted)?.getAttribute('href') ?? '', name)

/** A cage of fourteen months, taken from once, crumbling; a hot heap of five weeks that was read once; a bay of eight months. */
async function enterThree(gardener: Visit): Promise<void> {
  await begin(gardener, 'hot-heap')
  await about(gardener, 5, 'weeks')
  await gardener.type(field('Height now'), '70')
  await gardener.press(inForm('How it is today'))
  await gardener.type(field('Read once'), '48')
  await about(gardener, 2, 'weeks', 2)
  await itStands(gardener, 1)
  await begin(gardener, 'slow-heap')
  await about(gardener, 8, 'months')
  await gardener.type(field('Height now'), '60')
  await itStands(gardener, 2)
  await begin(gardener, 'leafmould')
  await about(gardener, 14, 'months')
  await gardener.type(field('Height now'), '45')
  await gardener.press(inForm('How it is today'))
  await gardener.press(inForm('Crumbles, bits left'))
  await gardener.type(field('Taken out of it since'), '60')
  await about(gardener, 6, 'months', 2)
  await itStands(gardener, 3)
}

async function openGarden(gardener: Visit): Promise<void> {
  await gardener.go('/welcome/own')
  await gardener.press('[data-stands-already]')
  await gardener.see('What stands here?')
}

describe.each<Screen>(inTurn(['phone'], 0))('a garden that is there already, on a %s', (screen) => {
  it('is entered as it stands: seven things on a first afternoon', () => walk(screen, async (gardener) => {
    await openGarden(gardener)
    await enterThree(gardener)
    await begin(gardener, 'worm-bin')
    await about(gardener, 2, 'years')
    await itStands(gardener, 4)
    await begin(gardener, 'mulching')
    await gardener.press(inForm('a season'))
    await gardener.press(inForm('spring 2026'))
    await gardener.type('::-p-xpath(//form[@data-stands-form]//input[@id=//label[contains(., " now")]/@for])', '4')
    await itStands(gardener, 5)
    await begin(gardener, 'brew')
    await gardener.press(inForm('the day'))
    await gardener.page.$eval('[data-stands-form] input[type="date"]', (one) => {
      (one as HTMLInputElement).value = '2026-11-25'
      one.dispatchEvent(new Event('input', { bubbles: true }))
    })
    await itStands(gardener, 6)
    // Charged char, dug in two autumns ago.
    await gardener.press('[data-stands="bed"]')
    await gardener.type(field('What the bed is called'), 'Long bed')
    await gardener.press(button('Keep the bed'))
    await gardener.press('::-p-xpath(//section[@aria-labelledby="beds-had"]//button[contains(., "Long bed")])')
    await gardener.page.select('[data-had-before] select', 'char-charged')
    await gardener.type('::-p-xpath(//form[@data-had-before]//*[@data-since]//input[@inputmode="decimal"])', '2')
    await gardener.press('::-p-xpath(//form[@data-had-before]//button[normalize-space(.)="years"])')
    await gardener.press(button('It had that'))
    await gardener.see(/Long bed had 50 L of charged char/)

    const cage = await pageOf(gardener, 'Wire cage')
    await gardener.go(cage)
    await gardener.see(/Potting mould\.\s+About 14 months in: .*, about (half|two thirds) rotted away/)
    // Fine mould is to come within this coming year.
    await gardener.see(/Fine mould[\s\S]{0,120}2027/)
    await gardener.see(/It stood already, since some time between July 2025 and November 2025/)
    await gardener.see(/Taken out: 60 litres/)
    await gardener.go('/yard')
    await gardener.see(/Pallet bay[\s\S]*Boarded bay|Boarded bay[\s\S]*Pallet bay/)
    await gardener.go('/')
    await gardener.see(/Today's round/)
    // Nothing is late on the day on which it is written down.
    expect(await gardener.text()).not.toMatch(/since \d+ \w+ 2025: (water|squeeze)/i)
  }, { on: AUTUMN }))
})

describe.each<Screen>(inTurn(['laptop'], 0))('two that stand, on a %s', (screen) => {
  it('are joined into one, and after a hundred days the round begins with a catch-up', () => walk(screen, async (gardener) => {
    await openGarden(gardener)
    await enterThree(gardener)
    const [heap, bay] = [await pageOf(gardener, 'Pallet bay'), await pageOf(gardener, 'Boarded bay')]
    await gardener.go(`${heap}/finish`)
    await gardener.press(button('onto another that stands'))
    await gardener.press('::-p-xpath(//form[@data-join-form]//button[contains(., "Boarded bay")])')
    await gardener.press(button('Onto it with it'))
    await gardener.see(/of Pallet bay onto Boarded bay/)
    await gardener.see(/Pallet bay came onto it: [\d,]+ litres of half-rotted heap/)
    await gardener.go(heap)
    await gardener.see(/Joined\.\s+All of it went onto another/)
    await gardener.see('All of it onto Boarded bay')

    await gardener.go('/')
    await gardener.daysLater(100)
    await gardener.see('Since you were here last')
    expect(await gardener.shown('[data-round] [aria-labelledby="today"]')).toBe(false)
    await gardener.see(/Boarded bay[\s\S]*First: /)
    await gardener.press('[data-nothing-done]')
    await gardener.see(/Today's round/)
    const asked = await gardener.page.$$eval('[data-round] section[aria-labelledby="today"] [data-task]', all => all.length)
    expect(asked).toBeLessThanOrEqual(4)
    await gardener.press(button('Take back'))
    await gardener.see('Since you were here last')
    await gardener.press('[data-as-usual]')
    await gardener.see('Written down as usual for the time between.')
    await gardener.go(bay)
    await gardener.see(/Boarded bay/)
  }, { on: AUTUMN }))

  it('are left with the garden when their gardener moves, with all that was written down', () => walk(screen, async (gardener) => {
    await openGarden(gardener)
    await begin(gardener, 'slow-heap')
    await about(gardener, 8, 'months')
    await itStands(gardener, 1)
    const bay = await pageOf(gardener, 'Boarded bay')
    await gardener.go('/garden')
    await gardener.press('[data-close-garden]')
    await gardener.press('[data-close-now]')
    await gardener.see('Everything has an answer already')
    await gardener.press(button('Open my garden'))
    await gardener.go('/years')
    await gardener.see('left with the garden before')
    await gardener.go(bay)
    await gardener.see('Left where it stood, with the garden.')
    await gardener.see(/It stood already, since some time between/)
  }, { on: AUTUMN }))
})
