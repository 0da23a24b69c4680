import type { Cells } from '../cells'
import type { Charge } from '../charge'
import { USUAL_CONSTANTS } from '../constants'
import { DRY_MJ_KGK, dryKgOf, WATER_MJ_KGK } from '../heap'
import { SLAB, type Sides } from './constants'
import type { Top } from './frame'

/** Volume goes as dry mass to this power. */
const SINKING = USUAL_CONSTANTS.sinkingPower

/** Layers of stuff from the ground up, then layers of soil: one row of temperatures. */
export const LAYERS = 8
export const SOILS = 3
export const NODES = LAYERS + SOILS

/** What differs from bed to bed and is not known exactly; factors unless a unit is named, 1 is usual. */
export interface SlabTraits {
  readonly pace: number
  readonly usable: number
  readonly growth: number
  readonly air: number
  readonly conducts: number
  readonly losses: number
  /** Its moisture beside the one worked out, wet basis. */
  readonly moisture: number
  readonly ratio: number
  readonly weatherK: number
  readonly sun: number
}
export const USUAL_SLAB: SlabTraits = {
  pace: 1, usable: 1, growth: 1, air: 1, conducts: 1, losses: 1, moisture: 0, ratio: 1, weatherK: 0, sun: 1,
}

/** The weather of each day from the day of building on: mean of the air, half of what lies between night and day, sun. */
export interface SlabWeather {
  readonly airC: readonly number[]
  readonly swingK: readonly number[]
  readonly sunMJ: readonly number[]
  readonly daylight: readonly number[]
  /** 1 for each day whose weather was measured: there nothing strays. */
  readonly measured?: readonly number[]
}

/** A hotbed as it is built, and its weather. Plain data. */
export interface SlabCase {
  readonly charge: Charge
  readonly footprintM2: number
  readonly perimeterM: number
  readonly sides: Sides
  readonly soilM: number
  readonly top: Top
  readonly weather: SlabWeather
  /** Hour of the day at which it was built. */
  readonly startHour: number
  readonly startsAboveK: number
  readonly starter: number
  /** Water poured on a day, litres; and changes of its top. In order. */
  readonly deeds: readonly SlabDeed[]
}

export type SlabDeed
  = | { readonly day: number, readonly kind: 'water', readonly litres: number }
    | { readonly day: number, readonly kind: 'top', readonly top: Top }

/** What came and went since it was built, MJ and kg: kept so that heat and mass can be accounted for. */
export interface SlabLedger {
  releasedMJ: number
  lostMJ: number
  sunMJ: number
  carriedMJ: number
  decayedKg: number
  madeKg: number
  evaporatedKg: number
  condensedKg: number
  pouredKg: number
  drainedKg: number
}

/** A hotbed as it stands; changed in place. */
export interface Slab extends Cells {
  readonly ledger: SlabLedger
  /** Metres of one layer of stuff, as it was trodden, and dry mass of one, kg. */
  readonly builtLayerM: number
  readonly builtLayerKg: number
  readonly usableLayerKg: number
  day: number
}

/** Share of its loose room that is left when it is trodden moist: light stuff gives way most, stiff stuff least. */
export function troddenShare({ waterKg, volumeL, stiffness, ...charge }: Charge): number {
  const looseKgM3 = (waterKg + dryKgOf({ waterKg, volumeL, stiffness, ...charge })) / volumeL * 1000
  const wantedKgM3 = SLAB.troddenKgM3.limp + (SLAB.troddenKgM3.stiff - SLAB.troddenKgM3.limp) * stiffness
  return Math.min(1, Math.max(SLAB.troddenLeast, looseKgM3 / wantedKgM3))
}

/** How deep it lies when it is trodden, metres. */
export function troddenM(charge: Charge, footprintM2: number): number {
  return charge.volumeL / 1000 * troddenShare(charge) / footprintM2
}

const shared = (total: number) => new Float64Array(LAYERS).fill(total / LAYERS)

