import type { BegunBatch } from '../../journal/garden'
import { quantityText } from '../../units/format'
import { placeOf, type NamedWindow, type Surroundings } from '../contract'
import { daysAfter, spansOf } from '../course'
import { dayAt } from './course'
import { middleCourse } from './forecast'
import { kindOf } from './kinds'
import { STANDS } from './words'
import { dayText } from '../../units/dates'
import { BREW } from './constants'

/** The window in which it is used. */
export const USE = 'until'

/** The height of the brew, and the span in which it is used. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const kind = kindOf(batch.began.approachId)
  const { course, question } = middleCourse(batch, surroundings)
  const { days, span } = spansOf(batch, surroundings, question, BREW.roughly, BREW.nearEndDays)
  const heightDay = dayAt(course, 1)
  const height = days('height', heightDay)
  const [from, until] = [days('from', dayAt(course, kind.use.from)), days('until', dayAt(course, kind.use.until))]
  const mean = question.placeC.slice(0, Math.max(4, Math.ceil(height.typical * 4))).reduce((sum, one, _, all) => sum + one / all.length, 0)
  const place = placeOf(batch.began.answers[STANDS])
  const warmth = `${place.label}, about ${quantityText('temperature', surroundings.units, mean)}: `
    + `${quantityText('temperatureStep', surroundings.units, 10)} warmer would take ${Math.round(100 / kind.q10)} % of the time.`
  return [
    {
      ...kind.height,
      ...span('height', heightDay),
      reasons: [warmth, ...(kind.foamM ? ['Each foam height moves this: write it down once a day.'] : [])],
    },
    {
      id: USE, label: 'Use it', coming: 'Use it between', begun: 'Fit to use since', announced: 'is fit to use',
      from: daysAfter(batch.began.at, from.typical), to: daysAfter(batch.began.at, Math.max(until.typical, from.typical + 0.1)),
      ...(until.typical >= question.horizonDay - BREW.nearEndDays ? { orLater: true } : {}),
      reasons: [
        kind.aired
          ? 'Aired tea dies within hours once the air is off.'
          : `Use it by ${dayText(daysAfter(batch.began.at, until.typical))}; later it is a plain feed, given thinner.`,
      ] },
  ]
}
