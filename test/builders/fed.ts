import type { NewEvent } from '#core/journal/event'
import type { BegunBatch, Input } from '#core/journal/garden'
import type { StampedFinding } from '#core/learning/fit'
import { celsiusTable } from '#core/heat/table'
import { emptyCourse } from '#core/heat/case'
import { runCourse } from '#core/heat/course'
import { CONSTANT_NAMES, CONSTANTS, USUAL_CONSTANTS, type Constants } from '#core/heat/constants'
import { TRAIT_NAMES, traitsAt as heatTraitsAt } from '#core/heat/traits'
import type { Surroundings } from '#core/methods/contract'
import { answerOf as heatedAnswer, coolFrom } from '#core/methods/heated/forecast/answer'
import { heapLogOf } from '#core/methods/heated/heap-log'
import { caseOf, type HeatedQuestion } from '#core/methods/heated/question'
import { ripeDayOf } from '#core/methods/heated/ready-day'
import { workedUp } from '#core/methods/heated/working'
import { ripeDay, runSlow, type SlowRow } from '#core/methods/slow-heap/course'
import { answerOf as slowAnswer } from '#core/methods/slow-heap/forecast'
import { questionOf as slowQuestion, type SlowQuestion } from '#core/methods/slow-heap/question'
import { DIMENSIONS as SLOW_DIMENSIONS, traitsAt as slowTraitsAt } from '#core/methods/slow-heap/traits'
import { questionOf as towerQuestion } from '#core/methods/static-tower/question'
import { SITES as TOWER_SITES } from '#core/methods/static-tower/sites'
import { harvestDay, answerOf as wormAnswer } from '#core/methods/worm-bin/forecast'
import { APPROACHES as WORM_WAYS } from '#core/methods/worm-bin/approaches'
import { runWorms } from '#core/methods/worm-bin/course'
import type { WormRow } from '#core/methods/worm-bin/bin-case'
import type { WormKind } from '#core/methods/worm-bin/kinds'
import { questionOf as wormQuestion, type WormQuestion } from '#core/methods/worm-bin/question'
import { DIMENSIONS as WORM_DIMENSIONS, traitsAt as wormTraitsAt } from '#core/methods/worm-bin/traits'
import { normal, seededRandom, type Random } from '#core/random/random'
import type { Site } from '#core/vessel/site'
import { afterDays, aroundOn, begun, did, finished, input, put } from './batches'
import { SACK } from './heaps'
import { SLOW } from '#core/methods/slow-heap/constants'
import { TOWER } from '#core/methods/static-tower/constants'

export const LITRE = { id: 'litre', name: 'litre', plural: 'litres', volumeL: 1 }
export const BAY: Site = {
  kind: 'vessel',
  vessel: { id: 'kitchen-bay', name: 'Boarded bay', wall: 'boards', shape: 'box', widthM: 0.9, depthM: 0.9, heightM: 0.9 },
}
export const cover = (materialId: string, litres: number): Input => ({ ...input(materialId, litres, LITRE), role: 'cover' })
export const feed = (litres: number, coverL: number, day: number, pocket?: string): NewEvent =>
  ({
    ...put(day, [input('kitchen-veg', litres, LITRE), ...(coverL > 0 ? [cover('leaves-mixed', coverL)] : [])]),
    ...(pocket ? { pocket } : {}),
  }) as NewEvent

/** A bay fed every few days from the first on. */
export function bay(
  lastDay: number,
  {
    every = 3.5, litres = 5, coverL = 12, closed = false, site = BAY,
  }: { readonly every?: number, readonly litres?: number, readonly coverL?: number, readonly closed?: boolean, readonly site?: Site } = {},
  more: readonly NewEvent[] = [],
): BegunBatch {
  const feeds = Array.from({ length: Math.floor(lastDay / every) }, (_, index) => feed(litres, coverL, (index + 1) * every - 0.5))
  return begun(
    {
      methodId: 'slow-heap', approachId: 'two-bays', site, answers: { weeklyL: 10, rain: 'covered' },
      inputs: [input('leaves-mixed', 20, LITRE)],
    },
    [...feeds, ...(closed ? [did(lastDay, 'closed')] : []), ...more],
  )
}

