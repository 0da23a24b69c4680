import { DAY_MS } from '../units/time'
import ical, { ICalCalendarMethod } from 'ical-generator'

/** One thing for the calendar: a stretch of days in which something is to be done or expected. */
export interface CalendarEntry {
  /** The same thing has the same id for ever, so that a calendar that takes the file again updates it. */
  readonly id: string
  readonly title: string
  readonly text: string
  readonly place: string
  readonly from: Date
  readonly to: Date
}

const HOST = 'wastrum.garden.invalid'

/** Midnight of a day in the reader's own time, as the day it is in a calendar file. */
function wholeDay(moment: Date): Date {
  return new Date(Date.UTC(moment.getFullYear(), moment.getMonth(), moment.getDate()))
}

/** Names stand on one line, whatever was typed or came out of a file. */
function oneLine(text: string): string {
  return text.replace(/[\p{Cc}\p{Zl}\p{Zp}]+/gu, ' ').trim()
}

/** What came of a calendar: the file, and what is not in it since no day is known for it. */
export interface CalendarFile { readonly text: string, readonly leftOut: readonly string[] }

const hasDays = ({ from, to }: CalendarEntry) => Number.isFinite(from.getTime()) && Number.isFinite(to.getTime())

/**
 * A calendar file (iCalendar, RFC 5545) of whole-day entries. An entry without a day is left out and named: it keeps nothing else
 * from being written.
 * @param writtenAt when the file is made: it stamps the entries, and a later file counts as newer.
 */
export function calendarText(name: string, entries: readonly CalendarEntry[], writtenAt: Date): CalendarFile {
  const calendar = ical({
    name: oneLine(name), prodId: { company: 'Wastrum', product: 'tasks', language: 'EN' }, method: ICalCalendarMethod.PUBLISH,
  })
  for (const { id, title, text, place, from, to } of entries.filter(hasDays)) {
    const start = wholeDay(from)
    // The end of a whole-day entry is the day after its last.
    const end = new Date(Math.max(wholeDay(to).getTime(), start.getTime()) + DAY_MS)
    calendar.createEvent({
      id: `${id}@${HOST}`, start, end, allDay: true, timezone: 'UTC', summary: oneLine(title), description: text,
      location: oneLine(place), stamp: writtenAt, sequence: Math.floor(writtenAt.getTime() / 60_000) % 2_000_000_000,
    })
  }
  return { text: calendar.toString(), leftOut: entries.filter(one => !hasDays(one)).map(({ title }) => oneLine(title)) }
}
