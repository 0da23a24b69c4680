import { charThatFits, slurryOf, type Slurry } from '../../char/pores'
import type { Answers } from '../../questions/answers'
import { numberOf } from '../../questions/question'
import { siteVolumeL, type Site } from '../../vessel/site'
import type { ChargeWay } from './ways'
import { BAG_L, CHAR_L } from './words'

/** What goes into a tub, and what does not fit. */
export interface SoakRecipe extends Slurry {
  readonly wantedL: number
  /** Tubs of this size for all of it. */
  readonly tubs: number
  /** Bags of the size that was said, where it hangs in water. */
  readonly bags: number
}

/** The char wanted, fitted to the vessel: a third of a tub stays free for foam and stirring. */
export function recipeFor(site: Site, way: Pick<ChargeWay, 'kind' | 'livingShare'>, answers: Answers): SoakRecipe {
  const wantedL = Math.max(0, numberOf(answers, CHAR_L) ?? 20)
  const bags = Math.max(1, Math.ceil(wantedL / Math.max(1, numberOf(answers, BAG_L) ?? 5)))
  if (way.kind !== 'tub') return { ...slurryOf(wantedL, 0), waterL: 0, wantedL, tubs: 1, bags }
  const fitsL = charThatFits(siteVolumeL(site), way.livingShare)
  return { ...slurryOf(Math.min(wantedL, fitsL), way.livingShare), wantedL, tubs: Math.max(1, Math.ceil(wantedL / fitsL - 1e-9)), bags }
}
