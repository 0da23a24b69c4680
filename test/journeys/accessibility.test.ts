import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { button, walk, walkDemo, type Screen, type Visit } from './support/visit'

const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

interface Violation {
  readonly id: string
  readonly nodes: readonly { readonly target: readonly string[], readonly failureSummary?: string }[]
}

async function violations(gardener: Visit): Promise<string[]> {
  await gardener.page.evaluate(axeSource)
  const found = await gardener.page.evaluate(async () => {
    const { axe } = globalThis as unknown as { axe: { run: (root: Document, options: object) => Promise<{ violations: Violation[] }> } }
    return (await axe.run(document, { resultTypes: ['violations'] })).violations
  })
  return found.flatMap(({ id, nodes }) => nodes.map(({ target, failureSummary }) => `${id}: ${target.join(' ')} ${failureSummary ?? ''}`))
}

const VIEWS: readonly (readonly [name: string, path: string, open?: string])[] = [
  ['round', '/'], ['round with a pad', '/', '[data-task="reading"] button'], ['bench', '/bench'],
  ['picking materials', '/bench', button('Something else')], ['build sheet', '/bench/sheet'],
  ['balancing', '/bench', '[data-panel="balance"]'], ['rules of thumb', '/bench', '[data-panel="rules"]'],
  ['how much', '/bench', '[data-panel="how-much"]'],
  ['an ingredient taken hold of', '/bench', '[data-pull="grass-clippings"] .field-dot'],
  ['an ingredient opened', '/bench', button('buckets, shaken')], ['two plans', '/bench/compare'], ['building', '/bench/build'],
  ['materials', '/materials'], ['a material', '/materials/hay-grass', button('I have weighed it')], ['store', '/store'],
  ['yard', '/yard'], ['stands', '/stands?of=leafmould'], ['garden', '/garden'], ['batch', '/batch/demo-apple-bay'],
  ['sensing', '/batch/demo-apple-bay', '[data-pad="smell"]'], ['adding', '/batch/demo-wall-bay', '[data-pad="added"]'],
  ['what if', '/batch/demo-apple-bay', button('What if I')], ['what is wrong', '/batch/demo-wall-bay/wrong'],
  ['is it ready', '/batch/demo-shed-ring/ready', '[data-test="sprout"] summary'], ['probe and files', '/batch/demo-apple-bay/readings'],
  ['a task put off', '/', 'button[aria-label^="why, and later:"]'], ['finished batch', '/batch/demo-may-grass'],
  ['taking down', '/batch/demo-shed-ring/finish'], ['sheet of a batch', '/batch/demo-plum-bay/sheet'],
  ['choosing a method', '/bench', '[data-another-method]'], ['a cage', '/batch/demo-hazel-cage'],
  ['filling', '/batch/demo-hazel-cage', '[data-pad="filled"]'], ['taking some', '/batch/demo-lawn-cage/finish'],
  ['a dry cage', '/batch/demo-eaves-cage/wrong'], ['a label', '/batch/demo-hazel-cage/label'], ['a brew', '/batch/demo-forest-bucket'],
  ['giving', '/batch/demo-forest-bucket', '[data-pad="given"]'], ['a sheet of a brew', '/batch/demo-forest-bucket/sheet'],
  ['a slow heap', '/batch/demo-right-bay'], ['a caddy', '/batch/demo-right-bay', '[data-pad="fed"]'],
  ['a tower', '/batch/demo-fungal-tower'], ['worms refused', '/batch/demo-fungal-tower', '[data-pad="worms-in"]'],
  ['worms', '/batch/demo-cellar-bin'], ['a sour bin', '/batch/demo-cellar-bin/wrong'], ['a hotbed', '/batch/demo-hotbed'],
  ['a sowing', '/batch/demo-hotbed', '[data-pad="sown"]'], ['a sheet', '/batch/demo-corner-sheet'],
  ['a mulch', '/batch/demo-berry-chips'], ['a load', '/batch/demo-berry-chips', '[data-pad="load"]'], ['beds', '/beds'],
  ['a new bed', '/beds', '[data-new-bed]'], ['a bed\'s history', '/beds', '[data-bed="Long bed"] [data-history]'],
  ['a burn', '/batch/demo-autumn-barrel'], ['a burn step by step', '/batch/demo-autumn-barrel/run'], ['a soak', '/batch/demo-soak'],
  ['the cress trial', '/batch/demo-soak/ready', '[data-test="cress-char"] summary'], ['trials', '/trials', '[data-new-trial]'],
  ['a trial of beds', '/trials/plot-trial.demo-char'], ['a new trial of beds', '/trials', '[data-new-plot-trial]'],
  ['a growing mix', '/mixes', '[data-add-part="leaf-mould"]'], ['schools of mixing', '/mixes', '[data-schools]'],
  ['sieving', '/sieve', '[data-sieve-lot="compost-finished"]'], ['where it went', '/uses'],
  ['where a lot went', '/uses?lot=demo-bag'],
  ['a trial', '/trials/side-by-side.demo-tower'], ['a term explained', '/batch/demo-shed-ring', '[data-term]'],
  ['why', '/bench', '[data-panel="why"]'], ['bringing something', '/store', '[data-wanted] button'],
  ['a lot set right', '/store', '[data-lot-more]'], ['labels', '/labels'], ['arranging the yard', '/yard?way=plan', '[data-arrange]'],
  ['a chart as a table', '/batch/demo-apple-bay', '[data-chart-table]'], ['no such batch', '/batch/nothing'],
  ['no such page', '/nowhere'], ['which way suits', '/begin?coming=by-and-by', button('in a lidded bin')], ['finding', '/search?q=leaves'],
  ['what is coming', '/years'], ['the year', '/year', '[data-new-need]'], ['what comes in', '/year', '[data-new-income]'],
  ['the month ahead', '/month'], ['the account', '/account'],
]

