import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { button, field, walkDemo, type Screen, type Visit } from './support/visit'

const inPad = (label: string) => `::-p-xpath(//div[contains(@class, "border-l-4")]//button[contains(normalize-space(.), "${label}")])`
const logOf = (kind: string) => `[data-log="${kind}"]`

/** Everything that can be recorded of a heap: the pad, what is done on it, what the bar and the log then say. */
const RECORDINGS: readonly {
  readonly pad: string
  readonly act: (gardener: Visit) => Promise<void>
  readonly bar: RegExp
  readonly kind: string
  readonly log: RegExp
}[] = [
  {
    pad: 'squeeze', act: gardener => gardener.press(inPad('Damp, no drop')), bar: /squeeze, damp, no drop\.\s+On the dry side/,
    kind: 'observed', log: /Squeeze: damp, no drop\./,
  },
  {
    pad: 'smell', act: gardener => gardener.press(inPad('Woodland')), bar: /smell, woodland\./, kind: 'observed',
    log: /Smell: woodland\./,
  },
  {
    pad: 'look', act: gardener => gardener.press(inPad('White threads')), bar: /look, white threads\.\s+Fungi at work/,
    kind: 'observed', log: /Look: white threads\./,
  },
  { pad: 'turned', act: gardener => gardener.press(inPad('Turned')), bar: /turned/, kind: 'did', log: /Turned\./ },
  {
    pad: 'watered', bar: /1½ cans of water/, kind: 'put', log: /Watered: 1½ cans \(15 L\)\./,
    act: async (gardener) => {
      await gardener.press('button[aria-label^="more: cans"]')
      await gardener.press(inPad('Watered'))
    },
  },
  {
    pad: 'height', bar: /61 cm high\.\s+It has sunk by/, kind: 'gauged', log: /61 cm high\./,
    act: async (gardener) => {
      await gardener.type(field('Height from the ground'), '61')
      await gardener.press(inPad('Record the height'))
    },
  },
  {
    pad: 'added', bar: /1 bucket of coffee grounds added/, kind: 'put', log: /Added 1 bucket of coffee grounds\./,
    act: async (gardener) => {
      await gardener.press(inPad('What was added?'))
      await gardener.press('[data-material="coffee-grounds"]')
      await gardener.press('::-p-xpath(//form//button[normalize-space(.)="Added"])')
    },
  },
  {
    pad: 'note', bar: /noted\./, kind: 'noted', log: /Ants on the south side/,
    act: async (gardener) => {
      await gardener.type(field('Note'), 'Ants on the south side.')
      await gardener.press(inPad('Keep the note'))
    },
  },
]

describe.each<Screen>(inTurn(['phone', 'laptop'], 0))('on a %s', (screen) => {
  it('everything that can be seen, felt and done is recorded, said and taken back', () =>
    walkDemo(screen, '/batch/demo-apple-bay', async (gardener) => {
      await gardener.press(button('All '))
      for (const { pad, act, bar, kind, log } of RECORDINGS) {
        const before = (await gardener.page.$$(logOf(kind))).length
        await gardener.press(`[data-pad="${pad}"]`)
        await act(gardener)
        await gardener.see(bar)
        await gardener.page.waitForFunction(
          (selector, count) => document.querySelectorAll(selector).length === count, {}, logOf(kind), before + 1,
        )
        const newest = await gardener.page.$eval(logOf(kind), entry => (entry as HTMLElement).innerText.replace(/\u00A0/g, ' '))
        expect(newest).toMatch(log)
        await gardener.press(button('Take back'))
        await gardener.page.waitForFunction(
          (selector, count) => document.querySelectorAll(selector).length === count, {}, logOf(kind), before,
        )
      }
    }))

  it('a heap is renamed, a month and a container are changed, nonsense is refused and a spoilt lot leaves the store', () =>
    walkDemo(screen, '/batch/demo-plum-bay', async (gardener) => {
      await gardener.press('button[aria-label="change name and place"]')
      await gardener.type(field('Name'), 'Damson bay')
      await gardener.press(button('Keep'))
      await gardener.see('Now called Damson bay')
      expect(await gardener.page.$eval('h1', heading => heading.textContent)).toBe('Damson bay')

      await gardener.go('/garden')
      await gardener.press(button('Months and frosts'))
      await gardener.type(field('Jan'), '-3,5')
      await gardener.type(field('Feb'), '400')
      await gardener.see('February cannot be 400. It stays as it was.')
      await gardener.type(field('volume of the bucket'), '14')
      await gardener.type(field('volume of the sack'), 'many')
      await gardener.type(field('Another container'), 'trug')
      await gardener.press(button('Add'))
      await gardener.see('trug')
      await gardener.go('/garden')
      const values = await gardener.page.$$eval('input', inputs => inputs.map(({ value }) => value))
      expect(values).toEqual(expect.arrayContaining(['-3.5', '14', '80', '20']))

      await gardener.go('/store')
      await gardener.press('[data-lot="grass-clippings"] [data-lot-more]')
      await gardener.press(button('spoiled'))
      await gardener.see('5 buckets of grass out of the store.')
      await gardener.page.waitForFunction(() => !document.querySelector('[data-lot="grass-clippings"]'))
    }))

  it('a reading that was mistyped is set right in three taps, what stood before is kept, and comes back', () =>
    walkDemo(screen, '/batch/demo-apple-bay', async (gardener) => {
      const newest = () => gardener.page.$eval('[data-log="reading"]', one => (one as HTMLElement).innerText.replace(/\u00A0/g, ' '))
      const [, before] = /Core (\d+) °C/.exec(await newest())!
      await gardener.press('[data-log="reading"] button[aria-label^="set right"]')
      await gardener.type('[data-set-right] input', '44')
      await gardener.press(button('Set it right'))
      await gardener.see('Apple bay: set right.')
      expect(await newest()).toMatch(new RegExp(`Core 44 °C, .* Set right, it was: Core ${before} °C`))
      await gardener.see(/Warmth in the core\s+4\d °C/)
      await gardener.press(button('Take back'))
      await gardener.page.waitForFunction(() => !document.querySelector('[data-amended]'))
      expect(await newest()).toContain(`Core ${before} °C`)

      // Not to a day that is still to come.
      await gardener.press('[data-log="reading"] button[aria-label^="set right"]')
      await gardener.page.$eval('[data-set-right] input[type="datetime-local"]', (one) => {
        (one as HTMLInputElement).value = '2031-01-01T08:00'
        one.dispatchEvent(new Event('input', { bubbles: true }))
      })
      await gardener.press(button('Set it right'))
      await gardener.see('That is still to come. When was it?')
      await gardener.press(button('Leave it'))
      await gardener.page.waitForFunction(() => !document.querySelector('[data-set-right]'))
    }))

  it('a heap that was built yesterday is entered as of yesterday', () =>
    walkDemo(screen, '/bench/sheet', async (gardener) => {
      await gardener.press(button('yesterday'))
      await gardener.press(button('It is built: start it'))
      await gardener.see('Pallet bay is standing.')
      await gardener.see('19 Apr, 12:00')
    }))
})
