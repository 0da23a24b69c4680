import { addDays } from 'date-fns'
import { describe, expect, it } from 'vitest'
import { labelDays, likelyWhen, stageOf, windowDays } from './window-words'

const NOW = new Date('2027-04-20T10:00:00Z')
const on = (day: number) => addDays(NOW, day)
const window = (from: number, to: number, likely?: number) =>
  ({ from: on(from), to: on(to), ...(likely === undefined ? {} : { likely: on(likely) }) })

describe('the days of a window in words', () => {
  it('tell the day of one of four weeks, and the month of a wider one', () => {
    // From 30 April: 28 days later it is 28 May.
    expect(windowDays(window(10, 38, 20), NOW)).toBe('most likely 10 May 2027; 30 April 2027 – 28 May 2027')
    expect(windowDays(window(10, 39, 20), NOW)).toBe('most likely in May 2027; 30 April 2027 – 29 May 2027')
  })

  it('on a label, are months where it is wide and no month twice', () => {
    expect(labelDays(window(10, 38, 20), NOW)).toBe('most likely 10 May 2027; 30 April 2027 – 28 May 2027')
    expect(labelDays(window(1, 200, 100), NOW)).toMatch(/^most likely in July 2027; April 2027 – November 2027$/)
    // The first to the thirtieth of May: one month, once.
    expect(labelDays(window(11, 40, 20), NOW)).toBe('May 2027')
  })

  it('know where today stands to it', () => {
    expect([window(1, 9, 5), window(-1, 9, 5), window(-9, 9, -1), { ...window(1, 9), beyond: true }].map(one => stageOf(one, NOW)))
      .toEqual(['coming', 'may-be', 'begun', 'beyond'])
    expect(windowDays(window(-9, 9, -1), NOW)).toBe('since 19 April 2027')
    expect(windowDays({ ...window(1, 9), orLater: true }, NOW)).toBe('from 21 April 2027 on')
    // 100 days ahead are three months of 30.4.
    expect(windowDays({ ...window(1, 100), beyond: true }, NOW)).toBe('not within the next 3 months')
    expect(likelyWhen(window(3, 3, 3))).toBeUndefined()
  })
})
