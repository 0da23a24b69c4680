import type { BegunBatch } from '../../journal/garden'
import { grownOverOf } from '../../sheets/smothering'
import type { NamedWindow, Surroundings } from '../contract'
import { spansOf } from '../course'
import { middleOf, throughDay } from './forecast'
import { sheetWayOf } from './ways'
import { GROWN, PLANTED } from './words'
import { SHEET } from './constants'

/** Before the forecast is there, so much sooner or later. */
const ROUGHLY = { capped: true, ...SHEET.roughly }

/** When it is through. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  if (batch.ended || batch.did.some(({ deed }) => deed === PLANTED)) return []
  const way = sheetWayOf(batch.began.approachId)
  const { question, course } = middleOf(batch, surroundings)
  const { wants } = question
  const typical = throughDay(course.times, course.spent)
  const counted = `${Math.round(wants.low)} to ${Math.round(wants.high)} days of growing warmth`
  return [{
    ...way.through, ...spansOf(batch, surroundings, question, ROUGHLY).span(way.through.id, typical),
    reasons:
        way.id === 'whole'
          ? [
              `${grownOverOf(batch.began.answers[GROWN]).says}`,
              `It takes ${counted} in the dark; cold days count little, frozen ones not at all.`,
              'What you see under a corner makes it surer.',
            ]
          : [`It takes about ${counted}.`, 'What you see under a corner makes it surer.'],
  }]
}
