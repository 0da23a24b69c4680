import type { BegunBatch } from '../../journal/garden'
import { RIPE_AT } from '../../heat/ripe'
import { dayText } from '../../units/dates'
import { daysBetween } from '../../units/time'
import type { NamedWindow, Surroundings } from '../contract'
import { spansOf } from '../course'
import { ripeDay } from './course'
import { fullDayOf, middleOf } from './forecast'
import { isClosed, lastFedAt } from './feeding'
import { SLOW } from './constants'

/** When it is full, as long as it is fed, and when it has rested long enough. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const middle = middleOf(batch, surroundings)
  if (batch.ended || !middle) return []
  const { question, course } = middle
  const closed = isClosed(batch)
  const spans = spansOf(batch, surroundings, question, SLOW.roughly)
  // What is to come is that much less sure the farther it is; what has come, by its own age.
  const since = (oneDay: number) => oneDay > question.nowDay ? question.nowDay : 0
  const named = (id: string, oneDay: number) => spans.span(id, oneDay, since(oneDay), 1)
  const fullDay = fullDayOf(course)
  const lastFed = lastFedAt(batch)
  const full = closed || spans.days('full', fullDay, since(fullDay)).low >= question.horizonDay - 1
    ? []
    : [
        {
          ...named('full', fullDay),
          label: 'Full',
          coming: 'Full between',
          announced: 'may be full',
          begun: 'Full, as far as can be told, since',
          reasons: ['At the pace of the last weeks, with the sinking counted.', 'What is fed by then rests longest at the bottom.'],
        },
      ]
  const ready: NamedWindow = {
    ...named('ready', ripeDay(course, RIPE_AT, SLOW.restDays)),
    label: 'Ready',
    coming: 'Ready between',
    announced: 'may be ready',
    begun: 'Ready to test since',
    reasons: [
      closed
        ? `Counted from the last caddy, ${dayText(lastFed)}: it rests at least ${SLOW.restDays} days, and until the rawest fifth has `
        + 'hardly '
        + 'anything left to rot.'
        : 'Counted from the last caddy: fed on at this pace until it is full, then resting until the rawest fifth has hardly anything '
          + 'left to rot.',
      'It stays cool: seeds and sickness in it are alive when it is ready.',
    ],
    leavesOut: 'Not reckoned with: clods that were never covered, and what animals carry in or off.',
  }
  return [...full, ready]
}

/** Days since the last caddy. */
export function daysSinceFed(batch: BegunBatch, now: Date): number {
  return daysBetween(lastFedAt(batch), now)
}
