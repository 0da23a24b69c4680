import { HEAT } from './constants'

/** Water from a can or a hose, °C, and char that has just been burnt. */
const WATER_C = 15
const BOILING_C = 100
const GLOWING_C = 500

/**
 * Kilograms of water that boil off while glowing char is cooled to 100 °C: m·c·ΔT over what a kilogram of water takes along.
 * @param charKg not negative. @param fromC above 100. @param waterC below 100.
 */
export function boiledOffKg(charKg: number, fromC = GLOWING_C, waterC = WATER_C): number {
  return charKg * HEAT.charKJ * Math.max(0, fromC - BOILING_C) / (HEAT.waterKJ * (BOILING_C - waterC) + HEAT.steamKJ)
}

/** Litres of water to have at hand before lighting: the char's own bulk, so that it drowns, and what boils off. */
export function quenchL(lumpL: number, charKg: number): number {
  return lumpL + boiledOffKg(charKg)
}
