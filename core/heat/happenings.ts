import type { Charge } from './charge'
import { capacityMJK, DRY_MJ_KGK, heldMJ, looseAirOf, SHELLS, total, WATER_MJ_KGK, type Heap } from './heap'
import { pourInto } from './step'

/** Turning lets so much of the warmth above the air go, and loosens what had settled. */
const TURN_COOLS = 0.2
const TURN_LOOSENS = 0.7

function evened(values: Float64Array): void {
  values.fill(total(values) / SHELLS)
}

/** Forks the heap over: everything is mixed, loosened and cooled towards the air. */
export function turn(heap: Heap, airC: number): void {
  const before = heldMJ(heap)
  for (const pool of [heap.rapidKg, heap.mediumKg, heap.slowKg, heap.restKg, heap.waterKg, heap.microbes]) evened(pool)
  const capacity = capacityMJK(heap, 0) * SHELLS
  const mixed = before / capacity
  const after = mixed - TURN_COOLS * Math.max(0, mixed - airC)
  heap.celsius.fill(after)
  heap.ledger.lostMJ += (mixed - after) * capacity
  heap.reach.fill(1)
  heap.settled *= 1 - TURN_LOOSENS
}

/** Pours so many litres over the whole heap. */
export function water(heap: Heap, litres: number, airC: number): void {
  for (let i = 0; i < SHELLS; i++) pourInto(heap, i, litres / SHELLS, airC)
}

/** Works more stuff in, evenly. */
export function add(heap: Heap, charge: Charge, airC: number): void {
  const usable = heap.traits.usable
  const parts = [[heap.rapidKg, charge.rapidKg * usable], [heap.mediumKg, charge.mediumKg * usable], [heap.slowKg, charge.slowKg * usable]] as const
  const usableKg = parts.reduce((sum, [, kg]) => sum + kg, 0)
  const dryKg = charge.rapidKg + charge.mediumKg + charge.slowKg + charge.restKg
  const before = Float64Array.from({ length: SHELLS }, (_, i) => capacityMJK(heap, i))
  for (const [pool, kg] of [...parts, [heap.restKg, dryKg - usableKg], [heap.waterKg, charge.waterKg]] as const) {
    for (let i = 0; i < SHELLS; i++) pool[i]! += kg / SHELLS
  }
  const brought = (dryKg * DRY_MJ_KGK + charge.waterKg * WATER_MJ_KGK) / SHELLS
  for (let i = 0; i < SHELLS; i++) heap.celsius[i] = (before[i]! * heap.celsius[i]! + brought * airC) / (before[i]! + brought)
  heap.ledger.carriedMJ += brought * SHELLS * airC
  heap.ledger.pouredKg += charge.waterKg
  blend(heap, charge, dryKg, usableKg)
}

/** What is kept for the heap as a whole, after more went in. */
function blend(heap: Heap, charge: Charge, dryKg: number, usableKg: number): void {
  const share = charge.volumeL / (heap.looseL + charge.volumeL)
  heap.mattingShare += (charge.mattingShare - heap.mattingShare) * share
  heap.pace += (charge.pace - heap.pace) * dryKg / (heap.chargedDryKg + dryKg)
  heap.looseAir += (looseAirOf(charge, dryKg) - heap.looseAir) * share
  heap.looseL += charge.volumeL
  heap.chargedDryKg += dryKg
  heap.chargedUsableKg += usableKg
  heap.ashKg += charge.ashKg
  heap.carbonKg += charge.carbonKg * heap.traits.ratio
  heap.nitrogenKg += charge.nitrogenKg
}
