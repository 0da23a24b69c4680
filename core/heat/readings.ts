import type { Reading, StandingBatch } from '../journal/garden'

/** A core reading, and whether it stands apart from both of its neighbours. */
export interface CoreReading {
  readonly eventId: string
  readonly at: string
  readonly coreC: number
  readonly odd: boolean
}

/** No heap jumps this far and back between readings, K. */
const JUMP_K = 20

/** The core readings in order. A lone spike or hole is marked odd and kept: nothing recorded is dropped. */
export function coreReadings({ readings }: Pick<StandingBatch, 'readings'>): CoreReading[] {
  const core = readings.filter((reading): reading is Reading & { coreC: number } => reading.coreC !== undefined)
  return core.map(({ eventId, at, coreC }, index) => {
    const before = core[index - 1]?.coreC
    const after = core[index + 1]?.coreC
    const odd = before !== undefined && after !== undefined && Math.min(Math.abs(coreC - before), Math.abs(coreC - after)) > JUMP_K && (coreC - before) * (coreC - after) > 0
    return { eventId, at, coreC, odd }
  })
}

/** Whether the core has been falling over its last three sound readings, and from what peak. */
export function fallenFrom(readings: readonly CoreReading[]): { readonly peakC: number, readonly at: string } | undefined {
  const sound = readings.filter(({ odd }) => !odd)
  const [a, b, c] = sound.slice(-3)
  if (!a || !b || !c || !(a.coreC > b.coreC && b.coreC >= c.coreC)) return undefined
  const peak = sound.reduce((top, one) => one.coreC >= top.coreC ? one : top, a)
  return { peakC: peak.coreC, at: peak.at }
}
