/**
 * What differs from heap to heap and is not known exactly: factors beside the usual (1 is usual) unless a unit is
 * named. `usual` is the median; `spread` the standard deviation, of the logarithm for factors. Own estimates, checked by `npm run study`.
 */
export const TRAITS = {
  /** Size of the rapid pool, and pace of the two others: each on its own, since the first days tell little of the last. */
  rapid: { kind: 'factor', usual: 1, spread: 0.3 },
  medium: { kind: 'factor', usual: 1, spread: 0.26 },
  slow: { kind: 'factor', usual: 1, spread: 0.25 },
  /** How much of it can be used at all. */
  usable: { kind: 'factor', usual: 1, spread: 0.11 },
  /** Heat given off by a kilogram. */
  heat: { kind: 'factor', usual: 1, spread: 0.05 },
  /** How soon what is left is out of reach. */
  reach: { kind: 'factor', usual: 1, spread: 0.4 },
  /** The mix's carbon to nitrogen ratio beside the one worked out. */
  ratio: { kind: 'factor', usual: 1, spread: 0.12 },
  /** Its moisture beside the one worked out, wet basis. */
  moisture: { kind: 'shift', usual: 0, spread: 0.04 },
  /** How warm and how full of life it comes. */
  lively: { kind: 'factor', usual: 1, spread: 0.3 },
  /** How fast its microbes multiply. */
  growth: { kind: 'factor', usual: 1, spread: 0.4 },
  /** Air that streams through for each kelvin of warmth. */
  air: { kind: 'factor', usual: 1, spread: 0.4 },
  /** How well it conducts warmth. */
  conductivity: { kind: 'factor', usual: 1, spread: 0.15 },
  /** Heat that passes its outside. */
  walls: { kind: 'factor', usual: 1, spread: 0.2 },
  /** How far it is pressed together, and how far it sinks for what decays. */
  density: { kind: 'factor', usual: 1, spread: 0.25 },
  sinking: { kind: 'factor', usual: 1, spread: 0.12 },
  /** Share of the rain that gets in. */
  rain: { kind: 'factor', usual: 1, spread: 0.5 },
  /** Air beside the climate's usual, K, all season. */
  weather: { kind: 'shift', usual: 0, spread: 1.2 },
  /** Which spells of weather come: read as a place among many, nothing else. */
  spells: { kind: 'shift', usual: 0, spread: 1 },
  /** How much is still respired when a gardener calls it ripe, beside the limit. */
  ripe: { kind: 'factor', usual: 1, spread: 0.07 },
  /** Share of the turns that are asked for which its gardener makes: 1 at most. */
  tends: { kind: 'shift', usual: 1, spread: 0.3 },
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
