import { HOT, COOL, MOISTURE, SATURATED, CREEPS } from '../limit-tables'
import { solveLinked } from '../conduction'
import { USUAL_CONSTANTS } from '../constants'
import { DRY_MJ_KGK, WATER_MJ_KGK } from '../heap'
import { AIR_MJ_KGK, DIE_ABOVE_C, EVAPORATION_MJ_KG, goneShare, LEAST_MICROBES, MJ_DAY_W, OXYGEN_IN_AIR } from '../laws'
import { FRESH_AIR_O2_PCT, nitrogenShare, steadyOxygenPct } from '../limits'
import { byAirSpace, permeability } from '../packing'
import { atCelsius, atShare, greaterAtCelsius } from '../table'
import { LAYERS, layerDryKg, layerM, nodeMJK, settledTo, NODES, SOILS, type Slab, type SlabCase, type SlabTraits } from './bed'
import { SIDES, SLAB } from './constants'
import type { TopNow } from './frame'

/** Read once: the inner loop asks for them millions of times. */
const {
  coolLater, coolLaterDays, coolShare, creepKgDayM, diesDayK, drainsAt, growthDay, halfOxygenPct, heatMJKg, matsClose, mediumDay,
  oxygenKgKg, rapidDay, reach: buries, reachDays, sidesM, slowDay, streamKgDayM2K, waterKgKg,
} = USUAL_CONSTANTS
const HUMIDITY = 0.8
/** As many as there is room for. */
const FULL_MICROBES = 0.999
const AT_KG_M3 = 600

/** Room for the numbers of one step. */
export interface SlabWork {
  readonly diagonal: Float64Array
  readonly link: Float64Array
  readonly right: Float64Array
  readonly flow: Float64Array
  readonly thick: Float64Array
  readonly conducts: Float64Array
  readonly resists: Float64Array
  readonly top: TopNow
}
export const newWork = (): SlabWork => ({
  diagonal: new Float64Array(NODES), link: new Float64Array(NODES), right: new Float64Array(NODES), flow: new Float64Array(LAYERS),
  thick: new Float64Array(LAYERS), conducts: new Float64Array(NODES), resists: new Float64Array(NODES),
  top: { passesW: 0, sunW: 0, frameC: 0, airedW: 0 },
})

/** What of a case stays the same through its life. */
export interface Steady {
  readonly what: SlabCase
  readonly traits: SlabTraits
  readonly nitrogen: number
  readonly halfWidthM: number
  readonly solidM3Kg: number
}

/** Works out what stays the same. */
export function steadyOf(what: SlabCase, traits: SlabTraits): Steady {
  const { charge } = what
  const dryKg = charge.rapidKg + charge.mediumKg + charge.slowKg + charge.restKg
  const ash = charge.ashKg / dryKg
  return {
    what, traits, nitrogen: nitrogenShare(charge.carbonKg * traits.ratio, charge.nitrogenKg),
    halfWidthM: (2 * what.footprintM2) / what.perimeterM, solidM3Kg: (1 - ash) / 1600 + ash / 2500,
  }
}

/** Air that each layer's warmth draws through it, kg a day; notes how thick they lie. */
function streamKg(slab: Slab, { what, traits, solidM3Kg }: Steady, airC: number, unmatted: number, work: SlabWork): number {
  const { footprintM2, perimeterM } = what
  const settled = settledTo(slab.day)
  let warmth = 0
  let passes = 0
  for (let i = 0; i < LAYERS; i++) {
    const thick = layerM(slab, i, settled)
    work.thick[i] = thick
    const roomM3 = thick * footprintM2
    warmth += (slab.celsius[i]! - airC) / LAYERS
    passes += permeability(Math.max(0.02, 1 - layerDryKg(slab, i) * solidM3Kg / roomM3 - slab.waterKg[i]! / 1000 / roomM3)) / LAYERS
  }
  return (SLAB.streamShare * streamKgDayM2K * traits.air * unmatted * passes * Math.abs(warmth) * footprintM2)
    / (1 + footprintM2 / (perimeterM * sidesM))
    / LAYERS
}

/** Microbes of a layer grow towards as many as there is room for, and die of too much heat. */
function multiply({ microbes, celsius }: Slab, i: number, growth: number, days: number): void {
  const before = microbes[i]!
  const odds = before > FULL_MICROBES ? before : before * Math.exp(Math.min(4, growth))
  const grown = before > FULL_MICROBES ? before : odds / (odds + 1 - before)
  const dying = celsius[i]! - DIE_ABOVE_C
  microbes[i] = dying > 0 ? Math.max(LEAST_MICROBES, grown / (1 + diesDayK * dying * days)) : grown
}

