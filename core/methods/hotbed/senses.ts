import { DRAWINGS } from '../../picture/findings'
import type { Sense } from '../contract'
import { FEEL, SEEDLINGS } from './words'

/** What a hotbed is asked by hand and eye. */
export const SENSES: readonly Sense[] = [
  {
    id: FEEL, label: 'Feel the soil', icon: 'i-ph-hand-grabbing', question: 'Push a finger into the soil under the glass.',
    findings: [
      { id: 'warm', label: 'Pleasantly warm', sign: 'good', answer: 'As a bed should be: sow.', drawn: DRAWINGS.fist },
      { id: 'hot', label: 'Hot', sign: 'mind', answer: 'The burst: wait, with the lid propped a finger.', drawn: DRAWINGS.flame },
      { id: 'cool', label: 'Cool', sign: 'mind', answer: 'It is coming, or going. A thermometer tells which.', drawn: DRAWINGS.fistDust },
      { id: 'cold', label: 'As cold as outside', sign: 'bad', answer: 'No heat reaches it. Look what is wrong.', drawn: DRAWINGS.nothing },
    ],
  },
  {
    id: SEEDLINGS, label: 'The seedlings', icon: 'i-ph-plant', question: 'How do they stand?',
    findings: [
      { id: 'well', label: 'Short and green', sign: 'good', answer: 'Good.', drawn: DRAWINGS.leaf },
      {
        id: 'long', label: 'Long, pale, leaning', sign: 'mind',
        answer: 'Too warm for the light they get: air more, glass clean, trays nearer to it.', drawn: DRAWINGS.leafRagged,
      },
      {
        id: 'fallen', label: 'Fallen over at the soil', sign: 'bad',
        answer: 'Rot: air at once, water less and in the morning, sand on the soil.', drawn: DRAWINGS.slime,
      },
      {
        id: 'eaten', label: 'Eaten', sign: 'mind',
        answer: 'Slugs and mice come for the warmth: a board to gather slugs, mesh against mice.', drawn: DRAWINGS.rat,
      },
      {
        id: 'scorched', label: 'Scorched, limp at noon', sign: 'bad',
        answer: 'The frame was shut in the sun: open it, shade it, water in the evening.', drawn: DRAWINGS.flame,
      },
    ],
  },
  {
    id: 'smell', label: 'Smell', icon: 'i-ph-wind', question: 'Lift the lid and smell from a step away.',
    findings: [
      { id: 'earthy', label: 'Warm earth', sign: 'good', answer: 'As it should be.', drawn: DRAWINGS.mushroom },
      {
        id: 'ammonia', label: 'Ammonia', sign: 'mind', answer: 'Keep it propped open: it burns seedlings. It goes with the burst.',
        drawn: DRAWINGS.sharp,
      },
      {
        id: 'foul', label: 'Rotten eggs', sign: 'bad', answer: 'Too wet and trodden too hard: holes to its bottom with a rod.',
        drawn: DRAWINGS.egg,
      },
    ],
  },
]
