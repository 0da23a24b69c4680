import { constants, of, table } from '../constants/constants'

/** Trials of beds and pots: every number they take from outside. */
export const PLOTS = constants('Trials of beds and pots', {
  sure: of(0.05, 0.01, 0.1, 'share', 'rarer than this by chance alone counts as shown; usual'),
  leastPairs: of(6, 5, 8, '', 'with fewer pairs, all one way, chance alone does it too often: one in 32; definition'),
  byItself: of(0.2, 0.1, 0.35, 'share', 'by so much two alike plots differ by themselves; own estimate'),
  areaApart: of(0.2, 0.1, 0.3, 'share', 'ground that differs by more is said; choice'),
  yearsBack: of(2, 1, 3, 'a', 'what a bed had so long before counts as an unequal start; choice'),
})

/** What can be held against each other, and how often it is looked at. */
export const MEASURES = table('What is compared in a trial', {
  everyDays: ['d', 'looked at so often; choice'],
}, [
  { id: 'sprouted', kind: 'share', everyDays: 4 },
  { id: 'height', kind: 'mean', everyDays: 14 },
  { id: 'picked', kind: 'sum', everyDays: 7 },
  { id: 'count', kind: 'sum', everyDays: 14 },
  { id: 'bites', kind: 'share', everyDays: 7 },
  { id: 'look', kind: 'look', everyDays: 14 },
] as const)
export type MeasureId = typeof MEASURES[number]['id']
/** How a measure is made of what was found: a share, a mean over the days, a sum over them, or which side looked better. */
export type MeasureKind = typeof MEASURES[number]['kind']
