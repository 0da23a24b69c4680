import { HOT, COOL, MOISTURE, SATURATED, CREEPS } from './limit-tables'
import { conductsWmK, solveLinked } from './conduction'
import { BOUNDS, capacityMJK, DRY_MJ_KGK, MIDDLES, partDryKg, SHELLS, sphereRadiusM, TOP, WATER_MJ_KGK, type Heap } from './heap'
import { AIR_MJ_KGK, DIE_ABOVE_C, EVAPORATION_MJ_KG, goneShare, LEAST_MICROBES, MJ_DAY_W, OXYGEN_IN_AIR } from './laws'
import { FRESH_AIR_O2_PCT, nitrogenShare, steadyOxygenPct } from './limits'
import { byAirSpace, pack } from './packing'
import { atCelsius, atShare, greaterAtCelsius } from './table'
import { saturationSlope } from './vapour'

const LEAST_DEPTH_M = 0.06
/** Outside air carries this share of the water it could: less the warmer the day. */
const HUMIDITY = { at8: 0.85, perK: 0.012, least: 0.4 }
/** Drier than this, the stuff gives its water up reluctantly: half of it at this much water for each dry kilogram. */
const HELD_WATER_KG_KG = 0.12
const SETTLING_DAYS = 2.5
/**
 * A step may warm by so much and multiply the microbes by so much (as a logarithm); it grows from step to step by so much, and
 * is never longer than the last.
 */
const STEP = { warmsK: 2, grows: 0.15, stretches: 1.6, mostDays: 1, warmMostDays: 0.5 }
/** A heap this much above the air is still at work. */
const AT_WORK_K = 6

/** Air space to the power of ten thirds (Millington and Quirk 1961). */

/** What the outside does to a heap for the length of a step. */
export interface Outside {
  airC: number
  rainMmDay: number
  /** Share of the rain that gets in: 1 under the open sky. */
  openShare: number
}

/** Parts that hold anything: the shells, and what lies on top while there is some. */
function partsOf({ whole }: Heap): number {
  return whole.topL > 0 ? SHELLS + 1 : SHELLS
}

/** How long the next step will be if nothing comes in between before `mostDays`. */
export function strideOf({ whole }: Heap, mostDays: number): number {
  // Two halves rather than a whole and a sliver.
  return mostDays <= whole.strideDays ? mostDays : mostDays < 2 * whole.strideDays ? mostDays / 2 : whole.strideDays
}

/** Air that its warmth draws through each shell, kg a day: warm air rises through it; in a heap cooler than the day it sinks. */
function streamKgDay({ parts: { celsius }, whole, traits, constants: k, work, standing }: Heap, airC: number): number {
  let warmth = 0
  for (let i = 0; i < SHELLS; i++) warmth += (celsius[i]! - airC) / SHELLS
  const unmatted = 1 - k.matsClose * whole.mattingShare
  return (k.streamKgDayM2K * traits.air * unmatted * work.passes * Math.abs(warmth) * standing.footprintM2)
    / (1 + standing.footprintM2 / ((standing.airRimM ?? standing.perimeterM) * k.sidesM))
    / SHELLS
}

