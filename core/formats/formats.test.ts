import fc from 'fast-check'
import ICAL from 'ical.js'
import Papa from 'papaparse'
import type { Gauge } from '../journal/garden'
import { describe, expect, it } from 'vitest'
import { GOOD_HEAP, heap, reading, surroundingsOn } from '../../test/builders/heaps'
import { agendaOf } from '../garden/agenda'
import { hotHeap } from '../methods/hot-heap'
import { calendarText } from './calendar'
import { plainCell, readingsCsv } from './readings-csv'

describe('the calendar file', () => {
  const standing = [{ batch: heap(GOOD_HEAP, [reading(1, 30)]), method: hotHeap }]
  const entries = agendaOf(standing, surroundingsOn(3))
  const parse = (text: string) => new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map(event => new ICAL.Event(event))

  it('is read back by another library: the same entries, whole days, ids of their own', () => {
    const read = parse(calendarText('Garden', entries, new Date('2026-05-04T10:00:00Z')).text)
    expect(read.map(({ summary }) => summary)).toEqual(entries.map(({ title }) => title))
    expect(new Set(read.map(({ uid }) => uid)).size).toBe(entries.length)
    expect(read.every(({ startDate, endDate }) => startDate.isDate && endDate.compare(startDate) > 0)).toBe(true)
    const heat = read.find(({ summary }) => summary === 'Read the heat: Heap')!
    expect(heat.startDate.toString()).toBe('2026-05-04')
    expect(heat.description).toBe(entries.find(({ title }) => title.startsWith('Read the heat'))!.text)
  })

  it('keeps the id of a thing when it moves, and a later file counts as newer', () => {
    const first = parse(calendarText('Garden', entries, new Date('2026-05-04T10:00:00Z')).text)
    const later = parse(calendarText('Garden', agendaOf(standing, surroundingsOn(9)), new Date('2026-05-10T10:00:00Z')).text)
    const ready = (all: typeof first) => all.find(({ summary }) => summary === 'Heap may be ready')!
    expect(ready(later).uid).toBe(ready(first).uid)
    expect(Number(ready(later).sequence)).toBeGreaterThan(Number(ready(first).sequence))
  })

  it('holds signs that mean something to calendars as plain text', () => {
    const odd = [{
      id: 'a', title: 'Turn; water, and \\ look', text: 'one\ntwo', place: 'by; the wall', from: new Date(2026, 4, 4, 9),
      to: new Date(2026, 4, 6, 9),
    }]
    const [event] = parse(calendarText('x', odd, new Date('2026-05-04T10:00:00Z')).text)
    expect(event!.summary).toBe('Turn; water, and \\ look')
    expect(event!.description).toBe('one\ntwo')
    expect(event!.endDate.toString()).toBe('2026-05-07')
  })
})

describe('an entry without a day', () => {
  it('is left out and named, and the others are written', () => {
    const entry = (title: string, from: Date) => ({ id: title, title, text: '', place: '', from, to: from })
    const file = calendarText('x', [entry('Turn', new Date(2026, 4, 4)), entry('Dry', new Date(NaN))], new Date('2026-05-04T10:00:00Z'))
    expect(file.leftOut).toEqual(['Dry'])
    expect(file.text).toMatch(/SUMMARY:Turn/)
    expect(file.text).not.toMatch(/Dry|NaN|Invalid/)
  })
})

describe('a name with a line break', () => {
  it('stays on its line in a calendar file', () => {
    const { text } = calendarText(
      'Back\r\nBEGIN:VEVENT\u2028garden',
      [{ id: 'a', title: 'Turn\nit', text: '', place: 'by\rthe wall', from: new Date(2026, 4, 4), to: new Date(2026, 4, 4) }],
      new Date('2026-05-04T10:00:00Z'),
    )
    expect(text).toMatch(/NAME:Back BEGIN:VEVENT garden\r\n/)
    expect(text).toMatch(/SUMMARY:Turn it\r\n/)
    expect(text).toMatch(/LOCATION:by the wall\r\n/)
    expect(text.split('\r\n').filter(line => line === 'BEGIN:VEVENT')).toHaveLength(1)
  })
})

const gauge = (eventId: string, day: number, spot: string, value: number, source: Gauge['source']): Gauge => ({
  eventId, at: `2026-05-0${day}T10:00:00.000Z`, spot, value, source,
})

describe('readings as a table', () => {
  it('come out as they went in', () => {
    const rows = Papa.parse<string[]>(
      readingsCsv(
        'Apple bay', ['core', 'edge'],
        [gauge('a', 4, 'core', 58.25, 'hand'), gauge('b', 5, 'core', -3, 'probe'), gauge('b', 5, 'edge', 21, 'probe')],
      ),
      { skipEmptyLines: true },
    ).data
    expect(rows).toEqual([
      ['time', 'core °C', 'edge °C', 'source', 'batch'],
      ['2026-05-04T10:00:00.000Z', '58.3', '', 'hand', 'Apple bay'],
      ['2026-05-05T10:00:00.000Z', '-3', '21', 'probe', 'Apple bay'],
    ])
  })

  it('never begin a cell as a formula does', () => {
    expect(plainCell('=HYPERLINK("x")')).toBe('\'=HYPERLINK("x")')
    expect(plainCell('-12.5')).toBe('-12.5')
    fc.assert(fc.property(fc.string(), (name) => {
      const table = readingsCsv(name, ['core'], [gauge('a', 4, 'core', 1, 'hand')])
      const cell = Papa.parse<string[]>(table, { delimiter: ',' }).data[1]!.at(-1)!
      expect(/^[=+@\t\r]/.test(cell)).toBe(false)
    }))
  })
})
