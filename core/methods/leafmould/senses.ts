import { DRAWINGS } from '../../picture/findings'
import type { Sense } from '../contract'
import { LOOK, SQUEEZE } from './words'

/** What a cage of leaves is asked by hand and eye. */
export const SENSES: readonly Sense[] = [
  {
    id: SQUEEZE, label: 'Squeeze', icon: 'i-ph-hand-grabbing',
    question: 'Reach in past the outer hand\'s breadth, take a handful and squeeze.',
    findings: [
      {
        id: 'dust', label: 'Rustles, falls apart', sign: 'bad',
        answer: 'Dry leaves do not rot at all. Open it up and soak it, a can at a time.', drawn: DRAWINGS.fistDust,
      },
      { id: 'dry', label: 'Damp, no drop', sign: 'mind', answer: 'On the dry side: water it through.', drawn: DRAWINGS.fist },
      { id: 'right', label: 'Moist, a drop or two', sign: 'good', answer: 'Just right.', drawn: DRAWINGS.fistDrop },
      { id: 'wet', label: 'Runs out', sign: 'mind', answer: 'Wetter than it need be. In a bag: more holes.', drawn: DRAWINGS.fistRuns },
    ],
  },
  {
    id: LOOK, label: 'Look', icon: 'i-ph-eye', question: 'What do the leaves in the middle look like?',
    findings: [
      {
        id: 'whole', label: 'Whole leaves', sign: 'good', answer: 'They have hardly begun. Moist and in time they go.',
        drawn: DRAWINGS.leaf,
      },
      {
        id: 'ragged', label: 'Soft, ragged', sign: 'good', answer: 'Going well: good enough for mulch and digging in.',
        drawn: DRAWINGS.leafRagged,
      },
      { id: 'crumbling', label: 'Crumbles, bits left', sign: 'good', answer: 'Sieve it for potting mixes.', drawn: DRAWINGS.bits },
      { id: 'earth', label: 'Like earth', sign: 'good', answer: 'Fine mould: sieve it for seed mixes.', drawn: DRAWINGS.earth },
      {
        id: 'matted', label: 'Wet mats', sign: 'mind',
        answer: 'Leaves stick together like pages. Fork it over and pull them apart; shred them next time.', drawn: DRAWINGS.mats,
      },
      {
        id: 'roots', label: 'Roots in it', sign: 'mind',
        answer: 'Tree roots grow up into it. Lift it or lay card or fabric below, and take it out sooner.', drawn: DRAWINGS.roots,
      },
      { id: 'threads', label: 'White threads', sign: 'good', answer: 'Fungi: that is who does the work.', drawn: DRAWINGS.threads },
    ],
  },
]