/** How fast everything is used up in each part at the middle of the step, its air and oxygen. */
function respire(heap: Heap, airC: number, days: number, count: number): void {
  const { parts, whole, traits, constants: k, work, standing } = heap
  const { celsius, waterKg, rapidKg, mediumKg, slowKg, restKg, microbes, reach, oxygenPct, warming } = parts
  const { halfOxygenPct, oxygenKgKg } = k
  const creep = k.creepKgDayM * (1 - k.matsClose * whole.mattingShare)
  const { holdsKgKg, open, dryKg, paceDay, airKgDay, comfort, volumeM3, surface } = work
  const radiusM = sphereRadiusM(volumeM3, surface.areaM2)
  const shellM3 = volumeM3 / SHELLS
  const stream = streamKgDay(heap, airC)
  const ashShare = whole.ashKg / whole.chargedDryKg
  const solidM3Kg = (1 - ashShare) / 1600 + ashShare / 2500
  const reachM = standing.reachM ?? Infinity
  const general = whole.pace * nitrogenShare(whole.carbonKg, whole.nitrogenKg)
  const topGeneral = whole.pace * nitrogenShare(whole.topCarbonKg, whole.topNitrogenKg)
  const cool = k.coolShare + (k.coolLater - k.coolShare) * whole.day / (whole.day + k.coolLaterDays)
  const rapid = k.rapidDay
  const medium = k.mediumDay * traits.medium * whole.broken
  const slow = k.slowDay * traits.slow
  for (let i = 0; i < count; i++) {
    const rapidHere = rapidKg[i]!
    const mediumHere = mediumKg[i]!
    const slowHere = slowKg[i]!
    const dry = rapidHere + mediumHere + slowHere + restKg[i]!
    const water = waterKg[i]!
    dryKg[i] = dry
    const roomM3 = i === TOP ? volumeM3 * whole.topL / whole.looseL : shellM3
    const solidM3 = dry * solidM3Kg
    const pores = Math.max(0.02, 1 - solidM3 / roomM3)
    const space = Math.max(0, pores - water / 1000 / roomM3)
    const depthM
      = i === TOP
        ? Math.max(LEAST_DEPTH_M, roomM3 / standing.footprintM2 / 2)
        : Math.max(LEAST_DEPTH_M, Math.min(reachM, radiusM * (1 - MIDDLES[i]!)))
    const air = i === TOP ? stream * 0.5 : stream
    airKgDay[i] = air
    const supply = OXYGEN_IN_AIR * (air + creep * atShare(CREEPS, space) / (pores * pores) * roomM3 / (depthM * depthM)) + 1e-7
    const ahead = Math.max(-3, Math.min(3, 0.5 * days * warming[i]!))
    const temperature = celsius[i]! + ahead
    const climate = greaterAtCelsius(HOT, COOL, cool, temperature) * atShare(MOISTURE, water / (water + dry + 1e-12))
    comfort[i] = climate
    const pace = (i === TOP ? topGeneral : general) * climate * Math.min(1, byAirSpace(space) * open) * microbes[i]! * reach[i]!
    const wanted = pace * (rapid * rapidHere + medium * mediumHere + slow * slowHere)
    const soaked = water / (dry * holdsKgKg + 1e-9)
    const films = soaked * soaked * soaked * soaked
    const half = halfOxygenPct * (1 + Math.min(1e4, films * films))
    const oxygen = steadyOxygenPct(supply, oxygenKgKg * wanted, half)
    // What comes through the films: what microbes have of it.
    oxygenPct[i] = Math.min(FRESH_AIR_O2_PCT, oxygen * halfOxygenPct / half)
    paceDay[i] = pace * oxygen / (oxygen + half)
  }
}

