import { dryMassKg, SHELLS, sphereRadiusM, TOP, total, type Heap } from './heap'
import { USUAL_CONSTANTS } from './constants'
import { conductsWmK } from './conduction'
import { MJ_DAY_W } from './laws'
import { RIPE } from './ripe'
import { nitrogenShare, temperatureShare } from './limits'

/** The rawer part that counts, as a share of dry mass. */
const RAWER = 0.2
const HOURS_A_DAY = 24
/** A kilogram of oxygen is so many millimoles. */
const MMOL_KG = 31_250

/** Oxygen that goes with so much decayed a day, mmol a kilogram of organic matter and hour. */
export function uptakeOf(usedKgDay: number, organicKg: number, oxygenKgKg = USUAL_CONSTANTS.oxygenKgKg): number {
  return usedKgDay / organicKg * oxygenKgKg * MMOL_KG / HOURS_A_DAY
}

const masses = new Float64Array(SHELLS + 1)
const breaths = new Float64Array(SHELLS + 1)

/** How fast each pool is used up in a sample of this heap, a day: moist and aired, at the warmth of the test and of a heap that reheats. */
export interface Breath { readonly inSample: Rates, readonly reheating: Rates }
interface Rates { readonly rapid: number, readonly medium: number, readonly slow: number }

/** The breath of a heap's stuff: it changes only when something is added. */
export function breathOf({ whole, traits, constants: k }: Heap): Breath {
  const ratesAt = (celsius: number): Rates => {
    const share = temperatureShare(celsius, k.coolLater) * whole.pace
    return { rapid: k.rapidDay * share, medium: k.mediumDay * traits.medium * share, slow: k.slowDay * traits.slow * share }
  }
  return { inSample: ratesAt(RIPE.sampleC), reheating: ratesAt(RIPE.testAirC + RIPE.reheatsK) }
}

/**
 * Oxygen that the rawer fifth of a heap would take up, moist and aired, mmol a kilogram of organic matter and hour (after EN
 * 16087-1). Wood, that hardly rots, does not thin it. It says nothing of the weather: only of what is left.
 */
export function uptakeMmolKgH({ parts, whole, constants: k }: Heap, { inSample: { rapid, medium: unbroken, slow } }: Breath): number {
  const medium = unbroken * whole.broken
  const count = whole.topL > 0 ? TOP + 1 : SHELLS
  // Ash goes nowhere: it lies where what outlasts decay lies.
  const ashOfRest = whole.ashKg / (total(parts.restKg) + 1e-12)
  let massKg = 0
  for (let i = 0; i < count; i++) {
    masses[i] = Math.max(0, parts.rapidKg[i]! + parts.mediumKg[i]! + parts.slowKg[i]! + (1 - ashOfRest) * parts.restKg[i]!)
    breaths[i] = (rapid * parts.rapidKg[i]! + medium * parts.mediumKg[i]! + slow * parts.slowKg[i]!) / (masses[i]! + 1e-12)
    massKg += masses[i]!
  }
  return uptakeOf(rawest(count, RAWER * massKg), 1, k.oxygenKgKg)
}

/**
 * How far the core would rise above mild air if the heap were turned and wetted now, K, about where it matters: what it gives off then,
 * evenly, through as much stuff and wall as it has. @returns above 0; far above the limit it says no more than "much".
 */
export function reheatsK(heap: Heap, { reheating: { rapid, medium, slow } }: Breath): number {
  const { parts, whole, traits, constants: k, work: { volumeM3, surface } } = heap
  const radiusM = sphereRadiusM(volumeM3, surface.areaM2)
  const moistKg = dryMassKg(heap) / (1 - RIPE.testMoisture)
  const conducts = traits.conductivity * conductsWmK(moistKg / volumeM3, k.conductivityWmK)
  const resists = radiusM * radiusM / (6 * conducts) + radiusM / (3 * surface.meanW_M2K * traits.walls)
  const usedKgDay = rapid * total(parts.rapidKg) + medium * whole.broken * total(parts.mediumKg) + slow * total(parts.slowKg)
  const heatW
    = usedKgDay * nitrogenShare(whole.carbonKg, whole.nitrogenKg) * k.heatMJKg * traits.heat / MJ_DAY_W
  return RIPE.ofSteady * heatW / volumeM3 * resists
}

/** How raw a heap is: 1 and less is ripe, whichever of breath and reheating is farther from it. */
export function rawnessOf(heap: Heap, breath: Breath): number {
  return Math.max(uptakeMmolKgH(heap, breath) / RIPE.uptakeMmolKgH, reheatsK(heap, breath) / RIPE.reheatsK)
}

/** Mean breath of the rawest parts that add up to a mass. */
function rawest(count: number, wantedKg: number): number {
  let left = wantedKg
  let sum = 0
  while (left > 1e-12) {
    let at = 0
    for (let i = 1; i < count; i++) if (breaths[i]! > breaths[at]!) at = i
    if (breaths[at]! < 0) break
    const taken = Math.min(left, masses[at]!)
    sum += taken * breaths[at]!
    left -= taken
    breaths[at] = -1
  }
  return wantedKg > left ? sum / (wantedKg - left) : 0
}
