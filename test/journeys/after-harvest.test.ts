import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { button, field, walkDemo, type Screen, type Visit } from './support/visit'

const told = (gardener: Visit, selector: string) =>
  gardener.page.$eval(selector, one => (one as HTMLElement).innerText.replace(/\u00A0/g, ' '))
const scale = (gardener: Visit, of: string) =>
  gardener.page.$eval(`[data-scale="${of}"]`, one => one.getAttribute('data-is') ?? '')
const tickOf = (bed: string) => `[data-onto="${bed}"] [role="checkbox"]`
/** The option whose text holds this. */
async function choose(gardener: Visit, select: string, text: string): Promise<void> {
  await gardener.page.waitForSelector(select)
  const value = await gardener.page.$$eval(
    `${select} option`, (options, wanted) =>
      (options as HTMLOptionElement[]).find(one => one.text.replace(/\u00A0/g, ' ').includes(wanted))?.value ?? '', text,
  )
  await gardener.page.select(select, value)
}

describe('mixes on a phone', () => {
  it('sixty pots are filled from three lots and bought grit, with a label, and taken back it lies in the store as before', () =>
    walkDemo('phone', '/mixes', async (gardener) => {
      await gardener.press(button('so many pots'))
      await gardener.type(field('How many pots'), '60')
      // 0.36 L each, and a tenth.
      await gardener.see(/That takes 23\.7 L of mix/)
      await gardener.press('[data-add-part="leaf-mould-coarse"]')
      await gardener.type(field('Litres of coarse leaf mould'), '12')
      await gardener.press('[data-add-part="leaf-mould"]')
      await gardener.type(field('Litres of leaf mould'), '10')
      await gardener.press('[data-add-part="worm-castings"]')
      await gardener.type(field('Litres of castings'), '1')
      await gardener.press('[data-add-part="grit"]')
      await gardener.type(field('Litres of grit'), '2')
      await gardener.see(/25 litres loosely come to 2[34](\.\d)? L of mix/)
      // The same mix in a tray has less air than in its pot.
      const inPot = await told(gardener, '[data-scale="air"] .aside-note')
      await gardener.page.$eval('[data-pot-height]', (input) => {
        ;(input as HTMLInputElement).value = '4'
        input.dispatchEvent(new Event('input', { bubbles: true }))
        input.dispatchEvent(new Event('change', { bubbles: true }))
      })
      await gardener.page.waitForFunction(
        was => (document.querySelector('[data-scale="air"] .aside-note') as HTMLElement).innerText.replace(/\u00A0/g, ' ') !== was, {},
        inPot,
      )
      expect(['low', 'perhaps-low']).toContain(await scale(gardener, 'air'))
      await gardener.see(/What helps most/)
      await gardener.see(/weak lungs/)
      await gardener.type(field('Called'), 'Sixty nines')
      await gardener.press('[data-mixed]')
      await gardener.see(/of Sixty nines are mixed/)
      await gardener.go('/labels')
      await gardener.see(/Sixty nines/)
      await gardener.press(button('Take back'))
      await gardener.page.waitForFunction(() => !document.body.innerText.includes('Sixty nines'))
    }), 120_000)
})

describe.each<Screen>(inTurn(['phone', 'laptop'], 1))('mixes on a %s', (screen) => {
  it('are put together from what lies there, said with reasons, and a school says what it lacks', () =>
    walkDemo(screen, '/mixes', async (gardener) => {
      await gardener.press('[data-put-together]')
      await gardener.see(/The best of what is here:/)
      await gardener.press('[data-proposed="best"] button')
      await gardener.see(/loosely come to/)
      expect(await Promise.all(['air', 'easyWater', 'salts'].map(of => scale(gardener, of)))).toEqual(['good', 'good', 'good'])
      await gardener.press('[data-schools]')
      await gardener.see(/Leaf mould alone\./)
      await gardener.page.reload()
      await gardener.see(/loosely come to/)
    }), 120_000)
})

describe('sieving', () => {
  it('takes a heap through two meshes, with what was picked out, and the overs into the next', () =>
    walkDemo('laptop', '/sieve', async (gardener) => {
      await gardener.press('[data-sieve-lot="leaf-mould-coarse"]')
      await gardener.press('[data-mesh="25"]')
      await gardener.see(/should go through 10 mm, as is usual; about \d+ minutes of work/)
      await gardener.press(button('sticky'))
      await gardener.see(/It will clog the mesh/)
      for (const stream of ['10', '25', 'overs']) await gardener.press(`[data-stream="${stream}"] [data-roughly]`)
      await gardener.type(field('Picked out'), '0.5')
      await choose(gardener, '[data-overs-onto]', 'onto Wall bay')
      await gardener.press('[data-sieved]')
      await gardener.see(/of coarse leaf mould sieved/)
      await gardener.go('/batch/demo-wall-bay')
      await gardener.see(/of overs/)
      await gardener.press(button('Take back'))
      await gardener.page.waitForFunction(() => !/of overs/.test(document.body.innerText))
    }), 120_000)
})