/** Uses up the pools, gives off heat (into `right`), makes water; microbes multiply, what is left lies further inside. */
function burn(heap: Heap, days: number, count: number): number {
  const { parts, whole, traits, constants: k, work, ledger } = heap
  const { rapidKg, mediumKg, slowKg, waterKg, microbes, reach, celsius, warming } = parts
  const { right, dryKg, paceDay, comfort } = work
  const rapidDay = k.rapidDay
  const heatMJKg = k.heatMJKg * traits.heat
  const { waterKgKg, diesDayK } = k
  const growth = k.growthDay * traits.growth
  const buried = k.reach * traits.reach
  let burntKg = 0
  let carriedMJ = 0
  const mediumDay = k.mediumDay * traits.medium * whole.broken
  const slowDay = k.slowDay * traits.slow
  const shellUsableKg = whole.chargedUsableKg / SHELLS + 1e-9
  const regained = days / (k.reachDays + days)
  let fastest = 0
  for (let i = 0; i < count; i++) {
    const pace = paceDay[i]! * days
    const rapid = rapidKg[i]! * goneShare(pace * rapidDay)
    const medium = mediumKg[i]! * goneShare(pace * mediumDay)
    const slow = slowKg[i]! * goneShare(pace * slowDay)
    rapidKg[i]! -= rapid
    mediumKg[i]! -= medium
    slowKg[i]! -= slow
    const decayed = rapid + medium + slow
    const made = decayed * waterKgKg
    right[i] = decayed * heatMJKg
    waterKg[i]! += made
    dryKg[i]! -= decayed
    burntKg += decayed
    carriedMJ += (made * WATER_MJ_KGK - decayed * DRY_MJ_KGK) * celsius[i]!
    const m = microbes[i]!
    const grows = growth * comfort[i]!
    if (m < 0.97) fastest = Math.max(fastest, grows)
    const x = Math.min(4, grows * days)
    // e^x as a fraction of polynomials: the odds of the microbes grow by it.
    const up = (x + 3) * (x + 3) + 3
    const down = (x - 3) * (x - 3) + 3
    const grown = m * up / (m * up + (1 - m) * down)
    const dying = celsius[i]! + 0.5 * days * warming[i]! - DIE_ABOVE_C
    microbes[i] = dying > 0 ? Math.max(LEAST_MICROBES, grown / (1 + diesDayK * dying * days)) : grown
    const left = reach[i]! / (1 + buried * decayed / shellUsableKg)
    reach[i] = left + (1 - left) * regained
  }
  ledger.decayedKg += burntKg
  ledger.releasedMJ += burntKg * heatMJKg
  ledger.waterMadeKg += burntKg * waterKgKg
  ledger.carriedMJ += carriedMJ
  return fastest
}

/** What the air takes along from a part in the step, as a straight line around its temperature now: a + b·(new − now). */
function evaporation({ parts, work }: Heap, i: number, airC: number, outsideX: number, days: number, windKgDay: number): void {
  const t = parts.celsius[i]!
  const water = parts.waterKg[i]!
  const dry = work.dryKg[i]!
  const gives = water / (water + HELD_WATER_KG_KG * dry + 1e-12)
  const x = atCelsius(SATURATED, t)
  const more = Math.max(0, x * gives - outsideX)
  const flow = Math.min((work.airKgDay[i]! + windKgDay) * days, 0.4 * water / (more + 1e-6))
  const taken = flow * more
  const takenMore = more > 0 ? flow * gives * saturationSlope(t, x) : 0
  work.airKgDay[i] = flow
  work.carries[i] = taken
  work.carriesMore[i] = takenMore
  const b = takenMore * EVAPORATION_MJ_KG + flow * AIR_MJ_KGK
  const capacity = water * WATER_MJ_KGK + dry * DRY_MJ_KGK
  work.diagonal[i] = capacity + b
  work.right[i]! += (capacity + b) * t - taken * EVAPORATION_MJ_KG - flow * AIR_MJ_KGK * (t - airC)
}

/** What would warm above freezing thaws first. */
function thaw(heap: Heap, count: number): void {
  const { parts: { celsius, iceMJ } } = heap
  let left = 0
  for (let i = 0; i < count; i++) {
    const capacity = capacityMJK(heap, i)
    const taken = Math.min(iceMJ[i]!, Math.max(0, celsius[i]!) * capacity)
    if (taken > 0) {
      iceMJ[i]! -= taken
      celsius[i]! -= taken / capacity
    }
    left += iceMJ[i]!
  }
  heap.whole.frozen = left > 0
}

