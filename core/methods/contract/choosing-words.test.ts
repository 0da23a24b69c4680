import { describe, expect, it } from 'vitest'
import { METHODS } from '..'
import { timeText, workText } from './choosing-words'

const takes = (low: number, high: number) => timeText({ weeks: { low, typical: (low + high) / 2, high } })

describe('how long a way takes, in words', () => {
  it.each([
    [0, 0, 'of use the day it lies'], [0.3, 1, '2 days to 1 week'], [0.1, 3, '1 day to 3 weeks'], [3, 6, '3 to 6 weeks'], [6, 6, '6 weeks'],
    [4, 13, '1 to 3 months'], [12, 14, '3 months'], [26, 52, '6 to 12 months'], [26, 104, '6 months to 2 years'], [52, 157, '1 to 3 years'],
  ])('%d to %d weeks is %s', (low, high, said) => {
    expect(takes(low, high)).toBe(said)
  })
  it('never says one of many, of any method', () => {
    for (const { face: { choosing } } of METHODS) {
      expect(timeText(choosing)).not.toMatch(/\b1 (days|weeks|months|years)\b|\b([02-9]|\d\d+) (day|week|month|year)\b/)
      expect(workText(choosing)).not.toMatch(/\b1 minutes\b/)
    }
  })
})
