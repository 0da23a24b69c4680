import { daysText } from '../../units/plural'
import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf } from '../../mix/portion'
import { weekdayDateText } from '../../units/dates'
import { quantityText, roughly } from '../../units/format'
import { DAY_MS } from '../../units/time'
import { ageText, type Chart, type Fact, type Look, type Standing, type Surroundings } from '../contract'
import { chartLines, expectedAlong, placeOf } from '../course'
import { dayAsked, frameDay } from './airing'
import { middleOf } from './forecast'
import { guideOf } from './guide'
import { bedPicture } from './picture'
import { bedGround } from './plan'
import { bedWayOf } from './approaches'
import { alongOf, cropBands } from './sequence'
import { hotbedOf, readAt, sownIn, type Hotbed } from './state'
import { tasksOf } from './tasks'
import { windowsOf } from './windows'
import { GLASS, WARMTH } from './words'

const stuffOf = (batch: BegunBatch, { materials }: Pick<Surroundings, 'materials'>) =>
  ingredientsOf(
    batch.puts.flatMap(({ inputs }) => inputs), materials,
  )

function standingOf(batch: BegunBatch, surroundings: Surroundings): Standing {
  const bed = hotbedOf(batch, surroundings)
  if (!bed)
    return {
      phase: 'unknown', label: batch.ended ? 'Taken out' : 'Nothing heats in it',
      sentence: 'What is in it is not known, or does not decay.', tone: 'mind',
    }
  const degrees = (celsius: number) => quantityText('temperature', surroundings.units, celsius)
  const { nowDay, readC, soilC, sowDay, coolDay, sown } = bed
  const day = ageText(batch, nowDay)
  const soil = readC === undefined ? `the soil should be about ${degrees(soilC)}` : `${degrees(readC)} in the soil`
  const figure = degrees(readC ?? soilC)
  const left = (to: number) => Math.max(1, Math.round((to - nowDay) / 7))
  const weeks = (to: number) => `${left(to)} ${left(to) === 1 ? 'week' : 'weeks'}`
  const known: Readonly<Record<Hotbed['phase'], Standing>> = {
    ended: { phase: 'ended', label: 'Taken out', sentence: 'What was left of it is compost.', tone: 'good' },
    building: {
      phase: 'building', label: 'Being built', sentence: 'All of it today: mixed, trodden, soil and frame on it.', figure: 'building',
      tone: 'mind',
    },
    heating: {
      phase: 'heating', label: 'Warming up',
      sentence: `${day}: ${soil}; sow in about ${daysText(Math.max(1, Math.round(sowDay - nowDay)))}.`, figure, tone: 'good',
    },
    burst: {
      phase: 'burst', label: 'First burst',
      sentence: `${day}: ${soil}, too hot for seeds for about ${daysText(Math.max(1, Math.round(sowDay - nowDay)))} more.`,
      figure, tone: 'mind',
    },
    sow: {
      phase: 'sow', label: 'Sow it', sentence: `${day}: ${soil}. The burst is over; it stays warm for about ${weeks(coolDay)}.`,
      figure, tone: 'good',
    },
    growing: {
      phase: 'growing', label: 'Warm and sown',
      sentence: `${day}: ${soil}, warm for about ${weeks(coolDay)} more. In it: ${sown.map(({ name }) => name.toLowerCase()).join(', ')}.`,
      figure, tone: 'good',
    },
    cooling: { phase: 'cooling', label: 'Cooling', sentence: `${day}: ${soil}. Glass and sun carry it now.`, figure, tone: 'mind' },
    spent: { phase: 'spent', label: 'Heat over', sentence: `${day}: ${soil}. What lies there is half-ripe compost.`, figure, tone: 'good' },
  }
  return known[bed.phase]
}

function charts(batch: BegunBatch, surroundings: Surroundings): Chart[] {
  const middle = middleOf(batch, surroundings)
  if (!middle) return []
  const { course, question: { bed: { weather } } } = middle
  const startMs = Date.parse(batch.began.at)
  const forecast = surroundings.forecastOf?.(batch.id)
  const read = (spot: string) =>
    (batch.gauged[WARMTH] ?? []).filter(one => one.spot === spot).map(({ at, value }) => ({ at: Date.parse(at), value }))
  const outside = Array.from({ length: Math.min(weather.airC.length, Math.ceil(course.days.at(-1) ?? 0)) }, (_, day) => ({
    at: startMs + day * DAY_MS, value: weather.airC[day]!,
  }))
  return [{
    id: 'soil', title: 'Warmth of the soil', unit: 'temperature',
    ...chartLines(batch.began.at, expectedAlong(middle.days, course.soilDayC, forecast, 'soilC'), forecast, 'soilAtStartC'),
    dots: [
      { name: 'soil', main: true, points: read('soil') }, { name: 'heart', main: false, points: read('core') },
      { name: 'outside', main: false, points: outside.filter((_, day) => day % 3 === 0) },
    ],
    marks: sownIn(batch).map(({ at }) => Date.parse(at)), marksAre: 'sown',
  }]
}

