import type { Approach } from '../contract'

/** How a tower is kept moist. */
export const APPROACHES: readonly Approach[] = [
  {
    id: 'by-can', name: 'Watered by can',
    summary: 'A round with the can once or twice a week; in dry weeks more often. Cheap, and forgotten easily.',
  },
  {
    id: 'drip-line', name: 'Drip line',
    summary: 'A ring of drippers on top, a minute or two a day: the most even, wants a tap and an eye on frost.',
  },
]
