import { emptyCourse, type Course } from '../../../heat/case'
import { Run } from '../../../heat/course'
import { coolDayOf, ripeDayOf } from '../ready-day'
import { caseOf, type HeatedQuestion } from '../question'
import { workedUp, type Worked } from '../working'
import { dayGrid, joined, type Member } from './members'
import { HEATED } from '../constants'

/** What a member does from today on. */
export interface Ahead {
  /** Its whole course, past and to come, at the times that are shown. */
  readonly course: Course
  /** The day on which it is ripe and has worked long enough, at most the horizon. */
  readonly readyDay: number
}

/** The times to come that are shown: finer while the heap is young. */
export function timesAhead(nowDay: number, horizonDay: number): Float64Array {
  const last = Math.min(horizonDay, Math.floor(nowDay) + HEATED.shownAheadDays)
  return Float64Array.from(dayGrid(nowDay, last).filter(day => day > nowDay + 1e-6))
}

function coarseTimes(fromDay: number, horizonDay: number): Float64Array {
  return Float64Array.from({ length: HEATED.coarse.times }, (_, index) => fromDay + (index + 1) * HEATED.coarse.everyDays).filter(
    day => day <= horizonDay,
  )
}

/** What has to come before it is ready. */
interface Wanted {
  readonly limitMgG: number
  readonly workingDays: number
  readonly stillToDo: (day: number) => boolean
}

/** The day on which a run that stands at a day is ripe and has worked so long, looking on until then or to the horizon. */
function readyLater(run: Run, fromDay: number, horizonDay: number, { limitMgG, workingDays, stillToDo }: Wanted, soon: Worked): number {
  let day = fromDay
  let ripe: number | undefined
  let worked = soon
  for (;;) {
    const times = coarseTimes(day, horizonDay)
    if (times.length === 0) return worked.day === undefined ? horizonDay : Math.max(ripe ?? horizonDay, worked.day)
    const course = emptyCourse(times)
    run.goOn(course)
    const here = ripeDayOf(course, limitMgG)
    ripe = here === undefined ? undefined : ripe !== undefined && here === course.days[0] ? ripe : here
    worked = workedUp(course, worked, day, workingDays)
    day = times.at(-1)!
    if (ripe !== undefined && worked.day !== undefined && !stillToDo(day)) return Math.max(ripe, worked.day)
  }
}

/** Lets a member go on from today. */
export function goAhead(question: HeatedQuestion, { traits, course: past, halt }: Member, times: Float64Array): Ahead {
  const { horizonDay, deeds, nowDay } = question
  // Twelve months or more: what takes longest to please its gardener has to work longest, and none is called ready sooner.
  const workingDays = question.workingDays * Math.max(1, traits.ripe) ** 2
  const limitMgG = HEATED.ripeMgG * traits.ripe
  const run = new Run(caseOf(question), traits, halt)
  const shown = emptyCourse(times)
  run.goOn(shown)
  const course = joined(past, shown)
  const end = times.at(-1) ?? nowDay
  const stillToDo = (day: number) => deeds.some(deed => deed.day > day)
  const soon = ripeDayOf(course, limitMgG)
  const worked = workedUp(course, { days: 0 }, 0, workingDays)
  const done = soon !== undefined && worked.day !== undefined
  const readyDay
    = done && !stillToDo(end)
      ? Math.max(soon, worked.day)
      : end >= horizonDay
        ? done
          ? Math.max(soon, worked.day)
          : horizonDay
        : readyLater(run, end, horizonDay, { limitMgG, workingDays, stillToDo }, worked)
  // What still heats is not ripe.
  const cool = coolDayOf(course, question.weather.airC)
  return { course, readyDay: Math.min(horizonDay, Math.max(readyDay, cool)) }
}
