import { DRAWINGS } from '../../picture/findings'
import { METER_SAYS, type Sense } from '../contract'
import { LOOK, SMELL, SQUEEZE } from './words'

/** What a slow heap is asked by hand, nose and eye. */
export const SENSES: readonly Sense[] = [
  {
    id: SMELL, label: 'Smell', icon: 'i-ph-wind', question: 'Lift the cover and smell.',
    findings: [
      { id: 'earthy', label: 'Woodland', sign: 'good', answer: 'As it should be.', drawn: DRAWINGS.mushroom },
      { id: 'none', label: 'Hardly any', sign: 'good', answer: 'Nothing amiss.', drawn: DRAWINGS.nothing },
      {
        id: 'sour', label: 'Sour', sign: 'bad',
        answer: 'Food lies wet and without air. Fork in coarse browns and cover the top a hand deep.', drawn: DRAWINGS.drop,
      },
      { id: 'ammonia', label: 'Sharp, ammonia', sign: 'mind', answer: 'More browns on every caddy.', drawn: DRAWINGS.sharp },
      {
        id: 'eggs', label: 'Rotten eggs', sign: 'bad',
        answer: 'Airless and wet: open it, fork in twigs and torn card. Keep your face away.', drawn: DRAWINGS.egg,
      },
    ],
  },
  {
    id: LOOK, label: 'Look', icon: 'i-ph-eye', question: 'What catches the eye?',
    findings: [
      { id: 'fine', label: 'Looks fine', sign: 'good', answer: 'Good.', drawn: DRAWINGS.eye },
      {
        id: 'open-food', label: 'Food lies open', sign: 'mind', answer: 'Cover it: what is covered neither smells nor draws flies.',
        drawn: DRAWINGS.bits,
      },
      {
        id: 'flies', label: 'Flies', sign: 'mind', answer: 'A hand of browns over everything, and bury the next caddy.',
        drawn: DRAWINGS.fly,
      },
      { id: 'mats', label: 'Slimy mats', sign: 'mind', answer: 'Break them up and fork in something coarse.', drawn: DRAWINGS.mats },
      { id: 'worms', label: 'Worms', sign: 'good', answer: 'The best helpers of a cool heap.', drawn: DRAWINGS.worm },
      { id: 'threads', label: 'White threads', sign: 'good', answer: 'Fungi at work.', drawn: DRAWINGS.threads },
      { id: 'ants', label: 'Ants', sign: 'mind', answer: 'They like it dry: give it a can.', drawn: DRAWINGS.ant },
      {
        id: 'rats', label: 'Gnawing, rats', sign: 'bad',
        answer: 'No cooked food, bread or meat; mesh below and around. Follow your local rules.', drawn: DRAWINGS.rat,
      },
    ],
  },
  {
    id: SQUEEZE, label: 'Squeeze', icon: 'i-ph-hand-grabbing',
    question: `Take a handful from a forearm deep and squeeze it hard. ${METER_SAYS}`,
    findings: [
      {
        id: 'dust', label: 'Falls apart', sign: 'bad',
        answer: 'Too dry to rot: a can or two, and wetter scraps without a cover for once.', drawn: DRAWINGS.fistDust,
      },
      { id: 'dry', label: 'Damp, no drop', sign: 'mind', answer: 'On the dry side: less cover, or a can.', drawn: DRAWINGS.fist },
      { id: 'right', label: 'One or two drops', sign: 'good', answer: 'Just right.', drawn: DRAWINGS.fistDrop },
      {
        id: 'wet', label: 'Trickles', sign: 'mind', answer: 'More browns on every caddy, and keep the rain off.',
        drawn: DRAWINGS.fistDrops,
      },
      {
        id: 'dripping', label: 'Runs out', sign: 'bad', answer: 'Too wet for air: fork in dry, coarse browns now.',
        drawn: DRAWINGS.fistRuns,
      },
    ],
  },
]
