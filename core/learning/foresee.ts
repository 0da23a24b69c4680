import { seededRandom } from '../random/random'
import { bandOf, bandOfReadings, BAND_MEMBERS, drawnByWeight } from './bands'
import { carried, fitsOf, type Discrepancy, type Residual } from './discrepancy'
import { logFit, type StampedFinding } from './fit'
import type { DayWindow, Forecast } from './forecast'
import { learning, type Learnt, type Progress } from './learn'
import { middleOf, movesOf, widened, windowBy, type Widening } from './windows'

/** What a forecast is made of, where each possible course is a few rows of numbers at the same times. */
export interface Foreseeing<C, Row extends string> {
  readonly times: Float64Array
  readonly horizonDay: number
  readonly seed: number
  /** In order of their days. */
  readonly findings: readonly StampedFinding<Row>[]
  /** What is uncertain, as so many standard normals. */
  readonly dimensions: number
  readonly members: number
  readonly mostRounds: number
  readonly run: (point: ArrayLike<number>) => C
  readonly row: (course: C, row: Row) => Float32Array
  /** What a course was reckoned to be before each finding was taken in, by its place; not a number where its row tells it. */
  readonly before?: (course: C) => ArrayLike<number>
  /**
   * The same course with the first so many findings alone, where courses take in what is found: what was expected before a look
   * must not know of it.
   */
  readonly upTo?: (point: ArrayLike<number>, findings: number) => C
  /** Bands by what is known now, and by what was known at the start, each of a row. */
  readonly bands: Readonly<Record<string, Row>>
  readonly bandsAtStart: Readonly<Record<string, Row>>
  /** How much wider than they come windows are told, where other laws have come beside them. */
  readonly widens?: Widening
  /** How far what is read strays from any one course, as a standard deviation of the row; its bands are so much wider. */
  readonly strays?: Readonly<Partial<Record<Row, number>>>
  /**
   * Rows whose residual is carried from reading to reading: their readings are weighed by it, their bands follow it and are so
   * much wider.
   */
  readonly carries?: Readonly<Partial<Record<Row, Carrying<Row>>>>
  /** Windows by the day on which a course comes so far. */
  readonly windows: Readonly<Record<string, (course: C) => number>>
}

/** What strays from a course how far, and the row in which it is read. */
export interface Carrying<Row extends string> { readonly read: Row, readonly what: Discrepancy }

/** The times of a forecast: every so many days, now, the end, and whenever something was found. */
export function timesEvery(
  everyDays: number,
  { horizonDay, findings, nowDay }: { readonly horizonDay: number, readonly nowDay: number, readonly findings: readonly StampedFinding[] },
): Float64Array {
  const even = Array.from({ length: Math.floor(horizonDay / everyDays) + 1 }, (_, index) => index * everyDays)
  return Float64Array.from(
    new Set([...even, Math.min(horizonDay, nowDay), horizonDay, ...findings.map(({ finding }) => Math.min(horizonDay, finding.day))]),
  ).sort()
}

/** The courses of the beginning as they were expected then; each point once. */
function* withoutLooks<C, Row extends string>(
  { upTo, findings }: Foreseeing<C, Row>, points: readonly Float64Array[], start: readonly number[], kept: readonly C[],
): Generator<Progress, readonly C[]> {
  if (!upTo || findings.length === 0) return start.map(index => kept[index]!)
  const known = new Map<number, C>()
  for (const index of start) {
    if (known.has(index)) continue
    known.set(index, upTo(points[index]!, 0))
    yield { done: points.length + known.size, ofAtMost: points.length + start.length }
  }
  return start.map(index => known.get(index)!)
}

/** The day of the course in the middle by the first so many findings alone, where courses take them in. */
function middleDays<C, Row extends string>(
  { upTo }: Foreseeing<C, Row>, learnt: Learnt, dayOf: (course: C) => number,
): ((count: number) => number) | undefined {
  return upTo && (count => dayOf(upTo(middleOf(learnt.points, learnt.weightsAfter(count)), count)))
}

