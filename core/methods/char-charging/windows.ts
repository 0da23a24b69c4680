import { addDays } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import type { NamedWindow, Surroundings } from '../contract'
import { spansOf } from '../course'
import { dayCharged, usualDays } from './course'
import { ENOUGH } from '../../materials/char-state'
import { middleOf } from './forecast'
import { driesDaysOf } from './state'
import { waterState } from './water'
import { sizeOf, wayOf } from './ways'
import { DRAINED, LIFTED, SIZE, STANDS } from './words'
import { placeFor } from './question'
import { CHARGE } from './constants'

/** When it is charged, and when it has dried. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  if (batch.ended || waterState(batch, surroundings).filledAt === undefined) return []
  const { began, did } = batch
  const way = wayOf(began.approachId)
  const driesDays = driesDaysOf(batch, way)
  const out = did.find(({ deed }) => deed === DRAINED || deed === LIFTED)
  const dry = (from: Date, to: Date): NamedWindow[] =>
    way.driesDays === 0
      ? []
      : [
          {
            id: 'dry', label: 'Dry enough to spread', coming: 'Dry enough to spread between', begun: 'May be dry enough since',
            announced: 'may be dry enough to spread', from: addDays(from, driesDays), to: addDays(to, driesDays + 2),
            reasons: [
              `${driesDays} days ${driesDays > way.driesDays ? 'in its can, lid ajar,' : 'in the shade'} after it was `
              + `${way.kind === 'bag' ? 'lifted' : 'drained'}; rain and cold make it longer.`,
            ],
          },
        ]
  const middle = middleOf(batch, surroundings)
  const typical = dayCharged(middle.days, middle.course.charged, ENOUGH)
  const usual = usualDays(way, sizeOf(began.answers[SIZE]).times)
  const span = spansOf(batch, surroundings, middle.question, CHARGE.roughly, CHARGE.nearEndDays).span('charged', typical)
  const charged: NamedWindow = {
    ...span,
    label: 'Charged',
    coming: 'Charged between',
    begun: 'May be charged since',
    announced: 'may be charged',
    reasons: [
      `${way.name}, pieces ${sizeOf(began.answers[SIZE]).label(surroundings.units)}: usually ${Math.round(usual.low)} to `
      + `${Math.round(usual.high)} days.`,
      way.q10 === 1
        ? 'It makes its own warmth.'
        : `${placeFor(way, began.answers[STANDS]).label}: the colder, the slower; in frost not at all.`,
      'What floats and what bubbles makes it surer.',
    ],
  }
  if (!out) return [charged, ...dry(span.from, span.to)]
  // Out of the water it charges no further: there is no day to wait for.
  return dry(new Date(out.at), new Date(out.at))
}
