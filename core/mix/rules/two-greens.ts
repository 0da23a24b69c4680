import { amountVolumeL } from '../../units/container'
import type { RuleOfThumb } from './rule'

/** Two filled containers of green to one of brown: the quick mulch rule. */
export const twoGreens: RuleOfThumb = {
  id: 'two-greens', name: 'Two greens to one brown', counts: 'by volume, in the containers', browns: 1, greens: 2,
  measure: ({ amount }) => amountVolumeL(amount),
}
