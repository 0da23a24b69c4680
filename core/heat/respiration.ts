import { SHELLS, TOP, type Heap } from './heap'
import { temperatureShare } from './limits'

/** A sample is kept so long and so warm, moist and aired, while its breath is measured. */
const SAMPLE = { days: 4, celsius: 35 }
/** The rawer part that counts, as a share of dry mass. */
const RAWER = 0.2

const masses = new Float64Array(SHELLS + 1)
const breaths = new Float64Array(SHELLS + 1)

/** What share of each pool a sample of this heap would use up. */
export interface Breath { readonly rapid: number, readonly medium: number, readonly slow: number }

/** The breath of a heap's stuff: it changes only when something is added. */
export function breathOf({ whole, traits, constants: k }: Heap): Breath {
  const share = temperatureShare(SAMPLE.celsius, k.coolShare) * whole.pace * SAMPLE.days
  const goes = (perDay: number) => -Math.expm1(-perDay * share)
  return { rapid: goes(k.rapidDay), medium: goes(k.mediumDay * traits.medium), slow: goes(k.slowDay * traits.slow) }
}

/**
 * What the rawer fifth of a heap would still respire in four days at 35 °C, moist and aired, mg O₂ a gram of dry matter
 * (after the four-day respiration test of ripe compost). It says nothing of the weather: only of what is left.
 */
export function respirationMgG({ parts, whole, constants: k }: Heap, { rapid, medium, slow }: Breath): number {
  const count = whole.topL > 0 ? TOP + 1 : SHELLS
  let massKg = 0
  for (let i = 0; i < count; i++) {
    masses[i] = parts.rapidKg[i]! + parts.mediumKg[i]! + parts.slowKg[i]! + parts.restKg[i]!
    breaths[i]
      = (1000 * k.oxygenKgKg * (rapid * parts.rapidKg[i]! + medium * parts.mediumKg[i]! + slow * parts.slowKg[i]!)) / (masses[i]! + 1e-12)
    massKg += masses[i]!
  }
  return rawest(count, RAWER * massKg)
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
