import { range } from '../units/range'

/**
 * Kilograms in a litre of crushed, dry char. Range of garden chars 0.15 to 0.25; bags of lump are reckoned with the same 0.2 (kg
 * ÷ 0.2 = L).
 */
export const CRUSHED_KG_L = range(0.15, 0.2, 0.25)
/** Crushing takes the bulk of lumps down to about two thirds. Practice: 0.55 to 0.75. */
export const CRUSHED_SHARE = range(0.55, 2 / 3, 0.75)
/** Kilograms in a litre of lumps: what is crushed weighs the same and takes two thirds of the room. */
export const LUMP_KG_L = CRUSHED_KG_L.typical * CRUSHED_SHARE.typical
/** Water that char takes up, kilograms a kilogram of dry char. */
export const UPTAKE_KG_KG = range(1.5, 2, 3)

/**
 * Carbon in dry wood without its ash, and in char without its ash. Elemental analyses: wood 0.49 to 0.52, char of 450 to 650 °C
 * 0.80 to 0.92.
 */
export const CARBON = { wood: 0.5, char: 0.87 } as const
/** Ash in dry wood with bark; thin wood 0.01 to 0.03. */
export const WOOD_ASH = 0.015
/** Of the wood's ash so much stays in the pieces, the rest lies loose. Own estimate, 0.6 to 0.9. */
export const ASH_IN_PIECES = 0.75
/** Heat to warm a kilogram of water from 15 °C and boil it off, and heat in a kilogram of char, MJ. */
export const STEAM_MJ_KG = 2.61
export const CHAR_MJ_KG = 30
/** Yields are those of wood with so much water (wet basis). */
export const USUAL_MOISTURE = 0.15
/** From here on wood is too wet to char well, and from here on it hardly burns. */
export const DRY_ENOUGH = 0.2
export const TOO_WET = 0.45
/** Above this it is not lit: it smokes for hours. Practice of stoves and kilns: 0.2 to 0.25, wet basis. */
export const NO_GO_MOISTURE = 0.25

/** Specific heat of char, kJ/(kg·K); of water; and what a kilogram of steam takes along, kJ. */
export const HEAT = { charKJ: 1.2, waterKJ: 4.19, steamKJ: 2257 } as const
