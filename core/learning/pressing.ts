import { DAY_MS } from '../units/time'
import type { Forecast } from './forecast'

/** A batch that waits for its forecast: when it was begun, and what is known of it already. */
export interface Waiting { readonly began: { readonly at: string } }

/** The end of the next window, days from now; endless where none is ahead. */
function daysToNext({ began }: Waiting, { windows }: Forecast, now: Date): number {
  const age = (now.getTime() - Date.parse(began.at)) / DAY_MS
  return Math.min(Infinity, ...Object.values(windows).map(({ now: { high } }) => high - age).filter(days => days > 0))
}

/**
 * In which order forecasts are worked out while many wait: what has none so far before what has one that may be a day old, the youngest
 * of those first, as they change fastest; then what comes soonest. What is in view goes before all of them.
 */
export function byPressing<T extends Waiting>(
  waiting: readonly T[], inView: (one: T) => boolean, forecastOf: (one: T) => Forecast | undefined, now: Date,
): readonly T[] {
  const rank = (one: T) => {
    const forecast = forecastOf(one)
    return { viewed: inView(one) ? 0 : 1, has: forecast ? 1 : 0, days: forecast ? daysToNext(one, forecast, now) : 0 }
  }
  return waiting.map(one => ({ one, ...rank(one) }))
    .sort((a, b) => a.viewed - b.viewed || a.has - b.has || (a.days === b.days ? 0 : a.days - b.days)
      || (a.one.began.at < b.one.began.at ? 1 : -1))
    .map(({ one }) => one)
}
