import { describe, expect, it } from 'vitest'
import { SPRING } from '../clock/days'
import { inTurn } from './support/turns'
import { button, field, walkDemo, walkOwn, type Screen, type Visit } from './support/visit'

async function ownBench(gardener: Visit, method: string): Promise<void> {
  await gardener.press('[data-another-method]')
  await gardener.press(`[data-method="${method}"]`)
}
const told = (gardener: Visit, selector: string) =>
  gardener.page.$eval(selector, one => (one as HTMLElement).innerText.replace(/\u00A0/g, ' '))
const HOURS = 1 / 24
const inStep = (label: string) => `::-p-xpath(//li[@data-now]//form//button[contains(normalize-space(.), "${label}")])`

async function check(gardener: Visit, wind: string): Promise<void> {
  for (const answer of ['outdoors, bare ground', 'allowed today', wind, 'damp', 'snaps and rings', 'told, or none near', 'full cans'])
    await gardener.press(`::-p-xpath(//li[@data-now]//form//button[starts-with(normalize-space(.), "${answer}")])`)
  await gardener.type('[data-now] input', '150')
  await gardener.press(inStep('Go or no-go'))
}

describe('on a phone', () => {
  it(
    'a barrel is refused indoors, stopped by wind, lit when it is go, watched by its signs, quenched, felt twice, crushed and stored',
    () =>
      walkOwn('phone', async (gardener) => {
        await ownBench(gardener, 'char-making')
        await gardener.press(button('Pick what you have'))
        await gardener.type('input[type="search"]', 'dry wood')
        await gardener.press('[data-material="wood-dry"]')
        await gardener.press(button('That is all'))
        await gardener.type(field('of dry wood'), '14')
        await gardener.press(button('indoors, on a hearth'))
        await gardener.see('which kills without a smell')
        expect(await gardener.shown('[data-refusal]')).toBe(true)
        expect(await gardener.text()).not.toMatch(/Nothing is taken from the store yet/)
        await gardener.press('::-p-xpath(//button[normalize-space(.)="outdoors"])')
        await gardener.see(/One load gives/)
        await gardener.press(button('Steps and sheet'))
        await gardener.type(field('Name'), 'Yew barrel')
        await gardener.press(button('It is stacked: begin it'))
        await gardener.see('Lighting it: Not before rules, wind, ground, wood')

        await gardener.press('[data-run]')
        await check(gardener, 'twigs move, gusts')
        await gardener.see('No-go: Too much wind')
        expect(await told(gardener, '[data-now] h2')).toBe('Go or no-go')

        await gardener.daysLater(1)
        await check(gardener, 'smoke rises straight')
        await gardener.see(/Light it on top/)
        await gardener.press(inStep('Lit'))
        await gardener.press(inStep('Chimney on'))
        await gardener.see('The glow shows at the holes all round')
        await gardener.see(/usually between \d/)
        await gardener.daysLater(1.1 * HOURS)
        await gardener.see(/6[4-9]:\d\d/)
        await gardener.press(inStep('Burnt through'))
        await gardener.go('/')
        await gardener.see('Quench it now')
        await gardener.press('::-p-xpath(//li[contains(., "Yew barrel")]//a[contains(., "Step by step")])')
        await gardener.type('[data-now] input', '90')
        await gardener.press(inStep('Quenched'))
        await gardener.press(inStep('Spread'))

        await gardener.daysLater(5 * HOURS)
        await gardener.press('::-p-xpath(//li[@data-now]//form//button[normalize-space(.)="warm somewhere"])')
        await gardener.press(inStep('First look'))
        await gardener.see('Wet it again, spread it thinner')
        await gardener.go('/')
        await gardener.see('Wet it through again')
        await gardener.press('::-p-xpath(//li[contains(., "Yew barrel")]//a[contains(., "Step by step")])')
        await gardener.press('button[aria-label="once more: Tip it out and quench it"]')
        await gardener.type('[data-step="quenched"] input', '40')
        await gardener.press('::-p-xpath(//li[@data-step="quenched"]//form//button[contains(., "Quenched")])')
        await gardener.press('::-p-xpath(//li[@data-now]//form//button[normalize-space(.)="cold everywhere"])')
        await gardener.press(inStep('First look'))
        await gardener.see(/Once more on .*it lights again after half a day/)
        await gardener.daysLater(0.6)
        await gardener.press('::-p-xpath(//li[@data-now]//form//button[normalize-space(.)="cold everywhere"])')
        await gardener.press(inStep('Second look'))
        await gardener.see('All of it is done.')

        await gardener.press(button('Back to the burn'))
        await gardener.press('[data-pad="snapped"]')
        await gardener.press('::-p-xpath(//form//button[contains(., "Snap test")])')
        await gardener.see('it snaps: sound char.')
        await gardener.press('[data-pad="crushed"]')
        await gardener.type(field('Before crushing'), '30')
        await gardener.type(field('After crushing'), '20')
        await gardener.press('::-p-xpath(//form//button[normalize-space(.)="yes"])')
        await gardener.press('::-p-xpath(//form//button[normalize-space(.)="Crushed"])')
        await gardener.see(/20 L lie ready for the store, raw/)
        await gardener.press(button('Into the store'))
        await gardener.type('[data-output="biochar-crushed"] input[inputmode="decimal"]', '1.5')
        await gardener.press('form button.strong')
        await gardener.go('/store')
        await gardener.see(/crushed char/i)
      }),
    240_000,
  )

  it(
    'a lidded tin stays shut: nothing says quench, the store waits for two cold looks, and what went in all the same is felt there',
    () =>
      walkOwn('phone', async (gardener) => {
        await ownBench(gardener, 'char-making')
        await gardener.press(button('Lidded pot'))
        await gardener.press(button('Pick what you have'))
        await gardener.type('input[type="search"]', 'dry wood')
        await gardener.press('[data-material="wood-dry"]')
        await gardener.press(button('That is all'))
        await gardener.type(field('of dry wood'), '0.4')
        await gardener.press(button('Steps and sheet'))
        await gardener.see('One open hole in the lid')
        await gardener.type(field('Name'), 'Peel tin')
        await gardener.press(button('It is stacked: begin it'))
        await gardener.press('[data-run]')
        await gardener.see(/a hose that runs, or 4 cans of water/)
        await check(gardener, 'smoke rises straight')
        await gardener.press(inStep('Lit'))
        await gardener.daysLater(2 * HOURS)
        await gardener.press(inStep('Burnt through'))
        await gardener.see('Off the fire, closed, to cool')
        const wet = async () => (await gardener.text()).match(/quench|drown/i)
        expect(await wet()).toBeNull()
        await gardener.go('/')
        await gardener.see('Off the fire, and keep it shut')
        expect(await wet()).toBeNull()
        await gardener.press('::-p-xpath(//li[contains(., "Peel tin")]//a[contains(., "Step by step")])')
        await gardener.press(inStep('Off the fire'))
        await gardener.see('It stays shut, outdoors')
        await gardener.press(button('Peel tin'))
        await gardener.press(button('Into the store'))
        await gardener.see(/Cold by hand, and not before a day has gone/)
        expect(await gardener.shown('form button.strong')).toBe(false)
        await gardener.press('[data-anyway]')
        await gardener.type('[data-output="biochar-crushed"] input[inputmode="decimal"]', '0.25')
        await gardener.press('form button.strong')
        await gardener.see('went into the store')
        await gardener.go('/')
        await gardener.see('What came of Peel tin lies in the store already')
        for (const hours of [13, 14]) {
          await gardener.daysLater(hours * HOURS)
          await gardener.press('::-p-xpath(//li[contains(., "Peel tin")]//button[contains(., "Felt it")])')
          await gardener.press('::-p-xpath(//form//button[normalize-space(.)="cold everywhere"])')
          await gardener.press('::-p-xpath(//form//button[contains(., "look")])')
          await gardener.see('cold everywhere')
        }
        await gardener.see('Close the burn')
        expect(await wet()).toBeNull()
      }),
    240_000,
  )

  it(
    'a soak in mains water with chloramine waits for ascorbic acid, then charges, floats, is drained and says what is left when taken '
    + 'early',
    () =>
      walkOwn(
        'phone',
        async (gardener) => {
          await ownBench(gardener, 'char-charging')
          await gardener.press(button('mains, chloramine'))
          await gardener.see(/Mains water with chloramine: standing does not help\. 0\.12 to 0\.15 g of ascorbic acid/)
          await gardener.press(button('Recipe and sheet'))
          await gardener.type(field('Name'), 'Kitchen tub')
          await gardener.press(button('It is set up: start it'))
          await gardener.see('The water stands')
          await gardener.see('chloramine stays until it is bound')
          await gardener.press('[data-pad="filled"]')
          expect(await gardener.shown('[data-refused]')).toBe(true)
          await gardener.press('[data-pad="acid"]')
          await gardener.type(field('Stirred in'), '0.2')
          await gardener.press('::-p-xpath(//form//button[contains(., "Ascorbic acid")])')
          await gardener.see('It is fit for life now')
          await gardener.press('[data-pad="filled"]')
          await gardener.press('::-p-xpath(//form//button[contains(., "Char in")])')
          await gardener.see(/Drinking\./)
          await gardener.daysLater(2)
          await gardener.press('[data-pad="sinks"]')
          await gardener.press(button('About half'))
          await gardener.see('On its way.')
          await gardener.see(/Day 2, 20 L of char, about (a quarter|a third|half|two thirds) charged/)
          await gardener.press('[data-pad="drained"]')
          await gardener.press('::-p-xpath(//form//button[contains(., "Drained")])')
          await gardener.see(/Drying\./)
          await gardener.press(button('Take it out'))
          await gardener.see(/the rest it takes from the soil/)
        },
        { on: SPRING },
      ),
    180_000,
  )

  it(
    'the way is chosen by a day, and what goes with a heap is no soak of its own',
    () =>
      walkDemo('phone', '/bench', async (gardener) => {
        await gardener.press('[data-another-method]')
        await gardener.press('[data-method="char-charging"]')
        await gardener.see('The ways side by side')
        const by = new Date(Date.now() + 30 * 86_400_000)
        await gardener.page.$eval(
          'input[type="date"]',
          (input, day) => {
            ;(input as HTMLInputElement).value = day
            input.dispatchEvent(new Event('change', { bubbles: true }))
          },
          by.toISOString().slice(0, 10),
        )
        await gardener.see(/What is ready by/)
        const fits = await gardener.page.$$eval('[data-way]', rows =>
          rows.map(row => [row.getAttribute('data-way'), row.getAttribute('data-fits')]),
        )
        expect(fits).toContainEqual(['aired', 'true'])
        expect(fits).toContainEqual(['bedding', 'false'])
        await gardener.press('[data-way="in-heap"] button')
        await gardener.see(/Put the \d+ L into .* on its page/)
        expect(await gardener.shown('[data-refusal]')).toBe(true)
        expect(await gardener.text()).not.toMatch(/Nothing is taken from the store yet/)
      }),
    120_000,
  )
})

