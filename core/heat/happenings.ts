import type { Charge } from './charge'
import {
  capacityMJK, DRY_MJ_KGK, dryKgOf, dryMassKg, FIRST_STRIDE_DAYS, heldMJ, looseAirOf, poolsOf, SHELLS, TOP, total, WATER_MJ_KGK,
  type Heap,
} from './heap'
import { EVAPORATION_MJ_KG } from './laws'
import { pack } from './packing'
import { pourInto } from './step'

/** Water that changes anything at once, as a share of what is there. */
const SUDDEN = 0.02
/** Turned ever so often it does not become meal. */
const MOST_BROKEN = 1.3
/** Microbes that fresh stuff brings along. */
const FRESH_MICROBES = 0.15

/** Mixes a pool: most of it evenly, the rest outside in. What lay on top is shared out. */
function forked(values: Float64Array, mixes: number): void {
  const share = total(values) / SHELLS
  const top = values[TOP]! / SHELLS
  for (let i = 0; i < SHELLS / 2; i++) {
    const other = SHELLS - 1 - i
    const [inner, outer] = [values[i]! + top, values[other]! + top]
    values[i] = mixes * share + (1 - mixes) * outer
    values[other] = mixes * share + (1 - mixes) * inner
  }
  values[TOP] = 0
}

/** Something sudden: what was foreseen of the next step no longer holds. */
function startled(heap: Heap): void {
  heap.parts.warming.fill(0)
  heap.whole.strideDays = FIRST_STRIDE_DAYS
  pack(heap)
}

/** What lies on top counts among the rest, by its mass. */
function mixedMicrobes({ parts, whole }: Heap, dryKg: number, topKg: number): void {
  const topShare = topKg / dryKg
  const inner = total(parts.microbes.subarray(0, SHELLS)) / SHELLS
  parts.microbes.fill(inner + (parts.microbes[TOP]! - inner) * topShare, 0, SHELLS)
  whole.topL = 0
  whole.carbonKg += whole.topCarbonKg
  whole.nitrogenKg += whole.topNitrogenKg
  whole.topCarbonKg = whole.topNitrogenKg = 0
}

/**
 * Forks the heap over: what was outside comes inside, most is mixed, loosened, cooled towards the air, and steams. What lay on
 * top comes in.
 */
export function turn(heap: Heap, airC: number): void {
  const { parts, whole, ledger, constants: k } = heap
  const before = heldMJ(heap)
  const topKg = parts.rapidKg[TOP]! + parts.mediumKg[TOP]! + parts.slowKg[TOP]! + parts.restKg[TOP]!
  mixedMicrobes(heap, dryMassKg(heap), topKg)
  for (const pool of [parts.rapidKg, parts.mediumKg, parts.slowKg, parts.restKg, parts.waterKg, parts.iceMJ]) forked(pool, k.turnMixes)
  let capacity = 0
  for (let i = 0; i < SHELLS; i++) capacity += capacityMJK(heap, i)
  // Where there is ice, its lack is part of what was held.
  const mixed = (before + total(parts.iceMJ)) / capacity
  const after = mixed - k.turnCools * Math.max(0, mixed - airC)
  const lostMJ = (mixed - after) * capacity
  parts.celsius.fill(after)
  ledger.lostMJ += lostMJ
  const waterKg = total(parts.waterKg)
  const steamKg = Math.min(0.1 * waterKg, k.turnSteam * lostMJ / EVAPORATION_MJ_KG)
  for (let i = 0; i < SHELLS; i++) parts.waterKg[i]! *= 1 - steamKg / waterKg
  ledger.evaporatedKg += steamKg
  ledger.carriedMJ -= steamKg * WATER_MJ_KGK * after
  parts.reach.fill(1)
  whole.broken = Math.min(MOST_BROKEN, whole.broken * (1 + k.turnBreaks))
  whole.settled *= 1 - k.turnLoosens
  startled(heap)
}

/** Pours so many litres over the whole heap. */
export function water(heap: Heap, litres: number, airC: number): void {
  const sudden = litres > SUDDEN * total(heap.parts.waterKg)
  for (let i = 0; i < SHELLS; i++) pourInto(heap, i, litres / SHELLS, airC)
  if (sudden) startled(heap)
}

/** Lays more stuff on top, fresh and as cool as the air: a part of its own until the heap is turned. */
export function add(heap: Heap, charge: Charge, airC: number): void {
  const { parts, whole, ledger } = heap
  const pools = poolsOf(charge, heap.traits)
  const dryKg = dryKgOf(charge)
  const held = capacityMJK(heap, TOP)
  const brought = dryKg * DRY_MJ_KGK + charge.waterKg * WATER_MJ_KGK
  const fresh = brought / (held + brought)
  parts.celsius[TOP] = whole.topL > 0 ? parts.celsius[TOP]! + (airC - parts.celsius[TOP]!) * fresh : airC
  parts.microbes[TOP] = whole.topL > 0 ? parts.microbes[TOP]! + (FRESH_MICROBES - parts.microbes[TOP]!) * fresh : FRESH_MICROBES
  parts.reach[TOP] = 1
  parts.oxygenPct[TOP] = parts.oxygenPct[SHELLS - 1]!
  parts.rapidKg[TOP]! += pools.rapidKg
  parts.mediumKg[TOP]! += pools.mediumKg
  parts.slowKg[TOP]! += pools.slowKg
  parts.restKg[TOP]! += pools.restKg
  parts.waterKg[TOP]! += charge.waterKg
  ledger.carriedMJ += brought * airC
  ledger.pouredKg += charge.waterKg
  whole.topL += charge.volumeL
  whole.topCarbonKg += charge.carbonKg * heap.traits.ratio
  whole.topNitrogenKg += charge.nitrogenKg
  blend(heap, charge, dryKg, pools.rapidKg + pools.mediumKg + pools.slowKg)
  startled(heap)
}

/** What is kept for the heap as a whole, after more went in. */
function blend({ whole }: Heap, charge: Charge, dryKg: number, usableKg: number): void {
  const share = charge.volumeL / (whole.looseL + charge.volumeL)
  const dryShare = dryKg / (whole.chargedDryKg + dryKg)
  whole.mattingShare += (charge.mattingShare - whole.mattingShare) * share
  whole.stiffness += (charge.stiffness - whole.stiffness) * share
  whole.looseAir += (looseAirOf(charge, dryKg) - whole.looseAir) * share
  whole.pace += (charge.pace - whole.pace) * dryShare
  whole.holdsKgKg += (charge.holdsKgKg - whole.holdsKgKg) * dryShare
  whole.looseL += charge.volumeL
  whole.chargedDryKg += dryKg
  whole.chargedUsableKg += usableKg
  whole.ashKg += charge.ashKg
}
