import { chargeOfMeasures } from '../../heat/charge'
import { emptyCourse, runCourse, type HeapCase } from '../../heat/course'
import { USUAL_TRAITS } from '../../heat/traits'
import type { Measures } from '../../mix/measures'
import type { Outlook } from '../contract'

/** Air that the outlook is given for: a mild day. */
const MILD_C = 15
const FIRST_DAYS = Float64Array.from({ length: 25 }, (_, quarter) => quarter / 3)
const NEVER = { turnsToday: () => false }

/** A heap as high as wide between boards. */
function caseOfMeasures(measures: Measures): HeapCase {
  const sideM = Math.cbrt(measures.volumeL / 1000)
  return {
    charge: chargeOfMeasures(measures), standing: { wall: 'boards', footprintM2: sideM * sideM, perimeterM: 4 * sideM },
    weather: { airC: Float64Array.of(MILD_C), rainMm: Float64Array.of(0), openShare: 0 },
    deeds: [], startsAboveK: 4, starter: 0.15, habitFromDay: Number.POSITIVE_INFINITY, habit: () => NEVER,
  }
}

/** What this mix would do in its first eight days at 15 °C of air, if built in this volume. */
export function outlookOf(measures: Measures): Outlook {
  const course = emptyCourse(FIRST_DAYS)
  runCourse(caseOfMeasures(measures), USUAL_TRAITS, course)
  const peakC = Math.max(...course.coreC)
  if (peakC >= 55) return { grade: 'good', label: 'heats well', peakC }
  if (peakC >= 45) return { grade: 'workable', label: 'warms', peakC }
  return { grade: 'poor', label: peakC >= 30 ? 'lukewarm' : 'stays cool', peakC }
}
