import { max } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { quantityText } from '../../units/format'
import type { NamedWindow, Surroundings } from '../contract'
import { spansOf, type Span } from '../course'
import { middleOf } from './forecast'
import { SOWN } from './words'
import { coolDay, sowDay, spentDay } from './marks'
import { BED } from './constants'

/** Before the forecast is there, so much sooner or later. */
const ROUGHLY = { capped: true, ...BED.roughly }

/** No end of the warmth is told before the day on which it is to be sown: what never warms is sown when the air is warm enough. */
const notBefore = (sow: Span | undefined, span: Span): Span =>
  sow && span.from < sow.from ? { ...span, from: sow.from, to: max([span.to, sow.from]) } : span

/** When it can be sown, how long it is warm, and when it has no more to give. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const middle = middleOf(batch, surroundings)
  if (!middle || batch.ended) return []
  const { course, question } = middle
  const { span } = spansOf(batch, surroundings, question, ROUGHLY)
  const degrees = (celsius: number) => quantityText('temperature', surroundings.units, celsius)
  const sow: NamedWindow[] = batch.did.some(({ deed }) => deed === SOWN)
    ? []
    : [
        {
          label: 'To be sown',
          ...span('sow', sowDay(course)),
          coming: 'To be sown between',
          begun: 'May be sown since',
          announced: 'may be sown',
          reasons: [`First it bursts with heat; seeds and roots want less than ${degrees(BED.sowBelowC)}.`, 'Your readings sharpen it.'],
        },
      ]
  return [
    ...sow,
    {
      label: `Under ${degrees(BED.warmC)}`,
      ...notBefore(sow[0], span('cool', coolDay(course))),
      coming: `The soil falls under ${degrees(BED.warmC)} between`,
      begun: `The soil may be under ${degrees(BED.warmC)} since`,
      announced: `may be cooler than ${degrees(BED.warmC)}`,
      reasons: [
        'By what is in it, how deep it is, its sides and glass, the sun of the month and the air outside.',
        'From then on glass and sun carry it; salads go on.',
      ],
    },
    {
      label: 'Heat over',
      ...notBefore(sow[0], span('spent', spentDay(course))),
      coming: 'Its heat is over between',
      begun: 'Its heat may be over since',
      announced: 'may have no more heat',
      reasons: ['When its heart is hardly warmer than its soil. What is left is half-ripe compost.'],
    },
  ]
}
