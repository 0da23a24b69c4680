import { fileURLToPath } from 'node:url'
import { build } from 'vite'
import { beforeAll, describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { button, field, walkOwn, type Screen } from './support/visit'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))
let beside = ''
/** The made-up method as a script of its own, laid beside the shipped ones before the app begins. */
beforeAll(async () => {
  const made = await build({
    configFile: false, logLevel: 'silent', resolve: { alias: { '#core': at('../../core') } },
    build: {
      write: false, minify: false,
      lib: { entry: at('../builders/echo-method.ts'), formats: ['iife'], name: 'madeUp', fileName: 'made-up' },
    },
  })
  const [output] = [made].flat().flatMap(one => 'output' in one ? one.output : [])
  if (output?.type !== 'chunk') throw new Error('the made-up method was not built')
  beside = `${output.code}\nglobalThis.wastrumMethodsBeside = [madeUp.echo]`
})

/** No vessel, no heat, no mix, no forecast, no product, hours long: no screen knows of it, and all of them serve it. */
describe.each<Screen>(inTurn(['phone', 'laptop'], 0))('a method that only tests know, on a %s', (screen) => {
  it('is chosen, planned, begun, recorded, asked for on the round and ended', () => walkOwn(screen, async (gardener) => {
    await gardener.press('[data-another-method]')
    await gardener.press('[data-method="echo"]')
    await gardener.see('Still air: every word comes back.')
    await gardener.press(button('Gusty'))
    await gardener.see('In gusts half of it is lost.')
    await gardener.press(button('Round pond'))
    await gardener.press(button('How it is done'))
    await gardener.see('Mind the drop.')
    await gardener.type(field('Name'), 'Far side')
    await gardener.press(button('Begin listening'))
    await gardener.see('Far side is standing')
    await gardener.see(/Ringing\. 0 hours/)
    for (const absent of ['What is wrong?', 'Is it ready?', 'Probe and files', 'What if I'])
      expect(await gardener.text()).not.toContain(absent)
    expect(await gardener.shown('[data-chart]')).toBe(false)

    await gardener.press('[data-pad="called"]')
    await gardener.type(field('How loud'), '7')
    await gardener.press('::-p-xpath(//form//button[normalize-space(.)="Called"])')
    await gardener.see('Called, 7 loud.')
    await gardener.press('[data-pad="hear"]')
    await gardener.press(button('Every word'))
    await gardener.see('Hear: every word. The valley is well tuned.')
    await gardener.press('[data-pad="rings"]')
    await gardener.type(field('Rings from the far side'), '4')
    await gardener.press(button('Record the rings'))
    await gardener.see('4 rings.')

    await gardener.daysLater(0.1)
    await gardener.go('/')
    await gardener.see('Call again')
    await gardener.press('[data-task="called"] button')
    await gardener.press('::-p-xpath(//form//button[normalize-space(.)="Called"])')
    await gardener.go('/years')
    await gardener.see(/faded /)
    await gardener.press(button('Far side'))
    await gardener.press(button('End it'))
    await gardener.see('Leave the valley as you found it.')
    await gardener.press('form button.strong')
    await gardener.see('Ended: nothing kept.')
    await gardener.see(/Silent\. It is over\./)
  }, { first: beside }), 150_000)
})
