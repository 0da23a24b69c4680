import { describe, expect, it } from 'vitest'
import { AUTUMN } from '../clock/days'
import { inTurn } from './support/turns'
import { button, field, walkOwn, type Screen, type Visit } from './support/visit'

/** All of it is done late in autumn: in summer nobody builds a hotbed. */
const inAutumn = (screen: Screen, work: (gardener: Visit) => Promise<void>) => walkOwn(screen, work, { on: AUTUMN })
const plan = async (gardener: Visit, method: string) => {
  await gardener.go('/bench')
  if (!await gardener.shown(`[data-method="${method}"]`)) await gardener.press('[data-another-method]')
  await gardener.press(`[data-method="${method}"]`)
}
const exactly = (label: string) => `::-p-xpath(//button[normalize-space(.)="${label}"])`
const PIECE_FIELDS = ['Boxes', 'long', 'wide']
const inPiece = (at: number, label: string) => `[data-pieces] li:nth-child(${at}) > div:nth-child(${PIECE_FIELDS.indexOf(label) + 1}) input`
const record = (label: string) => `::-p-xpath(//form//button[normalize-space(.)="${label}"])`
const finding = (gardener: Visit, pad: string, said: string) =>
  gardener.press(`[data-pad="${pad}"]`).then(() => gardener.press(button(said)))
const count = (gardener: Visit, selector: string) => gardener.page.$$eval(selector, all => all.length)

async function fromTheEnd(gardener: Visit): Promise<void> {
  await gardener.press(button('It is over'))
  await gardener.press(record('Over'))
}

/** A lawn becomes a bed under odd boxes: laid out, gathered, laid, wetted, looked under, planted, kept. */
async function lawnIntoBed(gardener: Visit): Promise<void> {
  await plan(gardener, 'card-sheet')
  await gardener.see(/It takes 43 boxes of 80 × 60 cm/)
  await gardener.press(button('any outline'))
  expect(await gardener.shown('[data-outline]')).toBe(true)
  // The corner at the back right is pulled in: the ground is smaller.
  await gardener.press('[data-corner="3"]')
  await gardener.type(field('Corner 3, to the right'), '250')
  await gardener.see('9.8 m²')
  await gardener.press('[data-add-piece="card"]')
  await gardener.type(inPiece(1, 'Boxes'), '9')
  await gardener.type(inPiece(1, 'long'), '120')
  await gardener.type(inPiece(1, 'wide'), '80')
  await gardener.press('[data-add-piece="card"]')
  await gardener.type(inPiece(2, 'Boxes'), '4')
  await gardener.see(/Your pieces cover \d+ of \d+ places: \d+ boxes of .* are missing/)
  expect(await count(gardener, '[data-sheet="missing"]')).toBeGreaterThan(0)
  await gardener.press('[data-collect]')
  await gardener.see('Put something in')
  await gardener.see(/box(es)? opened flat, 120 × 80 cm/)
  await gardener.go('/bench')
  await gardener.type(inPiece(1, 'Boxes'), '20')
  await gardener.see(/Your pieces are enough/)
  expect(await count(gardener, '[data-sheet="missing"]')).toBe(0)
  await gardener.press(button('Order of work'))
  await gardener.see(/Soak the card half an hour/)
  await gardener.see('no tape, no labels')
  await gardener.type(field('Name'), 'New corner')
  await gardener.press(button('It lies: start it'))
  await gardener.see('In the dark')

  await gardener.daysLater(20)
  await finding(gardener, 'card', 'Pale, stiff')
  await gardener.go('/')
  await gardener.see('Wet the card again')
  await gardener.press('::-p-xpath(//li[contains(., "New corner")]//a)')
  await gardener.press('[data-pad="watered"]')
  await gardener.type(field('cans of 10 L'), '6')
  await gardener.press(record('Watered'))
  await finding(gardener, 'card', 'Torn or blown off')
  await gardener.see('There is a gap')
  await gardener.press('[data-pad="mended"]')
  await gardener.press(record('Mended'))
  await gardener.daysLater(190)
  await finding(gardener, 'below', 'Crumb and worms')
  await gardener.see('Plant it')
  await gardener.press('[data-pad="planted"]')
  await gardener.type(field('What was planted'), 'pumpkins')
  await gardener.press(record('Planted'))
  await gardener.see('Planted with pumpkins.')
  await gardener.press('[data-becomes-bed]')
  await gardener.see('The beds')
  expect(await gardener.shown('[data-bed="New corner"]')).toBe(true)
  await gardener.see('9.8 m²')
}

