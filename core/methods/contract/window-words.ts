import { isSameDay } from 'date-fns'
import { dateText, monthYearText } from '../../units/dates'
import { monthsText } from '../../units/plural'
import { DAY_MS } from '../../units/time'
import type { NamedWindow } from './look'

/** Where today stands to a window: far beyond what was looked at, before it, within it, or past the day that is most likely. */
export type WindowStage = 'beyond' | 'coming' | 'may-be' | 'begun'

type Told = Pick<NamedWindow, 'from' | 'to' | 'likely' | 'orLater' | 'beyond'>

/** The day from which it is taken to be so: the most likely one, where it is known. */
export function sinceOf({ from, likely }: Pick<NamedWindow, 'from' | 'likely'>): Date {
  return likely ?? from
}

/** Where today stands to a window. What is only possible so far is no "since". */
export function stageOf(window: Told, now: Date): WindowStage {
  if (window.beyond) return 'beyond'
  if (now < window.from) return 'coming'
  return now < sinceOf(window) ? 'may-be' : 'begun'
}

const DAYS_A_MONTH = 30.4

/** Wider than this its most likely month is told, not the day, days. */
const BY_MONTH_DAYS = 28

const isWide = ({ from, to }: Pick<NamedWindow, 'from' | 'to'>) => to.getTime() - from.getTime() > BY_MONTH_DAYS * DAY_MS

/** When it most likely comes: the month of a wide window, the day of a narrow one. Nothing where that is not known or is all of it. */
export function likelyWhen({ from, to, likely }: Told, day: (at: Date) => string = dateText): string | undefined {
  if (!likely || isSameDay(from, to) || day(from) === day(to)) return undefined
  return isWide({ from, to }) ? `in ${monthYearText(likely)}` : day(likely)
}

/** The days of a window in words, its most likely time first, without any that nobody looked at. */
export function windowDays(window: Told, now: Date, day: (at: Date) => string = dateText): string {
  switch (stageOf(window, now)) {
    case 'beyond': {
      const months = Math.floor((window.to.getTime() - now.getTime()) / DAY_MS / DAYS_A_MONTH)
      return `not within the next ${monthsText(Math.max(1, months))}`
    }
    case 'begun': return `since ${day(sinceOf(window))}`
    case 'may-be': return `may be already, most likely ${day(sinceOf(window))}`
    case 'coming': {
      const span = window.orLater
        ? `from ${day(window.from)} on`
        : day(window.from) === day(window.to) ? day(window.from) : `${day(window.from)} – ${day(window.to)}`
      const likely = likelyWhen(window, day)
      return likely ? `most likely ${likely}; ${span}` : span
    }
  }
}

/** The days of a window as a label has them, to be read next year: by the day where it is narrow, by the month where it is wide. */
export function labelDays(window: Told, now: Date): string {
  return windowDays(window, now, isWide(window) ? monthYearText : dateText)
}
