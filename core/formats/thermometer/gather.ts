import { DAY_MS } from '../../units/time'
import type { ColumnRole, Reading } from './columns'
import { readMoment } from './dates'
import { readNumber } from './numbers'

/** One depth of a file: moments in milliseconds, ascending, with a temperature each. */
export interface Series {
  readonly depth: 'core' | 'edge'
  readonly moments: Float64Array
  readonly celsius: Float64Array
}

/** What was found in a file, thinned to one reading a slot, and what was left out. */
export interface Gathered {
  readonly series: readonly Series[]
  readonly rows: number
  /** Rows without a date or temperature that could be read, with the first of them as an example. */
  readonly unread: number
  readonly firstUnread?: string
  readonly impossible: number
  readonly repeated: number
  /** Longest stretch without a reading, days. */
  readonly longestGapDays: number
  readonly from?: number
  readonly to?: number
}

/** One reading every half hour is plenty for a heap: the middle of those within it is kept. */
export const SLOT_MS = 30 * 60_000
/** No thermometer in a heap reads outside of this, °C. */
const POSSIBLE = { low: -40, high: 95 }

/** Takes rows in any number of pieces and gathers what they hold. Rows may come unsorted and more than once. */
export class Gatherer {
  private readonly found = { core: new Map<number, Map<number, number>>(), edge: new Map<number, Map<number, number>>() }
  private rows = 0
  private unread = 0
  private firstUnread: string | undefined
  private impossible = 0
  private repeated = 0
  private readonly places: Readonly<Record<ColumnRole, number>>

  constructor(private readonly reading: Reading) {
    const at = (role: ColumnRole) => reading.roles.indexOf(role)
    this.places = { time: at('time'), date: at('date'), clock: at('clock'), core: at('core'), edge: at('edge'), ignore: -1 }
  }

  take(row: readonly string[]): void {
    if (row.every(text => text.trim() === '')) return
    this.rows++
    const { time, date, clock } = this.places
    const moment = readMoment(time >= 0 ? row[time] ?? '' : `${row[date] ?? ''} ${clock >= 0 ? row[clock] ?? '' : ''}`, this.reading.order)
    const depths = (['core', 'edge'] as const).filter(depth => this.places[depth] >= 0)
    const values = depths.map(depth => readNumber(row[this.places[depth]] ?? ''))
    if (moment === undefined || values.every(value => value === undefined)) {
      this.unread++
      this.firstUnread ??= row.join(' | ').slice(0, 80)
      return
    }
    depths.forEach((depth, index) => {
      const value = values[index]
      if (value !== undefined) this.note(depth, moment, this.reading.unit === 'F' ? (value - 32) / 1.8 : value)
    })
  }

  private note(depth: 'core' | 'edge', moment: number, celsius: number): void {
    if (celsius < POSSIBLE.low || celsius > POSSIBLE.high) {
      this.impossible++
      return
    }
    const slot = Math.floor(moment / SLOT_MS)
    const known = this.found[depth].get(slot) ?? new Map<number, number>()
    // The same moment twice counts once, the first that was met.
    if (known.has(moment)) this.repeated++
    else this.found[depth].set(slot, known.set(moment, celsius))
  }

  result(): Gathered {
    const series = (['core', 'edge'] as const).flatMap(depth => this.found[depth].size > 0 ? [thinned(depth, this.found[depth])] : [])
    const moments = series.flatMap(({ moments: all }) => Array.from(all)).sort((a, b) => a - b)
    const gaps = moments.slice(1).map((moment, index) => moment - moments[index]!)
    return {
      series,
      rows: this.rows,
      unread: this.unread,
      ...(this.firstUnread ? { firstUnread: this.firstUnread } : {}),
      impossible: this.impossible,
      repeated: this.repeated,
      longestGapDays: gaps.reduce((most, gap) => Math.max(most, gap), 0) / DAY_MS,
      ...(moments.length > 0 ? { from: moments[0]!, to: moments.at(-1)! } : {}),
    }
  }
}

/** The middle reading of each slot, at its own moment. */
function thinned(depth: 'core' | 'edge', slots: ReadonlyMap<number, ReadonlyMap<number, number>>): Series {
  const kept = [...slots.values()].map((readings) => {
    const sorted = [...readings].sort((a, b) => a[1] - b[1] || a[0] - b[0])
    return sorted[Math.floor(sorted.length / 2)] as readonly [number, number]
  }).sort((a, b) => a[0] - b[0])
  return { depth, moments: Float64Array.from(kept, ([moment]) => moment), celsius: Float64Array.from(kept, ([, celsius]) => celsius) }
}
