import { amountVolumeL } from '../../units/container'
import type { RuleOfThumb } from './rule'

/** Two filled containers of brown to one of green, however they are filled. */
export const twoThirdsBrown: RuleOfThumb = {
  id: 'two-thirds-brown', name: 'Two thirds brown', counts: 'by volume, in the containers', browns: 2, greens: 1,
  measure: ({ amount }) => amountVolumeL(amount),
}