/** What will be, learnt from everything found. A generator: it can be stopped between members. */
export function* foresee<C, Row extends string>(what: Foreseeing<C, Row>): Generator<Progress, Forecast> {
  const { times, horizonDay, findings, row } = what
  const places = findings.map(({ finding }) => times.indexOf(Math.min(horizonDay, finding.day)))
  const kept: C[] = []
  const modelled = (course: C, index: number) => {
    const before = what.before?.(course)[index] ?? NaN
    return Number.isNaN(before) ? row(course, findings[index]!.finding.row)[places[index]!]! : before
  }
  const carrying = Object.values<Carrying<Row> | undefined>(what.carries ?? {}).flatMap(one => one ? [one] : [])
  const readIn = (read: Row) =>
    findings.flatMap(({ finding }, index) => (finding.kind === 'value' && finding.row === read ? [{ index, finding }] : []))
  const residuals = (course: C, read: Row): Residual[] =>
    readIn(read).map(({ index, finding: { day, value } }) => ({ day, value: value - modelled(course, index) }))
  const learnt = yield* learning({
    dimensions: what.dimensions,
    members: what.members,
    mostRounds: findings.length > 0 ? what.mostRounds : 1,
    random: seededRandom(what.seed),
    run: (point) => {
      const course = what.run(point)
      kept.push(course)
      const fits = findings.map(({ finding }, index) => logFit(finding, modelled(course, index)))
      for (const { read, what: strays } of carrying) {
        const carriedFits = fitsOf(residuals(course, read), strays)
        readIn(read).forEach(({ index }, at) => { fits[index] = carriedFits[at]! })
      }
      return fits
    },
  })
  const weights = learnt.weightsAfter(Infinity)
  const now = drawnByWeight(weights, BAND_MEMBERS)
  const start = Array.from(learnt.weightsAfter(0).keys()).slice(0, what.members)
  const unseen = yield* withoutLooks(what, learnt.points, start, kept)
  const bands = (of: Readonly<Record<string, Row>>, members: readonly number[], seen: boolean) => Object.entries(of).map(([name, from]) => {
    const rows = members.map((index, at) => row(seen ? kept[index]! : unseen[at]!, from))
    const carries = what.carries?.[from]
    if (carries)
      return [
        name,
        bandOfReadings(
          times, rows, members.map(index => carried(seen ? residuals(kept[index]!, carries.read) : [], carries.what)),
        ),
      ] as const
    const spread = what.strays?.[from]
    const steady = { at: () => ({ mean: 0, variance: (spread ?? 0) ** 2 }) }
    return [name, spread === undefined ? bandOf(times, rows, 1) : bandOfReadings(times, rows, rows.map(() => steady))] as const
  })
  const windows = Object.entries(what.windows).map(([name, dayOf]) => {
    const wide = (day: DayWindow, count: number) =>
      what.widens ? widened(day, Math.min(findings.length, count), horizonDay, what.widens) : day
    const byMembers = windowBy(kept.map(dayOf))
    const window = (of: Float64Array, count = Infinity) => wide(byMembers(of), count)
    const even = new Float64Array(unseen.length).fill(1 / unseen.length)
    const first = findings.length === 0 ? window(weights, 0) : wide(windowBy(unseen.map(dayOf))(even), 0)
    return [name, {
      start: first, now: window(weights),
      moves: movesOf(findings, first, window(weights), count => window(learnt.weightsAfter(count), count), middleDays(what, learnt, dayOf)),
    }] as const
  })
  return {
    days: times, series: Object.fromEntries([...bands(what.bands, now, true), ...bands(what.bandsAtStart, start, false)]),
    rows: { middle: middleOf(learnt.points, weights) }, windows: Object.fromEntries(windows),
    horizonDay, members: kept.length, effective: learnt.effective, rounds: learnt.rounds,
  }
}
