import { addMinutes } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import type { DayWindow, NamedWindow, Surroundings } from '../contract'
import type { CourseQuestion } from './question'
import { COURSE } from './constants'

/** Before the forecast is there, so much sooner or later than one course says. */
export interface Roughly {
  readonly sooner: number
  readonly later: number
  /** Whether no day is told that lies beyond what was looked at. */
  readonly capped?: boolean
}

/** What a window says of its days. */
export type Span = Pick<NamedWindow, 'id' | 'from' | 'to' | 'orLater' | 'likely' | 'beyond'>

/** The moment so many days after a beginning, to the minute. */
export function daysAfter(at: string | Date, days: number): Date {
  return addMinutes(new Date(at), Math.round(days * 1440))
}

/** The windows of a batch, by the forecast where it is there and else by one course and a rough share to either side of it. */
export interface Spans {
  /** Days since the beginning. @param from the day that what is still to come is counted from. */
  days(id: string, typical: number, from?: number): DayWindow
  /** The same as dates. @param atLeast days that it lasts at least. */
  span(id: string, typical: number, from?: number, atLeast?: number): Span
}

/** Reads the windows of a batch. @param near days before the end of what was looked at, from which on it may be later. */
export function spansOf(
  batch: BegunBatch, surroundings: Pick<Surroundings, 'forecastOf'>, { horizonDay }: Pick<CourseQuestion, 'horizonDay'>,
  { sooner, later, capped = false }: Roughly, near = COURSE.nearEndDays,
): Spans {
  const forecast = surroundings.forecastOf?.(batch.id)
  const known = (id: string) => forecast?.windows[id]?.now
  const days: Spans['days'] = (id, typical, from = 0) =>
    known(id) ?? { low: from + (typical - from) * sooner, typical, high: from + (typical - from) * later }
  return {
    days,
    span: (id, typical, from = 0, atLeast = 0) => {
      const told = days(id, typical, from)
      // The day of the course in the middle, from which every other number is told, is the most likely one.
      const [low, middle, high] = [Math.min(told.low, typical), typical, Math.max(told.high, typical)]
      const isBeyond = (day: number) => day >= horizonDay - near
      const on = (day: number) => daysAfter(batch.began.at, capped ? Math.min(horizonDay, day) : day)
      return {
        id, from: on(low), to: on(Math.max(low + atLeast, high)),
        ...(isBeyond(middle) ? {} : { likely: on(middle) }),
        ...(isBeyond(high) ? { orLater: true } : {}),
        ...(isBeyond(low) ? { beyond: true } : {}),
      }
    },
  }
}
