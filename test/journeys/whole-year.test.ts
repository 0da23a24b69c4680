import { readdir, readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { inTurn } from './support/turns'
import { button, field, visit, walk, type Screen, type Visit } from './support/visit'

const nav = (label: string) => `::-p-xpath(//nav//a[contains(normalize-space(.), "${label}")])`
const more = (label: string) => `button[aria-label="more: ${label}"]`

async function gather(gardener: Visit, material: string, count: string, packed = false): Promise<void> {
  await gardener.press(button('Put something in'))
  await gardener.press(`[data-material="${material}"]`)
  await gardener.press(button('These 1'))
  await gardener.type(field('how many of'), count)
  if (packed) await gardener.page.select('[data-bringing] select:nth-of-type(2)', 'packed')
  await gardener.press(button('Into the store'))
  await gardener.see('in the store.')
}

async function readHeat(gardener: Visit, core: string): Promise<void> {
  await gardener.press(`[data-task="reading"] button`)
  await gardener.type(field('Core'), core)
  await gardener.press(button('Record the heat'))
  await gardener.see(`core ${core} °C`)
}

async function savedBackup(gardener: Visit): Promise<string> {
  await gardener.press(nav('Garden'))
  await gardener.press(button('Save a backup'))
  for (let attempt = 0; attempt < 100; attempt++) {
    const name = (await readdir(gardener.downloads)).find(one => one.endsWith('.json'))
    if (name) return join(gardener.downloads, name)
    await new Promise(resolve => setTimeout(resolve, 100))
  }
  throw new Error('no backup was saved')
}

describe.each<Screen>(inTurn(['phone', 'laptop'], 0))('on a %s', (screen) => {
  it('a heap goes from first visit to finished compost and to another profile', () => walk(screen, async (gardener) => {
    // First visit: an own garden in litres, with a climate.
    await gardener.go('/')
    await gardener.press(button('Start my own garden'))
    await gardener.press(button('Litres, cm'))
    await gardener.press(button('Mild coast'))
    await gardener.type(field('A name for the garden'), 'Long border')
    await gardener.press(button('Open my garden'))
    await gardener.press(button('It is all here'))
    await gardener.press(button('That is all'))

    // The store: leaves and grass, as a gardener counts them.
    await gardener.press(nav('Store'))
    await gather(gardener, 'leaves-mixed', '5', true)
    await gather(gardener, 'grass-clippings', '45')
    await gardener.see(/5 sacks\s+of leaves, packed/)
    await gardener.press('[data-lot="leaves-mixed"] [data-lot-more]')
    await gardener.see('400 L, about 86 kg')

    // The bench: both from the store; the verdict follows the buckets.
    await gardener.press('[data-lot="leaves-mixed"] [data-to-bench]')
    await gardener.press('[data-lot="grass-clippings"] [data-to-bench]')
    await gardener.press(nav('Bench'))
    await gardener.type(field('sacks of leaves'), '4')
    await gardener.see(/Too brown/)
    await gardener.type(field('buckets of grass'), '40')
    await gardener.see(/[Gg]ood mix|will work|[Ww]rong season|warm/)
    await gardener.press(button('Square bay'))

    // The sheet and the start: the stock is taken.
    await gardener.press(button('Layers and build sheet'))
    await gardener.see(/sacks? of leaves, packed/)
    await gardener.see('Gloves on')
    await gardener.type(field('Name'), 'Border heap')
    await gardener.press(button('It is built: start it'))
    await gardener.see('Border heap is standing.')
    await gardener.see('Warming up')
    await gardener.press(nav('Store'))
    await gardener.see(/1 sack\s+of leaves, packed/)
    await gardener.see(/5 buckets\s+of grass/)

    // Three days of readings from the round, a squeeze, and one entry taken back.
    await gardener.press(nav('Round'))
    await gardener.see(/Today.s round/)
    for (const core of ['28', '55', '63']) {
      await gardener.daysLater(1)
      await readHeat(gardener, core)
    }
    await gardener.daysLater(1)
    await readHeat(gardener, '26')
    await gardener.press(button('Take back'))
    await readHeat(gardener, '60')
    await gardener.daysLater(1)
    await readHeat(gardener, '57')
    await gardener.see('It peaked at 63 °C')
    await gardener.press('[data-task="turned"] button')
    await gardener.see('Border heap: turned.')
    await gardener.daysLater(3)
    await gardener.press(`[data-task="squeeze"] button`)
    await gardener.press(button('One or two drops'))
    await gardener.see('a wrung-out sponge')

    // The batch page tells the same story.
    await gardener.press(button('Border heap'))
    await gardener.see('Core 63 °C.')
    await gardener.see('Ready between')
    await (await gardener.page.waitForSelector('[data-chart]'))!.evaluate(one => one.scrollIntoView())
    const chart = await gardener.page.waitForSelector('[data-chart] svg', { visible: true })
    expect((await chart!.boundingBox())!.height).toBeGreaterThan(200)
    expect(await gardener.text()).not.toContain('Core 26 °C')

    // Taken down months later: the compost lands in the store.
    await gardener.daysLater(120)
    await gardener.press('a[href$="/finish"]')
    for (let bucket = 0; bucket < 3; bucket++) await gardener.press(more('How much fine compost'))
    await gardener.type(field('How much bed compost'), '20')
    await gardener.press(button('Into the store with it'))
    await gardener.see('Border heap is taken out.')
    await gardener.see('Came out')
    await gardener.press(nav('Store'))
    await gardener.see(/compost, sieved/)

    // The backup, read on another profile.
    const file = await savedBackup(gardener)
    expect(JSON.parse(await readFile(file, 'utf8'))).toMatchObject({ format: 'wastrum-garden', version: 1 })
    const other = await visit(screen)
    try {
      await other.go('/')
      await other.press(button('Is my pile any good'))
      await other.press(button('That is all'))
      await other.press(nav('Garden'))
      const input = await other.page.waitForSelector('input[data-backup-file]')
      await input!.uploadFile(file)
      await other.see('holds 1 heap')
      await other.press(button('Replace what is here'))
      await other.see('A backup was read in')
      await other.see('Long border')
      await other.press(nav('Yard'))
      await other.press('[data-years]')
      await other.press(button('Border heap'))
      await other.see('Core 63 °C.')
      expect(other.complaints).toEqual([])
    }
    finally { await other.close() }
  }))
})
