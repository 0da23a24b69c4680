import type { Measures } from '../../mix/measures'
import type { Outlook } from '../method'
import { gainK, vigourOf } from './course'

/** Air that the outlook is given for: a mild day. */
const MILD_C = 15
const FIRST_DAYS = [1, 2, 3, 4, 5, 6, 8]

/** What this mix would do in its first days at 15 °C of air, if built in this volume. */
export function outlookOf(measures: Measures): Outlook {
  const { overall } = vigourOf(measures)
  const peakC = MILD_C + Math.max(...FIRST_DAYS.map(day => gainK(day, overall, [], MILD_C)))
  if (peakC >= 55) return { grade: 'good', label: 'heats well', peakC }
  if (peakC >= 45) return { grade: 'workable', label: 'warms', peakC }
  return { grade: 'poor', label: peakC >= 30 ? 'lukewarm' : 'stays cool', peakC }
}
