import type { Output } from '../contract'

/** What comes out of a tower: in part while the rest lives on, or all of it. */
export const OUTPUTS: readonly Output[] = [
  {
    materialId: 'tower-compost', label: 'Fungal compost',
    hint: 'from the bottom or one side, moist and by hand: a handful to a planting hole, or an extract',
  },
  { materialId: 'overs', label: 'Coarse', hint: 'chips that are still chips: the start of the next tower' },
]
