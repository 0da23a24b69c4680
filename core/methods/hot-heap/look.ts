import { HEATED } from '../heated/constants'
import { partText, wetnessSpanText } from '../../plain/states'
import { addHours } from 'date-fns'
import { type Ingredient, looseL, materialOf, portionOf } from '../../mix/portion'
import type { Picture, PictureBand } from '../../picture/picture'
import { quantityText, spanText } from '../../units/format'
import { daysBetween, DAY_MS } from '../../units/time'
import { batchProposal, type Chart, type ChartPoint, type Forecast, type Look, type Surroundings } from '../contract'
import { expectedAt, type ExpectedDay } from '../heated/expected'
import { heapLogOf, type HeapLog, daysStanding } from '../heated/heap-log'
import { heapPicture } from '../heated/picture'
import { heapProposal } from '../heated/proposal'
import { coreReadings } from '../heated/readings'
import { expectCourse } from './expect'
import { strataOf } from './layers'
import { OUTPUTS } from './outputs'
import { READY } from './words'
import { readyWindow } from './ready'
import { phaseNow, standingOf } from './standing'
import { tasksOf } from './tasks'
import { weekdayDateText } from '../../units/dates'
import { HOT } from './constants'

function lastDay(log: HeapLog, surroundings: Surroundings): number {
  if (log.finish) return Math.max(1, daysBetween(log.built.at, log.finish.at))
  const day = daysStanding(log, surroundings.now)
  const ready = daysBetween(log.built.at, readyWindow(log, surroundings).to)
  return Math.ceil(Math.max(HOT.shown.least, day + HOT.shown.ahead, Math.min(day + HOT.shown.most, ready + HOT.shown.beyondWindow)))
}

/** The layers of a heap from the bottom up: as built, with what was added since on top. */
export function bandsOf(log: HeapLog, surroundings: Surroundings): PictureBand[] {
  const proposal = heapProposal(batchProposal(log, surroundings.materials))
  const builtL = looseL(proposal.ingredients)
  const additions = log.additions.flatMap(({ ingredient }): Ingredient[] => {
    const material = materialOf(ingredient, surroundings.materials)
    return material ? [{ material, amount: ingredient.amount, ...(ingredient.prepared ? { prepared: ingredient.prepared } : {}) }] : []
  })
  const sum = builtL + looseL(additions) || 1
  return [
    ...strataOf(proposal).map(({ family, short, heightShare }) => ({ family, short, heightShare: heightShare * builtL / sum })),
    ...additions.map((one) => {
      const { material, looseVolumeL } = portionOf(one)
      return { family: material.family, short: material.short, heightShare: looseVolumeL / sum }
    }),
  ]
}

/** A heap at a moment: read where it was read, else as expected. */
interface Moment {
  readonly isNow: boolean
  readonly at: Date
  readonly expected: ExpectedDay | undefined
  readonly readC: number | undefined
  readonly coreC: number | undefined
  readonly heightM: number
}

function momentOf(log: HeapLog, surroundings: Surroundings, day: number | undefined): Moment {
  const today = daysStanding(log, surroundings.now)
  const end = log.finish ? daysBetween(log.built.at, log.finish.at) : undefined
  const wanted = day ?? end ?? today
  const isNow = end === undefined && Math.abs(wanted - today) < 0.26
  const expected = expectedAt(expectCourse(log, surroundings, Math.ceil(wanted)), wanted)
  const at = addHours(new Date(log.built.at), Math.round(wanted * 24))
  const readC = log.readings.findLast(one => one.coreC !== undefined && Math.abs(daysBetween(one.at, at)) < HOT.readNearDays)?.coreC
  const measured = log.heights.findLast(one => Math.abs(daysBetween(one.at, surroundings.now)) < HOT.heightFreshDays)?.heightM
  const expectedM = expected?.heightM.typical ?? 0
  return {
    isNow, at, expected, readC,
    coreC: isNow ? phaseNow(log, surroundings).coreC : readC ?? expected?.coreC.typical,
    heightM: day === undefined && log.finish?.heightM !== undefined ? log.finish.heightM : isNow ? measured ?? expectedM : expectedM,
  }
}

/** The depths as expected, moved to what was read. */
function depthsOf({ expected, coreC }: Moment, ambientC: number): readonly number[] | undefined {
  if (!expected || coreC === undefined) return undefined
  const gain = expected.coreC.typical - ambientC
  const factor = Math.abs(gain) < 1 ? 1 : Math.min(3, Math.max(0, (coreC - ambientC) / gain))
  return expected.depthsC.map(celsius => ambientC + (celsius - ambientC) * factor)
}

