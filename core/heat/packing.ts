import { LAYERS, dryMassKg, total, type Heap } from './heap'
import { airSpaceShare } from './limits'
import { surfaceOf } from './walls'
import { atShare, shareTable } from './table'

const AIR_SPACE = shareTable(airSpaceShare)
/** With so much of the dry matter left it begins to be crumbs. */
const CRUMBLES_BELOW = 0.8
const GRAVITY = 0.00981
/** Loose stuff settles by what its pores exceed a well-trodden heap, within bounds. */
const TRODDEN_AIR = 0.5
const SLUMPS = { least: 0.02, most: 0.45 }

/** Water beside what its stuff holds and still works: above 1 it is too wet. */
export function wetness(waterKg: number, dryKg: number, holdsKgKg: number): number {
  return waterKg / (dryKg * holdsKgKg + 1e-9)
}

/** How much of its loose volume a layer keeps under load, kPa: limp wet stuff gives most. */
function pressed(loadKPa: number, most: number, halfKPa: number): number {
  return 1 - most * loadKPa / (loadKPa + halfKPa)
}

/** Air passes by the pores (Kozeny and Carman: ε³/(1 − ε)²), held back at the ends where it is very open. */
export function permeability(airSpace: number): number {
  const solid = 1 - airSpace
  const free = airSpace * airSpace * airSpace / (solid * solid + 1e-3)
  return free / (1 + 2 * free)
}

/**
 * Works out how a heap stands under its own weight: its volume, surface, the room that its layers have, and how easily
 * air passes. Its stuff gives way by load (limp and wet most), slumps by what it lay loose, and sinks by what decays.
 */
export function pack(heap: Heap): void {
  const { whole, standing, traits, constants: k, work } = heap
  const waterKg = total(heap.parts.waterKg)
  const dryKg = dryMassKg(heap)
  const left = dryKg / whole.chargedDryKg
  work.holdsKgKg = whole.holdsKgKg * (1 + k.crumbsHold * Math.max(0, CRUMBLES_BELOW - left))
  const soaked = Math.min(2, wetness(waterKg, dryKg, work.holdsKgKg))
  const weak = soaked * soaked / (1 + soaked * soaked)
  const stiff = whole.stiffness * (1 - 0.5 * weak)
  // Only pores give way: what lies dense from the start gives little.
  const most = Math.min(0.75, (k.limpMost + (k.stiffMost - k.limpMost) * stiff) * whole.looseAir * whole.looseAir * traits.density)
  const halfKPa = k.halfLoadKPa * (1.5 - weak)
  const loadKPa = (waterKg + dryKg) * GRAVITY / standing.footprintM2
  const slump = Math.min(SLUMPS.most, Math.max(SLUMPS.least, k.settles * (whole.looseAir - TRODDEN_AIR) * traits.density)) * whole.settled
  let room = 0
  for (let layer = 0; layer < LAYERS; layer++) {
    // A step of the pressing comes at once, the rest with settling.
    const share = pressed(loadKPa * (layer + 0.5) / LAYERS * (0.4 + 0.6 * whole.settled), most, halfKPa)
    work.layers[layer] = share
    room += share / LAYERS
  }
  const loose = whole.looseL / 1000 * (1 - slump) * left ** (k.sinkingPower * traits.sinking)
  const ashKg = Math.min(whole.ashKg, dryKg)
  const solidM3 = waterKg / 1000 + (dryKg - ashKg) / 1600 + ashKg / 2500
  // What is solid and wet takes its room, however heavy it lies.
  work.volumeM3 = Math.max(loose * room, solidM3 * 1.02)
  const meanAir = 1 - solidM3 / work.volumeM3
  let product = 1
  let open = 0
  for (let layer = 0; layer < LAYERS; layer++) {
    work.layers[layer]! /= room
    const air = Math.max(0.005, 1 - solidM3 / (work.volumeM3 * work.layers[layer]!))
    product *= permeability(air)
    open += atShare(AIR_SPACE, air) / LAYERS
  }
  work.passes = Math.cbrt(product)
  work.open = open / atShare(AIR_SPACE, meanAir)
  whole.packedDay = whole.day
  surfaceOf(standing, work.volumeM3, k, work.surface)
}

/** Share of the best pace by free air space. */
export function byAirSpace(airSpace: number): number {
  return atShare(AIR_SPACE, airSpace)
}

/** Volume as it stands, litres. */
export function volumeL(heap: Heap): number {
  return heap.work.volumeM3 * 1000
}
