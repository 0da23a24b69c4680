import type { Charge } from './charge'
import type { Traits } from './traits'
import type { Standing } from './walls'

/** Shells of equal volume, from the core (0) outwards. */
export const SHELLS = 6

/** Heat held by a kilogram, MJ/K. */
export const WATER_MJ_KGK = 0.00418
export const DRY_MJ_KGK = 0.0014

/**
 * A heap as it stands: shells of equal volume around the middle of the sphere that has its ratio of volume to surface.
 * Changed in place by `step.ts` and `happenings.ts`; masses in kilograms, times in days, heat in megajoules.
 */
export interface Heap {
  readonly standing: Standing
  readonly traits: Traits
  readonly celsius: Float64Array
  readonly waterKg: Float64Array
  readonly rapidKg: Float64Array
  readonly mediumKg: Float64Array
  readonly slowKg: Float64Array
  readonly restKg: Float64Array
  /** How far the microbes have multiplied, 0 to 1. */
  readonly microbes: Float64Array
  /** Share of what can be used that microbes reach, 1 when freshly mixed. */
  readonly reach: Float64Array
  /** Oxygen between the pieces in the last step, %. */
  readonly oxygenPct: Float64Array
  /** The same for the whole heap: it is not told apart by shell. */
  ashKg: number
  nitrogenKg: number
  carbonKg: number
  mattingShare: number
  pace: number
  /** Volume of all that went in, before any settling, litres. */
  looseL: number
  /** Free air space as it was built. */
  looseAir: number
  /** Dry mass of all that went in. */
  chargedDryKg: number
  /** Usable mass of all that went in. */
  chargedUsableKg: number
  /** How far it has settled since it was last loosened, 0 to 1. */
  settled: number
  day: number
  readonly ledger: Ledger
  readonly work: Workspace
}

/** What came and went since the beginning: kept so that mass and heat can be accounted for. */
export interface Ledger {
  decayedKg: number
  waterMadeKg: number
  evaporatedKg: number
  drainedKg: number
  pouredKg: number
  releasedMJ: number
  /** Through the surface and with the air. */
  lostMJ: number
  /** Held by what was added (+) or went away (−) at its temperature. */
  carriedMJ: number
}

/** Room for the numbers of one step, so that the loop allocates nothing. */
export interface Workspace {
  readonly surface: { areaM2: number, meanW_M2K: number }
  readonly diagonal: Float64Array
  readonly link: Float64Array
  readonly right: Float64Array
  readonly capacity: Float64Array
  readonly decayKgDay: Float64Array
  readonly supplyKgDay: Float64Array
  readonly airKgDay: Float64Array
  readonly airSpace: Float64Array
  /** Temperature and moisture together, a share of the best. */
  readonly comfort: Float64Array
  /** Water that leaves with the air, kg, and how much more of it for each kelvin. */
  readonly carries: Float64Array
  readonly carriesMore: Float64Array
}

const shells = () => new Float64Array(SHELLS)
const filled = (total: number) => new Float64Array(SHELLS).fill(total / SHELLS)

/** Water that makes a mix so much moister; never less than a hundredth of its mass. */
function shiftedWaterKg({ waterKg }: Charge, dryKg: number, shift: number): number {
  const moisture = Math.min(0.9, Math.max(0.02, waterKg / (waterKg + dryKg) + shift))
  return dryKg * moisture / (1 - moisture)
}

/** Free air space before anything settles. */
export function looseAirOf({ waterKg, ashKg, volumeL }: Charge, dryKg: number): number {
  return Math.max(0, 1 - (waterKg / 1000 + (dryKg - ashKg) / 1600 + ashKg / 2500) * 1000 / volumeL)
}

/**
 * A heap just built.
 * @param startC its temperature when built, °C.
 * @param starter microbes to begin with, 0 to 1; finished compost brings more.
 */
export function newHeap(charge: Charge, standing: Standing, traits: Traits, startC: number, starter = 0.15): Heap {
  const usableKg = charge.rapidKg + charge.mediumKg + charge.slowKg
  const rapidKg = Math.min(charge.rapidKg * traits.rapid * traits.usable, usableKg)
  const rest = usableKg + charge.restKg
  const mediumKg = charge.mediumKg * traits.usable
  const slowKg = Math.min(charge.slowKg * traits.usable, Math.max(0, rest - charge.ashKg - rapidKg - mediumKg))
  const dryKg = charge.restKg + usableKg
  return {
    standing, traits,
    celsius: new Float64Array(SHELLS).fill(startC),
    waterKg: filled(shiftedWaterKg(charge, dryKg, traits.moisture)),
    rapidKg: filled(rapidKg), mediumKg: filled(mediumKg), slowKg: filled(slowKg), restKg: filled(dryKg - rapidKg - mediumKg - slowKg),
    microbes: new Float64Array(SHELLS).fill(starter), reach: new Float64Array(SHELLS).fill(1), oxygenPct: new Float64Array(SHELLS).fill(20.9),
    ashKg: charge.ashKg, nitrogenKg: charge.nitrogenKg, carbonKg: charge.carbonKg * traits.ratio,
    mattingShare: charge.mattingShare, pace: charge.pace,
    looseL: charge.volumeL, looseAir: looseAirOf(charge, dryKg), chargedDryKg: dryKg, chargedUsableKg: rapidKg + mediumKg + slowKg, settled: 0, day: 0,
    ledger: { decayedKg: 0, waterMadeKg: 0, evaporatedKg: 0, drainedKg: 0, pouredKg: 0, releasedMJ: 0, lostMJ: 0, carriedMJ: 0 },
    work: { surface: { areaM2: 0, meanW_M2K: 0 }, diagonal: shells(), link: shells(), right: shells(), capacity: shells(), decayKgDay: shells(), supplyKgDay: shells(), airKgDay: shells(), airSpace: shells(), comfort: shells(), carries: shells(), carriesMore: shells() },
  }
}

