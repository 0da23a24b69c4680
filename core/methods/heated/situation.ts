import { restsOn } from '../course'
import type { Known, Situation, Surroundings } from '../contract'
import { daysStanding, type HeapLog } from './heap-log'
import { expectedAt, type ExpectedDay } from './expected'
import type { Expecting } from './expecting'
import type { HeapRow } from './forecast/findings'

interface Row extends Pick<Known, 'id' | 'label' | 'unit'> {
  readonly row: HeapRow
  readonly of: (day: ExpectedDay) => ExpectedDay['coreC']
}
const ROWS: readonly Row[]
  = [
    { id: 'coreC', label: 'Warmth in the core', unit: 'temperature', row: 'coreC', of: ({ coreC }) => coreC },
    { id: 'edgeC', label: 'Warmth at the edge', unit: 'temperature', row: 'edgeC', of: ({ edgeC }) => edgeC },
    { id: 'heightM', label: 'Height', unit: 'length', row: 'volumeShare', of: ({ heightM }) => heightM },
    { id: 'moisture', label: 'Water inside', unit: 'percent', row: 'moisture', of: ({ moisture }) => moisture },
  ]

/** What is known today of a batch that heats. */
export function heatedSituation(
  log: HeapLog, surroundings: Surroundings, { middleCourse, expectCourse }: Pick<Expecting, 'middleCourse' | 'expectCourse'>,
): Situation {
  const day = daysStanding(log, surroundings.now)
  const middle = middleCourse(log, surroundings)
  const today = expectedAt(expectCourse(log, surroundings, Math.ceil(day)), day)
  if (!middle || !today) return { known: [] }
  return {
    known: ROWS.map(({ id, label, unit, row, of }) => {
      const { low, typical, high } = of(today)
      return { id, label, unit, low, middle: typical, high, ...restsOn(middle.question.findings, [row], surroundings.now) }
    }),
  }
}
