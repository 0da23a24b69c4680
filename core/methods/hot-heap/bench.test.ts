import { balancedOf } from '../contract'
import { describe, expect, it } from 'vitest'
import { must } from '../../../test/builders/bands'
import { BUCKET, SACK, surroundingsOn } from '../../../test/builders/heaps'
import { findMaterial } from '../../materials/book'
import { typicalTotals } from '../../mix/balance'
import { judge } from '../../mix/judgement'
import { portionOf, type Ingredient } from '../../mix/portion'
import { VESSEL_PRESETS } from '../../vessel/presets'
import { hotHeap } from '.'
import { buildSteps } from './steps'
import { handsOn } from './effort'
import { warningsFor } from './cautions'
import type { Site } from '../../vessel/site'
import type { Proposal } from '../contract'
import { outlookOf } from './outlook'
import { verdictOf } from './verdict'

const of = (id: string, count: number, container = BUCKET): Ingredient => ({
  material: findMaterial(id)!, amount: { count, container, packing: 'loose' },
})
const judged = (ingredients: readonly Ingredient[]) =>
  must(judge(typicalTotals(ingredients.map(portionOf)), balancedOf(hotHeap)!.mixing.comfort('by-thermometer')))
const BAY: Site = { kind: 'vessel', vessel: VESSEL_PRESETS[1]! }
const plannedOf = (ingredients: readonly Ingredient[]): Proposal => ({
  site: BAY, approachId: 'by-thermometer', answers: {}, ingredients, waterL: judged(ingredients).waterL,
  volumeL: judged(ingredients).measures.volumeL,
})
const outlook = (ingredients: readonly Ingredient[], ambientC = 15) => outlookOf(plannedOf(ingredients), surroundingsOn(0, ambientC))
const verdict = (ingredients: readonly Ingredient[], ambientC = 15) =>
  verdictOf(plannedOf(ingredients), judged(ingredients), surroundingsOn(0, ambientC))

describe('the heat outlook', () => {
  it('is good for a balanced bay, cool for leaves alone and for a bucketful', () => {
    expect(outlook([of('leaves-mixed', 12, SACK), of('grass-clippings', 50)]).grade).toBe('good')
    expect(outlook([of('leaves-mixed', 18, SACK)]).grade).toBe('poor')
    expect(outlook([of('leaves-mixed', 1, SACK), of('grass-clippings', 4)]).peakC).toBeLessThan(45)
  })

  it('falls as a good mix is made browner', () => {
    // About as much of it in all, with less and less grass.
    const peaks = (
      [
        [18, 55], [23, 20], [25, 6],
      ] as const
    ).map(([sacks, buckets]) => outlook([of('straw-wheat', sacks, SACK), of('grass-clippings', buckets)]).peakC)
    expect(peaks[0]).toBeGreaterThan(peaks[1]!)
    expect(peaks[1]).toBeGreaterThan(peaks[2]!)
  })
})

