import { dayCounts } from '../../warmth/day-counts'
import type { Answers } from '../../questions/answers'
import { darkDayCounts, grownOverOf } from '../../sheets/smothering'
import type { Range } from '../../units/range'
import type { Approach } from '../contract'
import { GROWN } from './words'
import { SHEET } from './constants'

/** One way of using card: what has to happen under it before it is through, and how quickly that goes. */
export interface SheetWay extends Approach {
  /** Whether it is laid in flat pieces, or torn into a vessel. */
  readonly laid: boolean
  /** Counted days until it is through. */
  readonly wants: (answers: Answers) => Range
  /** What a day of so much warmth counts for. */
  readonly counts: (celsius: number) => number
  /** Its window, in words. */
  readonly through: {
    readonly id: string
    readonly label: string
    readonly coming: string
    readonly begun: string
    readonly announced: string
  }
}

const threadDays = (celsius: number) => dayCounts(celsius, SHEET.threads)

/** Every way, the first offered first. */
export const WAYS: readonly SheetWay[] = [
  {
    id: 'whole',
    name: 'Over all of it',
    summary: 'Whole sheets on mown, wetted ground, overlapping, soaked, covered at once: what grew there dies in the dark.',
    laid: true,
    wants: answers => grownOverOf(answers[GROWN]).darkDays, counts: darkDayCounts,
    through: {
      id: 'plant', label: 'To be planted', coming: 'To be planted between', begun: 'May be planted since',
      announced: 'may be planted',
    },
  },
  {
    id: 'trench',
    name: 'Strips in a trench',
    summary:
      'In a bed that is there: a spade deep, two layers of soaked card, the soil back on it. It holds water under what is sown beside it.',
    laid: true,
    wants: () => ({ low: 8, typical: 14, high: 24 }), counts: darkDayCounts,
    through: {
      id: 'plant', label: 'Settled', coming: 'Settled enough to plant between', begun: 'May be settled since',
      announced: 'may be settled',
    },
  },
  {
    id: 'torn',
    name: 'Torn, for fungi',
    summary: 'Hand-sized pieces, soaked and mixed with compost, kept damp: white threads run through it in weeks.',
    laid: false,
    wants: () => ({ low: 13, typical: 18, high: 28 }), counts: threadDays,
    through: {
      id: 'threads', label: 'White threads', coming: 'White threads between', begun: 'Threads may be there since',
      announced: 'may show white threads',
    },
  },
]

/** The way of this id, or the first. */
export function sheetWayOf(id: string): SheetWay {
  return WAYS.find(way => way.id === id) ?? WAYS[0]!
}
