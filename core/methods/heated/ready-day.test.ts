import { describe, expect, it } from 'vitest'
import { emptyCourse, type Course } from '../../heat/case'
import { coolDayOf, ripeDayOf, weekOfAir } from './ready-day'

function course(rows: Partial<Record<'coreC' | 'rawness', readonly number[]>>): Course {
  const length = (rows.coreC ?? rows.rawness)!.length
  const made = emptyCourse(Float64Array.from({ length }, (_, day) => day))
  for (const name of ['coreC', 'rawness'] as const) made[name].set(rows[name] ?? new Array<number>(length).fill(0))
  return made
}

describe('the day on which a heap is ripe', () => {
  it('is the last on which it breathes more than the limit, straight between', () => {
    // 4/3 on day 2, 2/3 on day 3: 1 half way.
    expect(ripeDayOf(course({ rawness: [4, 2, 4 / 3, 2 / 3, 0.5] }))).toBeCloseTo(2.5, 6)
    // Raw stuff that was added starts it anew.
    expect(ripeDayOf(course({ rawness: [4, 0.7, 3, 0.7, 0.5] }))).toBeGreaterThan(2)
    expect(ripeDayOf(course({ rawness: [0.9, 0.8, 0.7] }))).toBe(0)
    expect(ripeDayOf(course({ rawness: [4, 2, 1.3] }))).toBeUndefined()
  })
})

describe('the day from which on it no longer heats', () => {
  it('is told beside the air of a week, so that one frost does not make it warm', () => {
    const air = Float64Array.from({ length: 30 }, (_, day) => day === 20 ? -10 : 15)
    // On day 20 the week's air is (6·15 − 10)/7.
    expect(weekOfAir(air, 20)).toBeCloseTo(80 / 7, 9)
    const heats = course({ coreC: Array.from({ length: 30 }, (_, day) => day < 10 ? 40 : 18) })
    expect(coolDayOf(heats, air)).toBe(10)
    expect(weekOfAir(Float64Array.of(12), 99)).toBe(12)
  })
})
