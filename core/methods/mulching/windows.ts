import { addHours } from 'date-fns'
import type { BegunBatch } from '../../journal/garden'
import { thinnedDay } from '../../mulch/depth'
import { quantityText } from '../../units/format'
import type { NamedWindow, Surroundings } from '../contract'
import { middleOf } from './forecast'
import { mulchPlan } from './plan'

/** Before the forecast is there, so much sooner or later, counted from the last load. */
const ROUGHLY = { sooner: 0.65, later: 1.5 }

/** When more of it is wanted. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const middle = middleOf(batch, surroundings)
  if (!middle || batch.ended) return []
  const { question: { lastDay, horizonDay, refreshM }, days, depthM } = middle
  const typical = thinnedDay(days, depthM, refreshM, lastDay)
  const known = surroundings.forecastOf?.(batch.id)?.windows.refresh?.now
  const low = known?.low ?? lastDay + (typical - lastDay) * ROUGHLY.sooner
  const high = Math.max(low, known?.high ?? lastDay + (typical - lastDay) * ROUGHLY.later)
  const later = (day: number) => addHours(new Date(batch.began.at), Math.round(24 * Math.min(horizonDay, day)))
  const length = (value: number) => quantityText('length', surroundings.units, value)
  const plan = mulchPlan(batch.began)
  return [{
    id: 'refresh', label: 'Top it up', from: later(low), to: later(high), ...(high >= horizonDay - 1 ? { orLater: true } : {}),
    coming: 'More is wanted between', begun: 'More may be wanted since', announced: 'may want more',
    reasons: [
      `Spread ${length(plan.wantedM)} deep it settles to about ${length(plan.settledM)}; at ${length(refreshM)} weeds and sun get `
      + 'through.',
      'It goes with warmth and damp: hardly in winter, quickly in a wet summer. A depth you measure sharpens this.',
    ],
  }]
}
