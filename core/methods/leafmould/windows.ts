import type { BegunBatch } from '../../journal/garden'
import { percentText, quantityText } from '../../units/format'
import type { NamedWindow, Surroundings } from '../contract'
import { daysAfter, spansOf } from '../course'
import { dayLeft } from './course'
import { lastFillDay, middleOf } from './forecast'
import { GRADES, type GradeId } from './rates'
import { LEAF } from './constants'

/** Mulch, potting mould and fine mould: when each is there, by what is left of the leaves. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const middle = middleOf(batch, surroundings)
  if (!middle) return []
  const { question, course } = middle
  const spans = spansOf(batch, surroundings, question, LEAF.roughly)
  const from = lastFillDay(question)
  const last = question.horizonDay - 1
  return GRADES.map(({ id, label, massLeft, use }): NamedWindow => {
    const typical = dayLeft(course, massLeft, from)
    const unseen = typical >= last
    return {
      ...(unseen ? spans.span(id, last, last) : spans.span(id, typical, from, 1)), label,
      coming: `${label} between`, begun: `${label}, as far as can be told, since`, announced: `may give ${label.toLowerCase()}`,
      reasons: [
        ...(unseen
          ? [
              'As it stands this is not in sight: too dry, too cold, or leaves that take many years. Dry leaves that are wetted through '
              + 'go on at once.',
            ]
          : []),
        `${label}: no more than ${percentText(massLeft)} of the leaves' own mass is left; ${use}.`,
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
    return day < middle.question.horizonDay - 1 ? [{ id, label, at: daysAfter(batch.began.at, day) }] : []
  })
}

const meanOf = (airC: readonly number[] | ArrayLike<number>) => {
  const year = Array.from(airC).slice(0, 365)
  return year.reduce((sum, one) => sum + one, 0) / Math.max(1, year.length)
}
