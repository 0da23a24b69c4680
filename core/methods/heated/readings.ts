import { robustSlope } from '../../statistics/slope'
import { DAY_MS } from '../../units/time'
import type { HeapLog, Reading } from './heap-log'
import { HEATED } from './constants'

/** A core reading, and whether it stands apart from both of its neighbours. */
export interface CoreReading {
  readonly eventId: string
  readonly at: string
  readonly coreC: number
  readonly odd: boolean
}

/** The core readings in order. A lone spike or hole is marked odd and kept: nothing recorded is dropped. */
export function coreReadings({ readings }: Pick<HeapLog, 'readings'>): CoreReading[] {
  const core = readings.filter((reading): reading is Reading & { coreC: number } => reading.coreC !== undefined)
  return core.map(({ eventId, at, coreC }, index) => {
    const before = core[index - 1]?.coreC
    const after = core[index + 1]?.coreC
    const odd
      = before !== undefined
        && after !== undefined
        && Math.min(Math.abs(coreC - before), Math.abs(coreC - after)) > HEATED.jumpK
        && (coreC - before) * (coreC - after) > 0
    return { eventId, at, coreC, odd }
  })
}

interface Point { readonly x: number, readonly y: number }

function pooled(points: readonly Point[]): readonly Point[] {
  if (points.length <= HEATED.many) return points
  const pools = new Map<number, Point[]>()
  for (const point of points) {
    const pool = Math.floor(point.x / HEATED.fallPoolDays)
    const known = pools.get(pool)
    if (known) known.push(point)
    else pools.set(pool, [point])
  }
  return [...pools.values()].map((pool) => {
    const byHeat = [...pool].sort((a, b) => a.y - b.y)
    return byHeat[Math.floor(byHeat.length / 2)] as Point
  })
}

/**
 * Whether the core has been falling since its peak, and from what: by the middle of all slopes between readings, so that
 * one that is off does not decide. Odd readings do not count.
 */
export function fallenFrom(
  readings: readonly CoreReading[],
): { readonly peakC: number, readonly at: string, readonly perDayK: number } | undefined {
  const sound = readings.filter(({ odd }) => !odd)
  const peak = sound.reduce<CoreReading | undefined>((top, one) => !top || one.coreC >= top.coreC ? one : top, undefined)
  if (!peak) return undefined
  const since = pooled(sound.slice(sound.indexOf(peak)).map(({ at, coreC }) => ({ x: Date.parse(at) / DAY_MS, y: coreC })))
  const span = (since.at(-1)?.x ?? 0) - (since[0]?.x ?? 0)
  if (since.length < HEATED.fallsFor.readings || span < HEATED.fallsFor.days - 0.1) return undefined
  const perDayK = robustSlope(since)
  return perDayK !== undefined && perDayK < -HEATED.fallsKDay && peak.coreC - (sound.at(-1)?.coreC ?? peak.coreC) >= HEATED.fallenK
    ? { peakC: peak.coreC, at: peak.at, perDayK }
    : undefined
}