/** A bin fed every few days, with bedding and worms from the start. */
export function bin(
  lastDay: number,
  {
    every = 3.5, litres = 1.2, coverL = 1.2, grams = 500, where = 'room', kind = 'common',
  }: {
    readonly every?: number
    readonly litres?: number
    readonly coverL?: number
    readonly grams?: number
    readonly where?: string
    readonly kind?: string
  } = {},
  more: readonly NewEvent[] = [],
): BegunBatch {
  const feeds = Array.from({ length: Math.max(0, Math.floor((lastDay - 3) / every)) }, (_, index) =>
    put(3 + index * every, [
      input('kitchen-veg', litres, LITRE),
      ...(coverL > 0 ? [{ ...input('cardboard', coverL, LITRE), role: 'cover' as const }] : []),
    ]),
  )
  return begun(
    {
      methodId: 'worm-bin', approachId: 'bin', site: WORM_WAYS[0]!.sites[0]!,
      answers: { from: 'scraps', weeklyL: 3, kind, where, grams }, inputs: [input('cardboard', 45, LITRE)], waterL: 8,
    },
    [...feeds, ...more],
  )
}

/** A tower of fresh chips and leaves. */
export function tower(more: readonly NewEvent[] = [], site: Site = TOWER_SITES[0]!, sacks = 10): BegunBatch {
  return begun(
    {
      methodId: 'static-tower', approachId: 'by-can', site, answers: { rain: 'covered' },
      inputs: [input('chips-ramial', sacks, SACK), input('leaves-mixed', sacks, SACK)], waterL: 30 * sacks,
    },
    more,
  )
}

/** How often windows held the truth. */
export interface Held { readonly name: string, readonly held: number, readonly of: number }

/**
 * Standings of a truth: drawn as the forecast draws them, or with two of them half a width outside of what it thinks likely (80
 * % of it lies within 1.28).
 */
function truthPoint(random: Random, dimensions: number, strayed: boolean): Float64Array {
  const point = Float64Array.from({ length: dimensions }, () => normal(random))
  if (!strayed) return point
  for (let k = 0; k < 2; k++) point[Math.floor(random() * dimensions)] = (random() < 0.5 ? -1 : 1) * 1.28 * 1.5
  return point
}

const at = (days: Float64Array, day: number) => days.findIndex(one => one >= day - 1e-6)
const stamped = <Row extends string>(finding: StampedFinding<Row>['finding'], index: number): StampedFinding<Row> => ({
  eventId: `f${index}`, at: afterDays(finding.day), finding,
})
const within = (truth: number, { low, high }: { readonly low: number, readonly high: number }, slack = 0.5) =>
  truth >= low - slack && truth <= high + slack

/** Another curve of warmth: doubling for ten kelvin up to 35 °C and falling beyond, where the forecast takes two cardinal curves. */
const OTHER_WARMTH = celsiusTable(celsius =>
  celsius <= 0 ? 0 : celsius <= 35 ? 0.9 * 2 ** ((celsius - 35) / 10) : Math.max(0, 0.9 - 0.03 * (celsius - 35)),
)
/** Another curve of appetite: straight up and down, where the forecast takes smooth shoulders. */
const OTHER_APPETITE = ({ minC, bestLowC, bestHighC, maxC }: WormKind, celsius: number) =>
  Math.max(0, Math.min(1, (celsius - minC) / ((bestLowC + bestHighC) / 2 - minC), (maxC - celsius) / (maxC - (bestLowC + bestHighC) / 2)))

