import type { BegunBatch } from '../../journal/garden'
import type { Answers } from '../../questions/answers'
import { numberOf } from '../../questions/question'
import { smallMassText } from '../../units/small'
import type { Deed, Pad } from '../contract'
import { LIQUOR_CARE } from './cautions'
import { feedAsks, feedOf, feedRoomG, feedsGiven, gramsOf, measuredText } from './feeds'
import { SENSES } from './senses'
import { wayOf } from './ways'
import { ACID, AIR, DRAINED, DRIES, FEED, FILLED, IN_CAN, LIFTED, STIRRED, WATER_FIT } from './words'
import { PORES_L_L } from '../../char/pores'

const kindNow = ({ began }: BegunBatch) => wayOf(began.approachId).kind
const inTub = (batch: BegunBatch) => kindNow(batch) === 'tub'
const waterL = ({ puts }: BegunBatch) => puts.reduce((sum, one) => sum + one.waterL, 0)
const plain = (
  id: string, label: string, icon: string, how: string, said: string, answer: string, cautions: readonly string[] = [], gate?: string,
): Deed => ({
  id, label, icon, how, asks: [], cautions,
  ...(gate ? { gate } : {}),
  said: () => ({ said: said.toLowerCase(), answer }),
  words: () => said,
})

const stirred = plain(
  STIRRED, 'Stirred', 'i-ph-arrows-clockwise', 'To the bottom and up, until nothing dry floats in nests.', 'Stirred.',
  'Keep all of it covered: top it up.',
)
const filled = plain(
  FILLED, 'Char in', 'i-ph-arrow-fat-line-down', 'Damped char and what lives, stirred under.', 'Char and life went into the water.',
  'From now on it charges.', ['Dust: damp it first, outdoors, mask on.'], WATER_FIT,
)
const inCan = (answers: Answers) => answers[DRIES] === IN_CAN
const drained: Deed = {
  id: DRAINED, label: 'Drained', icon: 'i-ph-funnel', cautions: ['Lid ajar: closed tight it can burst.'],
  how: 'Through a cloth or a sieve; keep the liquor. Spread it in the shade, or leave it in its can.',
  asks: [{
    id: DRIES, kind: 'choice', label: 'It dries', usual: 'shade',
    choices: [{ id: 'shade', label: 'spread in the shade' }, { id: IN_CAN, label: 'in its can, lid ajar' }],
  }],
  said: (_, answers) => inCan(answers)
    ? { said: 'drained, left in its can.', answer: 'Some two weeks somewhere warm, lid ajar, until it crumbles.' }
    : { said: 'drained, spread in the shade.', answer: 'A week in the shade, until it crumbles.' },
  words: answers => inCan(answers) ? 'Drained, left in its can to dry.' : 'Drained, spread in the shade.',
}
const lifted = plain(
  LIFTED, 'Lifted out', 'i-ph-anchor-simple', 'By its line, slowly: wet it weighs three times as much.', 'Lifted out, left to drain.',
  'Some days to drain and air.', ['Ponds and children: never alone beside it.'],
)

const acid: Deed = {
  id: ACID,
  label: 'Ascorbic acid',
  icon: 'i-ph-flask',
  how: 'Plain vitamin C, dissolved in a glass of water, stirred in: it works within minutes.',
  cautions: ['A pinch too much does no harm; strong acids and bleach do. Nothing else in its place.'],
  asks: [{ id: 'grams', kind: 'smallMass', label: 'Stirred in', usual: 0.3, most: 100 }],
  said: (_, answers, { units }) => ({
    said: `${smallMassText(units, numberOf(answers, 'grams') ?? 0)} of ascorbic acid stirred in.`,
    answer: 'In a quarter of an hour the char may go in.',
  }),
  words: (answers, { units }) => `${smallMassText(units, numberOf(answers, 'grams') ?? 0)} of ascorbic acid against chloramine.`,
}

const air: Deed = {
  id: AIR,
  label: 'Air',
  icon: 'i-ph-wind',
  how: 'The air stone or pump.',
  cautions: ['Wet hands off the plug; a circuit with a fault switch.'],
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
    said: `air ${state === 'on' ? 'on' : 'off'}.`,
    answer: state === 'on' ? '' : 'It fizzes on for a while; lid ajar, a warm place, about a week.',
  }),
  words: ({ state }) => `Air ${state === 'on' ? 'on' : 'off'}.`,
}

const feed: Deed = {
  id: FEED, label: 'Feed', icon: 'i-ph-bowl-food', how: 'Little: it feeds the life, not the char. Flour and molasses last.', cautions: [],
  asks: feedAsks(),
  said: (batch, answers, { units, materials }) => {
    const one = feedOf(answers.what)
    const grams = gramsOf(answers)
    const room = feedRoomG(one, waterL(batch), feedsGiven(batch, FEED, materials))
    return {
      said: `${measuredText(answers, units)} of ${one.label} stirred in.`,
      answer:
        grams > room
          ? `That is ${smallMassText(units, grams - room)} more than the water bears: stir oftener, or thin it; `
          + 'it turns foul easily.'
          : `Up to ${smallMassText(units, room - grams)} more would do.`,
    }
  },
  words: (answers, { units }) => `${measuredText(answers, units)} of ${feedOf(answers.what).label} stirred in.`,
}

/** Litres of liquor that are left: what the char did not drink and nobody gave. */
function liquorL(batch: BegunBatch): number {
  if (batch.ended) return 0
  const charL = batch.puts.flatMap(({ inputs }) => inputs)[0]
  const drunk = charL ? charL.amount.count * charL.amount.container.volumeL * PORES_L_L : 0
  return Math.max(0, waterL(batch) - drunk - batch.uses.reduce((sum, { litres }) => sum + litres, 0))
}

/** What can be recorded while char is charged, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  { kind: 'sense', sense: SENSES[0]! },
  { kind: 'deed', deed: stirred, fits: inTub },
  {
    kind: 'put',
    put: { id: 'topped', label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered with' },
    fits: inTub,
  },
  {
    kind: 'put',
    put: {
      id: 'more', label: 'More in', icon: 'i-ph-plus', what: 'stuff', role: 'feed', families: ['char', 'finished', 'feed'],
      button: 'Put in', said: 'Put in',
    },
    fits: inTub,
  },
  { kind: 'deed', deed: acid, fits: inTub },
  { kind: 'deed', deed: filled, fits: inTub },
  { kind: 'sense', sense: SENSES[1]! },
  { kind: 'sense', sense: SENSES[2]! },
  { kind: 'sense', sense: SENSES[3]!, fits: inTub },
  { kind: 'deed', deed: air, fits: ({ began }) => wayOf(began.approachId).aired },
  { kind: 'deed', deed: feed, fits: inTub },
  { kind: 'deed', deed: drained, fits: inTub },
  { kind: 'deed', deed: lifted, fits: batch => kindNow(batch) === 'bag' },
  {
    kind: 'use', fits: inTub,
    use: {
      id: 'liquor-given', label: 'Give liquor', icon: 'i-ph-plant', button: 'Given', litresPerM2: 1, left: liquorL,
      parts: () => ({ low: 5, usual: 10, high: 20 }), cautions: () => [LIQUOR_CARE],
    },
  },
]
