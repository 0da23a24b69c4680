import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { must } from '../../test/builders/bands'
import { COMFORT, DRUM, litresOf, saidOf, some, type BenchCase, type Said } from '../../test/builders/benches'
import { GARDEN_EFFORT, solverOf, type LpSolver, type Solver } from '../balancing/program'
import { wayOutText, whyImpossible } from '../balancing/words'
import { typicalTotals } from '../mix/balance'
import { judge } from '../mix/judgement'
import { portionOf } from '../mix/portion'

/*
 * Eight benches as practitioners have them, and what a good composter says to each: in amounts and in words.
 */
let solver: Solver
beforeAll(async () => { solver = solverOf(await highsLoader() as unknown as LpSolver, GARDEN_EFFORT) })
const said = (bench: BenchCase): Said => saidOf(bench, solver)
const gradeOf = (ingredients: Said['answers'][number]['ingredients']) =>
  must(judge(typicalTotals(ingredients.map(portionOf)), COMFORT)).grade

describe('six packed sacks of leaves, ten litres of scraps a week, two kilograms of coffee', () => {
  // 2 kg of grounds at 400 kg/m³ are 5 L: a caddy.
  const bench = {
    lies: [some('leaves-mixed', 6, 'sack', { packing: 'packed' }), some('kitchen-veg', 1, 'bucket'), some('coffee-grounds', 1, 'caddy')],
    month: 11,
  } as const

  it('is no hot heap yet: most of it goes to a cage, the rest is fed week by week', () => {
    const { verdict, counsel } = said(bench)
    expect(verdict.text).toMatch(/^Too brown: 5\d : 1 in what decays, where 40 : 1 still works\./)
    expect(counsel.join(' ')).toMatch(
      /Not a hot heap yet: cage as leaf mould about (5¼|5½|5¾) of the 6 sacks of leaves, and feed the rest to a heap week by week/,
    )
  })

  it('or wants a nitrogen feed, and how much of it', () => {
    // Leaves: 1152 L × 90 × 0.62 = 64.3 kg dry; 0.675 of them take part: C 21.1, N 0.39 kg. To 40 : 1 it lacks about 0.14 kg of nitrogen.
    const line = said(bench).counsel.find(one => one.includes('nitrogen feed'))!
    const [, urineL] = line.match(/(\d+(?:\.\d)?) L of urine, diluted/)!
    // A litre of urine holds 1.01 × 0.045 × 0.17 = 7.7 g.
    expect(Number(urineL) * 7.7).toBeGreaterThan(100)
    expect(Number(urineL) * 7.7).toBeLessThan(180)
    expect(line).toMatch(/\(\d(\.\d)? kg\) of (horn|blood) meal/)
  })

  it('is never told to add more scraps than the household has', () => {
    expect(said(bench).counsel.join(' ')).not.toMatch(/buckets of kitchen scraps/)
    for (const { ingredients } of said(bench).answers) expect(litresOf(ingredients, 'kitchen-veg')).toBeLessThanOrEqual(12)
  })
})

describe('four barrows of strawy horse manure, leaves at will', () => {
  const bench = { lies: [some('horse-manure-straw', 4, 'barrow')], around: ['leaves-mixed'] } as const

  it('is nearly a heap as it is: a smaller base, or more of it', () => {
    const { verdict } = said(bench)
    expect(verdict.grade).toBe('workable')
    expect(verdict.text).toMatch(/^Nearly a heap as it is/)
    expect(verdict.advice).toMatch(/smaller base/)
    expect(verdict.advice).toMatch(/barrows of horse manure/)
  })

  it('takes two to four sacks of leaves, and keeps all of the manure', () => {
    const [first] = said(bench).answers
    expect(first!.ingredients.map(({ material }) => material.id)).toEqual(['horse-manure-straw', 'leaves-mixed'])
    expect(litresOf(first!.ingredients, 'horse-manure-straw')).toBe(340)
    expect(litresOf(first!.ingredients, 'leaves-mixed')).toBeGreaterThanOrEqual(160)
    expect(litresOf(first!.ingredients, 'leaves-mixed')).toBeLessThanOrEqual(320)
  })
})

describe('much grass and only card', () => {
  it('goes together wilted and shredded, card a third to a whole of the grass', () => {
    const { answers } = said({ lies: [some('grass-clippings', 20, 'bucket'), some('cardboard', 3, 'sack')], month: 6, fetching: false })
    expect(answers.every(({ ingredients }) => litresOf(ingredients, 'cardboard') > 0)).toBe(true)
    const eased = answers.find(({ title }) => title.includes('wilted'))!
    expect(eased.title).toBe('With the grass wilted and the torn card shredded')
    const [grassL, cardL] = [litresOf(eased.ingredients, 'grass-clippings', 'wilted'), litresOf(eased.ingredients, 'cardboard', 'shredded')]
    expect(grassL).toBeGreaterThan(100)
    expect(cardL / grassL).toBeGreaterThan(0.33)
    expect(cardL / grassL).toBeLessThan(1)
  })

  it('as it comes is told to lie in thin layers', () => {
    const { verdict, judgement } = said({ lies: [some('grass-clippings', 24, 'bucket'), some('cardboard', 2, 'sack')], month: 6 })
    expect(judgement.ills.map(({ ill }) => ill)).toEqual(expect.arrayContaining(['mats']))
    expect(verdict.text).toMatch(/in thin layers, well mixed|too small/i)
  })
})

