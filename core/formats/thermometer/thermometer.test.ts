import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { proposeReading, type Reading } from './columns'
import { guessOrder, readMoment } from './dates'
import { eventsOfSeries } from './events'
import { Gatherer } from './gather'
import { readNumber } from './numbers'

const rows = (text: string, mark = ';') => text.trim().split('\n').map(line => line.trim().split(mark))
function gather(table: readonly (readonly string[])[], reading: Reading) {
  const gatherer = new Gatherer(reading)
  for (const row of table.slice(reading.heading ? 1 : 0)) gatherer.take(row)
  return gatherer.result()
}

describe('numbers', () => {
  it.each([
    ['21.5', 21.5], ['21,5', 21.5], ['1.021,5', 1021.5], ['1,021.5', 1021.5], ['−3,2 °C', -3.2], ['140 °F', 140], ['+7', 7],
    ['', undefined], ['n/a', undefined], ['--', undefined], ['1e3', undefined],
  ])('%s is read as %s', (text, value) => {
    expect(readNumber(text)).toBe(value)
  })
})

describe('dates', () => {
  const local = (...parts: [number, number, number, number, number]) => new Date(...parts).getTime()
  it.each([
    ['2026-05-04 14:05', 'dmy', local(2026, 4, 4, 14, 5)],
    ['04.05.2026 14:05', 'dmy', local(2026, 4, 4, 14, 5)],
    ['05/04/26 2:05 pm', 'mdy', local(2026, 4, 4, 14, 5)],
    ['4.5.2026, 14.05', 'dmy', local(2026, 4, 4, 14, 5)],
    ['2026-05-04T14:05:00Z', 'dmy', Date.UTC(2026, 4, 4, 14, 5)],
    ['2026-05-04T14:05:00+02:00', 'dmy', Date.UTC(2026, 4, 4, 12, 5)],
    ['1777903500', 'dmy', 1777903500000],
    ['31/02/2026 10:00', 'dmy', undefined],
    ['yesterday', 'dmy', undefined],
    ['04.05.2026 25:00', 'dmy', undefined],
  ] as const)('%s in order %s', (text, order, moment) => {
    expect(readMoment(text, order)).toBe(moment)
  })

  it('know their order once a day beyond the twelfth was met', () => {
    expect(guessOrder(['04/05/2026', '13/05/2026'])).toMatchObject({ order: 'dmy', sure: true })
    expect(guessOrder(['04/05/2026', '04/13/2026'])).toMatchObject({ order: 'mdy', sure: true })
    expect(guessOrder(['04/05/2026', '06/05/2026']).sure).toBe(false)
  })
})

describe('what a file is taken for', () => {
  it('one column for the moment, two depths, a battery that is not ours', () => {
    const found = proposeReading(
      rows(`Timestamp;Core (°C);Edge (°C);Battery\n2026-05-04 10:00;58,2;31,0;97\n2026-05-04 11:00;58,9;31,4;97`),
    )
    expect(found).toMatchObject({ roles: ['time', 'core', 'edge', 'ignore'], order: 'ymd', unit: 'C', heading: true, doubts: [] })
  })

  it('date and clock apart, no names, °F by its size', () => {
    const found = proposeReading(rows(`05/13/2026,2:00 PM,139.5\n05/14/2026,2:00 PM,141.2`, ','))
    expect(found).toMatchObject({ roles: ['date', 'clock', 'core'], order: 'mdy', unit: 'F', heading: false, doubts: [] })
  })

  it('says what it doubts', () => {
    const found = proposeReading(rows('when;heat\n04/05/2026 10:00;55\n05/05/2026 10:00;58'))
    expect(found.doubts).toHaveLength(2)
    expect(proposeReading(rows('a;b\nx;y')).doubts.join(' ')).toMatch(/No column of dates.*No column of temperatures/)
  })
})

describe('gathering', () => {
  const messy = rows(`time;core
    05.05.2026 10:00;58,2
    04.05.2026 10:00;55,0
    05.05.2026 10:00;58,2
    05.05.2026 10:10;58,6
    05.05.2026 10:20;12,0

    06.05.2026 10:00;error
    not a date;60
    09.05.2026 10:00;985`)
  const found = gather(messy, { roles: ['time', 'core'], order: 'dmy', unit: 'C', heading: true })

  it('sorts, thins to the middle of a slot, counts what it leaves out and where it is silent', () => {
    expect(Array.from(found.series[0]!.celsius)).toEqual([55, 58.2])
    expect(found).toMatchObject({ rows: 8, unread: 2, impossible: 1, repeated: 1 })
    expect(found.firstUnread).toContain('06.05.2026')
    expect(found.longestGapDays).toBeCloseTo(1, 2)
  })

  it('°F becomes °C: 140 °F are 60 °C', () => {
    const table = rows('t;c\n2026-05-04 10:00;140')
    expect(gather(table, { roles: ['time', 'core'], order: 'ymd', unit: 'F', heading: true }).series[0]!.celsius[0]).toBeCloseTo(60, 9)
  })

  it('comes out the same whatever the order of the rows', () => {
    const table = Array.from({ length: 60 }, (_, index) => [
      new Date(Date.UTC(2026, 4, 4, 0, index * 17)).toISOString(), String(40 + (index % 7)),
    ])
    const reading: Reading = { roles: ['time', 'core'], order: 'ymd', unit: 'C', heading: false }
    const sorted = gather(table, reading)
    fc.assert(
      fc.property(fc.shuffledSubarray(table, { minLength: 60, maxLength: 60 }), (shuffled) => {
        expect(gather(shuffled, reading)).toEqual(sorted)
      }),
      { numRuns: 20 },
    )
  })

  it('becomes events that none is too long, from the day of building on', () => {
    const moments = Float64Array.from({ length: 4500 }, (_, index) => Date.UTC(2026, 4, 1) + index * 1_800_000)
    const celsius = new Float64Array(4500).fill(50.04)
    const events = eventsOfSeries([{ depth: 'core', moments, celsius }], 'b', '2026-05-02T00:00:00.000Z', 'log.csv')
    const sizes = events.map(event => event.kind === 'logged' ? event.minutes.length : 0)
    // 48 readings of the first day are before it was built.
    expect(sizes).toEqual([2000, 2000, 452])
    expect(events[0]).toMatchObject({ kind: 'logged', at: '2026-05-02T00:00:00.000Z', depth: 'core', source: 'log.csv' })
    expect(events[0]!.kind === 'logged' && events[0]!.tenthsC[0]).toBe(500)
  })
})
