import { addDays } from 'date-fns'
import { RIPE_AT } from '../../heat/ripe'
import type { BegunBatch } from '../../journal/garden'
import type { Answers } from '../../questions/answers'
import type { MaterialBook } from '../../materials/book'
import type { Site } from '../../vessel/site'
import { daysBetween } from '../../units/time'
import { weatherFrom, type Pipeline, type PipelineRow, type PipelineStage, type Surroundings } from '../contract'
import { additionOf } from './addition'
import { slowApproach } from './approaches'
import { ripeDay, runSlow, type SlowCourse } from './course'
import { fullDayOf } from './forecast'
import { isClosed, plannedWeek, lastFedAt } from './feeding'
import { standOf } from './sites'
import { traitsAt } from './traits'
import { windowsOf } from './windows'
import { SLOW } from './constants'

/** Earlier, middle and later of what is possible: pace, settling and what is fed one and a quarter spreads off. */
const CORNERS = [traitsAt([-1.28, 0, 1.28, 0, 0, 1.28]), traitsAt([]), traitsAt([1.28, 0, -1.28, 0, 0, -1.28])] as const

/** What one bay does under a steady flow of scraps. */
export interface OneBay {
  readonly fullDays: number
  /** Days that it has to rest after it was full until it is ripe. */
  readonly restDays: number
  readonly neverFull: boolean
  readonly litresThen: number
}

function bayOf(course: SlowCourse): OneBay {
  const full = fullDayOf(course)
  const ripe = ripeDay(course, RIPE_AT, SLOW.restDays)
  const at = Math.max(0, course.days.findIndex(day => day >= ripe))
  return {
    fullDays: full, restDays: Math.max(SLOW.restDays, ripe - full), neverFull: course.fullDay === Infinity, litresThen: course.volumeL[at]!,
  }
}

/** One bay fed so much a week from now on until it is full: sooner, in the middle and later. Nothing where nothing is fed. */
export function baysFor(
  site: Site, answers: Answers, weeklyL: number, surroundings: Surroundings, book: MaterialBook,
): readonly [OneBay, OneBay, OneBay] | undefined {
  const weekly = weeklyL > 0 ? additionOf(0, plannedWeek(weeklyL, book).ingredients, 0) : undefined
  if (!weekly) return undefined
  const what = {
    additions: [], deeds: [], feeding: { fromDay: 0, weekly },
    ...standOf(site, answers),
    ...weatherFrom(surroundings.now, SLOW.rotationDays, surroundings),
  }
  const days = Float64Array.from(
    { length: Math.floor(SLOW.rotationDays / SLOW.rotationEveryDays) + 1 }, (_, week) => week * SLOW.rotationEveryDays,
  )
  const run = (index: 0 | 1 | 2) => bayOf(runSlow(what, CORNERS[index], days))
  return [run(0), run(1), run(2)]
}

/**
 * Days that pass from the last caddy of a bay until it has to be empty again, with so many bays in turn: as long as the others
 * take to fill.
 */
export function peaceDays({ fullDays }: Pick<OneBay, 'fullDays'>, bays: number): number {
  return bays <= 1 ? 0 : (bays - 1) * fullDays
}

/** Bays that it takes so that what comes out has rested long enough. */
export function baysNeeded({ fullDays, restDays }: Pick<OneBay, 'fullDays' | 'restDays'>): number {
  return 1 + Math.ceil(restDays / Math.max(1, fullDays))
}

/** Stages of a bay: filling, resting until it is ripe, then used until it is wanted again. */
function stages(from: Date, { fullDays, restDays }: OneBay, until: Date | undefined): PipelineStage[] {
  const full = addDays(from, Math.round(fullDays))
  const ripe = addDays(full, Math.round(restDays))
  const end = until ?? addDays(ripe, 90)
  const cut = ripe < end ? ripe : end
  return [
    { id: 'filling', label: 'filling', from, to: full, tone: 'filling' },
    { id: 'resting', label: 'resting', from: full, to: cut, tone: 'resting' },
    ...(ripe < end ? [{ id: 'using', label: 'using', from: ripe, to: end, tone: 'second' as const }] : []),
  ]
}

