import type { BegunBatch } from '../../journal/garden'
import { quantityText } from '../../units/format'
import type { NamedWindow, Surroundings } from '../contract'
import { spansOf } from '../course'
import { middleOf } from './forecast'
import { SOWN } from './words'
import { coolDay, sowDay, spentDay } from './marks'
import { BED } from './constants'

/** Before the forecast is there, so much sooner or later. */
const ROUGHLY = { capped: true, ...BED.roughly }

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
          coming: 'To be sown from between',
          begun: 'May be sown since',
          announced: 'may be sown',
          reasons: [`First it bursts with heat; seeds and roots want less than ${degrees(BED.sowBelowC)}.`, 'Your readings sharpen it.'],
        },
      ]
  return [
    ...sow,
    {
      label: `Under ${degrees(BED.warmC)}`,
      ...span('cool', coolDay(course)),
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
      ...span('spent', spentDay(course)),
      coming: 'Its heat is over between',
      begun: 'Its heat may be over since',
      announced: 'may have no more heat',
      reasons: ['When its heart is hardly warmer than its soil. What is left is half-ripe compost.'],
    },
  ]
}
