import type { Sense } from '../contract'
import { FLAME } from './words'

/** What is asked of the flame while it burns. */
export const SENSES: readonly Sense[] = [{
  id: FLAME, label: 'Flame', icon: 'i-ph-fire-simple', question: 'Look at the flame and the smoke.',
  findings: [
    { id: 'yellow', label: 'Yellow, clear above', sign: 'good', answer: 'It eats its smoke: leave it.' },
    {
      id: 'white-smoke', label: 'White, thick smoke', sign: 'bad',
      answer: 'Damp wood or weak draught. Open the holes, a longer chimney; put nothing damp on. If it goes to neighbours, end it.',
    },
    { id: 'blue', label: 'Low and blue', sign: 'good', answer: 'The wood has given its gas: look for the glow at the holes.' },
    { id: 'gone', label: 'Gone, red glow', sign: 'mind', answer: 'Now the char itself burns: end it.' },
  ],
}]
