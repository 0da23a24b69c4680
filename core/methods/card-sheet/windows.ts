import { addHours } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { grownOverOf } from '../../sheets/smothering'
import type { NamedWindow, Surroundings } from '../contract'
import { middleOf, throughDay } from './forecast'
import { sheetWayOf } from './ways'
import { GROWN, PLANTED } from './words'

/** Before the forecast is there, so much sooner or later. */
const ROUGHLY = { sooner: 0.8, later: 1.25 }

/** When it is through. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  if (batch.ended || batch.did.some(({ deed }) => deed === PLANTED)) return []
  const way = sheetWayOf(batch.began.approachId)
  const { question: { horizonDay, wants }, days, spent } = middleOf(batch, surroundings)
  const typical = throughDay(days, spent)
  const known = surroundings.forecastOf?.(batch.id)?.windows.through?.now
  const low = known?.low ?? typical * ROUGHLY.sooner
  const high = Math.max(low, known?.high ?? typical * ROUGHLY.later)
  const later = (day: number) => addHours(new Date(batch.began.at), Math.round(24 * Math.min(horizonDay, day)))
  const counted = `${Math.round(wants.low)} to ${Math.round(wants.high)} days of growing warmth`
  return [{
    ...way.through, from: later(low), to: later(high), ...(high >= horizonDay - 1 ? { orLater: true } : {}),
    reasons:
        way.id === 'whole'
          ? [
              `${grownOverOf(batch.began.answers[GROWN]).says}`,
              `It takes ${counted} in the dark; cold days count little, frozen ones not at all.`,
              'What you see under a corner sharpens this.',
            ]
          : [`It takes about ${counted}.`, 'What you see under a corner sharpens this.'],
  }]
}
