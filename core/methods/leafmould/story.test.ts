import { describe, expect, it } from 'vitest'
import { aroundOn, begun, did, gauged, input, put, seen } from '../../../test/builders/batches'
import { SACK } from '../../../test/builders/heaps'
import { findMaterial } from '../../materials/book'
import { daysBetween } from '../../units/time'
import { cageOn } from './now'
import { SITES } from './sites'
import { leafmould } from '.'

// What a wire cage of mixed leaves says over two years, in a place with half of what it needs of rain.
const filled = (since: Parameters<typeof begun>[1] = []) =>
  begun({ methodId: 'leafmould', approachId: 'alone', site: SITES[0]!, inputs: [input('leaves-mixed', 9, SACK)], waterL: 40 }, since)
const dryYear = (day: number) => aroundOn(day, { rainMm: 0.5 })
const told = (day: number, since: Parameters<typeof begun>[1] = []) => {
  const batch = filled(since)
  const around = dryYear(day)
  const days = (at: Date) => Math.round(daysBetween(batch.began.at, at))
  return [
    leafmould.life.standing(batch, around).phase,
    ...leafmould.life.tasks(batch, around).map(({ title, due, until, urgency }) => `${title}, ${days(due)} to ${days(until)}, ${urgency}`),
  ]
}

describe('what a cage says', () => {
  it.each<readonly [number, readonly string[]]>([
    [1, ['settling', 'Fill it up again, 21 to 67, usual', 'Look inside, 135 to 166, whenever']],
    [60, ['rotting', 'Fill it up again, 21 to 67, usual', 'Look inside, 135 to 166, whenever']],
    [160, ['rotting', 'Squeeze a handful from inside, 42 to 64, whenever', 'Look inside, 135 to 166, whenever']],
    [
      240,
      [
        'dry', 'Water it through, 240 to 248, usual', 'Squeeze a handful from inside, 42 to 64, whenever',
        'Look inside, 135 to 166, whenever',
      ],
    ],
    [420, ['dry', 'Water it through, 420 to 428, usual', 'Look inside, 135 to 166, whenever']],
  ])('on day %d of a dry year', (day, wanted) => {
    expect(told(day)).toEqual(wanted)
  })

  it('is content for a while once it was looked into, squeezed and watered', () => {
    const since = [seen(140, 'look', 'whole'), seen(150, 'squeeze', 'right'), put(238, [], 120), put(239, [], 120)]
    expect(told(160, since.slice(0, 2)).join()).not.toMatch(/Look inside, 1|Squeeze a handful from inside, (42|1[0-5])/)
    expect(told(240, since).join()).not.toMatch(/Water it through, 240/)
  })
})

describe('a cage cut open', () => {
  const parts = (day: number, since: Parameters<typeof begun>[1] = []) => leafmould.life.picture(filled(since), dryYear(day))!.parts
  const heightOf = (day: number, since: Parameters<typeof begun>[1] = []) =>
    parts(day, since).flatMap(one => (one.kind === 'fill' ? [one.heightM] : []))[0]!

  it('stands as high as was measured while that is fresh, then as reckoned', () => {
    const measured = [gauged(100, 'height', 'top', 0.7)]
    // It sinks on from there, by less than a hundredth in a day.
    expect(heightOf(101, measured)).toBeCloseTo(0.7, 2)
    expect(heightOf(140, measured)).toBeCloseTo(cageOn(filled(measured), dryYear(140))!.heightM, 9)
  })

  it('fades by what has rotted, marks the rim where it has sunk below, and its dry outside', () => {
    const day = parts(160)
    expect(day.flatMap(one => one.kind === 'fading' ? [one.share] : [])[0]).toBeCloseTo(1 - cageOn(filled(), dryYear(160))!.left, 9)
    expect(day.flatMap(one => one.kind === 'level' ? [one.yM] : [])).toEqual([1])
    expect(day.flatMap(one => one.kind === 'shell' ? [one.thickM] : [])).toEqual([0.1])
  })

  it('tells any day in words: how high, what is left, how wet, fit for what', () => {
    const words = leafmould.life.told(filled(), dryYear(160), 160)
    expect(words).toBe('Today: 36 cm high, about a quarter rotted away, moist inside, leaf shapes whole.')
  })
})

