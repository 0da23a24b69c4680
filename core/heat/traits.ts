/**
 * What differs from heap to heap and is not known exactly: factors beside the usual (1 is usual) unless a unit is
 * named. `usual` is the median; `spread` the standard deviation, of the logarithm for factors.
 */
export const TRAITS = {
  /** Pace of all decay. */
  pace: { kind: 'factor', usual: 1, spread: 0.25 },
  /** How much of it can be used within a season. */
  usable: { kind: 'factor', usual: 1, spread: 0.1 },
  /** Size of the rapid pool. */
  rapid: { kind: 'factor', usual: 1, spread: 0.3 },
  /** The mix's carbon to nitrogen ratio beside the one worked out. */
  ratio: { kind: 'factor', usual: 1, spread: 0.12 },
  /** Its moisture beside the one worked out, wet basis. */
  moisture: { kind: 'shift', usual: 0, spread: 0.05 },
  /** How fast its microbes multiply. */
  growth: { kind: 'factor', usual: 1, spread: 0.35 },
  /** Air that streams through for each kelvin of warmth. */
  air: { kind: 'factor', usual: 1, spread: 0.35 },
  /** How well it conducts warmth. */
  conductivity: { kind: 'factor', usual: 1, spread: 0.15 },
  /** Heat that passes its outside. */
  walls: { kind: 'factor', usual: 1, spread: 0.2 },
  /** How far it settles in the first days, and how far it sinks for what decays. */
  settling: { kind: 'factor', usual: 1, spread: 0.3 },
  sinking: { kind: 'factor', usual: 1, spread: 0.12 },
  /** Share of the rain that gets in. */
  rain: { kind: 'factor', usual: 1, spread: 0.5 },
  /** Air beside the climate's usual, K, all season. */
  weather: { kind: 'shift', usual: 0, spread: 1.5 },
  /** Where between the shortest and the longest usual curing it lies: 0 the middle, ±1 four in six. */
  curing: { kind: 'shift', usual: 0, spread: 1 },
} as const satisfies Record<string, { readonly kind: 'factor' | 'shift', readonly usual: number, readonly spread: number }>

export type TraitName = keyof typeof TRAITS
export const TRAIT_NAMES = Object.keys(TRAITS) as TraitName[]

/** The traits of one heap. */
export type Traits = Readonly<Record<TraitName, number>>

/** The traits at standings: 0 is usual, ±1 one standard deviation. In the order of `TRAIT_NAMES`; beyond ±4 nothing is met. */
export function traitsAt(standings: ArrayLike<number>): Traits {
  return Object.fromEntries(TRAIT_NAMES.map((name, index) => {
    const { kind, usual, spread } = TRAITS[name]
    const at = Math.min(4, Math.max(-4, standings[index] ?? 0))
    return [name, kind === 'factor' ? usual * Math.exp(spread * at) : usual + spread * at]
  })) as Record<TraitName, number>
}

/** The heap that is usual in everything. */
export const USUAL_TRAITS: Traits = traitsAt([])