/** A hotbed just built. */
export function newSlab({ charge, footprintM2, startsAboveK, starter, weather }: SlabCase, traits: SlabTraits, airC: number): Slab {
  const dryKg = dryKgOf(charge)
  const quickKg = charge.rapidKg + charge.mediumKg
  const usable = Math.min(traits.usable, (dryKg - charge.ashKg) / Math.max(1e-9, quickKg + charge.slowKg))
  const [rapidKg, mediumKg, slowKg] = [charge.rapidKg * usable, charge.mediumKg * usable, charge.slowKg * usable]
  const moisture = Math.min(0.9, Math.max(0.05, charge.waterKg / (charge.waterKg + dryKg) + traits.moisture))
  const celsius = new Float64Array(NODES).fill(airC + startsAboveK)
  // Soil comes as warm as the day, never as ice.
  celsius.fill(Math.max(2, weather.airC[0] ?? airC), LAYERS)
  return {
    celsius,
    waterKg: shared((dryKg * moisture) / (1 - moisture)),
    rapidKg: shared(rapidKg),
    mediumKg: shared(mediumKg),
    slowKg: shared(slowKg),
    restKg: shared(dryKg - rapidKg - mediumKg - slowKg),
    microbes: new Float64Array(LAYERS).fill(starter),
    reach: new Float64Array(LAYERS).fill(1),
    oxygenPct: new Float64Array(LAYERS).fill(20.9),
    ledger: {
      releasedMJ: 0, lostMJ: 0, sunMJ: 0, carriedMJ: 0, decayedKg: 0, madeKg: 0, evaporatedKg: 0, condensedKg: 0, pouredKg: 0,
      drainedKg: 0,
    },
    builtLayerM: troddenM(charge, footprintM2) / LAYERS, builtLayerKg: dryKg / LAYERS,
    usableLayerKg: (rapidKg + mediumKg + slowKg) / LAYERS, day: 0,
  }
}

/** Dry mass of a layer, kg. */
export function layerDryKg(
  { rapidKg, mediumKg, slowKg, restKg }: Pick<Slab, 'rapidKg' | 'mediumKg' | 'slowKg' | 'restKg'>, layer: number,
): number {
  return rapidKg[layer]! + mediumKg[layer]! + slowKg[layer]! + restKg[layer]!
}

/** To what share of its height a bed has settled by a day, beside what decays: this closes its pores. */
export function settledTo(day: number): number {
  return 1 + SLAB.settles.by * Math.expm1(-day / SLAB.settles.days)
}

/** Metres of a layer now: settled so far, it sinks as its dry mass goes, a little more than in step. */
export function layerM(slab: Slab, layer: number, settled: number): number {
  return slab.builtLayerM * settled * (layerDryKg(slab, layer) / slab.builtLayerKg) ** SINKING
}

/** Height of all the stuff, metres. */
export function slabM(slab: Slab): number {
  const settled = settledTo(slab.day)
  let sum = 0
  for (let layer = 0; layer < LAYERS; layer++) sum += layerM(slab, layer, settled)
  return sum
}

/** Heat that warms a node by a kelvin, MJ/K: of stuff, or of soil. */
export function nodeMJK(slab: Slab, node: number, footprintM2: number, soilM: number): number {
  return node < LAYERS
    ? slab.waterKg[node]! * WATER_MJ_KGK + layerDryKg(slab, node) * DRY_MJ_KGK
    : ((footprintM2 * soilM) / SOILS) * SLAB.soilMJ
}

/** Heat held above 0 °C, MJ: by stuff and soil. */
export function slabHeldMJ(slab: Slab, { footprintM2, soilM }: Pick<SlabCase, 'footprintM2' | 'soilM'>): number {
  let sum = 0
  for (let node = 0; node < NODES; node++) sum += nodeMJK(slab, node, footprintM2, soilM) * slab.celsius[node]!
  return sum
}
