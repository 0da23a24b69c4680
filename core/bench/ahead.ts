import { hasBegun, type BegunBatch } from '../journal/garden'
import { foldGarden } from '../journal/journal'
import type { ForecastQuestion, Method, Proposal, Surroundings } from '../methods/contract'
import { worthyIngredient } from './planned'

/** The id of what is only planned: no batch of a garden has it. */
export const PLANNED_ID = 'planned'

/** A plan as the batch it would be, had it been begun at a moment; nothing while nothing is in it. */
export function batchAhead({ site, approachId, answers, ingredients, waterL }: Proposal, method: Method, at: Date): BegunBatch | undefined {
  const moment = at.toISOString()
  const garden = foldGarden([{
    kind: 'began',
    id: PLANNED_ID,
    at: moment,
    recordedAt: moment,
    by: PLANNED_ID,
    batchId: PLANNED_ID,
    name: 'This plan',
    place: '',
    methodId: method.id,
    approachId,
    site,
    answers,
    waterL,
    inputs: ingredients.map(ingredient => ({ ...worthyIngredient(ingredient), role: 'feed' as const, draws: [] })),
  }])
  const batch = garden.batches.get(PLANNED_ID)
  return batch && hasBegun(batch) && ingredients.length > 0 ? batch : undefined
}

/** What the plan would be asked on the day it is begun, there and in the weather of that time of year. */
export function questionAhead(batch: BegunBatch, method: Method, surroundings: Surroundings): ForecastQuestion | undefined {
  return method.life.forecaster?.ask(batch, { ...surroundings, now: new Date(batch.began.at), forecastOf: undefined })
}
