import { afterEach, describe, expect, it } from 'vitest'
import { dayText, monthYearText, timeText, weekdayDateText } from './dates'
import { numberText, quantityText } from './format'
import { decimalSign, englishOf, writeAsIn } from './region'

afterEach(() => writeAsIn('en-GB'))
const NOON = new Date(2026, 10, 26, 14, 5)

describe('numbers and dates of a region', () => {
  it('keep English words: the comma and the order are of the place', () => {
    expect([dayText(NOON), numberText(1234.5, 1), decimalSign()]).toEqual(['26 November', '1,234.5', '.'])
    writeAsIn('de-DE')
    expect([dayText(NOON), numberText(1234.5, 1), decimalSign(), quantityText('mass', 'metric', 3.5, 1)]).toEqual([
      '26 November', '1.234,5', ',', '3,5 kg',
    ])
    writeAsIn('en-US')
    expect([dayText(NOON), weekdayDateText(NOON), monthYearText(NOON), numberText(1234.5, 1)]).toEqual([
      'November 26', 'Thursday, November 26', 'November 2026', '1,234.5',
    ])
    expect(timeText(NOON).replace(/\s/g, ' ')).toBe('02:05 PM')
  })

  it('are found from a tag with or without a region, and from none', () => {
    expect(['de', 'de-AT', 'en', 'fr', 'x', ''].map(englishOf)).toEqual(['en-DE', 'en-AT', 'en-US', 'en-FR', 'en-GB', 'en-GB'])
  })
})
