import { highest } from '../statistics/ends'
import { sumOf } from '../statistics/sums'
import { counted } from '../units/plural'
import { quantityText } from '../units/format'
import type { UnitSystem } from '../units/system'
import { DAY_MS } from '../units/time'
import { LOTS } from './constants'

/** Readings and turns of a batch that heats, in order. */
export interface HeatRecord {
  readonly readings: readonly { readonly at: string, readonly coreC?: number, readonly edgeC?: number }[]
  readonly turns: readonly { readonly at: string }[]
}

/** How long a heap was at 55 °C, as far as its readings can tell. */
export interface HeatLog {
  /** Days in the longest stretch of readings at or above it without a gap. */
  readonly longestDays: number
  readonly totalDays: number
  /** The same at the edge, a hand's breadth in. */
  readonly edgeDays: number
  readonly readings: number
  /** Turns made after it had first been that hot: each brings other parts inside. */
  readonly turnsAfter: number
  readonly firstAt?: string
}

/** Stretches at or above the yardstick, days: time counts between two hot readings that are not too far apart. */
function stretches(points: readonly { readonly at: string, readonly celsius: number }[]): number[] {
  const found: number[] = []
  let current = 0
  points.forEach(({ at, celsius }, index) => {
    const next = points[index + 1]
    const days = next ? (Date.parse(next.at) - Date.parse(at)) / DAY_MS : 0
    if (celsius >= LOTS.yardstickC && next && next.celsius >= LOTS.yardstickC && days <= LOTS.gapDays) {
      current += days
      return
    }
    if (current > 0) found.push(current)
    current = 0
  })
  return found
}

/** What the readings say about 55 °C. Only what was read counts: a forecast proves nothing here. */
export function heatLog({ readings, turns }: HeatRecord): HeatLog {
  const core = readings.flatMap(({ at, coreC }) => coreC === undefined ? [] : [{ at, celsius: coreC }])
  const edge = readings.flatMap(({ at, edgeC }) => edgeC === undefined ? [] : [{ at, celsius: edgeC }])
  const hot = stretches(core)
  const firstAt = core.find(({ celsius }) => celsius >= LOTS.yardstickC)?.at
  return {
    longestDays: highest(hot, 0), totalDays: sumOf(hot), edgeDays: sumOf(stretches(edge)), readings: core.length,
    turnsAfter: firstAt ? turns.filter(({ at }) => at >= firstAt).length : 0, ...(firstAt ? { firstAt } : {}),
  }
}

const days = (count: number) =>
  count < 0.3 ? 'less than half a day' : `${count < 10 ? Math.round(count * 2) / 2 : Math.round(count)} ${count === 1 ? 'day' : 'days'}`

/** The log in words that promise nothing. */
export function heatLogWords(log: HeatLog, units: UnitSystem): string[] {
  const yardstick = quantityText('temperature', units, LOTS.yardstickC)
  if (log.readings === 0) return ['No reading of the core: nothing can be said about heat.']
  if (!log.firstAt) return [`Never read at ${yardstick}: count on living seeds.`]
  return [
    `At ${yardstick} or more in the core for ${days(log.longestDays)} at a stretch, ${days(log.totalDays)} in all; a hand's breadth in: `
    + `${log.edgeDays > 0 ? days(log.edgeDays) : 'never read so hot'}.`,
    log.turnsAfter === 0
      ? 'Not turned since: what lay outside has not been inside.'
      : `Turned ${counted(log.turnsAfter, 'time', 'times')} since: each turn brings other parts inside, and it would take several to `
        + 'reach nearly all.',
    log.longestDays >= LOTS.yardstickDays
      ? 'That is the usual yardstick for weed seeds and germs. At home it lowers them; it certifies nothing.'
      : `The usual yardstick is ${LOTS.yardstickDays} days without a break, more than once with turns between. This falls short of it.`,
  ]
}