/** Sum over the shells. */
export function total(values: Float64Array): number {
  let sum = 0
  for (let i = 0; i < values.length; i++) sum += values[i]!
  return sum
}

/** Dry mass of the whole heap, kg. */
export function dryMassKg({ rapidKg, mediumKg, slowKg, restKg }: Heap): number {
  return total(rapidKg) + total(mediumKg) + total(slowKg) + total(restKg)
}

/** Water as a share of wet mass over the whole heap. */
export function moistureOf(heap: Heap): number {
  const water = total(heap.waterKg)
  return water / (water + dryMassKg(heap))
}

/** Loose stuff settles most: by what its pores exceed a well-trodden heap, within bounds. */
const TRODDEN_AIR = 0.5
const SETTLES = { least: 0.08, most: 0.45 }
/** Volume falls a little faster than dry mass: what is left is finer. */
const SINKING_POWER = 1.25

/** Volume as it stands, litres. */
export function volumeL(heap: Heap): number {
  const left = dryMassKg(heap) / heap.chargedDryKg
  const settles = Math.min(SETTLES.most, Math.max(SETTLES.least, (heap.looseAir - TRODDEN_AIR) * heap.traits.settling))
  return heap.looseL * (1 - settles * heap.settled) * left ** (SINKING_POWER * heap.traits.sinking)
}

/** Share of what can be used that has been used, 0 to 1. */
export function usedShare(heap: Heap): number {
  return 1 - (total(heap.rapidKg) + total(heap.mediumKg) + total(heap.slowKg)) / heap.chargedUsableKg
}

/** Heat held above 0 °C, MJ. */
export function heldMJ(heap: Heap): number {
  let sum = 0
  for (let i = 0; i < SHELLS; i++) sum += capacityMJK(heap, i) * heap.celsius[i]!
  return sum
}

/** Heat that warms a shell by one kelvin, MJ/K. */
export function capacityMJK({ waterKg, rapidKg, mediumKg, slowKg, restKg }: Heap, shell: number): number {
  return waterKg[shell]! * WATER_MJ_KGK + (rapidKg[shell]! + mediumKg[shell]! + slowKg[shell]! + restKg[shell]!) * DRY_MJ_KGK
}

/** Temperature in the core, °C. */
export function coreC(heap: Heap): number {
  return heap.celsius[0]!
}

/** How deep a hand's breadth is, m: where the edge is read. */
const EDGE_DEPTH_M = 0.06

/** Radius of the sphere that has the heap's ratio of volume to surface, m. */
export function sphereRadiusM(volumeM3: number, areaM2: number): number {
  return 3 * volumeM3 / areaM2
}

/** Middle of a shell by volume, as a share of the radius. */
export const MIDDLES: readonly number[] = Array.from({ length: SHELLS }, (_, i) => Math.cbrt((i + 0.5) / SHELLS))
/** Outer bound of a shell, as a share of the radius. */
export const BOUNDS: readonly number[] = Array.from({ length: SHELLS }, (_, i) => Math.cbrt((i + 1) / SHELLS))

/** Temperature a hand's breadth in from the outside, °C: straight between the middles of the shells. */
export function edgeC(heap: Heap): number {
  const radiusM = sphereRadiusM(volumeL(heap) / 1000, heap.work.surface.areaM2 || 1)
  return celsiusAt(heap, Math.max(0, 1 - EDGE_DEPTH_M / radiusM))
}

/** Temperature at a share of the radius, °C. */
export function celsiusAt({ celsius }: Heap, share: number): number {
  if (share <= MIDDLES[0]!) return celsius[0]!
  for (let i = 1; i < SHELLS; i++) {
    if (share <= MIDDLES[i]!) return celsius[i - 1]! + (celsius[i]! - celsius[i - 1]!) * (share - MIDDLES[i - 1]!) / (MIDDLES[i]! - MIDDLES[i - 1]!)
  }
  return celsius[SHELLS - 1]!
}
