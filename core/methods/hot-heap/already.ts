import { table } from '../../constants/constants'
import type { Already, Usually } from '../contract'

/** What garden heaps that were built at once are usually made of, by loose litres. Own estimate from how practice builds them. */
const USUAL: readonly Usually[] = table('Usual fillings of heaps built at once', {
  parts: ['share', 'of its loose litres; own estimate from practice'],
}, [
  {
    id: 'half-and-half', label: 'half green, half brown',
    parts: [
      { materialId: 'grass-clippings', share: 0.2 }, { materialId: 'veg-haulm', share: 0.2 },
      { materialId: 'horse-manure-straw', share: 0.2 }, { materialId: 'leaves-mixed', share: 0.25 },
      { materialId: 'straw-wheat', share: 0.15 },
    ],
  },
  {
    id: 'green', label: 'mostly mowings and weeds',
    parts: [
      { materialId: 'grass-clippings', share: 0.4 }, { materialId: 'weeds-soft', share: 0.3 }, { materialId: 'straw-wheat', share: 0.3 },
    ],
  },
  {
    id: 'dung', label: 'mostly stable dung',
    parts: [{ materialId: 'horse-manure-straw', share: 0.75 }, { materialId: 'leaves-mixed', share: 0.25 }],
  },
  {
    id: 'brown', label: 'mostly leaves and stalks',
    parts: [
      { materialId: 'leaves-mixed', share: 0.5 }, { materialId: 'straw-wheat', share: 0.2 },
      { materialId: 'grass-clippings', share: 0.3 },
    ],
  },
])

/** How one that stands came about. */
export const ALREADY: Already = {
  of: USUAL,
}
