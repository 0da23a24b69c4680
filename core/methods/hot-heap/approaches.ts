import type { Comfort } from '../../mix/judgement'
import type { Approach } from '../contract'
import type { DaySpan, TurningRule } from '../heated/turning'
import { table } from '../../constants/constants'

/** A school of hot composting with its rhythm and its usual stages. */
export interface HotHeapApproach extends Approach {
  readonly comfort: Comfort
  readonly turning: Exclude<TurningRule, { readonly kind: 'never' }>
  readonly hotDays: DaySpan
  readonly coolingDays: DaySpan
  readonly curingDays: DaySpan
  /** From building to ready for beds, built in the warm half of the year: what the model of heat says of usual mixes (a test holds it). */
  readonly readyDays: DaySpan
}

/**
 * Aimed at: 25 to 35 to 1, 50 to 62 % water like a wrung sponge, air in a third of the volume, at most half of stuff that mats.
 * Still working: 20 to 40 to 1, 65 % water and more where the stuff stands open, air in a fifth, two thirds of what mats.
 */
export const COMFORT: Comfort = table('What a hot heap likes', {
  carbonToNitrogen: ['C : N', 'practice: 25 to 35 aimed at, 20 to 40 still works'],
  availableCarbonToNitrogen: ['C : N', 'of what decays within a season; own estimate'],
  moistureFraction: ['wet basis', 'a wrung sponge; practice'],
  freeAirSpace: ['share', 'air in a third of the volume, a fifth still works; practice'],
  mattingShare: ['share', 'of stuff that mats; practice'],
}, {
  carbonToNitrogen: { least: 20, low: 25, high: 35, most: 40 },
  availableCarbonToNitrogen: { least: 11, low: 15 },
  moistureFraction: { low: 0.5, target: 0.55, high: 0.62 },
  freeAirSpace: { least: 0.22, low: 0.3 },
  mattingShare: { high: 0.5, most: 0.65 },
})

/** The main schools. Practitioners disagree on turning; each school has its own forecast and its own work. */
export const APPROACHES: readonly HotHeapApproach[] = table('Schools of turning', {
  turning: ['d', 'between turns, and how many; practice'],
  hotDays: ['d', 'hot; the model of heat over comfort mixes'],
  coolingDays: ['d', 'cooling; the model of heat'],
  curingDays: ['d', 'curing; practice'],
  readyDays: ['d', 'until ripe; the model of heat'],
}, [
  {
    id: 'by-thermometer',
    name: 'Turn by the thermometer',
    summary: 'Turn once the heat has peaked and falls, five to eight times, the last one before it cures. Work when it pays.',
    comfort: COMFORT,
    turning: { kind: 'by-heat', most: 7 },
    hotDays: [18, 35],
    coolingDays: [7, 16],
    curingDays: [28, 56],
    readyDays: [65, 290],
  },
  {
    id: 'every-few-days',
    name: 'Turn every three to four days',
    summary:
      'Six turns while it is hot, so all of it was in the middle; then weekly while turns bring heat back. Most work, loses some '
      + 'nitrogen.',
    comfort: COMFORT,
    turning: { kind: 'every', days: [3, 4], most: 16, then: { after: 6, days: [7, 8] } },
    hotDays: [14, 24],
    coolingDays: [4, 10],
    curingDays: [28, 56],
    readyDays: [60, 270],
  },
  {
    id: 'weekly', name: 'Turn weekly', summary: 'A fixed day each week, until two turns bring no heat back.',
    comfort: COMFORT,
    turning: { kind: 'every', days: [7, 8], most: 16 },
    hotDays: [25, 45],
    coolingDays: [10, 20],
    curingDays: [28, 56],
    readyDays: [60, 270],
  },
  {
    id: 'seldom', name: 'Turn once or twice', summary: 'Little work; its outside stays raw: mulch from it, or fork it in again.',
    comfort: COMFORT,
    turning: { kind: 'every', days: [35, 50], most: 2, anyway: true },
    hotDays: [45, 90],
    coolingDays: [30, 70],
    curingDays: [100, 190],
    readyDays: [75, 330],
  },
])

/** The approach of this id, or the first. */
export function hotHeapApproach(id: string): HotHeapApproach {
  return APPROACHES.find(approach => approach.id === id) ?? APPROACHES[0] as HotHeapApproach
}
