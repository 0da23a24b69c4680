import { describe, expect, it } from 'vitest'
import { DAY_MS } from '../../units/time'
import { chartRows, chartSentences } from './chart-words'
import type { Chart, NamedWindow } from './look'

const DAY0 = new Date(2026, 10, 1, 12).getTime()
const day = (number: number) => DAY0 + number * DAY_MS
const heat: Chart = {
  id: 'heat', title: 'Heat', unit: 'temperature', atStart: [], marks: [],
  expected: [0, 5, 10, 15, 20].map(number => ({ at: day(number), low: 50 - number, typical: 55 - number, high: 60 - number })),
  dots: [
    { name: 'edge', main: false, points: [{ at: day(1), value: 20 }] },
    {
      name: 'core', main: true,
      points: [
        { at: day(2), value: 50 }, { at: day(4), value: 63 }, { at: day(6), value: 99, odd: true }, { at: day(8), value: 54 },
      ],
    },
  ],
}
const ready: NamedWindow = {
  id: 'ready', label: 'Ready', from: new Date(day(80)), to: new Date(day(110)), reasons: [], coming: '', announced: '', begun: '',
}
const plain = (text: string) => text.replace(/\u00A0/g, ' ')

describe('a chart in words', () => {
  it('says the latest and the highest that is not odd, what comes and the window', () => {
    expect(plain(chartSentences(heat, [ready], new Date(day(10)), 'metric'))).toBe(
      'Latest 54 °C on 9 November, highest 63 °C on 5 November. Expected now 40–50 °C, in a week 35–45 °C. Ready: 20 January 2027 – 19 '
      + 'February 2027.',
    )
    expect(plain(chartSentences(heat, [], new Date(day(10)), 'us'))).toMatch(/^Latest 129 °F on 9 November, highest 145 °F/)
  })

  it('says when nothing was read and promises nothing beyond what was worked out', () => {
    expect(chartSentences({ ...heat, dots: [], expected: [] }, [], new Date(day(10)), 'metric')).toBe('Nothing read so far.')
    expect(plain(chartSentences(heat, [], new Date(day(18)), 'metric'))).toMatch(/Expected now 30–40 °C\.$/)
  })

  it('is a table with what was expected beside what was read, odd ones marked', () => {
    const rows = chartRows(heat, new Date(day(10)), 'metric').map(({ day: on, read, expected }) => plain(`${on} | ${read} | ${expected}`))
    expect(rows[0]).toBe('3 Nov 2026 | 50 °C | 50–60 °C')
    expect(rows[2]).toMatch(/99 °C, odd/)
    // Now, in three days and in a week; a fortnight ahead is beyond what was worked out.
    expect(rows.slice(4)).toEqual(['11 Nov 2026 |  | 40–50 °C', '14 Nov 2026 |  | 35–45 °C', '18 Nov 2026 |  | 35–45 °C'])
  })
})