describe('beds by choice', () => {
  it('half a bag of char goes evenly over three beds, the limy one said, and the other half stays a lot', () =>
    walkDemo('laptop', '/beds', async (gardener) => {
      await choose(gardener, '[data-spread-lot]', 'charged char')
      await gardener.type('[data-spread] input[inputmode="decimal"]', '12')
      await gardener.press(button('what there is, evenly'))
      for (const bed of ['Salad bed', 'Long bed', 'Herb round']) {
        const ticked = await gardener.page.$eval(tickOf(bed), one => one.getAttribute('aria-checked'))
        if (ticked !== 'true') await gardener.press(tickOf(bed))
      }
      await gardener.see(/12 L in all; 13 L stay in the store/)
      await gardener.see(/The soil is limy: test again before the next dose/)
      // Much more than a bed should ever have is said, asked back, and can be written down all the same.
      await gardener.press(button('as each is dosed'))
      await gardener.type('[data-onto="Herb round"] input', '24')
      await gardener.press(tickOf('Salad bed'))
      await gardener.press(tickOf('Long bed'))
      await gardener.page.waitForSelector('[data-onto="Herb round"][data-stands="plenty"]')
      await gardener.press('[data-spread-it]')
      await gardener.see(/24 L of charged char on Herb round/)
      await choose(gardener, '[data-spread-lot]', '1 L of charged char')
    }), 120_000)
})

describe('a trial of beds', () => {
  it('asks both halves on the same day, over a season, and one pair shows nothing', () =>
    walkDemo('phone', '/trials', async (gardener) => {
      await gardener.press('[data-new-plot-trial]')
      await gardener.type('[data-difference]', 'a mulch')
      for (const [side, half] of [['with', 'the left half'], ['without', 'the right half']] as const) {
        await choose(gardener, `[data-plot="${side}"]`, 'Long bed')
        await gardener.type(`[data-plot-called="${side}"]`, half)
      }
      await gardener.press(button('Begin it'))
      await gardener.see(/The left half of Long bed against the right half of Long bed/)
      await gardener.see(/Nothing was compared so far/)
      for (const [mine, theirs] of [['20', '18'], ['35', '30']] as const) {
        await gardener.daysLater(15)
        await gardener.go('/')
        await gardener.press('::-p-xpath(//li[@data-trial-waits]//a[contains(., "A mulch")])')
        await gardener.type('[data-compare="height"] [data-side="with"] input', mine)
        await gardener.type('[data-compare="height"] [data-side="without"] input', theirs)
        await gardener.press(button('Write both down'))
        await gardener.see(/Height of the plants, on the mean: both of “A mulch”/)
      }
      // 20 and 35 against 18 and 30: 27.5 against 24.
      await gardener.see(/With a mulch taller by 3\.5 cm: 27\.5 cm against 24 cm\. One pair cannot show it/)
    }), 180_000)
})

describe('a doubt', () => {
  it('of weedkiller in a bought bag is found on the beds that mixes of it went to, three steps on', () =>
    walkDemo('laptop', '/mixes', async (gardener) => {
      await gardener.press(button('hungry pots and tubs'))
      await gardener.press('::-p-xpath(//button[@data-add-part="growing-mix"][contains(., "Tomato mix")])')
      await gardener.page.waitForSelector('[data-part="growing-mix"]')
      await gardener.press('[data-add-part="leaf-mould"]')
      await gardener.see(/It may hold a lasting weedkiller/)
      await gardener.see(/Sow beans in a pot of it/)
      await gardener.type(field('Called'), 'Potting on')
      await gardener.press('[data-mixed]')
      await gardener.see(/of Potting on are mixed/)
      await gardener.go('/beds')
      await choose(gardener, '[data-spread-lot]', 'Potting on')
      for (const bed of ['Blueberry corner', 'Herb round', 'Long bed', 'Salad bed']) {
        const ticked = await gardener.page.$eval(tickOf(bed), one => one.getAttribute('aria-checked') === 'true')
        if (ticked !== (bed === 'Salad bed')) await gardener.press(tickOf(bed))
      }
      await gardener.press('[data-spread-it]')
      await gardener.see(/of Potting on on Salad bed/)
      await gardener.go('/uses')
      await gardener.press('::-p-xpath(//button[@data-look-for][starts-with(normalize-space(.), "Bought compost")])')
      await gardener.see(/On these beds/)
      const beds = await gardener.page.$$eval('[data-on-bed] strong', all => all.map(one => one.textContent))
      expect(beds).toEqual(['Salad bed', 'Long bed'])
      // And back from a bed, in two taps.
      await gardener.go('/beds')
      await gardener.press('[aria-label="All that is in it: Salad bed"]')
      await gardener.see(/Of: .*bought compost/)
    }), 120_000)
})
