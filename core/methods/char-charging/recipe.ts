import { charThatFits, slurryOf, type Slurry } from '../../char/pores'
import { CHAR } from '../../char/constants'
import { looseL, type Ingredient } from '../../mix/portion'
import { siteVolumeL, type Site } from '../../vessel/site'
import type { ChargeWay } from './ways'

/** What of a bench goes into a soak: char, what lives, and what feeds, of which urine is a part of the liquid. */
export interface Laid {
  readonly char: readonly Ingredient[]
  readonly living: readonly Ingredient[]
  readonly urine: readonly Ingredient[]
  readonly feeds: readonly Ingredient[]
}

/** What of a bench is for a soak. */
export function laidOf(bench: readonly Ingredient[]): Laid {
  const some = bench.filter(({ amount: { count } }) => count > 0)
  const of = (wanted: (one: Ingredient) => boolean) => some.filter(wanted)
  const isUrine = ({ material }: Ingredient) => material.brings.includes('urine')
  const laid = {
    char: of(({ material }) => material.family === 'char'), living: of(({ material }) => material.family === 'finished'),
    urine: of(isUrine), feeds: of(one => one.material.family === 'feed' && !isUrine(one)),
  }
  return laid
}

/** How much of each is wanted in one vessel; what is not said is as the way has it. */
export interface Wish {
  readonly charL: number
  readonly livingL?: number
  /** All the liquid, urine with it; as much as covers it where nothing is said. */
  readonly liquidL?: number
  readonly bagL?: number
}

/** What goes into a tub, and what does not fit. */
export interface SoakRecipe extends Slurry {
  readonly wantedL: number
  /** Of what was laid out, the share that fits. */
  readonly fits: number
  /** Litres of liquid that cover it. */
  readonly coversL: number
  /** Tubs of this size for all of it. */
  readonly tubs: number
  /** Bags of the size that was said, where it hangs in water. */
  readonly bags: number
}

/** What is wanted, fitted to the vessel: a third of a tub stays free for foam and stirring. */
export function recipeFor(site: Site, way: Pick<ChargeWay, 'kind' | 'livingShare'>, wish: Wish): SoakRecipe {
  const { charL: wantedL, livingL = wantedL * way.livingShare, bagL = 5 } = wish
  const bags = Math.max(1, Math.ceil(wantedL / Math.max(1, bagL)))
  if (way.kind !== 'tub') return { ...slurryOf(wantedL, 0), waterL: 0, coversL: 0, wantedL, fits: 1, tubs: 1, bags }
  const share = wantedL > 0 ? livingL / wantedL : 0
  const fitsL = charThatFits(siteVolumeL(site), share)
  const slurry = slurryOf(Math.min(wantedL, fitsL), share)
  const waterL = wish.liquidL ?? slurry.waterL
  return {
    ...slurry, waterL, coversL: slurry.waterL, standsL: slurry.standsL + Math.max(0, waterL - slurry.waterL), wantedL,
    fits: wantedL > 0 ? Math.min(1, fitsL / wantedL) : 1, tubs: Math.max(1, Math.ceil(wantedL / fitsL - 1e-9)), bags,
  }
}

/** Of a soak's liquid, urine that goes in as the way has it: one part to so many of water. */
export const urineIn = (liquidL: number) => liquidL / (1 + CHAR.urineParts)

/** What is laid out, as wished for. */
export function wishOf({ char, living }: Laid, liquidL: number | undefined, bagL: number | undefined): Wish {
  return {
    charL: looseL(char), livingL: looseL(living), ...(liquidL === undefined ? {} : { liquidL }), ...(bagL === undefined ? {} : { bagL }),
  }
}
