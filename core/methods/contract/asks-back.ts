import type { BegunBatch, Gauge } from '../../journal/garden'
import { daysBetween } from '../../units/time'
import type { Quantity } from './record'

/** Neighbouring readings of a thermometer hardly lie farther apart than this, K, unless something was done between. */
export const FAR_APART_K = 12
/** Neighbours are no more than so many days apart. */
const NEIGHBOURS_DAYS = 3

/**
 * The reading before, where a new one of a thermometer lies so far from it and from what is expected that it is asked back: another spot,
 * another batch, a slip of the finger. Nothing where it may well be so.
 */
export function farFromLast(
  batch: Pick<BegunBatch, 'gauged'>, quantity: Pick<Quantity, 'id' | 'unit' | 'byThermometer'>,
  values: Readonly<Partial<Record<string, number>>>, expected: Readonly<Partial<Record<string, number>>>, at: string,
): Gauge | undefined {
  if (!quantity.byThermometer || quantity.unit !== 'temperature') return undefined
  const far = (one: number, other: number | undefined) => other !== undefined && Math.abs(one - other) > FAR_APART_K
  for (const [spot, value] of Object.entries(values)) {
    const last = batch.gauged[quantity.id]?.findLast(one => one.spot === spot && one.at <= at)
    if (value === undefined || !last || daysBetween(last.at, at) > NEIGHBOURS_DAYS) continue
    if (far(value, last.value) && (expected[spot] === undefined || far(value, expected[spot]))) return last
  }
  return undefined
}