/** Every look there is: a screen, a theme, whose colours. */
const LOOKS: readonly (readonly [Screen, 'light' | 'dark', 'own' | 'forced'])[] = [
  ['laptop', 'light', 'own'], ['laptop', 'dark', 'own'], ['phone', 'light', 'own'], ['phone', 'dark', 'own'],
  ['tiny', 'light', 'forced'],
]

/**
 * The views of one look. Each view is seen in one of the looks, and the next commit's seed sees it in another; `WASTRUM_WHOLE`
 * sees all of them in all.
 */
function viewsIn(look: number): typeof VIEWS {
  return VIEWS.filter((_, view) =>
    inTurn(
      LOOKS.map((_, index) => index), view * 3,
    ).includes(look),
  )
}

/** What slides in or is drawn has come to rest, and nothing is fetched any more. */
async function atRest({ page }: Visit): Promise<void> {
  await page.waitForFunction(
    () =>
      document.querySelector('main h1') !== null
      && document.querySelector('[aria-busy="true"]') === null
      && document.getAnimations().every(({ playState, effect }) => playState !== 'running' || effect?.getTiming().iterations === Infinity),
  )
  // Two frames: what was decided in the first is drawn in the second.
  await page.evaluate(() => new Promise<void>(drawn => requestAnimationFrame(() => requestAnimationFrame(() => drawn()))))
}

describe.each(LOOKS.map((look, index) => [...look, index] as const))('axe on a %s by %s in %s colours', (screen, theme, colours, look) => {
  it(
    'finds nothing on any view',
    () =>
      walk(
        screen,
        async (gardener) => {
          if (colours === 'forced')
            await (
              await gardener.page.createCDPSession()
            ).send('Emulation.setEmulatedMedia', { features: [{ name: 'forced-colors', value: 'active' }] })
          await gardener.page.evaluateOnNewDocument(wanted => localStorage.setItem('nuxt-color-mode', wanted), theme)
          const found: Record<string, string[]> = {}
          for (const [name, path] of [
            ['welcome', '/welcome'], ['own garden', '/welcome/own'],
          ] as const) {
            await gardener.go(path)
            found[name] = await violations(gardener)
          }
          await gardener.go('/welcome/demo')
          await gardener.see('Apple bay')
          for (const [name, path, open] of viewsIn(look)) {
            await gardener.go(path)
            if (open) await gardener.press(open)
            await atRest(gardener)
            found[name] = await violations(gardener)
            const wide = await gardener.page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
            expect(wide, `${name} is wider than the screen`).toBeLessThanOrEqual(0)
          }
          expect(Object.fromEntries(Object.entries(found).filter(([, list]) => list.length > 0))).toEqual({})
        },
        { forecasts: true },
      ),
    600_000,
  )
})

describe('by keyboard alone', () => {
  it('a reading is recorded, keys lead around and the sheet of keys opens', () =>
    walkDemo('laptop', '/', async (gardener) => {
      const { keyboard } = gardener.page
      await keyboard.press('2')
      await gardener.see('The bench')
      await keyboard.press('3')
      await gardener.see('The store')
      await keyboard.press('?')
      await gardener.see('They work whenever nothing is being typed')
      await keyboard.press('Escape')
      await gardener.page.waitForFunction(() => !document.body.innerText.includes('They work whenever'))
      await keyboard.press('1')
      await gardener.see('Find out why it stays cool')
      await gardener.page.focus('[data-task="reading"] button')
      await keyboard.press('Enter')
      await gardener.page.waitForSelector('[data-task="reading"] input')
      // Along the pads and the minus button to the number.
      for (let step = 0; step < 30 && (await gardener.page.evaluate(() => document.activeElement?.tagName)) !== 'INPUT'; step++)
        await keyboard.press('Tab')
      await keyboard.down('Control')
      await keyboard.press('a')
      await keyboard.up('Control')
      await keyboard.type('41')
      await keyboard.press('Enter')
      await gardener.see('core 41 °C')
      await keyboard.press('Escape')
      await gardener.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
      await keyboard.press('u')
      await gardener.page.waitForFunction(() => !document.body.innerText.includes('core 41 °C'))
    }))
})
