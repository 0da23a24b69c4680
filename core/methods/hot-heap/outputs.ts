import type { Output } from '../contract'

/** What comes out of a hot heap. */
export const OUTPUTS: readonly Output[] = [
  { materialId: 'compost-finished', label: 'Fine compost', hint: 'through the fine sieve: pots, seed drills', sieveMm: 10 },
  { materialId: 'compost-finished', label: 'Bed compost', hint: 'through the coarse sieve or unsieved: beds, mulch', sieveMm: 25 },
  { materialId: 'overs', label: 'Overs', hint: 'what stays on the sieve: into the next heap' },
]
