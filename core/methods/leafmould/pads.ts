import type { Pad, Quantity } from '../contract'
import { numberOf } from '../../questions/question'
import { cageOn } from './now'
import { SENSES } from './senses'
import { BAGGED, BAGS, FORKED, HEIGHT } from './words'

/** What goes into a cage of leaves: leaves, and the little that helps. */
export const FEEDS = ['leaf', 'grass', 'manure', 'feed', 'wood', 'finished'] as const

const height: Quantity = {
  id: HEIGHT, label: 'Height', icon: 'i-ph-ruler', unit: 'length', limits: [0, 6], button: 'Record the height',
  spots: [{ id: 'top', label: 'Height of the leaves', said: '{} high' }],
  expected: (batch, surroundings) => {
    const cage = cageOn(batch, surroundings)
    return cage ? { top: cage.heightM } : {}
  },
  answer: (batch, surroundings, { top }) => {
    const expectedM = cageOn(batch, surroundings)?.heightM
    if (expectedM === undefined || top === undefined) return ''
    const off = top - expectedM
    return Math.abs(off) < 0.05
      ? 'As expected.'
      : off > 0
        ? 'It has sunk less than expected: the windows move later.'
        : 'It has sunk more than expected: the windows move sooner.'
  },
}

const DUST = 'Dry leaves are full of dust and spores: damp them, stand upwind, wear a mask if you are sensitive.'

/** What can be recorded of a cage, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  {
    kind: 'put',
    put: {
      id: 'filled', label: 'Filled', icon: 'i-ph-leaf', what: 'stuff', role: 'feed', families: FEEDS, button: 'Filled in',
      said: 'Filled again with',
    },
  },
  {
    kind: 'put',
    put: { id: 'watered', label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered' },
  },
  ...SENSES.map((sense): Pad => ({ kind: 'sense', sense })),
  { kind: 'gauge', quantity: height },
  {
    kind: 'deed',
    deed: {
      id: FORKED, label: 'Forked over', icon: 'i-ph-shovel', asks: [], cautions: [DUST],
      how: 'The dry outside to the inside, mats pulled apart, water where it is dry.',
      said: () => ({ said: 'forked over.', answer: 'What was dry and raw outside now rots too.' }),
      words: () => 'Forked over, the outside to the inside.',
    },
  },
  {
    kind: 'deed',
    deed: {
      id: BAGGED, label: 'Bagged', icon: 'i-ph-tote', cautions: [DUST],
      how: 'Moist, into bags with a few holes, tied, with the year on a label; out of the sun.',
      asks: [{ id: BAGS, kind: 'count', label: 'Bags', usual: 3, most: 100 }],
      said: (_, answers) => ({
        said: `into ${numberOf(answers, BAGS) ?? 0} bags.`,
        answer: 'In bags it neither dries nor gets rained on. The cage is free for this autumn\'s leaves.',
      }),
      words: answers => `Moved into ${numberOf(answers, BAGS) ?? 0} bags.`,
    },
  },
]
