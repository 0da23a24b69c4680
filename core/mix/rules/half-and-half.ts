import { amountVolumeL } from '../../units/container'
import type { RuleOfThumb } from './rule'

/** One filled container of brown to one of green. */
export const halfAndHalf: RuleOfThumb = {
  id: 'half-and-half', name: 'Half and half', counts: 'by volume, in the containers', browns: 1, greens: 1,
  measure: ({ amount }) => amountVolumeL(amount),
}
