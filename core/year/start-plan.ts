import type { Plan } from '../garden/plan'
import type { Comes, Draft, Verdict } from '../methods/contract'
import type { NamedIngredient } from '../mix/portion'
import type { Range } from '../units/range'
import type { OwnShares } from './own-yield'
import { placeName, workHours } from './starts'
import type { TriedWay } from './candidates'

/** What has to be known of a start to begin it: plain data. */
export interface StartPlan {
  readonly methodId: string
  readonly methodName: string
  readonly approachName: string
  readonly placeName: string
  /** It would have to be put up first. */
  readonly newPlace: boolean
  readonly plan: Plan
  readonly verdict: Verdict
  readonly ingredients: readonly NamedIngredient[]
  /** From when what spoils soonest of it is gathered. */
  readonly gatherFromMs: number
  readonly waterL: number
  /** What to mind before and while it is gathered and built, in sentences. */
  readonly cautions: readonly string[]
  readonly hours: number
  /** By so many own batches of its kind it is told how much it gives. */
  readonly ownBatches: number
  readonly gives: readonly (Comes & { readonly litres: Range, readonly days: Range })[]
}

/** Warnings of the plan, and what stands beside its steps until it stands. */
function cautionsOf({ warnings, steps }: Draft): string[] {
  const beside = steps.filter(({ when }) => when !== 'after').flatMap(({ cautions }) => cautions)
  return [...new Set([...warnings.map(({ text }) => text), ...beside])]
}

/** A way on a day, as it would be begun; nothing where it cannot be then. */
export function thoughtPlan({ way, thoughtOn }: TriedWay, day: number, own: OwnShares): StartPlan | undefined {
  const thought = thoughtOn(day)
  if (!thought) return undefined
  const { face } = way.method
  return {
    methodId: way.method.id, methodName: face.name, approachName: face.approaches.find(({ id }) => id === way.approachId)?.name ?? '',
    placeName: placeName(way), newPlace: way.place === undefined, plan: thought.plan, verdict: thought.draft.verdict,
    ingredients: thought.plan.ingredients, gatherFromMs: thought.gatherFrom.getTime(), waterL: thought.draft.waterL,
    cautions: cautionsOf(thought.draft),
    hours: workHours(way.method, thought.stages), ownBatches: own[way.method.id]?.length ?? 0,
    gives: thought.stages.map(({ label, materialId, serves, litres, days }) =>
      ({ label, ...(materialId === undefined ? {} : { materialId }), serves, litres, days })),
  }
}
