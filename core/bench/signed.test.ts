import highsLoader from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { CUBE, DRUM, litresOf, saidOf, some } from '../../test/builders/benches'
import { GARDEN_EFFORT, solverOf, type LpSolver, type Solver } from '../balancing/program'
import type { Ingredient } from '../mix/portion'
import { leftOverText } from './left-over'

/*
 * Benches as a neighbour would lay them out, each with what a good composter would say of it first, and how much of what lies there the
 * first answer has to hold (docs/models.md tells them one by one).
 */
let solver: Solver
beforeAll(async () => { solver = solverOf(await highsLoader() as unknown as LpSolver, GARDEN_EFFORT) })

interface Signed {
  readonly lies: readonly Ingredient[]
  readonly month?: number
  readonly small?: true
  readonly said: RegExp
  /** Of this, the first answer holds so many litres at least and at most. */
  readonly holds?: readonly [id: string, leastL: number, mostL?: number]
  readonly stays?: RegExp
}

const BENCHES: Readonly<Record<string, Signed>> = {
  'windfalls by the barrow': {
    lies: [some('fruit-waste', 16, 'bucket')],
    said: /Too wet: 82 % water/, holds: ['fruit-waste', 150], stays: /3 buckets of windfalls: dig it in/,
  },
  'coffee from the office': {
    lies: [some('coffee-grounds', 5, 'bucket'), some('cardboard', 1, 'sack')], said: /43 % coffee grounds, where 20 % is plenty/,
    holds: ['coffee-grounds', 48],
  },
  'a conifer hedge': {
    lies: [some('hedge-conifer', 10, 'sack'), some('grass-clippings', 6, 'bucket')], said: /92 % conifer hedge, where 33 % is plenty/,
    holds: ['grass-clippings', 57],
  },
  'ash on dung': {
    lies: [some('wood-ash', 2, 'bucket'), some('horse-manure-straw', 31, 'bucket')],
    said: /6 % wood ash, where 2 % is plenty/,
  },
  'the lawn in May': {
    lies: [some('grass-clippings', 40, 'bucket')], month: 5,
    said: /Too wet.*sour for want of air/, holds: ['grass-clippings', 384],
  },
  'leaves alone': { lies: [some('leaves-mixed', 20, 'sack')], month: 11, said: /Too brown: 54 : 1.*sit for a year or more/ },
  'orange peel': {
    lies: [some('citrus', 4, 'bucket'), some('cardboard', 2, 'sack')], said: /Too brown/, holds: ['citrus', 38],
  },
  'sawdust': {
    lies: [some('sawdust-soft', 4, 'sack'), some('grass-clippings', 12, 'bucket')], month: 6,
    said: /69 % softwood sawdust, where 25 % is plenty/,
    holds: ['sawdust-soft', 0, 260],
  },
  'hay and scraps': {
    lies: [some('hay-grass', 6, 'sack'), some('kitchen-veg', 6, 'bucket')], month: 6, said: /Good mix, warm rather than hot/,
    holds: ['kitchen-veg', 58],
  },
  'seeding weeds in a drum': {
    lies: [some('weeds-seeding', 8, 'bucket'), some('cardboard', 1, 'sack')], month: 7, small: true, said: /Too small to heat/,
    holds: ['weeds-seeding', 77],
  },
  'hen house and leaves': {
    lies: [some('chicken-manure', 6, 'bucket'), some('leaves-mixed', 8, 'sack')], month: 11,
    said: /rather green/, holds: ['chicken-manure', 57],
  },
  'pomace and straw': {
    lies: [some('fruit-pomace', 8, 'bucket'), some('straw-wheat', 3, 'sack')], said: /Too brown: 53 : 1/, holds: ['fruit-pomace', 76],
  },
  'a brewer’s grain': {
    lies: [some('spent-hops-grain', 8, 'bucket'), some('cardboard', 3, 'sack')], month: 2, said: /Nearly a heap as it is \(good mix\)/,
    holds: ['spent-hops-grain', 76],
  },
  'after the storm': {
    lies: [some('seaweed', 12, 'bucket'), some('leaves-mixed', 5, 'sack')], month: 11, said: /good mix/, holds: ['seaweed', 115],
  },
}

describe('a bench that a good composter looks over', () => {
  it.each(Object.entries(BENCHES))('%s', (_, { lies, month = 10, small, said, holds, stays }) => {
    const { verdict, answers } = saidOf({ lies, month, vessel: small ? DRUM : CUBE }, solver)
    expect(verdict.text.replace(/\u00A0/g, ' ')).toMatch(said)
    if (holds) {
      const [id, leastL, mostL = Infinity] = holds
      const litres = litresOf(answers[0]!.ingredients, id)
      expect(litres).toBeGreaterThanOrEqual(leastL - 0.5)
      expect(litres).toBeLessThanOrEqual(mostL)
    }
    if (stays) expect(leftOverText(answers[0]!.left)).toMatch(stays)
  })
})