/** Leaves only these beds ticked. */
async function onlyOnto(gardener: Visit, beds: readonly string[]): Promise<void> {
  const ticks = await gardener.page.$$eval('[data-onto] [role="checkbox"]', all =>
    all.map(one => [one.closest('[data-onto]')?.getAttribute('data-onto') ?? '', one.getAttribute('aria-checked')] as const))
  for (const [bed, checked] of ticks)
    if ((checked === 'true') !== beds.includes(bed)) await gardener.press(`[data-onto="${bed}"] [role="checkbox"]`)
}

describe.each<Screen>(inTurn(['phone', 'laptop'], 1))('beds on a %s', (screen) => {
  it(
    'charged char goes on two of the beds it covers, another is refused with its reason, and taken back it lies in the store again',
    () =>
      walkDemo(screen, '/beds', async (gardener) => {
        const char = await gardener.page.$$eval(
          '[data-spread-lot] option', options => options.find(option => option.textContent?.includes('charged char'))?.value ?? '',
        )
        await gardener.page.select('[data-spread-lot]', char)
        await gardener.see(/Char makes soil less sour/)
        await gardener.see(/It covers 3 beds/)
        await onlyOnto(gardener, ['Long bed', 'Salad bed'])
        const before = await told(gardener, '[data-bed="Long bed"] figcaption')
        await gardener.press('[data-spread-it]')
        await gardener.see(/of charged char on Salad bed, Long bed/)
        await gardener.page.waitForFunction(
          was => (document.querySelector('[data-bed="Long bed"] figcaption') as HTMLElement).innerText.replace(/\u00A0/g, ' ') !== was,
          {}, before,
        )
        await gardener.press(button('Take back'))
        await gardener.page.waitForFunction(
          was => (document.querySelector('[data-bed="Long bed"] figcaption') as HTMLElement).innerText.replace(/\u00A0/g, ' ') === was,
          {}, before,
        )
      }),
    120_000,
  )
})

