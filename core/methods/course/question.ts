import type { BegunBatch } from '../../journal/garden'
import type { StampedFinding } from '../../learning/fit'
import { seedFromText } from '../../random/random'
import { amountVolumeL } from '../../units/container'
import { daysBetween } from '../../units/time'
import type { ForecastQuestion, Lasting } from '../contract'

/** What the forecast of any course is asked by: plain data that can be handed to a worker. */
export interface CourseQuestion<Row extends string = string> extends ForecastQuestion {
  /** Days since it began, and until which it is looked ahead. */
  readonly nowDay: number
  readonly horizonDay: number
  readonly findings: readonly StampedFinding<Row>[]
  readonly seed: number
}

/** How far ahead a course is looked at, days: at least, beyond today, and at most. */
export interface Horizon { readonly least: number, readonly beyondNow: number, readonly most: number }

/** Days from the beginning of a batch to a moment; before it below 0. */
export function dayIn({ began }: Pick<BegunBatch, 'began'>, at: string | Date): number {
  return daysBetween(began.at, at)
}

/** The day of a deed in a course: what was written down before its beginning counts from there. */
export function deedDay(batch: Pick<BegunBatch, 'began'>, at: string): number {
  return Math.max(0, dayIn(batch, at))
}

/** What every question begins with. */
export function askedOf(
  batch: BegunBatch, { now }: Pick<Lasting, 'now'>, { least, beyondNow, most }: Horizon,
): Omit<CourseQuestion, 'findings'> {
  const nowDay = Math.max(0, dayIn(batch, now))
  const horizonDay = Math.ceil(Math.min(most, Math.max(least, nowDay + beyondNow)))
  return { methodId: batch.began.methodId, batchId: batch.id, nowDay, horizonDay, seed: seedFromText(batch.id) }
}

/** Litres that were taken out at once. */
export function takenL({ products }: Pick<BegunBatch['takings'][number], 'products'>): number {
  return products.reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
}
