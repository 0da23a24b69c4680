import type { BegunBatch } from '../../journal/garden'
import { numberOf } from '../../questions/question'
import type { Pad, Quantity } from '../contract'
import { useCautions } from './cautions'
import { middleCourse } from './forecast'
import { kindOf } from './kinds'
import { SENSES } from './senses'
import { leftL, partsNow } from './standing'
import { AIR, FOAM, STIRRED, STRAINED, WARMTH } from './words'
import { quantityText } from '../../units/format'

const foam: Quantity = {
  id: FOAM, label: 'Foam', icon: 'i-ph-cloud', unit: 'length', limits: [0, 0.6], button: 'Record the foam',
  spots: [{ id: 'top', label: 'Height of the foam above the liquid', said: 'foam {}' }],
  expected: (batch, surroundings) => {
    const { question, course } = middleCourse(batch, surroundings)
    const at = course.days.findIndex(day => day >= question.nowDay - 1e-9)
    return { top: course.foamM[Math.max(0, at)] ?? 0 }
  },
  answer: (batch, _, { top }) => {
    const before = batch.gauged[FOAM]?.at(-1)?.value
    if (before === undefined || top === undefined) return ''
    return top > before + 0.004
      ? 'Still rising.'
      : top < before - 0.004
        ? 'Falling: it has had its height.'
        : 'Hardly changed: this may be its height.'
  },
}

const warmth: Quantity = {
  id: WARMTH, label: 'Warmth', icon: 'i-ph-thermometer', unit: 'temperature', limits: [0, 60], button: 'Record the warmth',
  spots: [{ id: 'liquid', label: 'In the liquid', said: 'liquid {}' }],
  expected: (batch, surroundings) => {
    const { question, course } = middleCourse(batch, surroundings)
    const at = course.days.findIndex(day => day >= question.nowDay - 1e-9)
    return { liquid: course.liquidC[Math.max(0, at)] ?? 15 }
  },
}

const kindNow = ({ began }: BegunBatch) => kindOf(began.approachId)
/** What can be recorded of a brew, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  { kind: 'gauge', quantity: foam, fits: batch => kindNow(batch).foamM !== undefined },
  { kind: 'sense', sense: SENSES[0]! },
  {
    kind: 'deed', fits: batch => kindNow(batch).stirEveryDays !== undefined,
    deed: {
      id: STIRRED, label: 'Stirred', icon: 'i-ph-arrows-clockwise', asks: [], cautions: [],
      how: 'To the bottom and up, a minute long; everything under water again.',
      said: ({ did }) => ({ said: `stirred${did.some(({ deed }) => deed === STIRRED) ? ', again' : ''}.`, answer: '' }),
      words: () => 'Stirred.',
    },
  },
  { kind: 'use', use: {
    id: 'given', label: 'Given', icon: 'i-ph-plant', button: 'Given', litresPerM2: 1, left: leftL, cautions: useCautions,
    parts: partsNow,
  } },
  { kind: 'deed', fits: batch => kindNow(batch).aired, deed: {
    id: AIR, label: 'Air', icon: 'i-ph-wind', how: 'The air stone or pump, for tea that needs it.', cautions: ['Wet hands off the plug.'],
    asks: [{
      id: 'state',
      kind: 'choice',
      label: 'The air is',
      choices: [
        { id: 'on', label: 'on' }, { id: 'off', label: 'off' },
      ],
      usual: 'off',
    }],
    said: (_, { state }) => ({
      said: `air ${state === 'on' ? 'on' : 'off'}.`, answer: state === 'on' ? '' : 'Use tea within a few hours now.',
    }),
    words: ({ state }) => `Air ${state === 'on' ? 'on' : 'off'}.`,
  } },
  { kind: 'deed', fits: batch => kindNow(batch).strained, deed: {
    id: STRAINED,
    label: 'Strained',
    icon: 'i-ph-funnel',
    how: 'Through a sieve or an old cloth; the solids go into the heap, well covered, or under mulch.',
    cautions: ['Gloves: the smell stays on hands for days.'],
    asks: [
      {
        id: 'where', kind: 'choice', label: 'The solids went',
        choices: [
          { id: 'heap', label: 'into the heap' }, { id: 'mulch', label: 'under mulch' },
        ],
        usual: 'heap',
      },
      { id: 'solidsL', kind: 'volume', label: 'Solids', usual: 5, most: 500 },
    ],
    said: (_, answers, { units }) => ({
      said: `strained, ${quantityText('volume', units, numberOf(answers, 'solidsL') ?? 0)} of solids `
        + `${answers.where === 'mulch' ? 'under mulch' : 'into the heap'}.`,
      answer: 'What is left keeps for weeks in a closed can, filled to the top.',
    }),
    words: answers => `Strained; the solids went ${answers.where === 'mulch' ? 'under mulch' : 'into the heap'}.`,
  } },
  { kind: 'gauge', quantity: warmth },
  { kind: 'sense', sense: SENSES[1]! },
]
