import { describe, expect, it } from 'vitest'
import { emptyCourse, type Course } from '../../heat/case'
import { coolDayOf, ripeDayOf, weekOfAir } from './ready-day'

function course(rows: Partial<Record<'coreC' | 'respirationMgG', readonly number[]>>): Course {
  const length = (rows.coreC ?? rows.respirationMgG)!.length
  const made = emptyCourse(Float64Array.from({ length }, (_, day) => day))
  for (const name of ['coreC', 'respirationMgG'] as const) made[name].set(rows[name] ?? new Array<number>(length).fill(0))
  return made
}

describe('the day on which a heap is ripe', () => {
  it('is the last on which it breathes more than the limit, straight between', () => {
    // 20 on day 2, 10 on day 3: 15 half way.
    expect(ripeDayOf(course({ respirationMgG: [60, 30, 20, 10, 8] }), 15)).toBeCloseTo(2.5, 6)
    // Raw stuff that was added starts it anew.
    expect(ripeDayOf(course({ respirationMgG: [60, 10, 40, 10, 8] }), 15)).toBeGreaterThan(2)
    expect(ripeDayOf(course({ respirationMgG: [9, 8, 7] }), 15)).toBe(0)
    expect(ripeDayOf(course({ respirationMgG: [60, 30, 20] }), 15)).toBeUndefined()
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
