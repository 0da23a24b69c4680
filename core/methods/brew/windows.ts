import { addMinutes } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { quantityText } from '../../units/format'
import { placeOf, type DayWindow, type NamedWindow, type Surroundings } from '../contract'
import { dayAt } from './course'
import { middleCourse } from './forecast'
import { kindOf } from './kinds'
import { STANDS } from './words'
import { dayText } from '../../units/dates'

/** Before the forecast is there, so much sooner or later. */
const ROUGHLY = { sooner: 0.75, later: 1.35 }

const later = (at: string, days: number) => addMinutes(new Date(at), Math.round(days * 1440))

/** The height of the brew, and the span in which it is used. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const kind = kindOf(batch.began.approachId)
  const { course, question } = middleCourse(batch, surroundings)
  const forecast = surroundings.forecastOf?.(batch.id)
  const days = (id: string, progress: number): DayWindow => {
    const typical = dayAt(course, progress)
    return forecast?.windows[id]?.now ?? { low: typical * ROUGHLY.sooner, typical, high: typical * ROUGHLY.later }
  }
  const height = days('height', 1)
  const [from, until] = [days('from', kind.use.from), days('until', kind.use.until)]
  const mean = question.placeC.slice(0, Math.max(4, Math.ceil(height.typical * 4))).reduce((sum, one, _, all) => sum + one / all.length, 0)
  const place = placeOf(batch.began.answers[STANDS])
  const warmth = `${place.label}, about ${quantityText('temperature', surroundings.units, mean)}: `
    + `${quantityText('temperatureStep', surroundings.units, 10)} warmer would take ${Math.round(100 / kind.q10)} % of the time.`
  const beyond = (day: number) => day >= question.horizonDay - 0.6 ? { orLater: true } : {}
  return [
    {
      id: 'height',
      ...kind.height,
      from: later(batch.began.at, height.low),
      to: later(batch.began.at, height.high),
      ...beyond(height.high),
      reasons: [warmth, ...(kind.foamM ? ['Each foam height moves this: write it down once a day.'] : [])],
    },
    {
      id: 'until', label: 'Use it', coming: 'Use it between', begun: 'Fit to use since', announced: 'is fit to use',
      from: later(batch.began.at, from.typical), to: later(batch.began.at, Math.max(until.typical, from.typical + 0.1)),
      ...beyond(until.typical),
      reasons: [
        kind.aired
          ? 'Aired tea dies within hours once the air is off.'
          : `Use it by ${dayText(later(batch.began.at, until.typical))}; later it is a plain feed, thinned half as much again.`,
      ] },
  ]
}
