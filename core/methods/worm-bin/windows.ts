import { addHours } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { quantityText } from '../../units/format'
import type { NamedWindow, Surroundings } from '../contract'
import { wormApproach } from './approaches'
import { ROOM_KG_M2 } from './course'
import { crowdedDay, CROWDED, harvestDay, HARVEST, since } from './forecast'
import { binOn, middleOf } from './now'
import { REACHABLE } from './outputs'

const later = (at: string, days: number) => addHours(new Date(at), Math.round(days * 24))
/** Without a forecast yet. */
const ROUGHLY = { sooner: 0.75, later: 1.5 }

/** When castings are worth taking, and when the herd wants a second box. In a tower nothing is taken. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const middle = middleOf(batch, surroundings)
  if (batch.ended || !middle || wormApproach(batch.began.approachId).id === 'tower') return []
  const { question, course } = middle
  const { areaM2, nowDay, horizonDay } = question
  const forecast = surroundings.forecastOf?.(batch.id)
  const window = (id: string, day: number) =>
    forecast?.windows[id]?.now ?? {
      low: Math.min(day, nowDay + (day - nowDay) * ROUGHLY.sooner), typical: day, high: nowDay + (day - nowDay) * ROUGHLY.later,
    }
  const dates = (id: string, day: number) => {
    const { low, high } = window(id, day)
    return {
      from: later(batch.began.at, low), to: later(batch.began.at, Math.max(low + 1, high)),
      ...(high >= horizonDay - 1 ? { orLater: true } : {}),
    }
  }
  const from = since(question)
  const [harvest, crowded] = [harvestDay(course, areaM2, from), crowdedDay(course, areaM2, from)]
  const litres = quantityText('volume', surroundings.units, (binOn(batch, surroundings, harvest)?.castingsL ?? 0) * REACHABLE)
  return [
    ...(window('harvest', harvest).low < horizonDay - 1
      ? [
          {
            id: 'harvest',
            ...dates('harvest', harvest),
            label: 'Harvest',
            coming: 'Castings worth taking between',
            announced: 'may be worth a harvest',
            begun: 'Castings worth taking since',
            reasons: [
              `From then on castings are at least ${Math.round(100 * HARVEST.share)} % of what is in it; about ${litres} can be taken, `
              + 'and the worms go on.',
              'Feed one end only from four weeks before: they move over by themselves.',
            ],
          },
        ]
      : []),
    ...(window('crowded', crowded).low < horizonDay - 1
      ? [
          {
            id: 'crowded',
            ...dates('crowded', crowded),
            label: 'Crowded',
            coming: 'A second box between',
            announced: 'may get crowded',
            begun: 'Crowded, as far as can be told, since',
            reasons: [
              `The herd then fills ${Math.round(100 * CROWDED)} % of its room `
              + `(${quantityText('mass', surroundings.units, ROOM_KG_M2 * areaM2, 1)} at most): split it, or give some away.`,
            ],
          },
        ]
      : []),
  ]
}