describe('the verdict of mix, size and season', () => {
  const good = [of('leaves-mixed', 18, SACK), of('grass-clippings', 60)]
  it('promises heat only when all three are right', () => {
    expect(verdict(good)).toMatchObject({
      grade: 'good', text: expect.stringMatching(/^Good mix, big enough\. Expect (50|55|60)–(60|65|70) °C within a week\.$/),
    })
    expect(verdict(good).weakest).toBeUndefined()
  })

  it('names the size when the same mix is an eighth as much', () => {
    const little = good.map(one => ({ ...one, amount: { ...one.amount, count: one.amount.count / 8 } }))
    expect(verdict(little)).toMatchObject({
      grade: 'poor', weakest: 'size', text: expect.stringMatching(/^Good mix, too small to heat\./),
      advice: expect.stringMatching(/^Fill it higher: about [\d,]+ L more of the same, say \d+½? sacks of leaves with what goes with it/),
    })
    expect(verdict(little).text).not.toMatch(/Expect/)
  })

  it('says both when a small pile is off as well, the size first', () => {
    expect(verdict([of('leaves-mixed', 1.5, SACK), of('grass-clippings', 3)]).text).toMatch(/^Too small to heat, and a little brown\./)
  })

  it('names the mix when leaves alone fill the bay, whatever the season', () => {
    expect(verdict([of('leaves-mixed', 18, SACK)])).toMatchObject({
      grade: 'poor', weakest: 'mix',
      text: 'Too brown: 54 : 1 in what decays, where 40 : 1 still works. It would stay cool and sit for a year or more.',
    })
    // In frost that is said beside it: mended, it would still be the wrong time.
    expect(verdict([of('leaves-mixed', 18, SACK)], -5)).toMatchObject({
      weakest: 'mix', text: expect.stringMatching(/^Too brown.*And in this cold even a good mix hardly starts: gather for spring/),
    })
  })

  it('names the season when only the cold keeps it down, and never promises what the cold takes', () => {
    const cold = [-5, -10, -15]
      .map(ambientC => ({ peakC: outlook(good, ambientC).peakC, said: verdict(good, ambientC) }))
      .find(({ peakC }) => peakC < 45)
    expect(cold?.said).toMatchObject({
      weakest: 'season',
      text: expect.stringMatching(/^Good mix, wrong season: begun now (about \d|hardly one) in ten such heaps would heat; expect/),
    })
    // The air stays as cold as that in this test: no month is promised.
    expect(cold?.said.advice).not.toMatch(/begin it in/)
  })

  it('says the season that is warm enough where there is one', () => {
    const frost = -12
    const thaw = {
      ...surroundingsOn(0, frost),
      weather: { ...surroundingsOn(0, frost).weather, ambientC: (at: Date) => (at.getMonth() >= 7 ? 18 : frost) },
    }
    const said = verdictOf(plannedOf(good), judged(good), thaw)
    expect(said.weakest).toBe('season')
    expect(said.advice).toMatch(/[Bb]egin it in August/)
  })
})

describe('hands-on time', () => {
  const proposal = (ingredients: readonly Ingredient[], approachId = 'weekly') => ({
    vessel: VESSEL_PRESETS[0]!, approachId, answers: {}, ingredients, waterL: 0, volumeL: 1000,
  })

  it('counts each container, and preparing for itself', () => {
    // 15 minutes around, 1.8 each for 30 containers.
    expect(handsOn(proposal([of('leaves-mixed', 10, SACK), of('grass-clippings', 20)])).building.typical).toBeCloseTo(15 + 54, 9)
    const shredded = { ...of('leaves-mixed', 10, SACK), prepared: 'shredded' as const }
    // 800 L become 480 L: eight minutes a hundred litres.
    expect(handsOn(proposal([shredded])).building.typical).toBeCloseTo(15 + 18 + 8 * 4.8, 9)
  })

  it('turns as often as the approach does', () => {
    expect(handsOn(proposal([of('twigs', 1)], 'seldom')).turns).toBe(2)
    expect(handsOn(proposal([of('twigs', 1)])).eachTurn.typical).toBeCloseTo(35, 9)
  })
})

describe('warnings', () => {
  const texts = (ingredients: readonly Ingredient[], approachId: string) =>
    warningsFor(ingredients, approachId).map(({ materialId }) => materialId)

  it('about seeds stand in an approach that hardly turns, and only there', () => {
    const weedy = [of('leaves-mixed', 5, SACK), of('weeds-seeding', 4)]
    expect(texts(weedy, 'seldom')).toEqual(['weeds-seeding'])
    expect(texts(weedy, 'by-thermometer')).toEqual([])
  })

  it('about seeds and sickness go by the heat that is expected, whatever the school', () => {
    const some = [of('leaves-mixed', 5, SACK), of('hay-grass', 4), of('veg-haulm', 3)]
    const said = (expectedC: number, units: 'metric' | 'us' = 'metric') =>
      warningsFor(some, 'by-thermometer', expectedC, units).map(({ text }) => text.replace(/\u00A0/g, ' '))
    expect(said(60)).toEqual([])
    expect(said(41)).toEqual([
      expect.stringMatching(/^Hay may bring living seeds, and this heap is expected to reach about 40 °C, which kills none of it\./),
      expect.stringMatching(/^Spent plants may bring sickness, .*public collection\.$/),
    ])
    expect(said(41, 'us')[0]).toMatch(/about 104 °F/)
  })

  it('about poultry manure and ash go by the share', () => {
    expect(texts([of('leaves-mixed', 10, SACK), of('chicken-manure', 40)], 'weekly')).toEqual(['chicken-manure'])
    expect(texts([of('leaves-mixed', 10, SACK), of('chicken-manure', 2)], 'weekly')).toEqual([])
    expect(texts([of('leaves-mixed', 1, SACK), of('wood-ash', 1)], 'weekly')).toEqual(['wood-ash'])
  })
})