describe('through a heap', () => {
  it(
    'char goes into a standing heap, comes out with its compost, and counts on the bed that it goes to',
    () =>
      walkDemo('laptop', '/batch/demo-shed-ring', async (gardener) => {
        await gardener.press('[data-pad="added"]')
        await gardener.press(button('What was added?'))
        await gardener.type('input[type="search"]', 'coarse char')
        await gardener.press('[data-material="char-coarse"]')
        await gardener.type(field('How many'), '2')
        await gardener.press('::-p-xpath(//form//button[normalize-space(.)="Added"])')
        await gardener.see(/of coarse char/)
        await gardener.go('/batch/demo-shed-ring/finish')
        await gardener.type('[data-output="compost-finished"] input[inputmode="decimal"]', '10')
        await gardener.press('form button.strong')
        await gardener.see(/is taken out/)
        await gardener.go('/beds')
        const lots = await gardener.page.$$eval('[data-spread-lot] option', options =>
          options.map(option => ({ text: option.textContent ?? '', value: option.value })),
        )
        const fresh = lots.find(({ text }) => /120 L of (sieved )?compost/.test(text.replace(/\u00A0/g, ' ')))
        expect(fresh, JSON.stringify(lots)).toBeDefined()
        await gardener.page.select('[data-spread-lot]', fresh!.value)
        await gardener.see(/% of it is char that went through the batch with it; it counts/)
        await gardener.see(/There is char in it, and char makes soil less sour/)
        await onlyOnto(gardener, ['Long bed'])
        await gardener.press('[data-spread-it]')
        await gardener.see(/of compost on Long bed/)
        await gardener.press('[data-bed="Long bed"] [data-history]')
        await gardener.see(/L of it char/)
      }),
    120_000,
  )
})

describe('a bed of one\'s own', () => {
  it(
    'is measured and described once, and raw manure on it keeps the harvest waiting',
    () =>
      walkOwn('phone', async (gardener) => {
        await gardener.go('/store?add=1')
        await gardener.type('input[type="search"]', 'horse manure')
        await gardener.press('[data-material="horse-manure-straw"]')
        await gardener.press(button('These 1'))
        await gardener.press(button('Into the store'))
        await gardener.go('/beds')
        await gardener.see('Say once what your beds are')
        await gardener.press('[data-new-bed]')
        await gardener.type(field('What the bed is called'), 'Carrot strip')
        await gardener.type(field('Length'), '200')
        await gardener.press(button('Keep the bed'))
        await gardener.see('Carrot strip')
        await gardener.see(/Nothing is harvested for 120 days/)
        await gardener.press('[data-spread-it]')
        await gardener.see(/No harvest before .*There is raw dung in it/)
        await gardener.page.reload()
        await gardener.see(/No harvest before .*There is raw dung in it/)
      }),
    120_000,
  )
})
