import type { BegunBatch } from '../../journal/garden'
import { thinnedDay } from '../../mulch/depth'
import { quantityText } from '../../units/format'
import type { NamedWindow, Surroundings } from '../contract'
import { spansOf } from '../course'
import { middleOf } from './forecast'
import { mulchPlan } from './plan'
import { MULCHED } from './constants'

/** Before the forecast is there, so much sooner or later, counted from the last load. */
const ROUGHLY = { capped: true, ...MULCHED.roughly }

/** When more of it is wanted. */
export function windowsOf(batch: BegunBatch, surroundings: Surroundings): NamedWindow[] {
  const middle = middleOf(batch, surroundings)
  if (!middle || batch.ended) return []
  const { question, course: { times, depthM } } = middle
  const { lastDay, refreshM } = question
  const typical = thinnedDay(times, depthM, refreshM, lastDay)
  const length = (value: number) => quantityText('length', surroundings.units, value)
  const plan = mulchPlan(batch.began)
  return [{
    ...spansOf(batch, surroundings, question, ROUGHLY).span('refresh', typical, lastDay), label: 'Top it up',
    coming: 'More is wanted between', begun: 'More may be wanted since', announced: 'may want more',
    reasons: [
      `Spread ${length(plan.wantedM)} deep it settles to about ${length(plan.settledM)}; at ${length(refreshM)} weeds and sun get `
      + 'through.',
      'It goes with warmth and damp: hardly in winter, quickly in a wet summer. A depth you measure makes it surer.',
    ],
  }]
}
