import type { BegunBatch } from '../../journal/garden'
import { ingredientsOf, looseL } from '../../mix/portion'
import type { Spread } from '../../mulch/depth'
import { weatherFrom, type Lasting } from '../contract'
import { askedOf, deedDay, foundIn, type CourseQuestion, type ReadAs } from '../course'
import { mulchPlan } from './plan'
import { DEPTH } from './words'
import { MULCHED } from './constants'

/** Everything that the forecast of one mulch needs, as plain data. */
export interface MulchQuestion extends CourseQuestion<'depthM'> {
  readonly kindId: string
  readonly spreads: readonly Spread[]
  readonly airC: readonly number[]
  readonly refreshM: number
  readonly lastDay: number
}

/** A depth read off a stick here and there: a share of itself, and never finer than half a finger. */
const READ: ReadAs<'depthM'> = {
  quantity: DEPTH, row: 'depthM', trust: MULCHED.rule.trust,
  spread: depthM => Math.max(MULCHED.rule.leastM, MULCHED.rule.share * depthM),
}

/** What was spread when, as depths over its ground. */
export function spreadsOf(batch: BegunBatch, areaM2: number, { materials }: Pick<Lasting, 'materials'>): Spread[] {
  return batch.puts.flatMap(({ at, inputs }) => {
    const litres = looseL(ingredientsOf(inputs, materials))
    return litres > 0 ? [{ day: deedDay(batch, at), depthM: litres / 1000 / areaM2 }] : []
  }).sort((a, b) => a.day - b.day)
}

/** The question a mulch puts; nothing while nothing lies there. */
export function questionOf(batch: BegunBatch, surroundings: Lasting): MulchQuestion | undefined {
  const { began } = batch
  const plan = mulchPlan(began)
  const spreads = spreadsOf(batch, plan.areaM2, surroundings)
  if (spreads.length === 0) return undefined
  const span = plan.kind.goesYear.typical > 3 ? MULCHED.horizon.quick : MULCHED.horizon.slow
  const asked = askedOf(batch, surroundings, { least: span, beyondNow: span / MULCHED.horizon.beyondNow, most: MULCHED.horizon.most })
  return {
    ...asked, kindId: plan.kind.id, spreads, airC: weatherFrom(new Date(began.at), asked.horizonDay, surroundings).airC,
    refreshM: plan.refreshM, lastDay: spreads.at(-1)!.day, findings: foundIn(batch, [READ], []),
  }
}