describe('what the bench says of leaves', () => {
  const texts = (approachId: string, id: string) => leafmould.plan.draft({
    site: SITES[0]!, approachId, answers: {}, waterL: 0, volumeL: 0,
    ingredients: [{ material: findMaterial(id)!, amount: { count: 9, container: SACK, packing: 'loose' } }],
  }, aroundOn(0)).warnings.map(({ text }) => text).join(' ')

  it('names what the school asks for and what is slow, and nothing where all is as it should be', () => {
    expect(texts('alone', 'leaves-mixed')).toBe('')
    expect(texts('shredded', 'leaves-mixed')).toMatch(/This school shreds them/)
    expect(texts('alone', 'leaves-oak')).toMatch(/slow\. Shredded/)
    expect(texts('alone', 'grass-clippings')).toMatch(/with a little green/)
    expect(texts('alone', 'horse-manure-straw')).toMatch(/with a little green/)
    expect(texts('with-nitrogen', 'grass-clippings')).not.toMatch(/with a little green/)
  })
})

describe('what a gardener knows of a place', () => {
  const under = (rain: 'open' | 'roof') =>
    begun({
      methodId: 'leafmould', approachId: 'alone', site: SITES[0]!, answers: { rain }, inputs: [input('leaves-mixed', 9, SACK)],
      waterL: 40,
    })

  it('under a roof hardly any rain gets in: dry by summer where an open one is not', () => {
    const wet = aroundOn(240, { rainMm: 3 })
    expect(cageOn(under('open'), wet)!.moisture).toBeGreaterThan(0.6)
    expect(cageOn(under('roof'), wet)!.moisture).toBeLessThan(0.3)
    expect(leafmould.life.standing(under('roof'), wet).phase).toBe('dry')
    expect(leafmould.plan.asks('alone').map(({ id }) => id)).toContain('rain')
    expect(leafmould.plan.asks('bagged').map(({ id }) => id)).not.toContain('rain')
  })

  it('a plan under a roof counts on the can and says so; a cage left dry says that nothing is in sight', () => {
    const draft = (rain: string) =>
      leafmould.plan.draft(
        {
          site: SITES[0]!, approachId: 'alone', answers: { rain }, waterL: 0, volumeL: 0,
          ingredients: [{ material: findMaterial('leaves-mixed')!, amount: { count: 9, container: SACK, packing: 'loose' } }],
        },
        aroundOn(0),
      )
    expect(draft('roof').warnings[0]!.text).toMatch(/you who rains/)
    expect(draft('open').warnings).toEqual([])
    expect(draft('roof').verdict).toEqual(draft('open').verdict)
    const [mulch] = leafmould.life.windows(under('roof'), aroundOn(300))
    expect(mulch).toMatchObject({ orLater: true })
    expect(mulch!.reasons[0]).toMatch(/not in sight/)
    expect(leafmould.life.windows(under('open'), aroundOn(300))[0]!.reasons[0]).not.toMatch(/not in sight/)
  })

  it('a hand that felt dust is believed over the weather, until it is watered', () => {
    const felt = [seen(200, 'squeeze', 'dust')]
    const sentence = (since: Parameters<typeof begun>[1]) => leafmould.life.standing(filled(since), aroundOn(210)).sentence
    expect(sentence(felt)).toMatch(/dry as dust on 20 May, about [a-z ]+ rotted away\.$/)
    expect(sentence([...felt, put(205, [], 80)])).toMatch(/: (moist|wet|a little dry) in the middle, about [a-z ]+ rotted away\.$/)
  })

  it('leaves humus behind: of fast leaves a fifth of the mass is there after three years, and it hardly shrinks', () => {
    const fast = begun({ methodId: 'leafmould', approachId: 'alone', site: SITES[0]!, inputs: [input('leaves-fast', 9, SACK)], waterL: 40 })
    const left = (day: number) => cageOn(fast, aroundOn(day))!.left
    expect(left(1100)).toBeGreaterThan(0.15)
    expect(left(1100)).toBeLessThan(0.25)
    expect(left(700) - left(1060)).toBeLessThan(0.05)
  })

  it('in bags and at the end asks for no squeeze', () => {
    const titles = (since: Parameters<typeof begun>[1], day: number) =>
      leafmould.life.tasks(filled(since), aroundOn(day)).map(({ title }) => title)
    expect(titles([], 200)).toContain('Squeeze a handful from inside')
    expect(titles([did(100, 'bagged', { bags: 4 })], 200)).not.toContain('Squeeze a handful from inside')
    expect(titles([], 1200)).not.toContain('Squeeze a handful from inside')
  })
})