function facts(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  const bed = hotbedOf(batch, surroundings)
  if (!bed || batch.ended) return []
  const { units, now } = surroundings
  const degrees = (celsius: number) => quantityText('temperature', units, celsius)
  const { day, word } = dayAsked(now)
  const frame = frameDay(bed, day, surroundings)
  const restL = bed.heightM * bed.ground.footprintM2 * 1000
  const heartC = readAt(batch, 'core', bed.nowDay)
  return [
    {
      label: 'In its heart', value: heartC === undefined ? `about ${degrees(bed.coreC)}` : `${degrees(heartC)} as read`,
      why: `${quantityText('length', units, bed.heightM)} high; air outside ${degrees(surroundings.weather.ambientC(now))} over the day`,
    },
    ...(bed.ground.top.cover === 'none'
      ? []
      : [
          {
            label: `Shut frame ${word}`, value: `up to ${degrees(frame.shutC)}`,
            why: frame.known
              ? `by what is foretold: ${degrees(frame.coldestC)} to ${degrees(frame.warmestC)}`
              : 'by the sun and air that are usual now',
          },
        ]),
    {
      label: 'It will leave', value: `about ${quantityText('volume', units, roughly(restL * 0.85))}`,
      why: 'half-ripe compost when its heat is over',
    },
  ]
}

/** How a hotbed looks. */
export const look: Look = {
  standing: standingOf, windows: windowsOf, tasks: tasksOf, charts, facts, guide: guideOf,
  picture: (batch, surroundings, day) => {
    const middle = middleOf(batch, surroundings)
    const ground = bedGround(batch.began)
    const at = middle ? placeOf(middle.days, day ?? middle.question.nowDay) : 0
    const when = day ?? middle?.question.nowDay ?? 0
    const off
      = batch.did.findLast(({ deed, at: done }) => deed === GLASS
        && Date.parse(done) <= Date.parse(batch.began.at) + when * DAY_MS)?.answers
        .now === 'off'
    return bedPicture({
      of: batch.name,
      site: batch.began.site,
      ground,
      ingredients: stuffOf(batch, surroundings),
      heightM: Math.max(0.05, middle?.course.heightM[at] ?? 0.3),
      glass: ground.top.cover !== 'none' && !off,
      trays: bedWayOf(batch.began.approachId).trays,
      grows: sownIn(batch).some(one => one.day + 5 < when),
      ...(middle
        ? {
            coreC: readAt(batch, 'core', when) ?? middle.course.coreC[at]!,
            soilC: readAt(batch, 'soil', when) ?? middle.course.soilDayC[at]!,
            airC: middle.question.bed.weather.airC[Math.min(middle.question.bed.weather.airC.length - 1, Math.floor(when))] ?? 5,
          }
        : {}),
    })
  },
  told: (batch, surroundings, day) => {
    const middle = middleOf(batch, surroundings)
    if (!middle) return 'What is in it is not known.'
    const wanted = Math.min(middle.question.horizonDay, day ?? middle.question.nowDay)
    const at = placeOf(middle.days, wanted)
    const when
      = Math.abs(wanted - middle.question.nowDay) < 0.6 ? 'Now' : weekdayDateText(new Date(Date.parse(batch.began.at) + wanted * DAY_MS))
    const degrees = (celsius: number) => quantityText('temperature', surroundings.units, celsius)
    const spot = (name: string, of: 'soil' | 'core', expectedC: number) => {
      const readC = readAt(batch, of, wanted)
      return readC === undefined ? `${name} about ${degrees(expectedC)}` : `${name} read at ${degrees(readC)}`
    }
    return `${when}: ${spot('soil', 'soil', middle.course.soilDayC[at]!)}, ${spot('heart', 'core', middle.course.coreC[at]!)}, `
      + `${quantityText('length', surroundings.units, middle.course.heightM[at]!)} high.`
  },
  lastDay: (batch, surroundings) => middleOf(batch, surroundings)?.question.horizonDay ?? 1,
  gates: () => [],
  bands: (batch, surroundings) => {
    const middle = middleOf(batch, surroundings)
    const bed = hotbedOf(batch, surroundings)
    return middle && bed && !batch.ended
      ? cropBands(
          alongOf(middle.course, new Date(batch.began.at), Math.max(bed.sowDay, bed.nowDay), surroundings),
          bed.sown,
        )
      : undefined
  },
  outputs: (batch, surroundings) => {
    const bed = hotbedOf(batch, surroundings)
    const expectedL = bed ? bed.heightM * bed.ground.footprintM2 * 1000 : 0
    return [
      {
        materialId: 'heap-half-rotted', label: 'Compost, half ripe', hint: 'onto beds in autumn, into the next heap, or left to ripen',
        expectedL,
      },
      {
        materialId: 'garden-soil', label: 'The soil of the frame', hint: 'back to the beds, or for the next frame',
        expectedL: bed ? bed.ground.soilM * bed.ground.footprintM2 * 1000 * 0.9 : 0,
      },
    ]
  },
}
