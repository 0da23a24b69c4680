import { DRAWINGS } from '../../picture/findings'
import type { Sense } from '../contract'
import { LOOK, SMELL } from './words'

/** What a brew is asked by nose and eye. */
export const SENSES: readonly Sense[] = [
  {
    id: SMELL, label: 'Smell', icon: 'i-ph-wind', question: 'Lift the lid outdoors and smell from a step away.',
    findings: [
      { id: 'earthy', label: 'Earth, forest', sign: 'good', answer: 'As it should be.', drawn: DRAWINGS.mushroom },
      { id: 'yeasty', label: 'Bread, yeast, sweet-sour', sign: 'good', answer: 'It ferments: good.', drawn: DRAWINGS.loaf },
      {
        id: 'sharp', label: 'Sharp, vinegar', sign: 'mind', answer: 'Turning sour: stir more, use it soon, thin it more.',
        drawn: DRAWINGS.sharp,
      },
      {
        id: 'stinks', label: 'Stinks of dung', sign: 'mind',
        answer: 'For weed liquor that is how it is. Anything else that stinks so goes onto the heap.', drawn: DRAWINGS.dung,
      },
      {
        id: 'rotten', label: 'Rotten eggs, corpse', sign: 'bad',
        answer: 'Foul: pour it on the heap, wash the bucket with hot water, begin again.', drawn: DRAWINGS.egg,
      },
    ],
  },
  {
    id: LOOK, label: 'Look', icon: 'i-ph-eye', question: 'What does it look like?',
    findings: [
      { id: 'bubbles', label: 'Bubbles rise', sign: 'good', answer: 'It works.', drawn: DRAWINGS.bubbles },
      { id: 'still', label: 'Still', sign: 'mind', answer: 'Too cold, or not begun. Warmer, and patience.', drawn: DRAWINGS.still },
      {
        id: 'slime', label: 'Pink or black slime', sign: 'bad', answer: 'Something else has moved in: onto the heap with it.',
        drawn: DRAWINGS.slime,
      },
      {
        id: 'flies', label: 'Flies, maggots', sign: 'mind', answer: 'Cover it with cloth under the lid; all greens under water.',
        drawn: DRAWINGS.fly,
      },
    ],
  },
]
