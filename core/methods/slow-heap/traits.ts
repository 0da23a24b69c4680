/**
 * What differs from one slow heap to another and is not known: factors beside the usual, and shifts. Spreads are own estimates,
 * wide enough for a truth that is not this model (docs/models.md).
 */
const SPREADS = {
  /** How fast it all rots, and the slow part on its own. */
  pace: 0.24, slow: 0.25,
  /** How far it slumps, and how fast it dries. */
  settling: 0.14, drying: 0.4,
  /** Share of the rain that gets in. */
  rain: 0.5,
  /** What will be fed beside what was, and what is really in a caddy. */
  feeding: 0.18, caddy: 0.12,
  /** How much is still respired when it is called ripe. */
  ripe: 0.12,
} as const
const WEATHER_K = 1

export type SlowTraitName = keyof typeof SPREADS
const NAMES = Object.keys(SPREADS) as SlowTraitName[]

/** The traits of one slow heap: 1 is usual, `weatherK` in kelvin. */
export type SlowTraits = Readonly<Record<SlowTraitName, number>> & { readonly weatherK: number }

/** As many standard normals as there are traits. */
export const DIMENSIONS = NAMES.length + 1

/** The traits at standings: 0 is usual, ±1 one spread; beyond ±4 nothing is met. */
export function traitsAt(point: ArrayLike<number>): SlowTraits {
  const at = (index: number) => Math.min(4, Math.max(-4, point[index] ?? 0))
  return {
    ...(Object.fromEntries(NAMES.map((name, index) => [name, Math.exp(SPREADS[name] * at(index))])) as Record<SlowTraitName, number>),
    weatherK: WEATHER_K * at(NAMES.length),
  }
}

/** The one that is usual in everything. */
export const USUAL_TRAITS = traitsAt([])