/** Decay in each layer for the length of a step: heat into `right`, water made, and the air that it draws into `flow`. */
function decay(slab: Slab, steady: Steady, airC: number, days: number, work: SlabWork): void {
  const { what, traits, nitrogen, halfWidthM, solidM3Kg } = steady
  const { charge, footprintM2 } = what
  const { celsius, waterKg, rapidKg, mediumKg, slowKg, microbes, reach, oxygenPct, ledger } = slab
  const unmatted = (1 - matsClose * charge.mattingShare) * (1 + SLAB.fresh.times * Math.exp(-slab.day / SLAB.fresh.days))
  const cool = coolShare + (coolLater - coolShare) * slab.day / (slab.day + coolLaterDays)
  const stream = streamKg(slab, steady, airC, unmatted, work)
  const fullM = work.thick.reduce((sum, thick) => sum + thick, 0)
  let belowM = 0
  for (let i = 0; i < LAYERS; i++) {
    const thick = work.thick[i]!
    const roomM3 = thick * footprintM2
    const dry = layerDryKg(slab, i)
    const water = waterKg[i]!
    const pores = Math.max(0.02, 1 - dry * solidM3Kg / roomM3)
    const space = Math.max(0, pores - water / 1000 / roomM3)
    // The nearest air is at a side, or above through the soil.
    const overM = fullM - belowM - thick / 2 + what.soilM
    belowM += thick
    const creep
      = ((SLAB.creepShare * traits.air * creepKgDayM * unmatted * atShare(CREEPS, space)) / (pores * pores))
        * roomM3
        * (1 / (overM * overM) + 2 / (halfWidthM * halfWidthM))
    const temperature = celsius[i]!
    const comfort = greaterAtCelsius(HOT, COOL, cool, temperature) * atShare(MOISTURE, water / (water + dry + 1e-12))
    const pace = traits.pace * charge.pace * nitrogen * comfort * byAirSpace(space) * microbes[i]! * reach[i]!
    const wanted = pace * (rapidDay * rapidKg[i]! + mediumDay * mediumKg[i]! + slowDay * slowKg[i]!)
    const soaked = water / (dry * charge.holdsKgKg + 1e-9)
    const films = soaked * soaked * soaked * soaked
    const half = halfOxygenPct * (1 + Math.min(1e4, films * films))
    const oxygen = steadyOxygenPct(OXYGEN_IN_AIR * (stream + creep) + 1e-7, oxygenKgKg * wanted, half)
    oxygenPct[i] = Math.min(FRESH_AIR_O2_PCT, oxygen * halfOxygenPct / half)
    const goes = pace * oxygen / (oxygen + half) * days
    const rapid = rapidKg[i]! * goneShare(goes * rapidDay)
    const medium = mediumKg[i]! * goneShare(goes * mediumDay)
    const slow = slowKg[i]! * goneShare(goes * slowDay)
    rapidKg[i]! -= rapid
    mediumKg[i]! -= medium
    slowKg[i]! -= slow
    const decayed = rapid + medium + slow
    const made = decayed * waterKgKg
    waterKg[i]! += made
    work.right[i] = decayed * heatMJKg
    work.flow[i] = stream * days
    ledger.releasedMJ += decayed * heatMJKg
    ledger.decayedKg += decayed
    ledger.madeKg += made
    ledger.carriedMJ += (made * WATER_MJ_KGK - decayed * DRY_MJ_KGK) * temperature
    multiply(slab, i, growthDay * traits.growth * comfort * days, days)
    const left = reach[i]! / (1 + buries * decayed / (slab.usableLayerKg + 1e-9))
    reach[i] = left + (1 - left) * days / (reachDays + days)
  }
}

/** Air that leaves takes vapour along; of that some turns to water again in the soil above and warms it. Returns MJ for the soil. */
function vapour(slab: Slab, airC: number, work: SlabWork): number {
  const { celsius, waterKg, ledger } = slab
  const outside = HUMIDITY * atCelsius(SATURATED, airC)
  let soilMJ = 0
  for (let i = 0; i < LAYERS; i++) {
    const more = Math.max(0, atCelsius(SATURATED, celsius[i]!) - outside)
    const taken = Math.min(0.3 * waterKg[i]!, work.flow[i]! * more)
    const latent = taken * EVAPORATION_MJ_KG
    const kept = SLAB.condenses * latent
    waterKg[i]! -= taken
    work.right[i]! -= latent + work.flow[i]! * AIR_MJ_KGK * (celsius[i]! - airC)
    soilMJ += kept
    ledger.evaporatedKg += taken
    ledger.condensedKg += SLAB.condenses * taken
    ledger.lostMJ += latent - kept + work.flow[i]! * AIR_MJ_KGK * (celsius[i]! - airC)
    // What goes takes its own warmth with it: the rest keeps its temperature.
    ledger.carriedMJ -= taken * WATER_MJ_KGK * celsius[i]!
  }
  return soilMJ
}

