import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { agoText } from './ago'

const NOW = new Date(2027, 3, 20, 10)
const before = (days: number) => new Date(2027, 3, 20 - days, 18)

describe('how long ago something was', () => {
  it('is said as a neighbour says it', () => {
    // 590 / 30.44 = 19.4 months; 731 / 365.25 = 2.0 years.
    expect([0, 1, 2, 59, 61, 590, 731, 1100].map(days => agoText(before(days), NOW))).toEqual([
      'today', 'yesterday', '2 days ago', '59 days ago', '2 months ago', '19 months ago', '2 years ago', '3 years ago',
    ])
  })

  it('counts nights, not hours: last evening was yesterday', () => {
    expect(agoText(new Date(2027, 3, 19, 23, 59), new Date(2027, 3, 20, 0, 1))).toBe('yesterday')
    expect(agoText(new Date(2027, 3, 20, 0, 1), new Date(2027, 3, 20, 23, 59))).toBe('today')
  })

  it('is never less than one of what it counts, and a moment ahead is today', () => {
    fc.assert(fc.property(fc.integer({ min: -400, max: 20_000 }), days =>
      !/\b(0|1) (days|months|years)|NaN/.test(agoText(before(days), NOW)),
    ))
  })
})
