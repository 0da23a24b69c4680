import { CRUSHED_KG_L, UPTAKE_KG_KG } from './constants'

/** Water that the pores of crushed char take up, litres a litre of char: 2 kg a kg, 0.2 kg a litre. */
export const PORES_L_L = UPTAKE_KG_KG.typical * CRUSHED_KG_L.typical
/** Room between the pieces, of char and of compost; and how much lower compost lies once it is wet. Own estimates. */
const GAPS = { char: 0.45, living: 0.3 }
const LIVING_LIES = 0.7
/** Water over it, by the char's litres, so that it can be stirred and pours. */
const OVER = 0.2
/** A third of the vessel stays free for foam and stirring. */
export const FILLED = 2 / 3

/** Char, living matter and water that stand in a vessel together. */
export interface Slurry {
  readonly charL: number
  readonly livingL: number
  readonly waterL: number
  /** Litres it takes up in the vessel. */
  readonly standsL: number
  /** Of the water, what the char drinks within days: it is topped up. */
  readonly drunkL: number
}

/**
 * What so much char comes to with living matter and water to cover. @param charL crushed, not negative. @param livingShare
 * litres of compost or castings a litre of char, 0 to 1.
 */
export function slurryOf(charL: number, livingShare: number): Slurry {
  const livingL = charL * livingShare
  return {
    charL, livingL, drunkL: charL * PORES_L_L,
    waterL: charL * (PORES_L_L + GAPS.char + OVER) + livingL * GAPS.living,
    standsL: charL * (1 + OVER) + livingL * LIVING_LIES,
  }
}

/** The most char for a vessel of so many litres, a third of it left free. */
export function charThatFits(vesselL: number, livingShare: number): number {
  return FILLED * vesselL / slurryOf(1, livingShare).standsL
}
