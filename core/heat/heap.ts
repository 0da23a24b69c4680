import type { Cells } from './cells'
import type { Charge } from './charge'
import { USUAL_CONSTANTS, type Constants } from './constants'
import type { Traits } from './traits'
import type { Standing } from './walls'

/** Shells of equal volume, from the core (0) outwards. */
export const SHELLS = 6
/** What was laid on top since the last turn is a part of its own. */
export const TOP = SHELLS
const PARTS = SHELLS + 1

/** Heat held by a kilogram, MJ/K. */
export const WATER_MJ_KGK = 0.00418
export const DRY_MJ_KGK = 0.0014

/** A number for each shell, and one for what lies on top. */
export interface Parts extends Cells {
  /** How fast it warmed in the last step, K a day: where the next step leads is told by it. */
  readonly warming: Float64Array
  /** Heat that its ice still takes before it warms, MJ. */
  readonly iceMJ: Float64Array
}

/** What is kept for the heap as a whole. */
export interface Whole {
  ashKg: number
  nitrogenKg: number
  carbonKg: number
  mattingShare: number
  stiffness: number
  holdsKgKg: number
  pace: number
  /** How much quicker what goes within weeks is used up, for what turning has broken, 1 before. */
  broken: number
  /** Volume of all that went in, before any settling, litres. */
  looseL: number
  /** Free air space as it was filled. */
  looseAir: number
  /** Whether there is ice in it. */
  frozen: boolean
  /** Dry mass of all that went in, and what of it can be used. */
  chargedDryKg: number
  chargedUsableKg: number
  /** How far it has settled since it was last loosened, 0 to 1. */
  settled: number
  /** What lies on top since the last turn: its loose volume, litres, and the carbon and nitrogen it decays with. */
  topL: number
  topCarbonKg: number
  topNitrogenKg: number
  day: number
  /** When its volume was last worked out: it changes slowly. */
  packedDay: number
  /** How long the next step may be, days. */
  strideDays: number
}

/**
 * A heap as it stands: shells of equal volume around the middle of the sphere that has its ratio of volume to surface.
 * Changed in place by `step.ts` and `happenings.ts`; masses in kilograms, times in days, heat in megajoules.
 */
export interface Heap {
  readonly standing: Standing
  readonly traits: Traits
  readonly constants: Constants
  readonly parts: Parts
  readonly whole: Whole
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
  readonly surface: { areaM2: number, meanW_M2K: number, bareM2: number }
  /** The volume as it stands, m³, and how much more room the layers have than the mean. */
  volumeM3: number
  readonly layers: Float64Array
  /** Water that it can hold by now and still work, kg a dry kilogram. */
  holdsKgKg: number
  /** How easily air passes, and how much of the best pace the packed layers leave. */
  passes: number
  open: number
  readonly diagonal: Float64Array
  readonly link: Float64Array
  readonly right: Float64Array
  readonly dryKg: Float64Array
  readonly paceDay: Float64Array
  readonly airKgDay: Float64Array
  readonly carries: Float64Array
  readonly carriesMore: Float64Array
  /** Temperature and moisture together, a share of the best. */
  readonly comfort: Float64Array
}

/** The pressed layers a heap is seen in, from the top down: three, so that their mean is a cube root. */
export const LAYERS = 3

const numbers = () => new Float64Array(PARTS)

/** As much in every shell, nothing on top. */
function shared(total: number): Float64Array {
  const values = numbers()
  values.fill(total / SHELLS, 0, SHELLS)
  return values
}

/** Water that makes a mix so much moister; never less than a fiftieth of its mass. */
function shiftedWaterKg({ waterKg }: Charge, dryKg: number, shift: number): number {
  const moisture = Math.min(0.95, Math.max(0.02, waterKg / (waterKg + dryKg) + shift))
  return dryKg * moisture / (1 - moisture)
}

