import { heatGauge } from '../heated/heat-gauge'
import { numberOf } from '../../questions/question'
import { quantityText } from '../../units/format'
import type { Deed, Pad, Quantity } from '../contract'
import { heapLogOf } from '../heated/heap-log'
import { TAKE_CAUTIONS } from './cautions'
import { expectCourse } from './expect'
import { towerOn } from './now'
import { SENSES } from './senses'
import { COVERED, GRAMS, HEIGHT, PIPES_OUT, WORMS_GATE, WORMS_IN } from './words'
import { TOWER } from './constants'
import { smallMassText } from '../../units/small'

const heat = heatGauge({ expectCourse }, { core: 'Core, an arm deep', edge: 'Edge, a hand behind the cloth' })

const height: Quantity = {
  id: HEIGHT, label: 'Height', icon: 'i-ph-ruler', unit: 'length', limits: [0, 6], button: 'Record the height',
  spots: [{ id: 'top', label: 'Height from the ground', said: '{} high' }],
  expected: (batch, surroundings) => {
    const tower = towerOn(heapLogOf(batch), surroundings)
    return tower ? { top: tower.heightM } : {}
  },
  answer: (batch, surroundings, { top }) => {
    const built = towerOn(heapLogOf(batch), surroundings, 0)?.heightM
    const sunk = built && top !== undefined ? Math.round((1 - top / built) * 100) : 0
    return sunk > 0 ? `It has sunk by ${sunk} %.` : ''
  },
}

const DEEDS: readonly Deed[] = [
  {
    id: PIPES_OUT,
    label: 'Pipes out',
    icon: 'i-ph-arrow-fat-lines-up',
    asks: [],
    cautions: ['Stand beside it on firm ground, not on the cage.'],
    how: 'Turn each a little, then pull it straight up. The channel stays: it is what the air goes by.',
    said: () => ({ said: 'pipes out.', answer: 'The channels stay open. Now the water: 65 to 75 % all year.' }),
    words: () => 'Pipes pulled out.',
  },
  {
    id: WORMS_IN,
    label: 'Worms in',
    icon: 'i-ph-waves',
    gate: WORMS_GATE,
    asks: [{ id: GRAMS, kind: 'smallMass', label: 'Worms', usual: 200, most: 20_000 }],
    cautions: ['Surface worms of here; kinds from elsewhere never into the open: ask your local rules.'],
    how: 'On top under the cover, in the light: they go down by themselves.',
    said: (_, answers, { units }) => ({
      said: `${smallMassText(units, numberOf(answers, GRAMS) ?? 0)} of worms in.`,
      answer: 'They leave again if it dries, freezes or heats.',
    }),
    words: (answers, { units }) => `Worms in: ${quantityText('mass', units, (numberOf(answers, GRAMS) ?? 0) / 1000, 1)}.`,
  },
  {
    id: COVERED,
    label: 'Covered',
    icon: 'i-ph-snowflake',
    asks: [],
    cautions: [],
    how: 'Straw, bubble sheet or sacking all round and on top; the drip line emptied.',
    said: () => ({ said: 'covered against frost.', answer: 'Take it off when it stays above freezing: it has to breathe.' }),
    words: () => 'Covered against frost.',
  },
]
/** What can be recorded of a tower, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  { kind: 'gauge', quantity: heat },
  { kind: 'sense', sense: SENSES[0]! },
  {
    kind: 'put',
    put: { id: 'watered', label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered' },
  },
  ...SENSES.slice(1).map((sense): Pad => ({ kind: 'sense', sense })),
  { kind: 'gauge', quantity: height },
  ...DEEDS.map((deed): Pad => ({ kind: 'deed', deed })),
  { kind: 'use', use: {
    id: 'extract',
    label: 'Extract',
    icon: 'i-ph-plant',
    button: 'Given',
    parts: () => TOWER.extract.parts,
    litresPerM2: TOWER.extract.litresPerM2,
    left: () => TOWER.extractMostL,
    cautions: () => [
      'Knead it in a cloth in water without chlorine, and give it on the same day, on soil and roots: not on leaves that are eaten.',
      ...TAKE_CAUTIONS.slice(0, 1),
    ],
  } },
]
