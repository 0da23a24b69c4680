import type { Reading, StandingBatch } from '../journal/garden'
import { robustSlope } from '../statistics/slope'

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

/** It is falling when it loses so much a day and has lost so much in all, K, over so many readings and days. */
const FALLS_K_DAY = 0.7
const FALLEN_K = 3
const FALLS_FOR = { readings: 3, days: 2 }
const DAY_MS = 86_400_000

/**
 * Whether the core has been falling since its peak, and from what: by the middle of all slopes between readings, so that
 * one that is off does not decide. Odd readings do not count.
 */
export function fallenFrom(readings: readonly CoreReading[]): { readonly peakC: number, readonly at: string, readonly perDayK: number } | undefined {
  const sound = readings.filter(({ odd }) => !odd)
  const peak = sound.reduce<CoreReading | undefined>((top, one) => !top || one.coreC >= top.coreC ? one : top, undefined)
  if (!peak) return undefined
  const since = sound.slice(sound.indexOf(peak)).map(({ at, coreC }) => ({ x: Date.parse(at) / DAY_MS, y: coreC }))
  const span = (since.at(-1)?.x ?? 0) - (since[0]?.x ?? 0)
  if (since.length < FALLS_FOR.readings || span < FALLS_FOR.days - 0.1) return undefined
  const perDayK = robustSlope(since)
  return perDayK !== undefined && perDayK < -FALLS_K_DAY && peak.coreC - (sound.at(-1)?.coreC ?? peak.coreC) >= FALLEN_K ? { peakC: peak.coreC, at: peak.at, perDayK } : undefined
}
