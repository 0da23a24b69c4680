import { describe, expect, it } from 'vitest'
import { findMaterial } from '../materials/book'
import { containerThen, STARTING_CONTAINERS } from '../units/container'
import { typicalTotals } from './balance'
import { judge } from './judgement'
import { BANDS, must } from '../../test/builders/bands'
import { leversFor, leversThatHelp, type Candidate, type Leeway } from './lever'
import { portionOf, type Ingredient } from './portion'
import { leverText, verdictText } from './words'

const comfort = BANDS
const anyway: Leeway = { pinned: [], roomL: 1e6 }
const bucket = containerThen(STARTING_CONTAINERS.metric[0]!)
const sack = containerThen(STARTING_CONTAINERS.metric[1]!)
const of = (id: string) => findMaterial(id)!
const some = (id: string, count: number, container = bucket): Ingredient => ({
  material: of(id), amount: { count, container, packing: 'loose' },
})
const around = (id: string, container = bucket): Candidate => ({
  material: of(id), container, packing: 'loose', count: Infinity, inStore: false,
})
const candidates = [around('cardboard'), around('leaves-mixed', sack), around('grass-clippings'), around('kitchen-veg')]
const judged = (ingredients: Ingredient[]) => must(judge(typicalTotals(ingredients.map(portionOf)), comfort))
const leversOf = (ingredients: readonly Ingredient[], offered: readonly Candidate[] = candidates, leeway = anyway) =>
  leversFor(ingredients, offered, comfort, leeway)!

describe('the verdict', () => {
  it('calls leaves alone too brown and grass alone a wet, matting mess', () => {
    const leaves = judged([some('leaves-mixed', 4, sack)])
    expect(leaves.grade).toBe('poor')
    expect(leaves.ills[0]!.ill).toBe('too-brown')
    const grass = judged([some('grass-clippings', 6)])
    expect(grass.grade).toBe('poor')
    expect(grass.ills.map(({ ill }) => ill)).toEqual(expect.arrayContaining(['too-green', 'too-wet', 'mats']))
  })

  it('is content with four sacks of leaves and sixteen buckets of grass', () => {
    // 320 L leaves: 28.8 kg, 17.856 kg dry, N 0.160704, C 8.678016, 0.675 of them taking part
    // 96 L grass: 19.2 kg, 3.456 kg dry, N 2.7 % = 0.093312, C 1.586304: in all 10.26432 / 0.254016 = 40.4; taking part (5.857661
    // + 1.586304) / (0.108475 + 0.093312) = 36.9
    const eight = judged([some('leaves-mixed', 4, sack), some('grass-clippings', 8)])
    expect(eight.measures.carbonToNitrogen).toBeCloseTo(40.4, 1)
    expect(eight.measures.availableCarbonToNitrogen).toBeCloseTo(36.9, 1)
    expect(eight.grade).toBe('workable')
    const good = judged([some('leaves-mixed', 4, sack), some('grass-clippings', 12)])
    expect(good.grade).toBe('good')
    expect(verdictText(good)).toMatch(/good mix/)
  })
})

describe('levers', () => {
  it('offer greens for leaves, in containers, and every offer really helps', () => {
    const ingredients = [some('leaves-mixed', 4, sack)]
    const levers = leversOf(ingredients)
    expect(levers.add?.kind === 'add' && levers.add.candidate.material.id).toMatch(/grass-clippings|kitchen-veg/)
    expect(levers.add!.after.distance).toBeLessThan(levers.now.distance)
    expect(leverText(leversThatHelp(levers)[0]!, ingredients)).toMatch(/^add \d+ buckets of (grass|kitchen scraps)/)
  })

  it('offer browns for a green pile, or to take some of the green out', () => {
    const ingredients = [some('leaves-mixed', 1, sack), some('grass-clippings', 12)]
    const levers = leversOf(ingredients)
    expect(levers.add?.kind === 'add' && levers.add.candidate.material.id).toMatch(/cardboard|leaves-mixed/)
    expect(levers.takeOut?.kind === 'take-out' && levers.takeOut.ingredientIndex).toBe(1)
  })

  it('never ask for more than the store holds and prefer the store when both help', () => {
    const stored: Candidate = { ...around('grass-clippings'), count: 3, inStore: true }
    const levers = leversOf([some('leaves-mixed', 1, sack)], [stored, around('kitchen-veg')])
    expect(levers.add?.kind === 'add' && levers.add.candidate.inStore && levers.add.count <= 3).toBe(true)
  })

  it('never ask to leave out what most of the heap is made of', () => {
    const ingredients = [some('leaves-mixed', 2, sack), some('grass-clippings', 40)]
    const { takeOut } = leversOf(ingredients)
    expect(takeOut?.kind === 'take-out' && [takeOut.ingredientIndex, takeOut.all]).toEqual([1, false])
  })

  it('leave alone what is pinned, in every way', () => {
    const ingredients = [some('leaves-mixed', 1, sack), some('grass-clippings', 12)]
    const levers = leversOf(ingredients, candidates, { pinned: ['grass-clippings', 'cardboard', 'leaves-mixed'], roomL: 1e6 })
    expect([levers.add, levers.takeOut, ...levers.prepare]).toEqual([undefined, undefined])
  })

  it('add no more than the place holds', () => {
    const ingredients = [some('leaves-mixed', 1, sack), some('grass-clippings', 12)]
    for (const roomL of [230, 260, 300, 400]) {
      const { add } = leversOf(ingredients, candidates, { pinned: [], roomL })
      if (add) expect(add.after.measures.volumeL).toBeLessThanOrEqual(Math.max(1.1 * roomL, 224))
    }
  })

  it('wilt what is wet, and leave unsoaked what was to be soaked', () => {
    const wet = [some('grass-clippings', 12), { ...some('leaves-mixed', 2, sack), prepared: 'soaked' as const }]
    const said = leversOf(wet).prepare.map(lever => lever.kind === 'prepare' && [lever.ingredientIndex, lever.as])
    expect(said).toContainEqual([0, 'wilted'])
    expect(said).toContainEqual([1, undefined])
  })

  it('take out what was prepared as it is then: half of shredded leaves is half of their mass', () => {
    const shredded = [{ ...some('leaves-mixed', 6, sack), prepared: 'shredded' as const }, some('grass-clippings', 4)]
    const { takeOut } = leversOf(shredded, [])
    if (takeOut?.kind !== 'take-out') throw new Error('something was to be taken out')
    const left = judged([{ ...shredded[0]!, amount: { ...shredded[0]!.amount, count: 6 - takeOut.count } }, shredded[1]!])
    expect(takeOut.after.measures.carbonToNitrogen).toBeCloseTo(left.measures.carbonToNitrogen, 9)
  })

  it('rather leave out what keeps than what spoils', () => {
    // Both too green together: grass spoils, poultry pellets do not.
    const { takeOut } = leversOf([some('leaves-mixed', 3, sack), some('hay-legume', 6, sack), some('kitchen-veg', 3)], [])
    expect(takeOut?.kind === 'take-out' && takeOut.ingredientIndex).toBe(1)
  })

  it('say nothing about a good mix, and nothing at all of what is none', () => {
    const levers = leversOf([some('leaves-mixed', 4, sack), some('grass-clippings', 12)])
    expect(leversThatHelp(levers)).toEqual([])
    expect(leversFor([some('wood-ash', 1)], candidates, comfort, anyway)).toBeUndefined()
  })
})
