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
  'rabbits and paper': {
    lies: [some('rabbit-manure', 4, 'bucket'), some('rabbit-bedding', 3, 'sack'), some('newsprint', 1, 'sack')],
    said: /Nearly a heap as it is \(good mix\).*only 19 cm high/, holds: ['rabbit-manure', 47],
  },
  'a canteen’s scraps': {
    lies: [some('kitchen-veg', 10, 'bucket'), some('straw-wheat', 1, 'sack')], month: 8, said: /Too wet: 79 %.*too small to heat/,
    holds: ['kitchen-veg', 119],
  },
  'the greenhouse cleared': {
    lies: [some('veg-haulm', 12, 'sack'), some('grass-clippings', 6, 'bucket')], said: /Too wet: 76 %/, holds: ['veg-haulm', 959],
  },
  'chips alone': {
    lies: [some('wood-chips', 8, 'sack')], month: 3, said: /Too brown: 400 : 1.*sit for a year or more/, holds: ['wood-chips', 0, 330],
  },
  'chips and mowings': {
    lies: [some('wood-chips', 4, 'sack'), some('grass-clippings', 24, 'bucket')], month: 6, said: /Nearly a heap as it is \(good mix\)/,
    holds: ['grass-clippings', 287],
  },
  'a laurel hedge': {
    lies: [some('hedge-laurel', 6, 'sack'), some('grass-clippings', 6, 'bucket')], month: 7,
    said: /87 % laurel hedge, where 33 % is plenty/, holds: ['grass-clippings', 71],
  },
  'under the pines': {
    lies: [some('pine-needles', 10, 'sack'), some('kitchen-veg', 4, 'bucket')], month: 11, said: /94 % needles, where 33 % is plenty/,
    holds: ['kitchen-veg', 47],
  },
  'a pig’s sty': {
    lies: [some('pig-manure', 10, 'bucket'), some('straw-oat', 4, 'sack')], month: 4, said: /rather green/, holds: ['pig-manure', 119],
  },
  'the comfrey cut': {
    lies: [some('comfrey-nettle', 20, 'bucket'), some('leaves-mixed', 3, 'sack')], month: 6, said: /on the wet side/,
    holds: ['comfrey-nettle', 239],
  },
  'out of a mushroom cellar': {
    lies: [some('mushroom-substrate', 10, 'bucket'), some('leaves-mixed', 4, 'sack')], month: 12, said: /Nearly a heap.*good mix/,
    holds: ['leaves-mixed', 319],
  },
  'an office’s paper': {
    lies: [some('office-paper', 6, 'sack'), some('grass-clippings', 10, 'bucket')], month: 5, said: /Too brown: 83 : 1/,
    holds: ['grass-clippings', 119],
  },
  'bread in winter': {
    lies: [some('bread-grains', 4, 'bucket'), some('leaves-mixed', 4, 'sack')], month: 1, said: /Nearly a heap as it is \(good mix\)/,
    holds: ['bread-grains', 47],
  },
  'bracken under hens': {
    lies: [some('bracken', 8, 'sack'), some('chicken-litter', 6, 'bucket')], month: 8, said: /Nearly a heap.*only 37 cm high/,
    holds: ['bracken', 639],
  },
  'onions gone soft': {
    lies: [some('onion-waste', 8, 'bucket'), some('straw-wheat', 3, 'sack')], month: 9, said: /Too brown: 47 : 1/,
    holds: ['onion-waste', 76], stays: /1 bucket of onion waste, since a heap takes little of it: dig it in/,
  },
  'weed out of the pond': {
    lies: [some('pondweed', 16, 'bucket'), some('reed-miscanthus', 2, 'sack')], month: 7, said: /Too wet: 76 %/, holds: ['pondweed', 191],
  },
  'walnut leaves': {
    lies: [some('leaves-walnut', 10, 'sack'), some('horse-manure-straw', 8, 'bucket')], month: 11,
    said: /89 % walnut leaves, where 33 % is plenty/, holds: ['leaves-walnut', 80, 330],
  },
  'a caddy and a bag': {
    lies: [some('kitchen-veg', 1, 'bucket'), some('leaves-mixed', 1, 'sack')], said: /Too small to heat, and a little brown/,
    holds: ['kitchen-veg', 11],
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