/** Slow heaps of unknown traits, three heights and a squeeze read off each: how often the window of readiness held. */
export function slowHeld(cases: number, strayed: boolean, members: number): Held[] {
  const random = seededRandom(strayed ? 5 : 3)
  let held = 0
  for (let one = 0; one < cases; one++) {
    const fedUntil = 120 + 120 * random()
    const nowDay = Math.round(fedUntil * (0.6 + 0.8 * random()))
    const batch = bay(Math.min(nowDay, fedUntil), { litres: 3 + 4 * random(), coverL: 4 + 12 * random(), closed: nowDay >= fedUntil })
    const base = { ...slowQuestion(batch, aroundOn(nowDay))!, seed: one } satisfies SlowQuestion
    const point = truthPoint(random, SLOW_DIMENSIONS, strayed)
    const times = Float64Array.from({ length: base.horizonDay + 1 }, (_, day) => day)
    const truth = runSlow(base, slowTraitsAt(point), times, undefined, strayed ? OTHER_WARMTH : undefined)
    const readDays = [0.3, 0.6, 0.95].map(share => Math.round(share * nowDay))
    const findings = readDays.flatMap((day, index): StampedFinding<SlowRow>[] => {
      const litres = truth.volumeL[at(times, day)]! * (1 + 0.06 * normal(random))
      return [stamped({ kind: 'value', row: 'volumeL', day, value: litres, spread: Math.max(20, 0.1 * litres), trust: 0.7 }, index)]
    })
    const forecast = finished(slowAnswer({ ...base, findings }, members))
    const ready = ripeDay(truth, slowTraitsAt(point).ripe, SLOW.restDays)
    if (within(ready, forecast.windows.ready!.now)) held++
  }
  return [{ name: 'slow heap: ready', held, of: cases }]
}

/**
 * Bins of unknown herds, what was left seen now and then: how often harvest, and the backlog and warmth of a fortnight ahead,
 * lay within.
 */
export function wormHeld(cases: number, strayed: boolean, members: number): Held[] {
  const random = seededRandom(strayed ? 15 : 13)
  const held = { harvest: 0, backlog: 0, warmth: 0 }
  for (let one = 0; one < cases; one++) {
    const nowDay = Math.round(30 + 90 * random())
    const batch = bin(nowDay, { litres: 0.6 + 1.4 * random(), grams: 250 + 500 * random(), where: random() < 0.5 ? 'room' : 'shed' })
    const base = { ...wormQuestion(batch, aroundOn(nowDay))!, seed: one } satisfies WormQuestion
    const point = truthPoint(random, WORM_DIMENSIONS, strayed)
    const times = Float64Array.from({ length: base.horizonDay + 1 }, (_, day) => day)
    const truth = runWorms(base, wormTraitsAt(point), times, undefined, strayed ? OTHER_APPETITE : undefined)
    const findings = [0.4, 0.7, 0.95].map((share, index): StampedFinding<WormRow> => {
      const day = Math.round(share * nowDay)
      const left = truth.leftShare[at(times, day)]! + 0.08 * normal(random)
      const [low, high] = left < 0.1 ? [-0.3, 0.12] : left < 0.35 ? [0.08, 0.38] : left < 0.7 ? [0.32, 0.72] : [0.66, 2]
      return stamped({ kind: 'between', row: 'leftShare', day, low, high, spread: 0.12, trust: 0.5 }, index)
    })
    const readOn = Math.round(0.8 * nowDay)
    const read = stamped<WormRow>(
      { kind: 'value', row: 'binC', day: readOn, value: truth.binC[at(times, readOn)]! + 1.5 * normal(random), spread: 2.5, trust: 0.7 },
      9,
    )
    const forecast = finished(wormAnswer({ ...base, findings: [...findings, read].sort((a, b) => a.finding.day - b.finding.day) }, members))
    const later = at(forecast.days, nowDay + 14)
    const inBand = (name: string, value: number, slack: number) =>
      value >= forecast.series[name]!.low[later]! - slack && value <= forecast.series[name]!.high[later]! + slack
    const then = at(times, forecast.days[later]!)
    if (within(harvestDay(truth, base.areaM2, 0), forecast.windows.harvest!.now)) held.harvest++
    if (inBand('backlogKg', truth.backlogKg[then]!, 0.01)) held.backlog++
    if (inBand('binC', truth.binC[then]!, 0.05)) held.warmth++
  }
  return [
    { name: 'worms: harvest', held: held.harvest, of: cases }, { name: 'worms: uneaten in a fortnight', held: held.backlog, of: cases },
    { name: 'worms: warmth in a fortnight', held: held.warmth, of: cases },
  ]
}

