import { addMinutes } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import type { Picture } from '../../picture/picture'
import { containerText } from '../../units/container'
import { quantityText, roughly } from '../../units/format'
import { DOSE_AREA } from '../../units/small'
import { daysBetween } from '../../units/time'
import { numberOf } from '../../questions/question'
import type { Chart, Fact, Look, Surroundings } from '../contract'
import { chartLines, expectedAlong } from '../course'
import { dilutionFor } from './amounts'
import { dayAt } from './course'
import { middleCourse } from './forecast'
import { kindOf, type BrewKind } from './kinds'
import { airIsOn, isFoul, leftL, partsNow, progressOf, standingOf } from './standing'
import { tasksOf } from './tasks'
import { windowsOf } from './windows'
import { AREA, FOAM } from './words'
import { brewPicture } from './picture'
import { timeText, weekdayDateText } from '../../units/dates'

const momentOf = (at: Date) => `${weekdayDateText(at)}, ${timeText(at)}`

const at = (days: Float64Array, day: number) => Math.max(0, days.findIndex(one => one >= day - 1e-9))

function lastDay(batch: BegunBatch, surroundings: Surroundings): number {
  const { course, question } = middleCourse(batch, surroundings)
  const { until } = kindOf(batch.began.approachId).use
  return Math.max(1, Math.min(question.horizonDay, Math.max(question.nowDay + 0.5, dayAt(course, until) * 1.15)))
}

function picture(batch: BegunBatch, surroundings: Surroundings, day?: number): Picture {
  const kind = kindOf(batch.began.approachId)
  const { question, course } = middleCourse(batch, surroundings)
  const wanted = day ?? question.nowDay
  const here = at(course.days, wanted)
  const gauged
    = day === undefined ? (batch.gauged[FOAM] ?? []).findLast(one => daysBetween(one.at, surroundings.now) < 0.8)?.value : undefined
  const inL = batch.puts.reduce((sum, { waterL }) => sum + waterL, 0)
  const share = batch.ended ? 0 : day === undefined && inL > 0 ? leftL(batch) / inL : 1
  return brewPicture({
    of: batch.name, kind, site: batch.began.site, share, progress: course.progress[here]!, foamM: gauged ?? course.foamM[here]!,
    aired: airIsOn(batch),
  })
}

const wayWords = ({ use }: BrewKind, progress: number) =>
  progress > use.until
    ? 'past its best'
    : progress >= use.from
      ? 'at its height'
      : `${Math.round(100 * progress)} % of the way to its height`

function told(batch: BegunBatch, surroundings: Surroundings, day?: number): string {
  const { question, course } = middleCourse(batch, surroundings)
  const kind = kindOf(batch.began.approachId)
  const wanted = Math.min(question.horizonDay, day ?? question.nowDay)
  const here = at(course.days, wanted)
  const when = Math.abs(wanted - question.nowDay) < 0.1 ? 'Now' : momentOf(addMinutes(new Date(batch.began.at), Math.round(wanted * 1440)))
  const foam = kind.foamM ? `foam about ${quantityText('length', surroundings.units, course.foamM[here]!)}, ` : ''
  return `${when}: ${foam}${quantityText('temperature', surroundings.units, course.liquidC[here]!)} in it, `
    + `${wayWords(kind, course.progress[here]!)}.`
}

function charts(batch: BegunBatch, surroundings: Surroundings): Chart[] {
  const kind = kindOf(batch.began.approachId)
  if (!kind.foamM) return []
  const { course } = middleCourse(batch, surroundings)
  const forecast = surroundings.forecastOf?.(batch.id)
  return [{
    id: 'foam', title: 'Foam', unit: 'length',
    ...chartLines(batch.began.at, expectedAlong(course.days, course.foamM, forecast, 'foamM'), forecast, 'foamAtStartM', {
      lastDay: lastDay(batch, surroundings),
    }),
    dots: [{
      name: 'foam',
      main: true,
      points: (batch.gauged[FOAM] ?? []).map(({ at: moment, value }) => ({ at: Date.parse(moment), value })),
    }],
    marks: batch.uses.map(({ at: moment }) => Date.parse(moment)),
    marksAre: 'given',
  }]
}

function facts(batch: BegunBatch, surroundings: Surroundings): Fact[] {
  if (batch.ended) return []
  const { units, garden: { waterCan } } = surroundings
  const area = numberOf(batch.began.answers, AREA) ?? 0
  const litres = (value: number) => quantityText('volume', units, value, 1)
  const parts = partsNow(batch, surroundings).usual
  const { concentrateL, totalL } = dilutionFor(area, parts, 1)
  if (isFoul(batch)) return [{ label: 'Left', value: litres(leftL(batch)), why: 'none of it for beds: it is foul' }]
  return [
    {
      label: 'Left', value: litres(leftL(batch)),
      why: `enough for about ${quantityText('area', units, roughly(leftL(batch) * (1 + parts)), 0)} at 1 to ${parts}`,
    },
    ...(area > 0
      ? [
          {
            label: `For your ${quantityText('area', units, area, 0)}`,
            value: `${litres(concentrateL)} in ${containerText(totalL / waterCan.volumeL, waterCan)}`,
            why: `1 part to ${parts} of water, ${litres(DOSE_AREA[units].areaM2)} of it on ${DOSE_AREA[units].words}`,
          },
        ]
      : []),
  ]
}

/** How a brew looks. */
export const look: Look = {
  standing: standingOf,
  windows: (batch, surroundings) => (batch.ended || isFoul(batch) ? [] : windowsOf(batch, surroundings)),
  tasks: tasksOf,
  picture,
  told,
  lastDay,
  charts,
  facts,
  gates: (batch, surroundings) => {
    const kind = kindOf(batch.began.approachId)
    const progress = progressOf(batch, surroundings)
    if (isFoul(batch) && !batch.ended)
      return [{ id: 'give', label: 'Onto beds', open: false, reason: 'Foul: onto the heap, not onto beds.' }]
    return batch.ended
      ? []
      : [
          {
            id: 'give', label: 'Onto beds', open: progress >= kind.use.from && progress <= kind.use.until,
            reason:
              progress < kind.use.from
                ? 'Not before its height: raw starch and greens rob the soil of air.'
                : progress <= kind.use.until
                  ? 'At its height: now.'
                  : 'Past its height: thinner, as a feed only.',
          },
        ]
  },
  outputs: () => [{ materialId: 'brew-solids', label: 'Strained solids', hint: 'into the next heap, well covered, or under mulch' }],
}