function picture(log: HeapLog, surroundings: Surroundings, day?: number): Picture {
  const moment = momentOf(log, surroundings, day)
  const ambientC = surroundings.weather.ambientC(moment.at)
  return heapPicture({
    of: `${log.name} cut open`, vessel: log.built.vessel, bands: bandsOf(log, surroundings), heightM: moment.heightM,
    builtM: expectCourse(log, surroundings, 0)[0]?.heightM.typical, ambientC, usedShare: moment.expected?.usedShare,
    ...(log.finish ? {} : { coreC: moment.coreC, depthsC: depthsOf(moment, ambientC) }),
  })
}

function told(log: HeapLog, surroundings: Surroundings, day?: number): string {
  const { isNow, at, expected, readC, heightM } = momentOf(log, surroundings, day)
  if (!expected) return ''
  const degrees = (value: number) => quantityText('temperature', surroundings.units, value)
  const about = (name: string, { low, typical, high }: ExpectedDay['coreC']) =>
    high - low > 1 ? `${name} ${spanText('temperature', surroundings.units, low, high)}` : `${name} about ${degrees(typical)}`
  const { moisture } = expected
  const heat = readC !== undefined ? `core read at ${degrees(readC)}` : about('core', expected.coreC)
  const state = `${wetnessSpanText(moisture, HEATED.squeezes.right)}, ${partText(expected.usedShare)} of it rotted`
  return `${isNow ? 'Today' : weekdayDateText(at)}: ${heat}, ${about('edge', expected.edgeC)}, `
    + `${quantityText('length', surroundings.units, heightM)} high, ${state}.`
}

/** The last day that the chart of the heat shows: the days that matter for heat. */
export function chartDays(log: HeapLog, surroundings: Surroundings): number {
  return log.finish
    ? daysBetween(log.built.at, log.finish.at)
    : Math.max(HOT.shown.least, daysStanding(log, surroundings.now) + HOT.shown.chartAhead)
}

const startMs = (log: HeapLog) => new Date(log.built.at).getTime()

/** An expected core as a point of the chart. */
export function chartPoint(log: HeapLog, { day, coreC }: ExpectedDay): ChartPoint {
  return { at: startMs(log) + day * DAY_MS, ...coreC }
}

function atStart(log: HeapLog, forecast: Forecast | undefined, last: number): ChartPoint[] {
  const band = forecast?.series.coreAtStartC
  if (!forecast || !band) return []
  return Array.from(forecast.days).flatMap((day, index) =>
    day <= last ? [{ at: startMs(log) + day * DAY_MS, low: band.low[index]!, typical: band.typical[index]!, high: band.high[index]! }] : [],
  )
}

function charts(log: HeapLog, surroundings: Surroundings): Chart[] {
  const last = chartDays(log, surroundings)
  const ms = (at: string) => new Date(at).getTime()
  return [{
    id: 'heat', title: 'Heat', unit: 'temperature', marksAre: 'turned',
    expected: expectCourse(log, surroundings, last).map(one => chartPoint(log, one)),
    atStart: atStart(log, surroundings.forecastOf?.(log.id), last),
    dots: [
      {
        name: 'edge', main: false,
        points: log.readings.flatMap(({ at, edgeC }) => (edgeC === undefined ? [] : [{ at: ms(at), value: edgeC }])),
      },
      { name: 'core', main: true, points: coreReadings(log).map(({ at, coreC, odd }) => ({ at: ms(at), value: coreC, odd })) },
    ],
    marks: log.turns.map(({ at }) => ms(at)),
  }]
}

/** What no number of the forecast knows of. */
const LEAVES_OUT
  = 'Not reckoned with: clods and layers that were never mixed, air channels, what is dug in or taken out unseen, nitrogen that leaves as '
    + 'ammonia, and shade or wind at the very spot.'

/** How a hot heap looks. */
export const look: Look = {
  standing: (batch, surroundings) => standingOf(heapLogOf(batch), surroundings),
  windows: (batch, surroundings) => batch.ended
    ? []
    : [{
        id: READY, label: 'Ready', coming: 'Ready between', announced: 'may be ready', begun: 'Ready to test since',
        leavesOut: LEAVES_OUT,
        ...readyWindow(heapLogOf(batch), surroundings),
      }],
  tasks: (batch, surroundings) => tasksOf(heapLogOf(batch), surroundings),
  picture: (batch, surroundings, day) => picture(heapLogOf(batch), surroundings, day),
  told: (batch, surroundings, day) => told(heapLogOf(batch), surroundings, day),
  lastDay: (batch, surroundings) => lastDay(heapLogOf(batch), surroundings),
  charts: (batch, surroundings) => charts(heapLogOf(batch), surroundings),
  facts: () => [],
  gates: () => [],
  outputs: () => OUTPUTS,
}
