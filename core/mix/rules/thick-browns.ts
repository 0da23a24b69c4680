import { portionOf } from '../portion'
import type { RuleOfThumb } from './rule'

/** Layers of brown twice as thick as those of green: as they lie, shaken out and prepared. */
export const thickBrowns: RuleOfThumb = {
  id: 'thick-browns', name: 'Brown layers twice as thick', counts: 'by thickness, as it lies', browns: 2, greens: 1,
  measure: ingredient => portionOf(ingredient).looseVolumeL,
}
