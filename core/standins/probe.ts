import { normal, seededRandom, seedFromText } from '../random/random'

/** What the simulated two-depth thermometer says, or that it could not be reached. */
export type ProbeAnswer
  = | {
    readonly status: 'reading'
    readonly probe: string
    readonly at: string
    readonly coreC: number
    readonly edgeC: number
    readonly batteryPct: number
  }
  | { readonly status: 'no-signal', readonly probe: string, readonly at: string }

const SLOT_MS = 5 * 60_000
/** One slot in so many has no signal, as radio through a wet heap has. */
const DROPOUT = 0.12

const tenth = (value: number) => Math.round(value * 10) / 10

/** What is true where the probe stands, °C, and how long it has stood there, days. */
export interface ProbePlace {
  readonly coreC: number
  readonly edgeC: number
  readonly day: number
}

/**
 * A made-up probe at two depths: it reads what is true of its place as a real one would, a little off, now and then
 * without signal, its battery going down. The same name and moment always give the same answer; it changes every five minutes.
 */
export function simulatedProbe(probe: string, now: Date, { coreC, edgeC, day }: ProbePlace): ProbeAnswer {
  const slot = Math.floor(now.getTime() / SLOT_MS)
  const own = seededRandom(seedFromText(probe))
  const off = 1.5 * (own() - 0.5)
  const chance = seededRandom(seedFromText(`${probe} ${slot}`))
  const at = new Date(slot * SLOT_MS).toISOString()
  if (chance() < DROPOUT) return { status: 'no-signal', probe, at }
  return {
    status: 'reading', probe, at,
    coreC: tenth(coreC + off + 0.4 * normal(chance)),
    edgeC: tenth(edgeC + off + 0.6 * normal(chance)),
    batteryPct: Math.max(5, Math.round(100 - day)),
  }
}
