import { addHours } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { quantityText } from '../../units/format'
import type { NamedWindow, Surroundings } from '../contract'
import { middleOf } from './forecast'
import { SOWN } from './words'
import { coolDay, SOW_BELOW_C, sowDay, spentDay, WARM_C } from './marks'

/** Before the forecast is there, so much sooner or later. */
const ROUGHLY = { sooner: 0.75, later: 1.35 }

/** When it can be sown, how long it is warm, and when it has no more to give. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const middle = middleOf(batch, surroundings)
  if (!middle || batch.ended) return []
  const { course, question: { horizonDay } } = middle
  const known = surroundings.forecastOf?.(batch.id)?.windows
  const later = (day: number) => addHours(new Date(batch.began.at), Math.round(24 * Math.min(horizonDay, day)))
  const degrees = (celsius: number) => quantityText('temperature', surroundings.units, celsius)
  const span = (id: 'sow' | 'cool' | 'spent', typical: number) => {
    const low = known?.[id]?.now.low ?? typical * ROUGHLY.sooner
    const high = Math.max(low, known?.[id]?.now.high ?? typical * ROUGHLY.later)
    return { from: later(low), to: later(high), ...(high >= horizonDay - 1 ? { orLater: true } : {}) }
  }
  const sow: NamedWindow[] = batch.did.some(({ deed }) => deed === SOWN)
    ? []
    : [
        {
          id: 'sow', label: 'To be sown',
          ...span('sow', sowDay(course)),
          coming: 'To be sown from between',
          begun: 'May be sown since',
          announced: 'may be sown',
          reasons: [`First it bursts with heat; seeds and roots want less than ${degrees(SOW_BELOW_C)}.`, 'Your readings sharpen it.'],
        },
      ]
  return [
    ...sow,
    {
      id: 'cool', label: `Under ${degrees(WARM_C)}`,
      ...span('cool', coolDay(course)),
      coming: `The soil falls under ${degrees(WARM_C)} between`,
      begun: `The soil may be under ${degrees(WARM_C)} since`,
      announced: `may be cooler than ${degrees(WARM_C)}`,
      reasons: [
        'By what is in it, how deep it is, its sides and glass, the sun of the month and the air outside.',
        'From then on glass and sun carry it; salads go on.',
      ],
    },
    {
      id: 'spent', label: 'Heat over',
      ...span('spent', spentDay(course)),
      coming: 'Its heat is over between',
      begun: 'Its heat may be over since',
      announced: 'may have no more heat',
      reasons: ['When its heart is hardly warmer than its soil. What is left is half-ripe compost.'],
    },
  ]
}