/** Constants of which three lie outside of their range by half its width. */
function strayedConstants(random: Random): Constants {
  const changed: Record<string, number> = { ...USUAL_CONSTANTS }
  for (const name of [
    'coolShare', 'mediumDay',
    ...Array.from({ length: 1 }, () => CONSTANT_NAMES[Math.floor(random() * CONSTANT_NAMES.length)]!),
  ] as const) {
    const { value, low, high } = CONSTANTS[name]
    const half = (high - low) / 4
    changed[name] = Math.max(low * 0.6, value + (random() < 0.5 ? -1 : 1) * half)
  }
  return changed as unknown as Constants
}

const LESS = { members: 120, mostRounds: 2, drawn: { now: 60, start: 20 } }

/**
 * Towers of unknown traits, read every few days while warm: how often the day on which it had cooled for worms, and the core a
 * week ahead, lay within.
 */
export function towerHeld(cases: number, strayed: boolean): Held[] {
  const random = seededRandom(strayed ? 25 : 23)
  const held = { cool: 0, core: 0, ready: 0, sure: 0 }
  for (let one = 0; one < cases; one++) {
    const nowDay = Math.round(6 + 22 * random())
    const around: Surroundings = aroundOn(nowDay)
    const base = {
      ...towerQuestion(heapLogOf(tower([], TOWER_SITES[one % TOWER_SITES.length]!, 6 + Math.round(8 * random()))), around)!,
      seed: one,
    } satisfies HeatedQuestion
    const point = truthPoint(random, TRAIT_NAMES.length, strayed)
    const course = emptyCourse(Float64Array.from({ length: Math.min(700, base.horizonDay) + 1 }, (_, day) => day))
    const what = { ...caseOf(base), ...(strayed ? { constants: strayedConstants(random) } : {}) }
    if (!runCourse(what, heatTraitsAt(point), course).ok) continue
    const readDays = Array.from({ length: Math.floor(nowDay / 3) }, (_, index) => 2 + 3 * index).filter(day => day < nowDay)
    const findings = readDays.map((day, index) =>
      stamped<'coreC'>({ kind: 'value', row: 'coreC', day, value: course.coreC[day]! + 2 * normal(random), spread: 2, trust: 1 }, index),
    )
    const forecast = finished(heatedAnswer({ ...base, findings }, LESS))
    const core = forecast.series.coreC!
    if (forecast.windows.cool!.now.high - forecast.windows.cool!.now.low < 2) held.sure++
    else if (
      within(
        coolFrom({ days: course.days.slice(0, 90), coreC: course.coreC.slice(0, 90) }, TOWER.wormsBelowC), forecast.windows.cool!.now,
        1,
      )
    )
      held.cool++
    const later = at(forecast.days, nowDay + 7)
    const value = course.coreC[at(course.days, forecast.days[later]!)]! + 2 * normal(random)
    if (value >= core.low[later]! && value <= core.high[later]!) held.core++
    const ripe = heatTraitsAt(point).ripe
    const ready = Math.max(
      ripeDayOf(course, TOWER.ripeAt * ripe) ?? base.horizonDay,
      workedUp(course, { days: 0 }, 0, base.workingDays * Math.max(1, ripe) ** 2).day ?? base.horizonDay,
    )
    if (within(Math.min(ready, base.horizonDay), forecast.windows.ready!.now)) held.ready++
  }
  // Where it never gets warm, or has cooled already, there is nothing to be foreseen.
  return [
    { name: 'tower: cool for worms', held: held.cool, of: cases - held.sure },
    { name: 'tower: core in a week', held: held.core, of: cases }, { name: 'tower: ready', held: held.ready, of: cases },
  ]
}
