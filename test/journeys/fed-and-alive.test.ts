import { describe, expect, it } from 'vitest'
import { SPRING } from '../clock/days'
import { button, chooseOnOwnBench, field, visit, type Visit } from './support/visit'

const strong = '::-p-xpath(//div[contains(@class, "border-l-4")]//button[contains(@class, "strong")])'
const told = (gardener: Visit, selector: string) =>
  gardener.page.$eval(selector, one => (one as HTMLElement).innerText.replace(/\u00A0/g, ' '))

/** A garden of one's own with a method chosen on the bench. */
async function choose(gardener: Visit, method: string): Promise<void> {
  await chooseOnOwnBench(gardener)
  await gardener.press(`[data-method="${method}"]`)
}
async function start(gardener: Visit, toSheet: string, name: string, begin: string): Promise<void> {
  await gardener.press(button(toSheet))
  await gardener.type(field('Name'), name)
  await gardener.press(button(begin))
  await gardener.see(`${name} is standing`)
}
async function observe(gardener: Visit, pad: string, finding: string): Promise<void> {
  await gardener.press(`[data-pad="${pad}"]`)
  await gardener.press(button(finding))
}

describe('on a phone', () => {
  it('three weeks of caddies: each with its cover, one without, one week missed, and the bay is closed in the end', async () => {
    const gardener = await visit('phone', { on: SPRING })
    try {
      await choose(gardener, 'slow-heap')
      await gardener.see(/Full after about \d+ (months|weeks)/)
      expect(await gardener.shown('[data-pipeline]')).toBe(true)
      await start(gardener, 'Steps and sheet', 'Kitchen bay', 'It stands: start feeding')
      await gardener.go('/')
      // Two taps from the round: open the usual caddy, empty it.
      await gardener.press(button('Fed'))
      await gardener.see(/caddies of leaves bring it from 17 : 1/)
      await gardener.press('form button.strong')
      await gardener.see(/Kitchen bay: 1 caddy of kitchen scraps, covered with .* of leaves/)
      for (let time = 0; time < 2; time++) {
        await gardener.daysLater(5)
        await gardener.press(button('Fed'))
        await gardener.press('form button.strong')
        await gardener.see(/This part is \d+ : 1/)
      }
      await gardener.daysLater(5)
      await gardener.press(button('Fed'))
      await gardener.press('[data-no-cover]')
      await gardener.see('nothing')
      await gardener.press('form button.strong')
      await gardener.see('Not covered: it smells and draws flies')
      await gardener.daysLater(1)
      await gardener.see(/Cover it: .* of leaves/)

      await gardener.daysLater(12)
      const late = await told(gardener, '[data-round]')
      expect(late).toContain('Empty the caddy, cover it')
      expect(late).not.toContain('now\n')
      await gardener.go('/yard')
      await gardener.press(button('Kitchen bay'))
      await gardener.press('[data-task="fed"] button[aria-label^="why"]')
      await gardener.see('None since: whenever there is one')
      await gardener.press('[data-pad="closed"]')
      await gardener.press(strong)
      await gardener.see('closed, it rests now')
      await gardener.see(/(Resting|Wet)\./)
      expect(await gardener.shown('[data-pad="fed"]')).toBe(false)
      expect(gardener.complaints).toEqual([])
    }
    finally {
      await gardener.close()
    }
  }, 240_000)

  it('a tower is loaded, its pipe pulled, worms refused while it is warm and let in later', async () => {
    const gardener = await visit('phone', { on: SPRING })
    try {
      await choose(gardener, 'static-tower')
      await gardener.see(/Air channels/)
      expect(await told(gardener, '[data-draft]')).toMatch(/Air channels\s+1, each 10 cm across/)
      expect(await gardener.page.$eval('[data-from-above]', one => one.getAttribute('aria-label') ?? '')).toContain(
        'channel 1 in the middle',
      )
      await start(gardener, 'Plan and sheet', 'Chip tower', 'It is loaded: start it')
      await gardener.daysLater(1)
      await gardener.go('/')
      await gardener.press(button('Out'))
      await gardener.see('pipes out')

      await gardener.daysLater(6)
      await gardener.go('/yard')
      await gardener.press(button('Chip tower'))
      const read = async (celsius: number) => {
        await gardener.press('[data-pad="heat"]')
        await gardener.type(field('Core, an arm deep'), String(celsius))
        await gardener.press(button('Record the heat'))
        await gardener.see(`core ${celsius}`)
      }
      await read(41)
      await gardener.see('No worms yet')
      await gardener.press('[data-pad="worms-in"]')
      await gardener.see('it was read at up to 41')
      expect(await gardener.page.$(strong)).toBeNull()
      await gardener.press('[data-pad="worms-in"]')

      await gardener.daysLater(20)
      await read(28)
      await gardener.see('No worms yet')
      await gardener.daysLater(4)
      await read(24)
      await gardener.press('[data-pad="worms-in"]')
      expect(await gardener.shown('[data-refused]')).toBe(false)
      await gardener.press(strong)
      await gardener.see('200 g of worms in')
      await gardener.see('Worms in: 0.2 kg.')

      // A zone felt dry: so much water, and the task is gone when it is given.
      await observe(gardener, 'squeeze-top', 'Falls apart')
      await gardener.see('Water it through')
      await gardener.press('[data-pad="watered"]')
      await gardener.press(strong)
      await gardener.page.waitForFunction(() => !document.body.innerText.includes('Water it through'))
      expect(gardener.complaints).toEqual([])
    }
    finally {
      await gardener.close()
    }
  }, 240_000)

  it('a bin is fed, overfed, mended, split, and harvested in part while it goes on', async () => {
    const gardener = await visit('phone', { on: SPRING })
    try {
      await choose(gardener, 'worm-bin')
      await gardener.see('do not live through the winter there')
      await gardener.press(button('Cellar'))
      await gardener.see(/One such box/)
      await gardener.type(field('Worms that go in on that day'), '500')
      await start(gardener, 'Steps and sheet', 'Kitchen bin', 'The bedding lies: start it')
      await gardener.see(/about 0\.5 kg of worms/i)
      expect(await gardener.page.$eval('[data-from-above]', one => one.getAttribute('aria-label') ?? '')).toContain('pocket 1 empty, next')

      const feed = async (handfuls?: number) => {
        await gardener.press('[data-pad="fed"]')
        if (handfuls) {
          await gardener.press('::-p-xpath(//button[starts-with(@aria-label, "how much: ")])')
          await gardener.type(field('How many'), String(handfuls))
        }
        await gardener.press(button('Fed them'))
        await gardener.see('With what still lies there they have feed for about')
      }
      await feed()
      await gardener.see(/covered with .* of torn card, pocket 1/)
      await gardener.daysLater(4)
      await feed()
      await gardener.see(/pocket 2\./)
      for (let time = 0; time < 3; time++) {
        await gardener.daysLater(2)
        await feed(14)
      }
      await gardener.daysLater(3)
      await observe(gardener, 'left', 'Most of it')
      await observe(gardener, 'smell', 'Sour, foul')
      await gardener.see(/Sour\./)
      await gardener.see('Do not feed: look what is left')
      await gardener.press(button('What is wrong?'))
      await gardener.see('It gets more than it eats')
      expect(await gardener.text()).toMatch(/work in .* of .*, and do not feed until the rest is nearly gone/)
      await gardener.page.goBack()
      await gardener.see('What it asks for')
      await gardener.press('[data-pad="cleared"]')
      await gardener.press(strong)
      await gardener.see('uneaten feed taken out')
      await observe(gardener, 'smell', 'Woodland')
      await gardener.see(/(Settling in|At work|Too cold to eat)\./)

      await gardener.daysLater(120)
      await gardener.press('[data-pad="split"]')
      await gardener.press(strong)
      await gardener.see('50 % went into another bin')
      await gardener.press(button('Take some out'))
      await gardener.type('[data-output="worm-castings"] input[inputmode="decimal"]', '0.25')
      await gardener.press(button('Into the store with it'))
      await gardener.see(/Taken out: ¼ bucket of castings/)
      expect(await gardener.shown('[data-pad="fed"]')).toBe(true)
      await gardener.go('/store')
      await gardener.see('castings')
      expect(gardener.complaints).toEqual([])
    }
    finally {
      await gardener.close()
    }
  }, 240_000)

  it('a trial is begun, asks the same of both on the same day, and is read out for what one pair can show', async () => {
    const gardener = await visit('phone', { on: SPRING })
    try {
      await gardener.go('/welcome/demo')
      await gardener.see(/Today's round/)
      await gardener.go('/trials/side-by-side.demo-tower')
      await gardener.see('one pair cannot show it')
      await gardener.see('Unequal from the start')
      await gardener.page.waitForSelector('[data-found] li')
      expect(await told(gardener, '[data-found]')).toMatch(/Height: Fungal tower \d+ cm, Plain pile \d+ cm on the mean of \d+ days/)

      await gardener.go('/trials?with=demo-apple-bay')
      await gardener.page.select('[data-side="withoutId"]', 'demo-wall-bay')
      await gardener.type('[data-difference]', 'manure in the mix')
      await gardener.press(button('Begin it'))
      await gardener.see('Manure in the mix')
      await gardener.see(/Unequal mixes/)
      await gardener.go('/batch/demo-wall-bay')
      await gardener.press('[data-pad="height"]')
      await gardener.type(field('Height from the ground'), '60')
      await gardener.press(button('Record the height'))
      await gardener.go('/batch/demo-apple-bay')
      await gardener.press('[data-pad="height"]')
      await gardener.type(field('Height from the ground'), '84')
      await gardener.press(button('Record the height'))
      await gardener.go('/trials')
      await gardener.press(button('Manure in the mix'))
      await gardener.page.waitForSelector('[data-found] li')
      expect(await told(gardener, '[data-found]')).toMatch(/Height: Apple bay \d+ cm, Wall bay \d+ cm on the mean of \d+ days?[.;]/)
      expect(await told(gardener, '[data-verdict]')).toMatch(/(About|More than) \d+ pairs could show/)
      await gardener.press(button('Put the trial away'))
      await gardener.see('put away')
      expect(await told(gardener, 'main')).not.toContain('Manure in the mix')
      expect(gardener.complaints).toEqual([])
    }
    finally {
      await gardener.close()
    }
  }, 180_000)

  it('a long round is calm: place by place, a line where nothing presses, ticked at once and taken back', async () => {
    const gardener = await visit('phone', { on: SPRING })
    try {
      await gardener.go('/welcome/demo')
      await gardener.see(/Today's round/)
      await gardener.page.waitForSelector('[data-quiet]')
      await gardener.page.waitForFunction(() => !document.querySelector('ul[inert]'))
      const places = await gardener.page.$$eval('[data-place] > div h3', all => all.map(one => one.textContent?.trim()))
      expect(new Set(places).size).toBe(places.length)
      const quiet = (await gardener.page.$$('[data-quiet]')).length
      await gardener.press('[data-looks-fine]')
      await gardener.see(/look(s)? fine\./)
      await gardener.page.waitForFunction(before => document.querySelectorAll('[data-quiet]').length < before, {}, quiet)
      await gardener.press(button('Take back'))
      await gardener.page.waitForFunction(before => document.querySelectorAll('[data-quiet]').length === before, {}, quiet)
      expect(gardener.complaints).toEqual([])
    }
    finally {
      await gardener.close()
    }
  }, 120_000)
})
