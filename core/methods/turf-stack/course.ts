import type { BegunBatch } from '../../journal/garden'
import { countedAt, countedDays, dayCounts } from '../../warmth/day-counts'
import { weatherFrom, type Lasting, type Situation, type Surroundings } from '../contract'
import {
  askedOf, deedDay, defineCourse, foundIn, lookOfOneWay, onwards, situationOf, traitsBy, type CourseQuestion, type FoundAs,
} from '../course'
import { TURF } from './constants'
import { Z80 } from '../../statistics/counts'
import { table } from '../../constants/constants'

/** Kept dark, and with roots that creep. */
export const COVERED = 'covered'
export const GROWN = 'grown'
export const CREEPING = 'creeping'
/** Senses. */
export const GRASS = 'grass'
export const ROOTS = 'roots'

/** Pace from stack to stack, and the weather of the place beside the usual, K. */
const TRAITS = traitsBy({ pace: Math.log(TURF.wanted.high / TURF.wanted.low) / (2 * Z80) }, { weatherK: 1 })

/** What a look tells of how far it is, 1 when it crumbles. Own estimates. */
const LOOK = { row: 'rotted', ...TURF.look } as const
export const LOOKS: readonly FoundAs<'rotted'>[] = table<readonly FoundAs<'rotted'>[]>('What a look at a turf tells', {
  means: ['share', 'of the way to loam; own estimate'],
  blur: ['share', 'how blurred a look is; own estimate'],
  trust: ['share', 'how often it is right; own estimate'],
}, [
  { ...LOOK, sense: GRASS, means: { green: [-0.05, 0.25], yellow: [0.12, 0.55], gone: [0.35, 2] } },
  { ...LOOK, sense: ROOTS, means: { tough: [-0.05, 0.6], breaking: [0.45, 0.95], gone: [0.85, 2] } },
])

interface StackQuestion extends CourseQuestion<'rotted'> {
  /** Counted days that it wants in the middle of what is usual. */
  readonly wantedDays: number
  readonly airC: readonly number[]
  readonly isMoist: readonly boolean[]
}

type Stacked = Pick<BegunBatch['began'], 'approachId' | 'answers'>

function wantedDays({ approachId, answers }: Stacked): number {
  return TURF.wanted.typical * (approachId === COVERED ? 1 : TURF.longer.open) * (answers[GROWN] === CREEPING ? TURF.longer.creeping : 1)
}

function questionOf(batch: BegunBatch, around: Lasting): StackQuestion {
  const { began, puts } = batch
  const asked = askedOf(batch, around, { least: TURF.horizonDays, beyondNow: 450, most: 1800 })
  const { airC, rainMm } = weatherFrom(new Date(began.at), asked.horizonDay, around)
  const wetted = [0, ...puts.filter(({ waterL }) => waterL > 0).map(({ at }) => deedDay(batch, at))]
  const isWetted = (day: number) => wetted.some(at => at <= day && day - at < TURF.moisture.keepsDays)
  // From today on a covered one is watered as it asks for.
  const isMoist = airC.map((_, day) =>
    isWetted(day) || (began.approachId === COVERED ? day >= asked.nowDay : rainMm[day]! >= TURF.moisture.rainMm))
  return { ...asked, wantedDays: wantedDays(began), airC, isMoist, findings: foundIn(batch, [], LOOKS) }
}

interface StackCourse { readonly times: Float64Array, readonly rotted: Float32Array }

/** The day on which it crumbles; the last where it does not. */
function crumblesDay({ times, rotted }: StackCourse): number {
  return times[rotted.findIndex(share => share >= 1)] ?? times.at(-1)!
}

/** Days until one that is stacked today and kept moist crumbles, soonest and latest of eight in ten. */
export function plannedDays(stacked: Stacked, around: Lasting): readonly [number, number] {
  const { airC } = weatherFrom(around.now, TURF.horizonDays, around)
  const sums = countedDays(airC.length, day => dayCounts(airC[day]!, TURF.by))
  const until = (wanted: number) => Math.max(1, sums.findIndex(sum => sum >= wanted))
  const days = wantedDays(stacked) / TURF.wanted.typical
  return [until(days * TURF.wanted.low), until(days * TURF.wanted.high)]
}

/** How far a stack will be, learnt from looks at its grass and its roots, and its course in the middle of what is possible. */
const { forecaster, middleOf } = defineCourse<StackQuestion, StackCourse, 'rotted', never>({
  ask: questionOf, everyDays: () => 3, dimensions: TRAITS.dimensions, members: 300, mostRounds: 4,
  run: ({ airC, isMoist, wantedDays }, point, times, looks) => {
    const { pace, weatherK } = TRAITS.at(point)
    const sums = countedDays(airC.length, day => dayCounts(airC[day]! + weatherK, TURF.by) * (isMoist[day] ? 1 : TURF.moisture.dryShare))
    return { times, rotted: onwards(times, day => countedAt(sums, day) * pace / wantedDays, looks) }
  },
  row: ({ rotted }) => rotted, bands: { share: 'rotted' }, bandsAtStart: { shareAtStart: 'rotted' },
  windows: () => ({ ready: crumblesDay }),
})

/** What a stack looks like by how far it is. */
export const way = lookOfOneWay({
  middleOf, share: ({ rotted }) => rotted, endDay: crumblesDay, rough: { sooner: 0.75, later: 1.35 }, goal: 'to loam',
  words: () => ({
    label: 'Loam', coming: 'Loam between', begun: 'Loam, as far as can be told, since', announced: 'may be loam',
    reasons: ['By warmth and damp: a winter does little, dry weeks less than half.', 'What you see of grass and roots makes it surer.'],
  }),
  chart: {
    title: 'How far it is',
    marksAre: 'looked',
  },
})
export { forecaster }

/** What is known of a stack today. */
export function situate(batch: BegunBatch, surroundings: Surroundings): Situation {
  return situationOf(batch, surroundings, middleOf(batch, surroundings), [{
    id: 'share', label: 'Of the way to loam', unit: 'percent', of: ({ rotted }) => rotted, foundBy: ['rotted'],
    as: share => Math.min(1, share),
  }])
}
