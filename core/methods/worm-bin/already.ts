import { numberOf } from '../../questions/question'
import type { Already } from '../contract'
import { GRAMS, WEEKLY, WORMS_IN } from './words'
import { WORM } from './constants'

/** A bin is begun with its bedding and worms, and fed by the week. */
export const ALREADY: Already = {
  of: [], bitByBit: true, behind: [{ deed: WORMS_IN, answers: { [GRAMS]: 1000 * WORM.usualKg }, afterDays: WORM.inAfterDays }],
  weeklyL: answers => numberOf(answers, WEEKLY) ?? 0,
}
