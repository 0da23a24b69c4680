import type { NewEvent } from '../../journal/event'
import { LOGGED_MOST } from '../../journal/kinds/sensing'
import type { Series } from './gather'

/** Series as events of a batch, none longer than an event may be; readings before the batch was built are left out. */
export function eventsOfSeries(series: readonly Series[], batchId: string, builtAt: string, source: string): NewEvent[] {
  const since = Date.parse(builtAt)
  return series.flatMap(({ depth, moments, celsius }) => {
    const kept = Array.from(moments, (moment, index) => ({ moment, tenthsC: Math.round((celsius[index] ?? 0) * 10) })).filter(
      ({ moment }) => moment >= since,
    )
    return Array.from({ length: Math.ceil(kept.length / LOGGED_MOST) }, (_, part): NewEvent => {
      const piece = kept.slice(part * LOGGED_MOST, (part + 1) * LOGGED_MOST)
      const first = piece[0]!.moment
      return {
        kind: 'logged', at: new Date(first).toISOString(), batchId, depth, source: source.slice(0, 80),
        minutes: piece.map(({ moment }) => Math.round((moment - first) / 60_000)), tenthsC: piece.map(({ tenthsC }) => tenthsC),
      }
    })
  })
}