/** Bays in turn along time: who fills when, and how long each rests before its turn comes again. */
export function rotationFrom(start: Date, bay: OneBay, bays: number): Pipeline {
  const rows = Array.from({ length: bays }, (_, index): PipelineRow => ({
    name: `Bay ${index + 1}`,
    stages: Array.from({ length: SLOW.rounds }, (__, round) => {
      const from = addDays(start, Math.round((round * bays + index) * bay.fullDays))
      return stages(from, bay, bays > 1 ? addDays(start, Math.round(((round + 1) * bays + index) * bay.fullDays)) : undefined).map(
        stage => ({ ...stage, id: `${stage.id}-${round}` }),
      )
    }).flat(),
  }))
  const months = (days: number) => `${Math.max(1, Math.round(days / 30.4))} months`
  return {
    title: bays === 1 ? 'One bay along time' : `${bays} bays in turn`,
    from: start,
    to: new Date(Math.max(...rows.flatMap(row => row.stages.map(({ to }) => to.getTime())))),
    rows,
    words: [bays === 1
      ? `Filled in about ${months(bay.fullDays)}; what lies below is taken from under what is fresh.`
      : `Each takes about ${months(bay.fullDays)} to fill, then lies in peace for ${months(peaceDays(bay, bays))} until its turn comes `
        + `again; it wants about ${months(bay.restDays)}.`,
    ],
  }
}

/** The slow heaps that stand, along time: filling, resting, ready. */
export function pipelineOf(batches: readonly BegunBatch[], surroundings: Surroundings): Pipeline | undefined {
  const standing = batches
    .filter(batch => !batch.ended && windowsOf(batch, surroundings).length > 0)
    .sort((a, b) => (a.began.at < b.began.at ? -1 : 1))
  const newest = standing.at(-1)
  if (!newest) return undefined
  const rows = standing.map((batch): PipelineRow => {
    const windows = windowsOf(batch, surroundings)
    const ready = windows.find(({ id }) => id === 'ready')!
    const middle = (one: { readonly from: Date, readonly to: Date }) => new Date((one.from.getTime() + one.to.getTime()) / 2)
    const full = windows.find(({ id }) => id === 'full')
    const lastFed = new Date(lastFedAt(batch))
    const filledUntil = isClosed(batch) ? lastFed : full ? middle(full) : ready.from
    const ripe = middle(ready) > filledUntil ? middle(ready) : addDays(filledUntil, SLOW.restDays)
    return { batchId: batch.id, name: batch.name, stages: [
      { id: 'filling', label: 'filling', from: new Date(batch.began.at), to: filledUntil, tone: 'filling' },
      { id: 'resting', label: 'resting', from: filledUntil, to: ripe, tone: 'resting' },
      { id: 'using', label: 'using', from: ripe, to: addDays(ripe, 120), tone: 'second' },
    ] }
  })
  const open = standing.filter(batch => !isClosed(batch))
  const from = new Date(standing[0]!.began.at)
  const to = new Date(Math.max(...rows.flatMap(row => row.stages.map(stage => stage.to.getTime()))))
  const approach = slowApproach(newest.began.approachId)
  const nextFull = open[0] && windowsOf(open[0], surroundings).find(({ id }) => id === 'full')
  const free = approach.bays - standing.length
  return {
    title: 'Bays in turn', from, to, rows,
    words: nextFull && daysBetween(surroundings.now, nextFull.to) < 400
      ? [
          free > 0
            ? `When ${open[0]!.name} is full, the empty bay is next.`
            : `When ${open[0]!.name} is full, the one that has rested longest has to be empty.`,
        ]
      : ['What is fed last rests least: each counts from its last caddy.'],
  }
}