/** Free air space before anything settles. */
export function looseAirOf({ waterKg, ashKg, volumeL }: Charge, dryKg: number): number {
  return Math.max(0, 1 - (waterKg / 1000 + (dryKg - ashKg) / 1600 + ashKg / 2500) * 1000 / volumeL)
}

/** The pools of a charge as this heap's traits have them; what they take or leave comes from the rest. */
export function poolsOf(
  charge: Charge, traits: Traits,
): { readonly rapidKg: number, readonly mediumKg: number, readonly slowKg: number, readonly restKg: number } {
  const dryKg = dryKgOf(charge)
  const quickKg = charge.rapidKg + charge.mediumKg
  const rapidKg = Math.min(charge.rapidKg * traits.rapid, quickKg)
  const usable = Math.min(traits.usable, (dryKg - charge.ashKg) / Math.max(1e-9, quickKg + charge.slowKg))
  const pools = { rapidKg: rapidKg * usable, mediumKg: (quickKg - rapidKg) * usable, slowKg: charge.slowKg * usable }
  return { ...pools, restKg: dryKg - pools.rapidKg - pools.mediumKg - pools.slowKg }
}

/** Dry mass of a charge, kg. */
export function dryKgOf({ rapidKg, mediumKg, slowKg, restKg }: Charge): number {
  return rapidKg + mediumKg + slowKg + restKg
}

/** As built, so much of the first settling has been trodden in already. */
const TRODDEN_IN = 0.5

/**
 * A heap just built.
 * @param startC its temperature when built, °C.
 * @param starter microbes to begin with, 0 to 1; finished compost brings more.
 * @param iceMJ heat that what is frozen in it takes before it warms.
 */
export function newHeap(
  charge: Charge, standing: Standing, traits: Traits, startC: number, starter = 0.15, constants: Constants = USUAL_CONSTANTS,
  iceMJ = 0,
): Heap {
  const { rapidKg, mediumKg, slowKg, restKg } = poolsOf(charge, traits)
  const dryKg = dryKgOf(charge)
  return {
    standing, traits, constants,
    parts: {
      celsius: numbers().fill(startC), waterKg: shared(shiftedWaterKg(charge, dryKg, traits.moisture)),
      rapidKg: shared(rapidKg), mediumKg: shared(mediumKg), slowKg: shared(slowKg), restKg: shared(restKg),
      microbes: numbers().fill(starter), reach: numbers().fill(1), oxygenPct: numbers().fill(20.9), warming: numbers(),
      iceMJ: shared(iceMJ),
    },
    whole: {
      ashKg: charge.ashKg, nitrogenKg: charge.nitrogenKg, carbonKg: charge.carbonKg * traits.ratio,
      mattingShare: charge.mattingShare, stiffness: charge.stiffness, holdsKgKg: charge.holdsKgKg,
      pace: charge.pace, broken: 1,
      looseL: charge.volumeL, looseAir: looseAirOf(charge, dryKg), frozen: iceMJ > 0,
      chargedDryKg: dryKg, chargedUsableKg: rapidKg + mediumKg + slowKg,
      settled: TRODDEN_IN, topL: 0, topCarbonKg: 0, topNitrogenKg: 0, day: 0, packedDay: -1, strideDays: FIRST_STRIDE_DAYS,
    },
    ledger: { decayedKg: 0, waterMadeKg: 0, evaporatedKg: 0, drainedKg: 0, pouredKg: 0, releasedMJ: 0, lostMJ: 0, carriedMJ: 0 },
    work: {
      surface: { areaM2: 0, meanW_M2K: 0, bareM2: 0 },
      volumeM3: charge.volumeL / 1000,
      layers: new Float64Array(LAYERS).fill(1),
      holdsKgKg: charge.holdsKgKg,
      passes: 1,
      open: 1,
      diagonal: numbers(),
      link: numbers(),
      right: numbers(),
      dryKg: numbers(),
      paceDay: numbers(),
      airKgDay: numbers(),
      carries: numbers(),
      carriesMore: numbers(),
      comfort: numbers(),
    },
  }
}

