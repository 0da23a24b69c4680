import { addHours, differenceInCalendarDays } from 'date-fns'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { middleOf, seasonsSoFar, spanOf, spanText, type Since } from './since'

const NOW = new Date(2026, 10, 27, 10)
const span = (since: Since) => {
  const said = spanOf(since, NOW)
  if (!said.ok) throw new Error(said.error)
  return said.value
}
const daysBack = (at: Date) => (NOW.getTime() - at.getTime()) / 86_400_000

describe('since when something stands', () => {
  it('means about five weeks to a share of them, and about one year to a share of a year', () => {
    // 15 % of 5 weeks is 0.75 of a week: 5.75 and 4.25 weeks back.
    expect(daysBack(span({ kind: 'about', count: 5, unit: 'weeks' }).from)).toBeCloseTo(40.25, 6)
    expect(daysBack(span({ kind: 'about', count: 5, unit: 'weeks' }).to)).toBeCloseTo(29.75, 6)
    // Of one year 15 % would be finer than anybody remembers: three tenths of a year, 1.3 · 365.25 = 474.825 days.
    expect(daysBack(span({ kind: 'about', count: 1, unit: 'years' }).from)).toBeCloseTo(474.825, 6)
    expect(daysBack(middleOf(span({ kind: 'about', count: 1, unit: 'years' })))).toBeCloseTo(365.25, 6)
  })

  it('takes a season as its three months, and no more of it than is past', () => {
    expect(span({ kind: 'season', first: '2025-09' })).toEqual({ from: new Date(2025, 8, 1), to: new Date(2025, 10, 30, 23, 59, 59, 999) })
    expect(span({ kind: 'season', first: '2026-09' }).to).toEqual(NOW)
  })

  it('takes a day as its noon, and today as now while its noon is still to come', () => {
    expect(span({ kind: 'day', day: '2026-11-25' })).toEqual({ from: new Date(2026, 10, 25, 12), to: new Date(2026, 10, 25, 12) })
    expect(span({ kind: 'day', day: '2026-11-27' }).from).toEqual(NOW)
  })

  it.each<[Since, string]>([
    [{ kind: 'about', count: 0, unit: 'weeks' }, 'not-said'], [{ kind: 'about', count: NaN, unit: 'weeks' }, 'not-said'],
    [{ kind: 'month', month: '2026-13' }, 'not-said'], [{ kind: 'day', day: 'soon' }, 'not-said'],
    [{ kind: 'day', day: '2026-11-28' }, 'to-come'], [{ kind: 'month', month: '2026-12' }, 'to-come'],
    [{ kind: 'about', count: 40, unit: 'years' }, 'too-long-ago'],
  ])('asks back for %j', (since, error) => {
    expect(spanOf(since, NOW)).toEqual({ ok: false, error })
  })

  it('offers the seasons so far, each where it is: autumn in the north is spring in the south', () => {
    expect(seasonsSoFar(NOW, false).map(({ label }) => label)).toEqual([
      'autumn 2026', 'summer 2026', 'spring 2026', 'winter 2025/26', 'autumn 2025',
    ])
    expect(seasonsSoFar(NOW, true).map(({ label }) => label)[0]).toBe('spring 2026')
    expect(seasonsSoFar(new Date(2027, 0, 5), false)[0]).toEqual({ first: '2026-12', label: 'winter 2026/27' })
  })

  it('never ends before it begins nor after now, whatever is said', () => {
    fc.assert(fc.property(
      fc.double({ min: 0.5, max: 60, noNaN: true }), fc.constantFrom('weeks', 'months', 'years'), fc.nat(3000),
      (count, unit, hours) => {
        const now = addHours(NOW, hours)
        const said = spanOf({ kind: 'about', count, unit }, now)
        if (!said.ok) return
        expect(said.value.from <= said.value.to && said.value.to <= now).toBe(true)
      },
    ))
  })

  it('is told as a day where it is one, else as the months it lies in', () => {
    expect(spanText(span({ kind: 'day', day: '2026-11-25' }))).toBe('since 25 November 2026')
    expect(spanText(span({ kind: 'month', month: '2026-05' }))).toBe('since May 2026')
    expect(spanText(span({ kind: 'season', first: '2025-09' }))).toBe('since some time between September 2025 and November 2025')
    expect(differenceInCalendarDays(NOW, span({ kind: 'about', count: 2, unit: 'weeks' }).from)).toBeGreaterThan(14)
  })
})
