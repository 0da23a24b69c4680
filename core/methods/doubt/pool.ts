import type { Band, DayWindow, Forecast, WindowCourse } from '../contract'

/** The forecast of one that might be instead, and how many days later than the assumed one it began; earlier below 0. */
export interface Other { readonly forecast: Forecast, readonly laterDays: number }

/** The value of a row at a day, straight between its times; at its ends what it has there. */
function along(days: Float64Array, row: Float32Array, day: number): number {
  const after = days.findIndex(one => one >= day)
  if (after < 0) return row[row.length - 1]!
  if (after === 0 || days[after] === day) return row[after]!
  const [before, span] = [days[after - 1]!, days[after]! - days[after - 1]!]
  return row[after - 1]! + (row[after]! - row[after - 1]!) * (day - before) / span
}

const within = (day: number, { horizonDay }: Forecast) => Math.min(horizonDay, Math.max(0, day))

/** From the first of all to the last; the middle stays that of the assumed one. */
function widest(own: DayWindow, others: readonly DayWindow[], base: Forecast): DayWindow {
  return {
    low: within(Math.min(own.low, ...others.map(({ low }) => low)), base), typical: own.typical,
    high: within(Math.max(own.high, ...others.map(({ high }) => high)), base),
  }
}

function moved({ low, typical, high }: DayWindow, days: number): DayWindow {
  return { low: low + days, typical: typical + days, high: high + days }
}

function pooledWindow(own: WindowCourse, name: string, base: Forecast, others: readonly Other[]): WindowCourse {
  const theirs = others.flatMap(({ forecast, laterDays }) => {
    const course = forecast.windows[name]
    return course ? [{ course, laterDays }] : []
  })
  return {
    start: widest(own.start, theirs.map(({ course, laterDays }) => moved(course.start, laterDays)), base),
    now: widest(own.now, theirs.map(({ course, laterDays }) => moved(course.now, laterDays)), base),
    moves: own.moves.map(move => ({
      ...move,
      window: widest(move.window, theirs.flatMap(({ course, laterDays }) => {
        const same = course.moves.find(({ eventId, at }) => eventId === move.eventId && at === move.at)
        return same ? [moved(same.window, laterDays)] : []
      }), base),
    })),
  }
}

function pooledBand(own: Band, name: string, base: Forecast, others: readonly Other[]): Band {
  const [low, high] = [Float32Array.from(own.low), Float32Array.from(own.high)]
  for (const { forecast, laterDays } of others) {
    const theirs = forecast.series[name]
    if (!theirs) continue
    base.days.forEach((day, at) => {
      // Before it began there is nothing of it.
      if (day < laterDays) return
      low[at] = Math.min(low[at]!, along(forecast.days, theirs.low, day - laterDays))
      high[at] = Math.max(high[at]!, along(forecast.days, theirs.high, day - laterDays))
    })
  }
  return { low, typical: own.typical, high }
}

/**
 * One forecast of all that might be: the middle of the assumed one, and bands and windows from the first to the last of all. So they
 * are never narrower than those of one of which more is known.
 */
export function pooled(base: Forecast, others: readonly Other[]): Forecast {
  if (others.length === 0) return base
  return {
    ...base,
    series: Object.fromEntries(Object.entries(base.series).map(([name, band]) => [name, pooledBand(band, name, base, others)])),
    windows: Object.fromEntries(Object.entries(base.windows).map(([name, own]) => [name, pooledWindow(own, name, base, others)])),
    members: others.reduce((sum, { forecast }) => sum + forecast.members, base.members),
  }
}
