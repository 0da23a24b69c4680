import { describe, expect, it } from 'vitest'
import { findMaterial } from '../materials/book'
import { containerThen, STARTING_CONTAINERS } from '../units/container'
import { typicalTotals } from './balance'
import { judge, type Comfort } from './judgement'
import { leversFor, type Candidate } from './lever'
import { portionOf, type Ingredient } from './portion'
import { adviceText, verdictText } from './words'

const comfort: Comfort = {
  carbonToNitrogen: { low: 25, high: 35 }, availableCarbonToNitrogen: { low: 10, high: 16 }, moistureFraction: { low: 0.5, target: 0.55, high: 0.62 }, freeAirSpaceMin: 0.3, mattingShareMax: 0.5,
}
const bucket = containerThen(STARTING_CONTAINERS.metric[0]!)
const sack = containerThen(STARTING_CONTAINERS.metric[1]!)
const of = (id: string) => findMaterial(id)!
const some = (id: string, count: number, container = bucket): Ingredient => ({ material: of(id), amount: { count, container, packing: 'loose' } })
const around = (id: string, container = bucket): Candidate => ({ material: of(id), container, packing: 'loose', count: Infinity, inStore: false })
const candidates = [around('cardboard'), around('leaves-mixed', sack), around('grass-clippings'), around('kitchen-veg')]
const judged = (ingredients: Ingredient[]) => judge(typicalTotals(ingredients.map(portionOf)), comfort)

describe('the verdict', () => {
  it('calls leaves alone too brown and grass alone a wet, matting mess', () => {
    const leaves = judged([some('leaves-mixed', 4, sack)])
    expect(leaves.grade).toBe('poor')
    expect(leaves.ills[0]!.ill).toBe('too-brown')
    const grass = judged([some('grass-clippings', 6)])
    expect(grass.grade).toBe('poor')
    expect(grass.ills.map(({ ill }) => ill)).toEqual(expect.arrayContaining(['too-green', 'too-wet', 'mats']))
  })

  it('is content with four sacks of leaves and fourteen buckets of grass', () => {
    // 320 L leaves: 28.8 kg, 17.856 kg dry, N 0.1607, C 8.678; 96 L grass: 19.2 kg, 3.456 kg dry, N 0.1002, C 1.704
    // C:N = 10.382 / 0.2609 = 39.8 → a little brown; with 14 buckets (N 0.1754, C 2.982): 11.66 / 0.3361 = 34.7 at 61.7 % moisture → good
    expect(judged([some('leaves-mixed', 4, sack), some('grass-clippings', 8)]).measures.carbonToNitrogen).toBeCloseTo(39.8, 1)
    expect(judged([some('leaves-mixed', 4, sack), some('grass-clippings', 8)]).grade).toBe('workable')
    const good = judged([some('leaves-mixed', 4, sack), some('grass-clippings', 14)])
    expect(good.measures.carbonToNitrogen).toBeCloseTo(34.7, 1)
    expect(good.grade).toBe('good')
    expect(verdictText(good)).toMatch(/good mix/)
  })
})

describe('levers', () => {
  it('offer greens for leaves, in containers, and every offer really helps', () => {
    const ingredients = [some('leaves-mixed', 4, sack)]
    const levers = leversFor(ingredients, candidates, comfort)
    expect(levers.add?.kind === 'add' && levers.add.candidate.material.id).toMatch(/grass-clippings|kitchen-veg/)
    expect(levers.add!.after.distance).toBeLessThan(levers.now.distance)
    expect(adviceText(levers, ingredients)).toMatch(/^Add \d+ buckets of (grass|kitchen scraps)\.$/)
  })

  it('offer browns for a green pile, or to take half of the green out', () => {
    const ingredients = [some('leaves-mixed', 1, sack), some('grass-clippings', 12)]
    const levers = leversFor(ingredients, candidates, comfort)
    expect(levers.add?.kind === 'add' && levers.add.candidate.material.id).toMatch(/cardboard|leaves-mixed/)
    expect(levers.takeOut?.kind === 'take-out' && levers.takeOut.ingredientIndex).toBe(1)
    expect(adviceText(levers, ingredients)).toMatch(/, or take out /)
  })

  it('never ask for more than the store holds and prefer the store when both help', () => {
    const stored: Candidate = { ...around('grass-clippings'), count: 3, inStore: true }
    const levers = leversFor([some('leaves-mixed', 1, sack)], [stored, around('kitchen-veg')], comfort)
    expect(levers.add?.kind === 'add' && levers.add.candidate.inStore && levers.add.count <= 3).toBe(true)
  })

  it('never ask to leave out what most of the heap is made of', () => {
    const ingredients = [some('leaves-mixed', 2, sack), some('grass-clippings', 40)]
    const { takeOut } = leversFor(ingredients, candidates, comfort)
    expect(takeOut?.kind === 'take-out' && [takeOut.ingredientIndex, takeOut.all]).toEqual([1, false])
  })

  it('say nothing about a good mix', () => {
    const levers = leversFor([some('leaves-mixed', 4, sack), some('grass-clippings', 14)], candidates, comfort)
    expect([levers.add, levers.takeOut]).toEqual([undefined, undefined])
    expect(adviceText(levers, [])).toBe('')
  })
})
