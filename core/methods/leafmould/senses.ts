import type { Sense } from '../contract'
import { LOOK, SQUEEZE } from './words'

/** What a cage of leaves is asked by hand and eye. */
export const SENSES: readonly Sense[] = [
  {
    id: SQUEEZE, label: 'Squeeze', icon: 'i-ph-hand-grabbing', question: 'Reach in past the outer hand\'s breadth, take a handful and squeeze.',
    findings: [
      { id: 'dust', label: 'Rustles, falls apart', sign: 'bad', answer: 'Dry leaves do not rot at all. Open it up and soak it, a can at a time.' },
      { id: 'dry', label: 'Damp, no drop', sign: 'mind', answer: 'On the dry side: water it through.' },
      { id: 'right', label: 'Moist, a drop or two', sign: 'good', answer: 'Just right.' },
      { id: 'wet', label: 'Runs out', sign: 'mind', answer: 'Wetter than it need be. In a bag: more holes.' },
    ],
  },
  {
    id: LOOK, label: 'Look', icon: 'i-ph-eye', question: 'What do the leaves in the middle look like?',
    findings: [
      { id: 'whole', label: 'Whole leaves', sign: 'good', answer: 'They have hardly begun. Moist and in time they go.' },
      { id: 'ragged', label: 'Soft, ragged', sign: 'good', answer: 'Going well: good enough for mulch and digging in.' },
      { id: 'crumbling', label: 'Crumbles, bits left', sign: 'good', answer: 'Sieve it for potting mixes.' },
      { id: 'earth', label: 'Like earth', sign: 'good', answer: 'Fine mould: sieve it for seed mixes.' },
      { id: 'matted', label: 'Wet mats', sign: 'mind', answer: 'Leaves stick together like pages. Fork it over and pull them apart; shred them next time.' },
      { id: 'roots', label: 'Roots in it', sign: 'mind', answer: 'Tree roots grow up into it. Lift it or lay card or fabric below, and take it out sooner.' },
      { id: 'threads', label: 'White threads', sign: 'good', answer: 'Fungi: that is who does the work.' },
    ],
  },
]