/** Heat that passes from each layer to the next, by how wet and how trodden they lie. */
function linkLayers(slab: Slab, { what, traits }: Steady, days: number, work: SlabWork): void {
  const { footprintM2, soilM } = what
  const { conducts, resists, thick, link, diagonal } = work
  for (let i = 0; i < NODES; i++) {
    conducts[i]
      = i < LAYERS
        ? traits.conducts
        * SLAB.conductsWmK
        * Math.sqrt(Math.min(2, (slab.waterKg[i]! + layerDryKg(slab, i)) / (thick[i]! * footprintM2) / AT_KG_M3))
        : SLAB.soilWmK
    resists[i] = (i < LAYERS ? thick[i]! : soilM / SOILS) / 2 / conducts[i]!
  }
  for (let i = 0; i < NODES - 1; i++) {
    const passes = MJ_DAY_W * days * footprintM2 / (resists[i]! + resists[i + 1]!)
    link[i] = passes
    diagonal[i]! += passes
    diagonal[i + 1]! += passes
  }
}

/** What it cannot hold runs away below, with its warmth. */
function drain(slab: Slab, holdsKgKg: number): void {
  const { waterKg, celsius, ledger } = slab
  for (let i = 0; i < LAYERS; i++) {
    const drained = waterKg[i]! - layerDryKg(slab, i) * holdsKgKg * drainsAt
    if (drained <= 0) continue
    waterKg[i]! -= drained
    ledger.drainedKg += drained
    ledger.carriedMJ -= drained * WATER_MJ_KGK * celsius[i]!
  }
}

/** One step of so many days under a top that stands as it does. @param groundC deep ground. */
export function stepSlab(slab: Slab, steady: Steady, airC: number, groundC: number, days: number, work: SlabWork): void {
  const { what, traits } = steady
  const { footprintM2, perimeterM, soilM, charge, sides } = what
  const { celsius, ledger } = slab
  const { diagonal, link, right, thick, top } = work
  right.fill(0)
  decay(slab, steady, airC, days, work)
  right[LAYERS]! += vapour(slab, airC, work)
  const sun = top.sunW * traits.sun * footprintM2 * MJ_DAY_W * days
  right[NODES - 1]! += sun
  ledger.sunMJ += sun
  for (let i = 0; i < NODES; i++) {
    const held = nodeMJK(slab, i, footprintM2, soilM)
    diagonal[i] = held
    right[i]! += held * celsius[i]!
  }
  const soilThick = soilM / SOILS
  const { conducts, resists } = work
  linkLayers(slab, steady, days, work)
  const wall = sides === 'sunk' ? groundC : airC
  for (let i = 0; i < NODES; i++) {
    const high = i < LAYERS ? thick[i]! : soilThick
    // What lies at the edge keeps the middle warm: a third of the half width, as in a plate that is warm all through.
    const through = MJ_DAY_W * days * traits.losses * perimeterM * high / (1 / SIDES[sides] + steady.halfWidthM / 3 / conducts[i]!)
    diagonal[i]! += through
    right[i]! += through * wall
    sidesNow[i] = through
  }
  const under = MJ_DAY_W * days * footprintM2 / (1 / SLAB.groundW + resists[0]!)
  diagonal[0]! += under
  right[0]! += under * groundC
  const over = MJ_DAY_W * days * footprintM2 / (1 / (top.passesW * traits.losses) + resists[NODES - 1]!)
  diagonal[NODES - 1]! += over
  right[NODES - 1]! += over * airC
  solveLinked(NODES, diagonal, link, right)
  for (let i = 0; i < NODES; i++) {
    const next = right[i]!
    ledger.lostMJ += sidesNow[i]! * (next - wall) + (i === 0 ? under * (next - groundC) : 0) + (i === NODES - 1 ? over * (next - airC) : 0)
    celsius[i] = next
  }
  drain(slab, charge.holdsKgKg)
  slab.day += days
}

/** What passes the sides of each node in this step, MJ/K. */
const sidesNow = new Float64Array(NODES)

/** Pours water over all of it, as warm as the air. */
export function pourOn(slab: Slab, litres: number, airC: number): void {
  for (let i = 0; i < LAYERS; i++) {
    const kg = litres / LAYERS
    const held = slab.waterKg[i]! * WATER_MJ_KGK + layerDryKg(slab, i) * DRY_MJ_KGK
    slab.celsius[i] = (held * slab.celsius[i]! + kg * WATER_MJ_KGK * airC) / (held + kg * WATER_MJ_KGK)
    slab.waterKg[i]! += kg
    slab.ledger.pouredKg += kg
    slab.ledger.carriedMJ += kg * WATER_MJ_KGK * airC
  }
}