/** After anything sudden the first step is so long, days. */
export const FIRST_STRIDE_DAYS = 1 / 32

const PART_NAMES = [
  'celsius', 'waterKg', 'rapidKg', 'mediumKg', 'slowKg', 'restKg', 'microbes', 'reach', 'oxygenPct', 'warming', 'iceMJ',
] as const satisfies readonly (keyof Parts)[]

/** A heap as it stood once, to go on from. */
export interface Snapshot {
  readonly parts: Float64Array
  readonly whole: Whole
  readonly ledger: Ledger
}

/** Keeps how a heap stands. */
export function snapshotOf({ parts, whole, ledger }: Heap): Snapshot {
  const kept = new Float64Array(PART_NAMES.length * PARTS)
  PART_NAMES.forEach((name, at) => kept.set(parts[name], at * PARTS))
  return { parts: kept, whole: { ...whole }, ledger: { ...ledger } }
}

/** Puts a heap back to how it stood. */
export function restore(heap: Heap, { parts, whole, ledger }: Snapshot): void {
  PART_NAMES.forEach((name, at) => heap.parts[name].set(parts.subarray(at * PARTS, (at + 1) * PARTS)))
  Object.assign(heap.whole, whole)
  Object.assign(heap.ledger, ledger)
}

/** Sum over the shells and what lies on top. */
export function total(values: Float64Array): number {
  let sum = 0
  for (let i = 0; i < values.length; i++) sum += values[i]!
  return sum
}

/** Dry mass of the whole heap, kg. */
export function dryMassKg({ parts: { rapidKg, mediumKg, slowKg, restKg } }: Heap): number {
  return total(rapidKg) + total(mediumKg) + total(slowKg) + total(restKg)
}

/** Water as a share of wet mass over the whole heap. */
export function moistureOf(heap: Heap): number {
  const water = total(heap.parts.waterKg)
  return water / (water + dryMassKg(heap))
}

/** Share of what can be used that has been used, 0 to 1; all of it where there never was any. */
export function usedShare({ parts: { rapidKg, mediumKg, slowKg }, whole }: Heap): number {
  return whole.chargedUsableKg > 0 ? 1 - (total(rapidKg) + total(mediumKg) + total(slowKg)) / whole.chargedUsableKg : 1
}

/** Heat held above 0 °C, MJ: less what its ice lacks. */
export function heldMJ(heap: Heap): number {
  let sum = 0
  for (let i = 0; i < PARTS; i++) sum += capacityMJK(heap, i) * heap.parts.celsius[i]! - heap.parts.iceMJ[i]!
  return sum
}

/** Dry mass of a part, kg. */
export function partDryKg({ rapidKg, mediumKg, slowKg, restKg }: Parts, part: number): number {
  return rapidKg[part]! + mediumKg[part]! + slowKg[part]! + restKg[part]!
}

/** Heat that warms a part by one kelvin, MJ/K. */
export function capacityMJK({ parts }: Heap, part: number): number {
  return parts.waterKg[part]! * WATER_MJ_KGK + partDryKg(parts, part) * DRY_MJ_KGK
}

/** Temperature in the core, °C. */
export function coreC(heap: Heap): number {
  return heap.parts.celsius[0]!
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
export function edgeC({ parts, work }: Heap): number {
  const radiusM = sphereRadiusM(work.volumeM3, work.surface.areaM2 || 1)
  return celsiusAt(parts.celsius, Math.max(0, 1 - EDGE_DEPTH_M / radiusM))
}

/** Temperature at a share of the radius, °C. */
function celsiusAt(celsius: Float64Array, share: number): number {
  if (share <= MIDDLES[0]!) return celsius[0]!
  for (let i = 1; i < SHELLS; i++) {
    if (share <= MIDDLES[i]!)
      return celsius[i - 1]! + ((celsius[i]! - celsius[i - 1]!) * (share - MIDDLES[i - 1]!)) / (MIDDLES[i]! - MIDDLES[i - 1]!)
  }
  return celsius[SHELLS - 1]!
}
