import { COURSE_ROWS, emptyCourse, type Course, type CourseRow, type Deed, type HeapCase } from '../../../heat/case'
import { Run, type Halt } from '../../../heat/course'
import { traitsAt, type Traits } from '../../../heat/traits'
import { caseOf, type HeatedQuestion } from '../question'
import { HEATED } from '../constants'

/** One possible heap: its traits, its course up to today, and where it stands to go on from. */
export interface Member {
  readonly point: Float64Array
  readonly traits: Traits
  readonly course: Course
  readonly halt: Halt
}

/** The days that are looked at from one day up to another: half days while a heap is young. */
export function dayGrid(fromDay: number, toDay: number): number[] {
  const days: number[] = []
  for (let half = Math.ceil(fromDay * 2); half <= toDay * 2 + 1e-9; half++)
    if (half % 2 === 0 || half < HEATED.youngDays * 2) days.push(half / 2)
  return days
}

/** The times of the past, from one day up to another: the usual ones, the sides of every deed, and the last moment. */
export function pastTimes(deeds: readonly Deed[], fromDay: number, toDay: number): Float64Array {
  const all = [...dayGrid(0, toDay), ...deeds.flatMap(({ day }) => [day - HEATED.besideDays, day + HEATED.besideDays]), toDay]
  return Float64Array.from(new Set(all.filter(day => day >= 0 && day <= toDay && (fromDay === 0 ? day >= 0 : day > fromDay)))).sort()
}

/** Two courses of one heap, one after the other. */
export function joined(first: Course, second: Course): Course {
  const course = emptyCourse(Float64Array.from([...first.days, ...second.days]))
  for (const row of [...COURSE_ROWS, 'shellsC'] as const) {
    course[row].set(first[row])
    course[row].set(second[row], first[row].length)
  }
  course.habitTurns.push(...first.habitTurns, ...second.habitTurns)
  course.habitWaterings.push(...first.habitWaterings, ...second.habitWaterings)
  return course
}

/** What a course has at a day: straight between the times at which it was noted. */
export function valueAt({ days, ...rows }: Course, row: CourseRow, day: number): number {
  const values = rows[row]
  let low = 0
  let high = days.length - 1
  if (day >= days[high]!) return values[high]!
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (days[middle]! <= day) low = middle
    else high = middle
  }
  const span = days[high]! - days[low]!
  return span > 0 ? values[low]! + (values[high]! - values[low]!) * (day - days[low]!) / span : values[low]!
}

/** Everything of a question that a course up to a day depends on, as text. */
function pastKey({ charge, standing, weather, deeds, startsAboveK, starter, iceMJ }: HeatedQuestion, day: number): string {
  const days = Math.floor(day) + 1
  const measured = weather.measured?.subarray(0, days) ?? []
  return JSON.stringify([
    charge, standing, startsAboveK, starter, iceMJ, weather.openShare, deeds.filter(deed => deed.day <= day),
    [...weather.airC.subarray(0, days)], [...weather.rainMm.subarray(0, days)], [...measured],
  ])
}

/** How a member went on from a day, kept so that it need not go the same way again. */
export interface WentOn {
  /** Whose way it is. */
  readonly point: Float64Array
  readonly fromDay: number
  /** At the times that were shown, and where it stood at the last of them. */
  readonly shown: Course
  readonly halt: Halt
  readonly readyDay: number
  /** The first day on which it was turned or watered by habit; none is endless. */
  readonly tendedDay: number
}

/** What a course from today on depends on beside its member, as text. */
function futureKey({ weather, horizonDay, turning, watering, workingDays, coolBelowC }: HeatedQuestion): string {
  return JSON.stringify([
    [...weather.airC], [...weather.rainMm], [...weather.measured ?? []], weather.openShare, horizonDay, turning, watering, workingDays,
    coolBelowC,
  ])
}

interface Remembered {
  readonly key: string
  readonly day: number
  readonly members: Member[]
  readonly future: string
  /** How members went on from then, by their number. */
  readonly wentOn: Map<number, WentOn>
}

/** The members of the batches that were asked for last: a new reading costs only the days since. */
export class PastMemory {
  private readonly kept = new Map<string, Remembered>()

  constructor(private readonly batches = 6) {}

  /** What is remembered of this heap's past, if nothing in it changed. */
  of(question: HeatedQuestion): Remembered | undefined {
    const known = this.kept.get(question.batchId)
    return known && known.day <= question.nowDay && known.key === pastKey(question, known.day) ? known : undefined
  }

  /** How its members went on when they were last asked, if its future is what it was. */
  wentOn(question: HeatedQuestion): ReadonlyMap<number, WentOn> {
    const known = this.of(question)
    return known?.future === futureKey(question) ? known.wentOn : new Map<number, WentOn>()
  }

  keep(question: HeatedQuestion, members: Member[], wentOn: Map<number, WentOn>): void {
    this.kept.delete(question.batchId)
    this.kept.set(question.batchId, {
      key: pastKey(question, question.nowDay), day: question.nowDay, members, future: futureKey(question), wentOn,
    })
    const oldest = this.kept.keys().next().value
    if (this.kept.size > this.batches && oldest !== undefined) this.kept.delete(oldest)
  }
}

const same = (a: Float64Array, b: Float64Array) => a.length === b.length && a.every((value, at) => value === b[at])

/** Runs members up to today, or on to today where their past is remembered. */
export function pastRunner(
  question: HeatedQuestion, memory?: PastMemory,
): { readonly run: (point: Float64Array, number: number) => Member, readonly members: Member[] } {
  const what: HeapCase = caseOf(question)
  const remembered = memory?.of(question)
  const times = pastTimes(question.deeds, 0, question.nowDay)
  const since = remembered ? pastTimes(question.deeds, remembered.day, question.nowDay) : times
  const members: Member[] = []
  function fresh(point: Float64Array): Member {
    const traits = traitsAt(point)
    const run = new Run(what, traits)
    const course = emptyCourse(times)
    run.goOn(course)
    return { point, traits, course, halt: run.halt() }
  }
  function further(known: Member): Member {
    if (since.length === 0) return known
    const run = new Run(what, known.traits, known.halt)
    const course = emptyCourse(since)
    run.goOn(course)
    return { ...known, course: joined(known.course, course), halt: run.halt() }
  }
  function run(point: Float64Array, number: number): Member {
    const known = remembered?.members[number]
    const member = known && same(known.point, point) ? further(known) : fresh(point)
    members.push(member)
    return member
  }
  return { run, members }
}
