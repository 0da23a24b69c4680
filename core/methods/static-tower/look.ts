import { capital } from '../../units/plural'
import { wetnessText } from '../../plain/states'
import { addHours } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, portionOf } from '../../mix/portion'
import type { Picture, PictureBand, Primitive } from '../../picture/picture'
import { quantityText, roughly, spanText } from '../../units/format'
import { dateText } from '../../units/dates'
import { DAY_MS, daysBetween } from '../../units/time'
import { frontWidthM } from '../../vessel/vessel'
import { ageText, type Chart, type Fact, type Gate, type Look, type Standing, type Surroundings } from '../contract'
import { expectedAt } from '../heated/expected'
import { heapLogOf, type HeapLog, daysStanding } from '../heated/heap-log'
import { heapPicture } from '../heated/picture'
import { coreReadings } from '../heated/readings'
import { expectCourse, middleCourse } from './expect'
import { countedText, takenL, towerOn, wormsGate } from './now'
import { OUTPUTS } from './outputs'
import { channelPlan } from './plan'
import { tasksOf } from './tasks'
import { weeklyLitres } from './water'
import { windowsOf } from './windows'
import { PIPES_OUT, WORMS_GATE, WORMS_IN } from './words'
import { dryZones } from './looking'
import { TOWER } from './constants'

/** Whether its warmth was read lately, and does not only follow from what is in it. */
const isRead = (log: HeapLog, { now }: Surroundings) =>
  coreReadings(log).some(({ odd, at }) => !odd && daysBetween(at, now) < TOWER.staleDays)

const WANTS_MOIST = [TOWER.moist.low, TOWER.moist.high] as const

function standing(log: HeapLog, surroundings: Surroundings): Standing {
  if (log.ended) return { phase: 'ended', label: 'Taken out', sentence: 'It is over.', tone: 'good' }
  const tower = towerOn(log, surroundings)
  if (!tower) return { phase: 'empty', label: 'Empty', sentence: 'Nothing known is in it.', tone: 'mind' }
  const { coreC } = tower
  const figure = quantityText('temperature', surroundings.units, coreC)
  const sentence
    = `${ageText(log, tower.day)}, core about ${figure}${isRead(log, surroundings) ? ' by what was read' : ''}, `
      + `${wetnessText(tower.moisture, WANTS_MOIST)}. ${capital(countedText(tower))}.`
  const dry = dryZones(log, surroundings.now)
  if (dry.length > 0 || tower.moisture < 0.52)
    return { phase: 'dry', label: dry.length > 0 ? `Dry at the ${dry[0]!.name}` : 'Too dry', sentence, figure, tone: 'bad' }
  if (coreC < 1) return { phase: 'frozen', label: 'Frozen', sentence, figure, tone: 'mind' }
  if (coreC >= 60) return { phase: 'hot', label: 'Hotter than it should', sentence, figure, tone: 'mind' }
  if (coreC >= TOWER.wormsBelowC && tower.day < 90) return { phase: 'warm', label: 'Warm', sentence, figure, tone: 'good' }
  if (windowsOf(log, surroundings).some(({ id, from }) => id === 'ready' && from <= surroundings.now))
    return { phase: 'ready', label: 'Ready to test', sentence, figure, tone: 'good' }
  return log.did.some(({ deed }) => deed === WORMS_IN)
    ? { phase: 'worms', label: 'With worms', sentence, figure, tone: 'good' }
    : { phase: 'cool', label: 'Fungi at work', sentence, figure, tone: 'good' }
}

function bandsOf(log: HeapLog, surroundings: Surroundings): PictureBand[] {
  const portions = ingredientsOf(log.built.ingredients, surroundings.materials).map(portionOf)
  const sum = portions.reduce((all, { looseVolumeL }) => all + looseVolumeL, 0) || 1
  return portions.map(({ material, looseVolumeL }) => ({ family: material.family, short: material.short, heightShare: looseVolumeL / sum }))
}

function picture(log: HeapLog, surroundings: Surroundings, day?: number): Picture {
  const tower = towerOn(log, surroundings, day)
  const { site } = log.began
  const measured
    = day === undefined ? log.heights.findLast(({ at }) => daysBetween(at, surroundings.now) < TOWER.heightFreshDays)?.heightM : undefined
  const heightM = log.ended && day === undefined ? 0 : measured ?? tower?.heightM ?? 0
  const ambientC = surroundings.weather.ambientC(surroundings.now)
  const depths = tower ? expectedAt(expectCourse(log, surroundings, Math.ceil(tower.day)), tower.day)?.depthsC : undefined
  const drawn = heapPicture({
    of: `${log.name} cut open`,
    vessel: log.built.vessel,
    bands: bandsOf(log, surroundings),
    heightM,
    builtM: towerOn(log, surroundings, 0)?.heightM,
    ambientC,
    usedShare: tower?.usedShare,
    ...(log.ended || !tower ? {} : { coreC: tower.coreC, depthsC: depths }),
  })
  const channels: Primitive[]
    = site.kind === 'channelled' && heightM > 0 ? site.channels.map(channel => ({ kind: 'channel', channel, heightM })) : []
  const marks = drawn.parts.filter(({ kind }) => kind === 'mark')
  return {
    ...drawn,
    widthM: frontWidthM(log.built.vessel),
    parts: [...drawn.parts.filter(({ kind }) => kind !== 'mark'), ...channels, ...marks],
  }
}

