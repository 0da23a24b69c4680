import { COURSE_ROWS, emptyCourse, type Course } from '../../../heat/case'
import { Run } from '../../../heat/course'
import { SHELLS } from '../../../heat/heap'
import { curedDayOf, ripeDayOf } from '../ready-day'
import { caseOf, type HeatedQuestion } from '../question'
import { workedUp, type Worked } from '../working'
import { dayGrid, joined, type Member, type WentOn } from './members'
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
  readonly ripeAt: number
  readonly workingDays: number
  readonly stillToDo: (day: number) => boolean
}

/** The day on which a run that stands at a day is ripe and has worked so long, looking on until then or to the horizon. */
function readyLater(run: Run, fromDay: number, horizonDay: number, { ripeAt, workingDays, stillToDo }: Wanted, soon: Worked): number {
  let day = fromDay
  let ripe: number | undefined
  let worked = soon
  for (;;) {
    const times = coarseTimes(day, horizonDay)
    if (times.length === 0) return worked.day === undefined ? horizonDay : Math.max(ripe ?? horizonDay, worked.day)
    const course = emptyCourse(times)
    run.goOn(course)
    const here = ripeDayOf(course, ripeAt)
    ripe = here === undefined ? undefined : ripe !== undefined && here === course.days[0] ? ripe : here
    worked = workedUp(course, worked, day, workingDays)
    day = times.at(-1)!
    if (ripe !== undefined && worked.day !== undefined && !stillToDo(day)) return Math.max(ripe, worked.day)
  }
}

/** Lets a member go on from today. */
function wentOn(question: HeatedQuestion, { point, traits, course: past, halt }: Member, times: Float64Array): WentOn {
  const { horizonDay, deeds, nowDay } = question
  // Twelve months or more: what takes longest to please its gardener has to work longest, and none is called ready sooner.
  const workingDays = question.workingDays * Math.max(1, traits.ripe) ** 2
  const ripeAt = question.ripeAt * traits.ripe
  const wanted = { ripeAt, workingDays, stillToDo: (day: number) => deeds.some(deed => deed.day > day) }
  const run = new Run(caseOf(question), traits, halt)
  const shown = emptyCourse(times)
  run.goOn(shown)
  const atEnd = run.halt()
  const course = joined(past, shown)
  const end = times.at(-1) ?? nowDay
  const soon = ripeDayOf(course, ripeAt)
  const worked = workedUp(course, { days: 0 }, 0, workingDays)
  const done = soon !== undefined && worked.day !== undefined ? Math.max(soon, worked.day) : undefined
  const readyDay = done !== undefined && (!wanted.stillToDo(end) || end >= horizonDay)
    ? done
    : end >= horizonDay ? horizonDay : readyLater(run, end, horizonDay, wanted, worked)
  return {
    point, fromDay: nowDay, shown, halt: atEnd,
    // What still heats is not ripe, and then it cures.
    readyDay: Math.min(horizonDay, Math.max(readyDay, curedDayOf(course, question.weather.airC))),
    tendedDay: Math.min(shown.habitTurns[0] ?? Infinity, shown.habitWaterings[0]?.day ?? Infinity),
  }
}

/** Whether a member goes on from today as it went on from a day before: nothing was done since, nor would have been by habit. */
function stillHolds({ fromDay, tendedDay }: WentOn, { deeds, habitFromDay }: HeatedQuestion): boolean {
  return tendedDay > habitFromDay && !deeds.some(({ day }) => day > fromDay)
}

/** The same way, as it is shown from today: what was shown before, and the days that come to it. */
function furtherOn(question: HeatedQuestion, { traits }: Member, times: Float64Array, known: WentOn): WentOn {
  const shown = emptyCourse(times)
  const from = times.findIndex(day => day > known.shown.days.at(-1)! + HEATED.sameDay)
  const held = from < 0 ? times.length : from
  for (let at = 0; at < held; at++) {
    const there = known.shown.days.findIndex(day => day >= times[at]! - HEATED.sameDay)
    for (const row of COURSE_ROWS) shown[row][at] = known.shown[row][there]!
    shown.shellsC.set(known.shown.shellsC.subarray(there * SHELLS, (there + 1) * SHELLS), at * SHELLS)
  }
  shown.habitTurns.push(...known.shown.habitTurns)
  shown.habitWaterings.push(...known.shown.habitWaterings)
  if (held === times.length) return { ...known, shown }
  const run = new Run(caseOf(question), traits, known.halt)
  const more = emptyCourse(times.slice(held))
  run.goOn(more)
  for (const row of COURSE_ROWS) shown[row].set(more[row], held)
  shown.shellsC.set(more.shellsC, held * SHELLS)
  shown.habitTurns.push(...more.habitTurns)
  shown.habitWaterings.push(...more.habitWaterings)
  return { ...known, shown, halt: run.halt() }
}

/** How a member goes on from today, from nothing or from how it went on when it was last asked. */
export function goAhead(question: HeatedQuestion, member: Member, times: Float64Array, known?: WentOn): Ahead & { readonly on: WentOn } {
  const on = known?.point === member.point && known.shown.days.length > 0 && stillHolds(known, question)
    ? furtherOn(question, member, times, known)
    : wentOn(question, member, times)
  return { course: joined(member.course, on.shown), readyDay: on.readyDay, on }
}
