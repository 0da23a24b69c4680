import type { BegunBatch } from '../../journal/garden'
import { quantityText } from '../../units/format'
import type { NamedWindow, Surroundings } from '../contract'
import { spansOf } from '../course'
import { wormApproach } from './approaches'
import { crowdedDay, harvestDay, middleOf, since } from './forecast'
import { binOn } from './now'
import { WORM } from './constants'

/** When castings are worth taking, and when the herd wants a second box. In a tower nothing is taken. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const middle = middleOf(batch, surroundings)
  if (batch.ended || !middle || wormApproach(batch.began.approachId).id === 'tower') return []
  const { question, course } = middle
  const { areaM2, nowDay, horizonDay } = question
  const spans = spansOf(batch, surroundings, question, WORM.roughly)
  // What is to come is that much less sure the farther it is; what has come stays where it was.
  const dates = (id: string, day: number) => spans.span(id, day, Math.min(day, nowDay), 1)
  const isSeen = (id: string, day: number) => spans.days(id, day, Math.min(day, nowDay)).low < horizonDay - 1
  const from = since(question)
  const [harvest, crowded] = [harvestDay(course, areaM2, from), crowdedDay(course, question, from)]
  const litres = quantityText('volume', surroundings.units, (binOn(batch, surroundings, harvest)?.castingsL ?? 0) * WORM.reachable)
  return [
    ...(isSeen('harvest', harvest)
      ? [
          {
            ...dates('harvest', harvest),
            label: 'Harvest',
            coming: 'Castings worth taking between',
            announced: 'may be worth a harvest',
            begun: 'Castings worth taking since',
            reasons: [
              `From then on castings are at least ${Math.round(100 * WORM.harvest.share)} % of what is in it; about ${litres} can be `
              + 'taken, '
              + 'and the worms go on.',
              'Feed one end only from four weeks before: they move over by themselves.',
            ],
          },
        ]
      : []),
    ...(isSeen('crowded', crowded)
      ? [
          {
            ...dates('crowded', crowded),
            label: 'Crowded',
            coming: 'A second box between',
            announced: 'may get crowded',
            begun: 'Crowded, as far as can be told, since',
            reasons: [
              `The herd then fills ${Math.round(100 * WORM.crowded)} % of its room `
              + `(${quantityText('mass', surroundings.units, WORM.roomKgM2 * areaM2, 1)} at most): split it, or give some away.`,
            ],
          },
        ]
      : []),
  ]
}
