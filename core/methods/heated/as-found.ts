import type { Course } from '../../heat/case'
import { MIDDLES, SHELLS } from '../../heat/heap'
import { besideOn } from '../../learning/beside'
import type { HeatedQuestion } from './question'
import type { HeapRow } from './forecast/findings'
import { HEATED } from './constants'

interface Found { readonly day: number, readonly beside: number, readonly reckoned: number }

/** How many of a sorted row come before the first for which something is not so any more. */
function countWhile(length: number, isSo: (at: number) => boolean): number {
  let [from, to] = [0, length]
  while (from < to) {
    const middle = (from + to) >> 1
    if (isSo(middle)) from = middle + 1
    else to = middle
  }
  return from
}

/** The place among the times of a course that lies nearest a day. */
export function nearest(days: Float64Array, day: number): number {
  const after = countWhile(days.length, at => days[at]! < day)
  if (after === 0) return 0
  if (after === days.length) return days.length - 1
  return day - days[after - 1]! < days[after]! - day ? after - 1 : after
}

/** How far what was found of a row lies beside the course, in order of its days; within what a hand tells it is not beside. */
function foundBeside({ findings }: HeatedQuestion, name: HeapRow, course: Course): Found[] {
  return findings.flatMap(({ finding }) => {
    if (finding.row !== name) return []
    const reckoned = course[name][nearest(course.days, finding.day)]!
    const found = finding.kind === 'value' ? finding.value : Math.min(finding.high, Math.max(finding.low, reckoned))
    return [{ day: finding.day, beside: found - reckoned, reckoned }]
  })
}

/**
 * Warmth goes on beside the course as far as it was found there, and comes back to it as what strays is forgotten. What came before a
 * turn says nothing of after it.
 */
function warmthBeside(question: HeatedQuestion, name: 'coreC' | 'edgeC', course: Course): ((day: number) => number) | undefined {
  const found = foundBeside(question, name, course).map(({ day, beside }) => ({ day, value: beside }))
  if (found.length === 0) return undefined
  const turns = question.deeds.flatMap(({ kind, day }) => kind === 'turn' && day <= question.nowDay ? [day] : [])
  const turnsBy = (day: number) => turns.filter(turn => turn <= day).length
  const by = { keepsDays: HEATED.strays.keepsDays, jump: HEATED.jumpK }
  const between = Array.from({ length: turns.length + 1 }, (_, count) => besideOn(found.filter(({ day }) => turnsBy(day) === count), by))
  return day => between[turnsBy(day)]!(day)
}

/** What was found last by a day, if anything. */
const lastBy = (found: readonly Found[], day: number) => found[countWhile(found.length, at => found[at]!.day <= day + 1e-6) - 1]

/**
 * The course in the middle as it was found: whoever reads, feels or measures is believed, at once and from there on. The heights go
 * on in the same proportion, the water as far beside the course until that is forgotten. Changes the rows of the course.
 */
export function asFound(question: HeatedQuestion, course: Course): void {
  const [core, edge] = [warmthBeside(question, 'coreC', course), warmthBeside(question, 'edgeC', course)]
  const [heights, waters] = [foundBeside(question, 'volumeShare', course), foundBeside(question, 'moisture', course)]
  const outermost = MIDDLES[SHELLS - 1]!
  const nowAt = nearest(course.days, question.nowDay)
  course.days.forEach((noted, at) => {
    // What was found a moment ago is so now, between two times that are noted.
    const day = at === nowAt ? question.nowDay : noted
    const coreK = core?.(day) ?? 0
    // Where the edge was not read it strays as much less as it is cooler.
    const edgeK = edge?.(day) ?? coreK * HEATED.edgeFollows
    course.coreC[at]! += coreK
    course.edgeC[at]! += edgeK
    for (let shell = 0; shell < SHELLS; shell++) {
      const share = (MIDDLES[shell]! - MIDDLES[0]!) / (outermost - MIDDLES[0]!)
      course.shellsC[at * SHELLS + shell]! += coreK + share * (edgeK - coreK)
    }
    const height = lastBy(heights, day)
    if (height && height.reckoned > 0) course.volumeShare[at]! *= 1 + height.beside / height.reckoned
    const water = lastBy(waters, day)
    if (water) {
      const keeps = Math.exp(-(day - water.day) / HEATED.waterKeepsDays)
      course.moisture[at] = Math.min(HEATED.wettest, Math.max(0, course.moisture[at]! + water.beside * keeps))
    }
  })
}
