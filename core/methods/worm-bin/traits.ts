/**
 * What differs from one herd to another and is not known: factors beside the usual, and shifts. Spreads are own estimates:
 * intake from 0.2 to 0.75 kg a kilogram and day, castings from 40 to 60 % of what is eaten.
 */
const SPREADS = { intake: 0.48, growth: 0.28, castings: 0.12, drying: 0.35, heat: 0.35, herd: 0.25, bedding: 0.35, souring: 0.3 } as const
const WARMER_K = 2

export type WormTraitName = keyof typeof SPREADS
const NAMES = Object.keys(SPREADS) as WormTraitName[]

/** The traits of one herd: 1 is usual, `warmerK` in kelvin. */
export type WormTraits = Readonly<Record<WormTraitName, number>> & { readonly warmerK: number }

/** As many standard normals as there are traits. */
export const DIMENSIONS = NAMES.length + 1

/** The traits at standings: 0 is usual, ±1 one spread; beyond ±4 nothing is met. */
export function traitsAt(point: ArrayLike<number>): WormTraits {
  const at = (index: number) => Math.min(4, Math.max(-4, point[index] ?? 0))
  return {
    ...(Object.fromEntries(NAMES.map((name, index) => [name, Math.exp(SPREADS[name] * at(index))])) as Record<WormTraitName, number>),
    warmerK: WARMER_K * at(NAMES.length),
  }
}

/** The herd that is usual in everything. */
export const USUAL_TRAITS = traitsAt([])
