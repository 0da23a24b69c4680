import { numberOf } from '../../questions/question'
import { table } from '../../constants/constants'
import type { Already, Usually } from '../contract'
import { CLOSED, WEEKLY } from './words'

/** What bays that fill as things come are usually made of, by loose litres. Own estimate from how practice feeds them. */
const USUAL: readonly Usually[] = table('Usual fillings of bays that fill bit by bit', {
  parts: ['share', 'of its loose litres; own estimate from practice'],
}, [
  {
    id: 'kitchen', label: 'mostly kitchen scraps and what covers them',
    parts: [
      { materialId: 'kitchen-veg', share: 0.45 }, { materialId: 'leaves-mixed', share: 0.4, role: 'cover' },
      { materialId: 'cardboard', share: 0.15, role: 'cover' },
    ],
  },
  {
    id: 'garden', label: 'mostly weeds, mowings and clippings',
    parts: [
      { materialId: 'weeds-soft', share: 0.35 }, { materialId: 'grass-clippings', share: 0.2 },
      { materialId: 'hedge-clippings', share: 0.2 }, { materialId: 'leaves-mixed', share: 0.25 },
    ],
  },
  {
    id: 'leaves', label: 'mostly leaves',
    parts: [
      { materialId: 'leaves-mixed', share: 0.65 }, { materialId: 'kitchen-veg', share: 0.2 },
      { materialId: 'grass-clippings', share: 0.15 },
    ],
  },
])

/** How one that stands came about. */
export const ALREADY: Already = {
  of: USUAL,
  bitByBit: true, closes: CLOSED, weeklyL: answers => numberOf(answers, WEEKLY) ?? 0,
}
