import { describe, expect, it } from 'vitest'
import type { Forecast } from './forecast'
import { byPressing } from './pressing'

const NOW = new Date('2027-04-20T10:00:00Z')
const begun = (id: string, at: string) => ({ id, began: { at: `${at}T10:00:00Z` } })
/** Windows by their last day, counted from the beginning of the batch. */
const forecast = (...highs: readonly number[]): Forecast => ({
  days: new Float64Array(), series: {}, rows: {}, horizonDay: 300, members: 1, effective: 1, rounds: 1,
  windows: Object.fromEntries(highs.map((high, at) => {
    const window = { low: 0, typical: high / 2, high }
    return [`w${at}`, { start: window, now: window, moves: [] }]
  })),
})
const order = (known: Readonly<Record<string, Forecast>>, inView?: string) =>
  byPressing([
    begun('old', '2026-10-20'), begun('new', '2027-04-18'), begun('winter', '2027-01-20'), begun('spring', '2027-03-21'),
  ], ({ id }) => id === inView, ({ id }) => known[id], NOW).map(({ id }) => id)

describe('which forecast is worked out first', () => {
  it('the youngest, where nothing is known of any', () => {
    expect(order({})).toEqual(['new', 'spring', 'winter', 'old'])
  })

  it('what has none before what has one, then what comes soonest', () => {
    // Old is 182 days of age, winter 90, spring 30: 8 days to go, 30 and 20; the window of day 10 is over.
    expect(order({ old: forecast(10, 190), winter: forecast(120), spring: forecast(50) })).toEqual(['new', 'old', 'spring', 'winter'])
  })

  it('what has nothing ahead last, and what is in view before all', () => {
    expect(order({ new: forecast(1), old: forecast(), winter: forecast(200), spring: forecast(90) }, 'old'))
      .toEqual(['old', 'spring', 'winter', 'new'])
  })
})