function told(log: HeapLog, surroundings: Surroundings, day?: number): string {
  const tower = towerOn(log, surroundings, day)
  if (!tower) return ''
  const at = addHours(new Date(log.built.at), Math.round(tower.day * 24))
  const expected = expectedAt(expectCourse(log, surroundings, Math.ceil(tower.day)), tower.day)
  const { units } = surroundings
  const core
    = expected && expected.coreC.high - expected.coreC.low > 1 && Math.abs(expected.day - tower.day) < 2
      ? spanText('temperature', units, expected.coreC.low, expected.coreC.high)
      : quantityText('temperature', units, tower.coreC)
  return `${Math.abs(daysBetween(at, surroundings.now)) < 1 ? 'Today' : dateText(at)}: core ${core}, `
    + `${quantityText('length', units, tower.heightM)} high, ${wetnessText(tower.moisture, WANTS_MOIST)}. ${capital(countedText(tower))}.`
}

function lastDay(log: HeapLog, surroundings: Surroundings): number {
  if (log.finish) return Math.max(1, daysBetween(log.built.at, log.finish.at))
  const middle = middleCourse(log, surroundings)
  const ready = windowsOf(log, surroundings).find(({ id }) => id === 'ready')
  return Math.min(
    middle?.question.horizonDay ?? 30,
    Math.max(30, daysStanding(log, surroundings.now) + 30, ready ? daysBetween(log.built.at, ready.to) : 0),
  )
}

function charts(log: HeapLog, surroundings: Surroundings): Chart[] {
  const startMs = new Date(log.built.at).getTime()
  const last = log.finish
    ? daysBetween(log.built.at, log.finish.at)
    : Math.max(TOWER.chart.least, daysStanding(log, surroundings.now) + TOWER.chart.ahead)
  const forecast = surroundings.forecastOf?.(log.id)
  const start = forecast?.series.coreAtStartC
  return [{
    id: 'heat', title: 'Heat', unit: 'temperature',
    expected: expectCourse(log, surroundings, last).map(({ day, coreC }) => ({ at: startMs + day * DAY_MS, ...coreC })),
    atStart:
        forecast && start
          ? Array.from(forecast.days).flatMap((day, at) =>
              day <= last ? [{ at: startMs + day * DAY_MS, low: start.low[at]!, typical: start.typical[at]!, high: start.high[at]! }] : [],
            )
          : [],
    dots: [
      {
        name: 'edge', main: false,
        points: log.readings.flatMap(({ at, edgeC }) => (edgeC === undefined ? [] : [{ at: Date.parse(at), value: edgeC }])),
      },
      { name: 'core', main: true, points: coreReadings(log).map(({ at, coreC, odd }) => ({ at: Date.parse(at), value: coreC, odd })) },
    ],
    marks: log.waterings.map(({ at }) => Date.parse(at)).slice(-60),
    marksAre: 'watered', note: `Worms below ${quantityText('temperature', surroundings.units, TOWER.wormsBelowC)}.`,
  }]
}

function facts(log: HeapLog, surroundings: Surroundings): Fact[] {
  const tower = towerOn(log, surroundings)
  if (!tower || log.ended) return []
  const { units } = surroundings
  const litres = (value: number) => quantityText('volume', units, roughly(value))
  const sunk = 1 - tower.heightM / Math.max(0.01, towerOn(log, surroundings, 0)?.heightM ?? 1)
  const weekly = weeklyLitres(log, surroundings)
  return [
    {
      label: 'Counted days', value: `${Math.min(TOWER.workingDays, Math.floor(tower.workedDays))} of ${TOWER.workingDays}`,
      why: `${Math.round(tower.frozenDays)} frozen and ${Math.round(tower.dryDays)} dry days do not count`,
    },
    {
      label: 'Water each week', value: weekly < 2 ? 'hardly any at this season' : litres(weekly),
      why: 'in the six weeks to come: what dries off less the rain that gets in',
    },
    {
      label: 'Holds now', value: litres(tower.volumeL),
      why:
        `${takenL(log) > 0 ? `${litres(takenL(log))} taken; ` : `sunk by ${Math.max(0, Math.round(100 * sunk))} % so far; `}a quarter to a `
        + 'half in a year is usual',
    },
  ]
}

/** Worms wait until it is cool. */
function gates(log: HeapLog, surroundings: Surroundings): Gate[] {
  if (log.ended || log.did.some(({ deed }) => deed === WORMS_IN)) return []
  const { open, warmC, basis } = wormsGate(log, surroundings)
  const degrees = quantityText('temperature', surroundings.units, warmC)
  const limit = quantityText('temperature', surroundings.units, TOWER.wormsBelowC)
  return [{
    id: WORMS_GATE, label: open ? 'Worms may go in' : 'No worms yet', open,
    reason: open
      ? `three days below ${limit}${basis === 'read' ? ', as read' : ', as expected; a reading makes it sure'}.`
      : `${basis === 'read' ? `it was read at up to ${degrees} within the last days` : `it may still be at ${degrees}`}. They go in `
        + `after three days below ${limit}: read it every other day.`,
  }]
}

const asLog
  = <T>(of: (log: HeapLog, surroundings: Surroundings) => T) =>
    (batch: BegunBatch, surroundings: Surroundings) =>
      of(heapLogOf(batch), surroundings)

/** How a tower looks. */
export const look: Look = {
  standing: asLog(standing), windows: asLog(windowsOf), tasks: asLog(tasksOf),
  picture: (batch, surroundings, day) => picture(heapLogOf(batch), surroundings, day),
  fromAbove: ({ name, began, did, ended }) => ended ? undefined : channelPlan(name, began.site, did.some(({ deed }) => deed === PIPES_OUT)),
  told: (batch, surroundings, day) => told(heapLogOf(batch), surroundings, day),
  lastDay: asLog(lastDay), charts: asLog(charts), facts: asLog(facts), gates: asLog(gates), outputs: () => OUTPUTS,
}
