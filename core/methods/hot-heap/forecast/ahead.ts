import { emptyCourse, Run, type Course } from '../../../heat/course'
import { dayGrid, joined, type Member } from './members'
import { caseOf, type HeapQuestion } from './question'
import { ripeDayOf, RIPE_MG_G } from './ready-day'

/** What a member does from today on. */
export interface Ahead {
  /** Its whole course, past and to come, at the times that are shown. */
  readonly course: Course
  /** The day on which it is ripe, at most the horizon. */
  readonly readyDay: number
}

/** So far ahead every day is looked at; beyond it only ripeness counts, every few days, until it is reached. */
export const SHOWN_AHEAD_DAYS = 66
const COARSE = { everyDays: 3, times: 10 }

/** The times to come that are shown: finer while the heap is young. */
export function timesAhead(nowDay: number, horizonDay: number): Float64Array {
  const last = Math.min(horizonDay, Math.floor(nowDay) + SHOWN_AHEAD_DAYS)
  return Float64Array.from(dayGrid(nowDay, last).filter(day => day > nowDay + 1e-6))
}

function coarseTimes(fromDay: number, horizonDay: number): Float64Array {
  return Float64Array.from({ length: COARSE.times }, (_, index) => fromDay + (index + 1) * COARSE.everyDays).filter(day => day <= horizonDay)
}

/** The day on which a run that stands at a day is ripe, looking on until it is or the horizon comes. */
function ripeLater(run: Run, fromDay: number, horizonDay: number, limit: number, stillToDo: (day: number) => boolean): number {
  let day = fromDay
  let ripe: number | undefined
  for (;;) {
    const times = coarseTimes(day, horizonDay)
    if (times.length === 0) return ripe ?? horizonDay
    const course = emptyCourse(times)
    run.goOn(course)
    const here = ripeDayOf(course, limit)
    ripe = here === undefined ? undefined : ripe !== undefined && here === course.days[0] ? ripe : here
    day = times.at(-1)!
    if (ripe !== undefined && !stillToDo(day)) return ripe
  }
}

/** Lets a member go on from today. */
export function goAhead(question: HeapQuestion, { traits, course: past, halt }: Member, times: Float64Array): Ahead {
  const { horizonDay, deeds, nowDay } = question
  const limit = RIPE_MG_G * traits.ripe
  const run = new Run(caseOf(question), traits, halt)
  const shown = emptyCourse(times)
  run.goOn(shown)
  const course = joined(past, shown)
  const end = times.at(-1) ?? nowDay
  const stillToDo = (day: number) => deeds.some(deed => deed.day > day)
  const soon = ripeDayOf(course, limit)
  const readyDay = soon !== undefined && !stillToDo(end) ? soon : end >= horizonDay ? soon ?? horizonDay : ripeLater(run, end, horizonDay, limit, stillToDo)
  return { course, readyDay: Math.min(horizonDay, readyDay) }
}
