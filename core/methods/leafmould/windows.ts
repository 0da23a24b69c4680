import { addHours } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { quantityText } from '../../units/format'
import type { NamedWindow, Surroundings } from '../contract'
import { dayLeft } from './course'
import { lastFillDay } from './forecast'
import { middleOf } from './now'
import { GRADES, type GradeId } from './rates'

/** Before the forecast is there, a grade may come so much sooner or later than in the middle, counted from now. */
const ROUGHLY = { sooner: 0.8, later: 1.35 }

const later = (at: string, days: number) => addHours(new Date(at), Math.round(days * 24))
const percent = (share: number) => `${Math.round(100 * share)} %`

/** Mulch, potting mould and fine mould: when each is there, by what is left of the leaves. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const middle = middleOf(batch, surroundings)
  if (!middle) return []
  const { question, course } = middle
  const forecast = surroundings.forecastOf?.(batch.id)
  return GRADES.map(({ id, label, massLeft, use }): NamedWindow => {
    const typical = dayLeft(course, massLeft, lastFillDay(question))
    const from = lastFillDay(question)
    const known = forecast?.windows[id]?.now
    const last = question.horizonDay - 1
    const unseen = typical >= last
    const low = known?.low ?? (unseen ? last : from + (typical - from) * ROUGHLY.sooner)
    const high = known?.high ?? (unseen ? last : from + (typical - from) * ROUGHLY.later)
    return {
      id,
      label,
      from: later(batch.began.at, low),
      to: later(batch.began.at, unseen ? high : Math.max(high, low + 1)),
      ...(high >= last ? { orLater: true } : {}),
      coming: `${label} between`, begun: `${label}, as far as can be told, since`, announced: `may give ${label.toLowerCase()}`,
      reasons: [
        ...(unseen
          ? [
              'As it stands this is not in sight: too dry, too cold, or leaves that take many years. Dry leaves that are wetted through '
              + 'go on at once.',
            ]
          : []),
        `${label}: no more than ${percent(massLeft)} of the leaves' own mass is left; ${use}.`,
        'Counted from the last filling, with the warmth of this place '
        + `(${quantityText('temperature', surroundings.units, meanOf(question.airC))} over a year); frozen days do not count, dry ones `
        + 'hardly.',
      ],
    }
  })
}

/** When each grade comes in the middle of what is possible; those that are not in sight are left out. */
export function comingOf(
  batch: BegunBatch, surroundings: Surroundings,
): { readonly id: GradeId, readonly label: string, readonly at: Date }[] {
  const middle = middleOf(batch, surroundings)
  if (!middle) return []
  return GRADES.flatMap(({ id, label, massLeft }) => {
    const day = dayLeft(middle.course, massLeft, lastFillDay(middle.question))
    return day < middle.question.horizonDay - 1 ? [{ id, label, at: later(batch.began.at, day) }] : []
  })
}

const meanOf = (airC: readonly number[] | ArrayLike<number>) => {
  const year = Array.from(airC).slice(0, 365)
  return year.reduce((sum, one) => sum + one, 0) / Math.max(1, year.length)
}
