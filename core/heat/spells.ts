import { normalShare } from '../statistics/normal'
import { normal, seededRandom } from '../random/random'

/** Warm and cold, wet and dry days come in spells. One possible run of them: K beside the usual, and rain as a factor, a day each. */
export interface Spells {
  readonly airK: Float64Array
  readonly rainTimes: Float64Array
}

/** A day lies so far off the usual, K, and a spell lasts so long, days: usual for temperate gardens. */
const AIR = { spreadK: 3, days: 4 }
/** One day in three is wet, in spells of a few days; what falls then falls on fewer days. */
const RAIN = { wetShare: 1 / 3, days: 3 }
const POSSIBLE = 64
const DAYS = 800

const known = new Map<number, Spells>()

function drawn(number: number): Spells {
  const random = seededRandom(7919 + number)
  const airK = new Float64Array(DAYS)
  const rainTimes = new Float64Array(DAYS)
  const keeps = { air: Math.exp(-1 / AIR.days), rain: Math.exp(-1 / RAIN.days) }
  let air = normal(random)
  let rain = normal(random)
  for (let day = 0; day < DAYS; day++) {
    airK[day] = AIR.spreadK * air
    // Wet where the spell lies in its upper third; so the mean is kept.
    rainTimes[day] = normalShare(rain) > 1 - RAIN.wetShare ? 1 / RAIN.wetShare : 0
    air = keeps.air * air + Math.sqrt(1 - keeps.air ** 2) * normal(random)
    rain = keeps.rain * rain + Math.sqrt(1 - keeps.rain ** 2) * normal(random)
  }
  return { airK, rainTimes }
}

/** The spells at a standing of a trait: one of so many possible runs; none at 0, where all is as usual. */
export function spellsAt(standing: number): Spells | undefined {
  if (standing === 0) return undefined
  const number = Math.min(POSSIBLE - 1, Math.floor(normalShare(standing) * POSSIBLE))
  const ready = known.get(number) ?? drawn(number)
  known.set(number, ready)
  return ready
}