/** A bed is mulched load by load, and topped up twice. */
async function mulchedTwice(gardener: Visit): Promise<void> {
  await plan(gardener, 'mulching')
  await gardener.press(exactly('Green and dry'))
  await gardener.press(exactly('vegetables'))
  await gardener.see('Slugs live under it')
  await gardener.press(button('Steps and sheet'))
  await gardener.see(/4 barrows/)
  await gardener.type(field('Name'), 'Bean rows')
  await gardener.press(button('Begin it'))
  await gardener.see('To be spread')
  const spread = async (barrows: string) => {
    // It opens as it usually is: a barrow of grass.
    await gardener.press('[data-pad="load"]')
    await gardener.type(field('How many'), barrows)
    await gardener.press(record('Spread'))
  }
  await spread('1')
  await gardener.see('Being spread')
  await spread('2.5')
  await gardener.see('Covered')
  for (const time of ['once', '2 times']) {
    await gardener.daysLater(120)
    await gardener.see('Thin')
    await gardener.go('/')
    await gardener.see(/Top it up: /)
    await gardener.press('::-p-xpath(//li[contains(., "Bean rows")]//a)')
    await spread('4')
    await gardener.see(`topped up ${time}`)
  }
  await finding(gardener, 'under', 'Slugs, their eggs')
  await gardener.go('/')
  await gardener.see('Draw it back from what they eat')
  await gardener.press('::-p-xpath(//li[contains(., "Bean rows")]//a)')
  await gardener.press(button('What is wrong?'))
  await gardener.see('It shelters slugs')
  await gardener.go('/yard')
  await gardener.press('::-p-xpath(//a[contains(., "Bean rows")])')
  await fromTheEnd(gardener)
  await gardener.see('What there was has gone into the soil')
}

/** A hotbed from an empty store: reckoned back, gathered, built in a day, read, sown, aired, harvested, taken as compost. */
async function hotbedToCompost(gardener: Visit): Promise<void> {
  await plan(gardener, 'hotbed')
  await gardener.see(/To gather/)
  await gardener.see(/3\d barrows/)
  await gardener.press('[data-collect]')
  await gardener.see('Put something in')
  await gardener.see('horse manure')
  await gardener.go('/bench')
  await gardener.press('[data-lay]')
  await gardener.see(/Built on .* it can be sown from about/)
  await gardener.see('Last frost here')
  await gardener.press(button('Building day and sheet'))
  await gardener.see(/Lay and tread \d layers/)
  await gardener.type(field('Name'), 'South bed')
  await gardener.press(button('It is all there: build it today'))
  await gardener.see('Being built')
  await gardener.press('[data-run]')
  const inStep = (label: string) => `::-p-xpath(//li[@data-now]//form//button[contains(normalize-space(.), "${label}")])`
  await gardener.press(inStep('Mixed'))
  await gardener.see('The edges stand up by themselves')
  await gardener.press(inStep('Trodden'))
  await gardener.press(inStep('Soil on it'))
  await gardener.press(inStep('Frame on it'))
  await gardener.type('[data-now] input[inputmode="decimal"]', '8')
  await gardener.press(inStep('Record the warmth'))
  await gardener.see('All of it is done.')
  const read = async (celsius: string) => {
    await gardener.press('[data-pad="warmth"]')
    await gardener.type(field('A finger deep in the soil'), celsius)
    await gardener.press(record('Record the warmth'))
  }
  await gardener.press(button('Back to the hotbed'))
  await gardener.see('What comes when')
  await gardener.daysLater(7)
  await read('41')
  await gardener.see('Too hot for seeds and roots')
  await gardener.see('First burst')
  await gardener.press(button('What is wrong?'))
  await gardener.see('It is still in its first burst')
  await gardener.press(button('South bed'))
  await gardener.see('What comes when')
  await gardener.daysLater(9)
  await read('26')
  await gardener.see('Sow it')
  await gardener.press('[data-pad="sown"]')
  await gardener.press('::-p-xpath(//form//button[normalize-space(.)="Radishes"])')
  await gardener.press(record('Sown'))
  await gardener.see('Warm and sown')
  await gardener.see('Radishes, sown')
  await gardener.press('[data-pad="aired"]')
  await gardener.press(record('Aired'))
  // The second bed: planned for the day on which this one lets go, with what to gather.
  await gardener.press('[data-task="second"] button.label-button')
  await gardener.see(/most likely \d+ days? before .*: first it bursts with heat/)
  await gardener.see('the second bed is on the bench')
  await gardener.go('/')
  await gardener.press('::-p-xpath(//li[contains(., "South bed")]//a)')
  await gardener.see('What comes when')
  expect(await gardener.shown('[data-task="second"]')).toBe(false)
  await gardener.daysLater(36)
  await gardener.press('[data-pad="harvested"]')
  await gardener.type(field('What'), 'three bunches')
  await gardener.press(record('Harvested'))
  await gardener.see('Harvested: three bunches.')
  await gardener.daysLater(120)
  await gardener.see('Heat over')
  await gardener.see('Keep this ground as a bed')
  await gardener.go('/')
  await gardener.see('Take the compost, or leave it as a bed')
  await gardener.press('::-p-xpath(//li[contains(., "South bed")]//a)')
  await gardener.press(button('Take it out'))
  await gardener.press(button('it is empty'))
  await gardener.type('[data-output="heap-half-rotted"] input[inputmode="decimal"]', '90')
  await gardener.press('form button.strong')
  await gardener.see('Taken out')
  await gardener.go('/store')
  await gardener.see(/half-rotted|half rotted/i)
}

describe.each<Screen>(inTurn(['phone', 'laptop'], 1))('on a %s', (screen) => {
  it('a lawn becomes a bed under odd boxes', () => inAutumn(screen, lawnIntoBed), 240_000)
  it('a mulch is spread load by load and topped up twice', () => inAutumn(screen, mulchedTwice), 240_000)
  it('a hotbed goes from an empty store to harvest and compost', () => inAutumn(screen, hotbedToCompost), 240_000)
})
