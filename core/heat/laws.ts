/** What every model of decaying stuff here takes from physics and biology, in the units of the loops that use it. */
/** Evaporating a kilogram of water, MJ. */
export const EVAPORATION_MJ_KG = 2.43
/** Warming a kilogram of air by a kelvin, MJ. */
export const AIR_MJ_KGK = 0.00101
/** Oxygen in air by mass. */
export const OXYGEN_IN_AIR = 0.232
/** A watt for a day, MJ. */
export const MJ_DAY_W = 0.0864
/** From here on heat kills more microbes than grow, °C; spores and the cool outside always leave some. */
export const DIE_ABOVE_C = 62
export const LEAST_MICROBES = 0.02

/** 1 − e^(−x) for a share that is used up, x not negative: a fraction of polynomials, within 0 to 1 and never more than there is. */
export function goneShare(x: number): number {
  return x < 2 ? x / (1 + x / 2 + x * x / 12) : -Math.expm1(-x)
}
