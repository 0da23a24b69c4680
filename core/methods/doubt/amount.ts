import type { BegunBatch, Input } from '../../journal/garden'
import type { Method, Quantity, Surroundings } from '../contract'
import { DOUBT } from './constants'

/** What tells how high one stands: the first of its lengths that fits it. */
export function levelOf({ life }: Pick<Method, 'life'>, batch: BegunBatch): Quantity | undefined {
  return life.pads.flatMap(pad => pad.kind === 'gauge' && pad.quantity.unit === 'length' && (pad.fits?.(batch) ?? true)
    ? [pad.quantity]
    : [])[0]
}

const grown = (inputs: readonly Input[], times: number): Input[] =>
  inputs.map(one => ({ ...one, amount: { ...one.amount, count: one.amount.count * times } }))

/** A batch as if so many times as much had been in it already. What was recorded since stays what it is. */
export function withTimes(batch: BegunBatch, times: number): BegunBatch {
  return {
    ...batch,
    puts: batch.puts.map(put => put.already ? { ...put, inputs: grown(put.inputs, times), waterL: put.waterL * times } : put),
  }
}

/**
 * How many times as much must have gone in for it to stand so high at a moment, by the course in the middle; 1 where its method
 * tells no height.
 * @param at the moment at which it was measured. @param heightM metres, above 0.
 */
export function timesFor(
  batch: BegunBatch, method: Pick<Method, 'life'>, { at, heightM }: { readonly at: string, readonly heightM: number },
  surroundings: Surroundings, tries: number = DOUBT.tries,
): number {
  const level = levelOf(method, batch)
  if (!level || heightM <= 0) return 1
  const around: Surroundings = { ...surroundings, now: new Date(at), forecastOf: undefined }
  const spot = level.spots[0].id
  const heightAt = (times: number): number | undefined => level.expected(withTimes(batch, times), around)[spot]
  let times = 1
  for (let tried = 0; tried < tries; tried++) {
    const stands = heightAt(times)
    if (stands === undefined || !Number.isFinite(stands)) return tried === 0 ? 1 : times
    if (Math.abs(stands - heightM) <= DOUBT.near * heightM) return times
    // Nothing stands when as much was taken as went in: then there was more.
    times = Math.min(DOUBT.mostTimes, Math.max(DOUBT.leastTimes, times * (stands > 0 ? heightM / stands : 2)))
  }
  return times
}