describe('the order of work', () => {
  const ordinary = {
    vessel: VESSEL_PRESETS[0]!, approachId: 'weekly', answers: {},
    ingredients: [
      of('twigs', 2), of('leaves-mixed', 6, SACK), of('cardboard', 2, SACK), of('grass-clippings', 14), of('kitchen-veg', 4),
      of('coffee-grounds', 2),
    ],
    waterL: 60, volumeL: 900,
  }
  const steps = buildSteps(ordinary)
  const laid = steps.flatMap(({ spreads = [] }) => spreads)

  it('is a dozen ticks at most for an ordinary heap, and says nothing twice', () => {
    expect(steps.length).toBeLessThanOrEqual(12)
    expect(steps.map(({ title }) => title)).toEqual([
      'Sort and prepare', 'Base',
      ...Array.from({ length: steps.length - 4 }, (_, index) => `Layer ${index + 1} of ${steps.length - 4}`),
      'Cap',
      'Cover and mark',
    ])
    const sentences = steps.map(({ detail }) => detail).filter(Boolean)
    expect(new Set(sentences).size).toBe(sentences.length)
  })

  it('forks greens together that alone would be a film, and loses none of them nor of the water', () => {
    const mixed = laid.filter(({ label }) => label === 'Green, mixed')
    expect(mixed.length).toBeGreaterThan(0)
    expect(mixed.every(({ strata }) => strata.length > 1 && strata.every(({ heightShare }) => heightShare * 0.75 < 0.02))).toBe(true)
    const counted = (id: string) =>
      laid.flatMap(({ strata }) => strata).reduce((sum, one) => (one.materialId === id ? sum + one.amount.count : sum), 0)
    expect(ordinary.ingredients.map(({ material }) => counted(material.id))).toEqual([2, 6, 2, 14, 4, 2])
    expect(steps.reduce((sum, { waterL = 0 }) => sum + waterL, 0)).toBeCloseTo(60, 6)
  })
})

describe('the build steps of prepared stuff', () => {
  const shredded: Ingredient = { ...of('leaves-mixed', 6, SACK), prepared: 'shredded' }
  const proposal = {
    vessel: VESSEL_PRESETS[0]!, approachId: 'seldom', answers: {}, ingredients: [shredded, of('weeds-seeding', 20)], waterL: 30,
    volumeL: 500,
  }
  const steps = buildSteps(proposal)

  it('begin with preparing it and with what this approach cannot kill', () => {
    expect(steps[0]!.detail).toContain('The leaves are shredded')
    expect(steps[0]!.cautions[0]).toContain('a heap that is hardly turned leaves much of it alive')
  })

  it('count it as gathered and say how much it then is', () => {
    // Six tenths of what was gathered.
    // 6 sacks at 60 % are 3.6, said in quarters.
    expect(steps[0]!.detail).toMatch(/Counted as gathered; shredded it is about 3½ sacks\./)
    const counted = steps
      .flatMap(({ spreads = [] }) => spreads.flatMap(({ strata }) => strata))
      .reduce((sum, { materialId, amount }) => (materialId === 'leaves-mixed' ? sum + amount.count : sum), 0)
    expect(counted).toBeCloseTo(6, 9)
  })
})