/** Takes over what was solved: new temperatures, what steamed off, what was lost. @returns how long the next step may be. */
function takeOver(heap: Heap, airC: number, days: number, count: number, through: number, overTop: number): number {
  const { parts: { celsius, waterKg, warming }, work: { right, carries, carriesMore, airKgDay }, ledger } = heap
  const outer = SHELLS - 1
  let fastest = 0
  let warmest = 0
  let lostMJ = 0
  let steamKg = 0
  let steamMJ = 0
  for (let i = 0; i < count; i++) {
    const t = celsius[i]!
    const next = right[i]!
    const leaves = carries[i]! + carriesMore[i]! * (next - t)
    const evaporated = Math.min(waterKg[i]! * 0.9, Math.max(0, leaves))
    lostMJ += leaves * EVAPORATION_MJ_KG + (airKgDay[i]! * AIR_MJ_KGK + (i === outer ? through : i === TOP ? overTop : 0)) * (next - airC)
    const rises = (next - t) / days
    warming[i] = rises
    fastest = Math.max(fastest, Math.abs(rises))
    warmest = Math.max(warmest, next)
    celsius[i] = next
    waterKg[i]! -= evaporated
    steamKg += evaporated
    steamMJ += evaporated * WATER_MJ_KGK * next
  }
  ledger.lostMJ += lostMJ
  ledger.evaporatedKg += steamKg
  ledger.carriedMJ -= steamMJ
  if (heap.whole.frozen) thaw(heap, count)
  return warmest - airC > AT_WORK_K
    ? Math.min(STEP.warmMostDays, STEP.warmsK / (fastest + 1e-9))
    : Math.min(STEP.mostDays, STEP.warmsK / (fastest + 1e-9))
}

/** Conduction, the surface, the wind and the warm moist air that leaves, all at once and implicitly: stable however long the step. */
function exchange(heap: Heap, airC: number, days: number, count: number): number {
  const { parts, whole, traits, constants: k, work, standing } = heap
  const { diagonal, link, right, surface, volumeM3 } = work
  const radiusM = sphereRadiusM(volumeM3, surface.areaM2)
  const spheres = volumeM3 / (4 / 3 * Math.PI * radiusM * radiusM * radiusM)
  const { waterKg } = parts
  const { dryKg } = work
  let massKg = 0
  for (let i = 0; i < count; i++) massKg += waterKg[i]! + dryKg[i]!
  const conducts = traits.conductivity * conductsWmK(massKg / volumeM3, k.conductivityWmK) * MJ_DAY_W
  const humidity = Math.max(HUMIDITY.least, Math.min(HUMIDITY.at8, HUMIDITY.at8 - HUMIDITY.perK * (airC - 8)))
  const outsideX = humidity * atCelsius(SATURATED, airC)
  const outer = SHELLS - 1
  const topShare = count > SHELLS ? Math.min(1, standing.footprintM2 / surface.areaM2) : 0
  const wind = k.dryingKgDayM2 * surface.bareM2
  for (let i = 0; i < count; i++)
    evaporation(heap, i, airC, outsideX, days, i === outer ? wind * (1 - topShare) : i === TOP ? wind * topShare : 0)
  for (let i = 0; i < outer; i++) {
    const conductance = days * spheres * conducts * 4 * Math.PI * radiusM * BOUNDS[i]! * BOUNDS[i]! / (MIDDLES[i + 1]! - MIDDLES[i]!)
    link[i] = conductance
    diagonal[i]! += conductance
    diagonal[i + 1]! += conductance
  }
  const passes = surface.areaM2 / (1 / (surface.meanW_M2K * traits.walls * MJ_DAY_W) + radiusM * (1 - MIDDLES[outer]!) / conducts)
  const through = days * passes * (1 - topShare)
  diagonal[outer]! += through
  right[outer]! += through * airC
  let overTop = 0
  if (count > SHELLS) {
    const thickM = Math.max(0.02, volumeM3 * whole.topL / whole.looseL / standing.footprintM2)
    link[outer] = days * standing.footprintM2 * conducts / (thickM / 2 + radiusM * (1 - MIDDLES[outer]!))
    overTop = days * standing.footprintM2 / (1 / (k.topW * traits.walls * MJ_DAY_W) + thickM / 2 / conducts)
    diagonal[outer]! += link[outer]!
    diagonal[TOP]! += link[outer]! + overTop
    right[TOP]! += overTop * airC
  }
  solveLinked(count, diagonal, link, right)
  return takeOver(heap, airC, days, count, through, overTop)
}

