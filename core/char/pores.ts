import { CHAR } from './constants'

/** Water that the pores of crushed char take up, litres a litre of char: 2 kg a kg, 0.2 kg a litre. */
export const PORES_L_L = CHAR.uptakeKgKg.typical * CHAR.crushedKgL.typical

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
    waterL: charL * (PORES_L_L + CHAR.gaps.char + CHAR.over) + livingL * CHAR.gaps.living,
    standsL: charL * (1 + CHAR.over) + livingL * CHAR.livingLies,
  }
}

/** The most char for a vessel of so many litres, a third of it left free. */
export function charThatFits(vesselL: number, livingShare: number): number {
  return CHAR.filled * vesselL / slurryOf(1, livingShare).standsL
}
