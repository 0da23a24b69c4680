import { EDGE_SHARE, gainK } from '../methods/hot-heap/course'
import { normal, seededRandom, seedFromText } from '../random/random'

/** What the simulated two-depth thermometer says, or that it could not be reached. */
export type ProbeAnswer
  = | { readonly status: 'reading', readonly probe: string, readonly at: string, readonly coreC: number, readonly edgeC: number, readonly batteryPct: number }
    | { readonly status: 'no-signal', readonly probe: string, readonly at: string }

const SLOT_MS = 5 * 60_000
/** One slot in so many has no signal, as radio through a wet heap has. */
const DROPOUT = 0.12

const tenth = (value: number) => Math.round(value * 10) / 10

/**
 * A made-up probe: the same name and moment always give the same answer; it changes every five minutes.
 * @param day how many days ago its heap was built; taken from the name when not given.
 */
export function simulatedProbe(probe: string, now: Date, ambientC: number, day?: number): ProbeAnswer {
  const slot = Math.floor(now.getTime() / SLOT_MS)
  const own = seededRandom(seedFromText(probe))
  const vigour = 0.75 + 0.25 * own()
  const age = day ?? own() * 30
  const chance = seededRandom(seedFromText(`${probe} ${slot}`))
  const at = new Date(slot * SLOT_MS).toISOString()
  if (chance() < DROPOUT) return { status: 'no-signal', probe, at }
  const gain = gainK(age, vigour, [], ambientC)
  return {
    status: 'reading', probe, at,
    coreC: tenth(ambientC + gain + 0.4 * normal(chance)),
    edgeC: tenth(ambientC + gain * EDGE_SHARE + 0.6 * normal(chance)),
    batteryPct: Math.max(5, Math.round(100 - age)),
  }
}