/** Water evens out between neighbouring shells; rain gets in; what is too much drains away. */
function wet(heap: Heap, { airC, rainMmDay, openShare }: Outside, days: number, count: number): void {
  const { parts, whole, traits, constants: k, work, ledger, standing } = heap
  const { waterKg, celsius } = parts
  const { dryKg } = work
  const rainKg = rainMmDay * days * standing.footprintM2 * Math.min(1, openShare * traits.rain) / count
  const mostKgKg = whole.holdsKgKg * k.drainsAt
  const evens = days / (k.wickDays + days) / 2
  for (let i = 0; i < count; i++) {
    if (i > 0) {
      const dry = dryKg[i]!
      const inner = dryKg[i - 1]!
      const moves = evens * (waterKg[i - 1]! * dry - waterKg[i]! * inner) / (dry + inner + 1e-12)
      const kg = Math.abs(moves)
      const from = moves > 0 ? i - 1 : i
      const to = moves > 0 ? i : i - 1
      const held = waterKg[to]! * WATER_MJ_KGK + dryKg[to]! * DRY_MJ_KGK
      waterKg[from]! -= kg
      waterKg[to]! += kg
      celsius[to] = (held * celsius[to]! + kg * WATER_MJ_KGK * celsius[from]!) / (held + kg * WATER_MJ_KGK)
    }
    if (rainKg > 0) pourInto(heap, i, rainKg, airC)
  }
  for (let i = 0; i < count; i++) {
    const drained = waterKg[i]! - dryKg[i]! * mostKgKg
    if (drained <= 0) continue
    waterKg[i]! -= drained
    ledger.drainedKg += drained
    ledger.carriedMJ -= drained * WATER_MJ_KGK * celsius[i]!
  }
}

/** Pours water of a temperature into a part: its heat is shared. */
export function pourInto({ parts, ledger }: Heap, part: number, kg: number, celsius: number): void {
  const before = parts.waterKg[part]! * WATER_MJ_KGK + partDryKg(parts, part) * DRY_MJ_KGK
  parts.waterKg[part]! += kg
  parts.celsius[part] = (before * parts.celsius[part]! + kg * WATER_MJ_KGK * celsius) / (before + kg * WATER_MJ_KGK)
  ledger.pouredKg += kg
  ledger.carriedMJ += kg * WATER_MJ_KGK * celsius
}

/** One step of so many days, which `strideOf` gives. */
export function step(heap: Heap, outside: Outside, days: number): void {
  const { whole } = heap
  const count = partsOf(heap)
  if (whole.day - whole.packedDay >= PACKED_FOR_DAYS) pack(heap)
  respire(heap, outside.airC, days, count)
  const grows = burn(heap, days, count)
  const stride = exchange(heap, outside.airC, days, count)
  wet(heap, outside, days, count)
  whole.settled += (1 - whole.settled) * days / (SETTLING_DAYS + days)
  whole.strideDays = Math.max(FINEST_DAYS, Math.min(whole.strideDays * STEP.stretches, stride, STEP.grows / (grows + 1e-9)))
  whole.day += days
}

/** Its volume is worked out so often, days. */
const PACKED_FOR_DAYS = 0.24
/** No step is shorter of its own, days. */
const FINEST_DAYS = 1 / 64

/**
 * Lets time go by, in steps as short as the warming and the growing ask for.
 * @param days length in days, above 0.
 */
export function advance(heap: Heap, outside: Outside, days: number): void {
  const end = heap.whole.day + days
  while (end - heap.whole.day > 1e-9) step(heap, outside, strideOf(heap, end - heap.whole.day))
  pack(heap)
}