describe('chips and fresh grass, one to one', () => {
  it('heats well, and the chips go round again', () => {
    const { judgement, verdict } = said({ lies: [some('wood-chips', 12, 'barrow'), some('grass-clippings', 12, 'barrow')], month: 6 })
    expect(judgement.measures.carbonToNitrogen).toBeGreaterThan(70)
    expect(judgement.grade).toBe('good')
    expect(verdict.text).toMatch(/^Good mix/)
    expect(verdict.text).toMatch(/Sieve the wood chips out at the end: they go round again/)
  })
})

describe('a drum of 200 L, four sacks of leaves, ten buckets of grass, two of scraps', () => {
  const bench = {
    lies: [some('leaves-mixed', 4, 'sack'), some('grass-clippings', 10, 'bucket'), some('kitchen-veg', 2, 'bucket')], vessel: DRUM,
    month: 6, fill: 'full', fetching: false,
  } as const

  it('has an answer that fits in, where whole containers do not come out well in halves', () => {
    const { answers } = said(bench)
    expect(answers.length).toBeGreaterThan(0)
    for (const { measures, ingredients } of answers) {
      expect(measures.volumeL * 0.78).toBeLessThanOrEqual(201)
      expect(gradeOf(ingredients)).not.toBe('poor')
    }
  })

  it('is told to be warm rather than hot, because it is small', () => {
    const lies = said(bench).answers[0]!.ingredients
    expect(said({ ...bench, lies }).verdict.text).toMatch(/warm rather than hot: small as it is|Too small|too small to heat/)
  })

  it('says that the whole pile does not go in', () => {
    expect(said(bench).verdict.text).toMatch(/above the rim/)
  })
})

describe('six buckets of scraps alone, to use what spoils', () => {
  it('keeps all six, with two to three times their litres of leaves or straw', () => {
    const [first] = said({ lies: [some('kitchen-veg', 6, 'bucket')], month: 11 }).answers
    expect(litresOf(first!.ingredients, 'kitchen-veg')).toBe(72)
    const browns = ['leaves-mixed', 'straw-wheat', 'cardboard'].reduce((sum, id) => sum + litresOf(first!.ingredients, id), 0)
    expect(browns / 72).toBeGreaterThanOrEqual(1.9)
    expect(browns / 72).toBeLessThanOrEqual(3.5)
  })

  it('with nothing fetched says what is missed, and the browns to fetch for all six', () => {
    const { found } = said({ lies: [some('kitchen-veg', 6, 'bucket')], month: 11, fetching: false })
    if (found.kind !== 'impossible') throw new Error(found.kind)
    expect(whyImpossible(found.impossible, 'metric')).toMatch(/85 % water, where this stuff works up to 65 %/)
    const [smallest] = found.impossible.ways
    expect(litresOf(smallest!.ingredients, 'kitchen-veg')).toBe(72)
    expect(wayOutText(smallest!)).toMatch(/sacks? of (leaves|straw|torn card)/)
  })
})

describe('wet spring grass and soaked leaves', () => {
  const bench = {
    lies: [some('grass-clippings', 12, 'bucket'), some('leaves-mixed', 2, 'sack', { prepared: 'soaked' })], month: 4,
  } as const

  it('wants the grass wilted, something dry, and nothing fetched that is soaked', () => {
    const { counsel, answers, verdict } = said(bench)
    expect(verdict.text).toMatch(/^Too wet: 7\d % water/)
    expect(counsel[0]).toMatch(/[Ww]ilt the grass first/)
    expect(counsel[0]).toMatch(/[Dd]on’t soak the leaves/)
    expect(counsel[0]).toMatch(/sacks? of (straw|torn card)/)
    expect(answers.map(({ title }) => title)).toContain('With the grass wilted and the leaves not soaked')
    // What lies there soaked is two sacks, 136 L as soaked; no more than that ever is.
    for (const { ingredients } of answers) expect(litresOf(ingredients, 'leaves-mixed', 'soaked')).toBeLessThanOrEqual(136.1)
  })
})

describe('oak leaves with chicken droppings', () => {
  it('is one voice: the mix works, the heap is small, and the size is named', () => {
    const { judgement, verdict } = said({ lies: [some('leaves-oak', 8, 'sack'), some('chicken-manure', 2, 'bucket')], month: 11 })
    expect(judgement.grade).not.toBe('poor')
    expect(verdict.weakest).toBe('size')
    expect(verdict.text).not.toMatch(/expect about/i)
  })

  it('big enough, is simply good', () => {
    const { verdict } = said({ lies: [some('leaves-oak', 24, 'sack'), some('chicken-manure', 7, 'bucket')], month: 11 })
    expect(verdict.text).toMatch(/^Good mix|^This will work/)
    expect(verdict.weakest).not.toBe('size')
  })
})

describe('too little and too much', () => {
  it('of a bucket and half a sack is sent to a slow heap or to worms', () => {
    const { verdict } = saidOf({ lies: [some('kitchen-veg', 1, 'bucket'), some('leaves-mixed', 0.5, 'sack')] }, solver)
    expect(verdict.advice).toMatch(/slow heap as it comes, or to worms/)
    expect(verdict.advice).not.toMatch(/fill it higher/)
  })

  it('of fourteen cubic metres is split, and nothing stands eleven metres above a rim', () => {
    const lies = [some('leaves-mixed', 60, 'sack'), some('grass-clippings', 300, 'bucket'), some('horse-manure-straw', 60, 'barrow')]
    const { verdict } = saidOf({ lies }, solver)
    expect(verdict.text).toMatch(/fills \d+ such places: build as many heaps/)
    expect(verdict.text).not.toMatch(/above the rim/)
  })
})
