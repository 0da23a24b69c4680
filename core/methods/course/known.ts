import { addMinutes } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import type { StampedFinding } from '../../learning/fit'
import type { Known, RestsOn, Situation, Surroundings } from '../contract'
import { placeOf } from './define'
import { expectedAlong } from './expected'
import { COURSE } from './constants'

/** A row of a course as it is known: under which name, in which unit, and what tells of it. */
export interface KnownRow<C> extends Pick<Known, 'id' | 'label' | 'unit'> {
  of(course: C): Float32Array
  /** The band of its forecast, and the rows by which it is found, where they are called otherwise. */
  readonly series?: string
  readonly foundBy?: readonly string[]
  /** What is told of a value of the row, where that is not the value itself. */
  as?(value: number): number
}

/** What a number rests on: what was found of it last, while that is fresh; else what is reckoned on from there. */
export function restsOn(
  findings: readonly StampedFinding[], foundBy: readonly string[], now: Date,
): { readonly from: RestsOn, readonly at?: Date } {
  const last = findings.findLast(({ finding, at }) => foundBy.includes(finding.row) && Date.parse(at) <= now.getTime())
  if (!last) return { from: 'reckoned' }
  const at = new Date(last.at)
  const isFresh = addMinutes(at, COURSE.freshDays * 1440) > now
  return { from: !isFresh ? 'reckoned' : last.finding.kind === 'value' ? 'recorded' : 'by hand', at }
}

/** What is known of a course today. */
export function situationOf<C>(
  { id: batchId }: Pick<BegunBatch, 'id'>, { now, forecastOf }: Pick<Surroundings, 'now' | 'forecastOf'>,
  middle: {
    readonly question: { readonly nowDay: number, readonly horizonDay: number, readonly findings: readonly StampedFinding[] }
    readonly days: Float64Array
    readonly course: C
  } | undefined,
  rows: readonly KnownRow<C>[],
): Situation {
  if (!middle) return { known: [] }
  const { question, days, course } = middle
  const at = placeOf(days, Math.min(question.horizonDay, question.nowDay))
  return {
    known: rows.map(({ id, label, unit, of, series = id, foundBy = [id], as = value => value }) => {
      const { low, typical, high } = expectedAlong(days, of(course), forecastOf?.(batchId), series)
      return {
        id, label, unit, low: as(low[at]!), middle: as(typical[at]!), high: as(high[at]!), ...restsOn(question.findings, foundBy, now),
      }
    }),
  }
}
