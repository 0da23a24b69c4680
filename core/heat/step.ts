import { cardinalShare, type CardinalTemperatures } from './cardinal'
import { solveLinked } from './conduction'
import { BOUNDS, capacityMJK, DRY_MJ_KGK, dryMassKg, MIDDLES, SHELLS, sphereRadiusM, total, volumeL, WATER_MJ_KGK, type Heap } from './heap'
import { airSpaceShare, moistureShare, nitrogenShare, oxygenShare, steadyOxygenPct } from './limits'
import { saturatedWaterKgPerKg, saturationSlope } from './vapour'
import { surfaceOf } from './walls'

/** Rates of the pools at their best, per day. */
const RAPID_DAY = 1.1
const MEDIUM_DAY = 0.12
const SLOW_DAY = 0.012
/** Those that like it hot, and those that begin in the cold, at best at half the pace: one curve alone lies too flat near freezing. */
const HOT_LOVERS: CardinalTemperatures = { minC: 0, optimumC: 59, maxC: 82 }
const COOL_LOVERS: CardinalTemperatures = { minC: -5, optimumC: 38, maxC: 50 }
const COOL_PACE = 0.5
/** While it lies, microbes use up what they reach: with each share used since the last turn the rest is harder to reach. */
const REACH = 1.05
/** Threads of fungi and worms reach the rest by and by. */
const REACHES_ON_DAYS = 30
/** What decay gives off and takes, for each kilogram. */
const HEAT_MJ_KG = 21
const OXYGEN_KG_KG = 1.2
const WATER_KG_KG = 0.5
/** Microbes multiply so fast at their best, per day. */
const GROWTH_DAY = 20
/** Air that streams, kg a day for each kelvin, metre of height, square metre of ground and free air space squared. */
const STREAM_KG = 3.5
/** Air that only creeps in: kg a day for each m³ and each 1/m² of depth. */
const CREEP_KG = 1.1
const LEAST_DEPTH_M = 0.06
/** So much of the way is closed when all of it packs into mats. */
const MATS_CLOSE = 0.75
const OXYGEN_IN_AIR = 0.232
/** Heat conducted by moist stuff of a usual density, W/mK; loose stuff conducts less, trodden more, within what is measured. */
const CONDUCTIVITY_W_MK = { usual: 0.3, at: 400, least: 0.15, most: 0.5 }
/** A watt for a day, MJ. */
const MJ_DAY_W = 0.0864
/** Evaporating a kilogram, and warming a kilogram of air by a kelvin, MJ. */
const EVAPORATION_MJ_KG = 2.43
const AIR_MJ_KGK = 0.00101
/** Outside air carries this share of the water it could. */
const OUTSIDE_HUMIDITY = 0.75
/** Drier than this, the stuff gives its water up reluctantly: half of it at this much water for each dry kilogram. */
const HELD_WATER_KG_KG = 0.12
/** Wetter than this (wet basis) it drains. */
const DRAINS_ABOVE = 0.77
/** Settles with this pace. */
const SETTLING_DAYS = 2.5
/** A step may warm by so much at most; it is never shorter than the one nor longer than the other. */
const WARMS_AT_MOST_K = 3
const SHORTEST_DAY = 1 / 48
const LONGEST_DAY = 1

/** What the outside does to a heap for the length of a step. */
export interface Outside {
  airC: number
  rainMmDay: number
  /** Share of the rain that gets in: 1 under the open sky. */
  openShare: number
}

function freeAirSpaceOf(heap: Heap, shell: number, volumeM3: number, dryKg: number): number {
  const ashKg = heap.ashKg / SHELLS
  const solidM3 = heap.waterKg[shell]! / 1000 + Math.max(0, dryKg - ashKg) / 1600 + ashKg / 2500
  return Math.max(0, 1 - solidM3 / (volumeM3 / SHELLS))
}

/** Share of the best pace at a temperature: whichever of the two guilds is quicker. */
export function temperatureShare(celsius: number): number {
  return Math.max(cardinalShare(celsius, HOT_LOVERS), COOL_PACE * cardinalShare(celsius, COOL_LOVERS))
}

const shellDryKg = (heap: Heap, i: number) => heap.rapidKg[i]! + heap.mediumKg[i]! + heap.slowKg[i]! + heap.restKg[i]!

/** Air that passes each shell, kg a day: what warmth draws through, alike for all, and what creeps in, less the deeper. */
function breathe(heap: Heap, airC: number, volumeM3: number, radiusM: number): void {
  const { airKgDay, supplyKgDay, airSpace } = heap.work
  const heightM = volumeM3 / heap.standing.footprintM2
  let warmth = 0
  for (let i = 0; i < SHELLS; i++) warmth += Math.max(0, heap.celsius[i]! - airC) / SHELLS
  const open = heap.traits.air * (1 - MATS_CLOSE * heap.mattingShare)
  for (let i = 0; i < SHELLS; i++) {
    const space = freeAirSpaceOf(heap, i, volumeM3, shellDryKg(heap, i))
    airSpace[i] = space
    const depthM = Math.max(LEAST_DEPTH_M, radiusM * (1 - MIDDLES[i]!))
    airKgDay[i] = STREAM_KG * open * warmth * heightM * heap.standing.footprintM2 * space * space / SHELLS
    supplyKgDay[i] = OXYGEN_IN_AIR * (airKgDay[i]! + CREEP_KG * space * volumeM3 / SHELLS / (depthM * depthM)) + 1e-6
  }
}

