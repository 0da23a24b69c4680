import { CHAR } from './constants'

/**
 * Kilograms of water that boil off while glowing char is cooled to 100 °C: m·c·ΔT over what a kilogram of water takes along.
 * @param charKg not negative. @param fromC above 100. @param waterC below 100.
 */
export function boiledOffKg(charKg: number, fromC = CHAR.glowingC, waterC = CHAR.waterC): number {
  return charKg * CHAR.heat.charKJ * Math.max(0, fromC - CHAR.boilingC) / (CHAR.heat.waterKJ * (CHAR.boilingC - waterC) + CHAR.heat.steamKJ)
}

/** Litres of water to have at hand before lighting: the char's own bulk, so that it drowns, and what boils off. */
export function quenchL(lumpL: number, charKg: number): number {
  return lumpL + boiledOffKg(charKg)
}