/** How much each shell uses up, kg a day, at its temperature, water, air and age. */
function decay(heap: Heap): void {
  const { decayKgDay, supplyKgDay, comfort, airSpace } = heap.work
  const general = heap.traits.pace * heap.pace * nitrogenShare(heap.carbonKg / heap.nitrogenKg)
  for (let i = 0; i < SHELLS; i++) {
    const dryKg = shellDryKg(heap, i)
    const climate = temperatureShare(heap.celsius[i]!) * moistureShare(heap.waterKg[i]! / (heap.waterKg[i]! + dryKg))
    comfort[i] = climate
    const pace = general * climate * airSpaceShare(airSpace[i]!) * heap.microbes[i]! * heap.reach[i]!
    const wanted = pace * (RAPID_DAY * heap.rapidKg[i]! + MEDIUM_DAY * heap.mediumKg[i]! + SLOW_DAY * heap.slowKg[i]!)
    const oxygen = steadyOxygenPct(supplyKgDay[i]!, OXYGEN_KG_KG * wanted)
    heap.oxygenPct[i] = oxygen
    decayKgDay[i] = pace * oxygenShare(oxygen)
  }
}

/** How long the next step may be: short while it warms fast. */
function stepLength(heap: Heap, most: number): number {
  let fastest = 0
  for (let i = 0; i < SHELLS; i++) {
    const kgDay = heap.work.decayKgDay[i]! * (RAPID_DAY * heap.rapidKg[i]! + MEDIUM_DAY * heap.mediumKg[i]! + SLOW_DAY * heap.slowKg[i]!)
    fastest = Math.max(fastest, kgDay * HEAT_MJ_KG / heap.work.capacity[i]!)
  }
  return Math.min(most, LONGEST_DAY, Math.max(SHORTEST_DAY, WARMS_AT_MOST_K / (fastest + 1e-9)))
}

/** Takes what is used up from one pool; exact for a steady rate, so never more than there is. */
function taken(pool: Float64Array, shell: number, ratePerDay: number, days: number): number {
  const used = pool[shell]! * -Math.expm1(-ratePerDay * days)
  pool[shell]! -= used
  return used
}

/** Uses up the pools, gives off heat (into `right`) and makes water. */
function burn(heap: Heap, days: number): void {
  const { decayKgDay, right, comfort } = heap.work
  for (let i = 0; i < SHELLS; i++) {
    const pace = decayKgDay[i]!
    const used = taken(heap.rapidKg, i, RAPID_DAY * pace, days) + taken(heap.mediumKg, i, MEDIUM_DAY * pace, days) + taken(heap.slowKg, i, SLOW_DAY * pace, days)
    const reach = heap.reach[i]! * Math.exp(-REACH * used * SHELLS / heap.chargedUsableKg)
    heap.reach[i] = reach + (1 - reach) * -Math.expm1(-days / REACHES_ON_DAYS)
    heap.waterKg[i]! += WATER_KG_KG * used
    right[i]! += HEAT_MJ_KG * used
    heap.ledger.decayedKg += used
    heap.ledger.waterMadeKg += WATER_KG_KG * used
    heap.ledger.releasedMJ += HEAT_MJ_KG * used
    heap.ledger.carriedMJ += used * (WATER_KG_KG * WATER_MJ_KGK - DRY_MJ_KGK) * heap.celsius[i]!
    const grows = GROWTH_DAY * heap.traits.growth * comfort[i]!
    // Logistic growth, exact for a steady pace.
    const odds = heap.microbes[i]! / (1 - Math.min(0.9999, heap.microbes[i]!)) * Math.exp(Math.min(20, grows * days))
    heap.microbes[i] = odds / (1 + odds)
  }
}

/** Conductivity at the density it has now, W/mK. */
function conductivityOf(heap: Heap, volumeM3: number): number {
  const { usual, at, least, most } = CONDUCTIVITY_W_MK
  const densityKgM3 = (total(heap.waterKg) + dryMassKg(heap)) / volumeM3
  return heap.traits.conductivity * Math.min(most, Math.max(least, usual * (densityKgM3 / at) ** 0.7))
}

/** Conduction, the surface and the warm moist air that leaves, all at once and implicitly: stable however long the step. */
function exchange(heap: Heap, airC: number, days: number, volumeM3: number, radiusM: number): void {
  const { diagonal, link, right, capacity, airKgDay, surface, carries, carriesMore } = heap.work
  const spheres = volumeM3 / (4 / 3 * Math.PI * radiusM ** 3)
  const conductivity = conductivityOf(heap, volumeM3) * MJ_DAY_W
  const outsideX = OUTSIDE_HUMIDITY * saturatedWaterKgPerKg(airC)
  for (let i = 0; i < SHELLS - 1; i++) link[i] = days * spheres * conductivity * 4 * Math.PI * radiusM * BOUNDS[i]! ** 2 / (MIDDLES[i + 1]! - MIDDLES[i]!)
  const passes = 1 / (surface.meanW_M2K * heap.traits.walls * MJ_DAY_W) + radiusM * (1 - MIDDLES[SHELLS - 1]!) / conductivity
  const through = days * surface.areaM2 / passes
  for (let i = 0; i < SHELLS; i++) {
    const t = heap.celsius[i]!
    // Heat that the air takes, as a straight line around the temperature now: a + b·(new − now).
    const gives = 1 / (1 + HELD_WATER_KG_KG * shellDryKg(heap, i) / (heap.waterKg[i]! + 1e-9))
    const x = saturatedWaterKgPerKg(t)
    const more = Math.max(0, x - outsideX)
    const flow = Math.min(airKgDay[i]! * days, 0.5 * heap.waterKg[i]! / (more + 1e-6))
    carries[i] = flow * gives * more
    carriesMore[i] = flow * gives * saturationSlope(t, x)
    const a = carries[i]! * EVAPORATION_MJ_KG + flow * AIR_MJ_KGK * (t - airC)
    const b = carriesMore[i]! * EVAPORATION_MJ_KG + flow * AIR_MJ_KGK
    capacity[i] = capacityMJK(heap, i)
    airKgDay[i] = flow
    diagonal[i] = capacity[i]! + b + (i > 0 ? link[i - 1]! : 0) + (i < SHELLS - 1 ? link[i]! : through)
    right[i]! += capacity[i]! * t - a + b * t + (i === SHELLS - 1 ? through * airC : 0)
  }
  solveLinked(SHELLS, diagonal, link, right)
  for (let i = 0; i < SHELLS; i++) {
    const t = heap.celsius[i]!
    const next = right[i]!
    const flow = airKgDay[i]!
    const leaves = carries[i]! + carriesMore[i]! * (next - t)
    const evaporated = Math.min(heap.waterKg[i]! * 0.98, leaves)
    heap.ledger.lostMJ += leaves * EVAPORATION_MJ_KG + flow * AIR_MJ_KGK * (next - airC) + (i === SHELLS - 1 ? through * (next - airC) : 0)
    heap.celsius[i] = next
    heap.waterKg[i]! -= evaporated
    heap.ledger.evaporatedKg += evaporated
    heap.ledger.carriedMJ -= evaporated * WATER_MJ_KGK * next
  }
}

/** Rain that gets in, and what is too much and drains away. */
function rainAndDrain(heap: Heap, { airC, rainMmDay, openShare }: Outside, days: number): void {
  const rainKg = rainMmDay * days * heap.standing.footprintM2 * Math.min(1, openShare * heap.traits.rain) / SHELLS
  for (let i = 0; i < SHELLS; i++) {
    if (rainKg > 0) pourInto(heap, i, rainKg, airC)
    const mostKg = shellDryKg(heap, i) * DRAINS_ABOVE / (1 - DRAINS_ABOVE)
    const drained = Math.max(0, heap.waterKg[i]! - mostKg)
    heap.waterKg[i]! -= drained
    heap.ledger.drainedKg += drained
    heap.ledger.carriedMJ -= drained * WATER_MJ_KGK * heap.celsius[i]!
  }
}

/** Pours water of a temperature into a shell: its heat is shared. */
export function pourInto(heap: Heap, shell: number, kg: number, celsius: number): void {
  const before = capacityMJK(heap, shell)
  heap.waterKg[shell]! += kg
  heap.celsius[shell] = (before * heap.celsius[shell]! + kg * WATER_MJ_KGK * celsius) / (before + kg * WATER_MJ_KGK)
  heap.ledger.pouredKg += kg
  heap.ledger.carriedMJ += kg * WATER_MJ_KGK * celsius
}

/**
 * Lets time go by, in steps as short as the warming asks for.
 * @param days length in days, above 0.
 */
export function advance(heap: Heap, outside: Outside, days: number): void {
  let left = days
  while (left > 1e-9) {
    const volumeM3 = volumeL(heap) / 1000
    surfaceOf(heap.standing, volumeM3, heap.work.surface)
    const radiusM = sphereRadiusM(volumeM3, heap.work.surface.areaM2)
    for (let i = 0; i < SHELLS; i++) heap.work.capacity[i] = capacityMJK(heap, i)
    breathe(heap, outside.airC, volumeM3, radiusM)
    decay(heap)
    const length = stepLength(heap, left)
    heap.work.right.fill(0)
    burn(heap, length)
    exchange(heap, outside.airC, length, volumeM3, radiusM)
    rainAndDrain(heap, outside, length)
    heap.settled += (1 - heap.settled) * -Math.expm1(-length / SETTLING_DAYS)
    heap.day += length
    left -= length
  }
}
