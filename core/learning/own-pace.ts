import type { Range } from '../units/range'
import { Z80 } from '../statistics/counts'

/** How uncertain a usual value is for one gardener, and how much one time differs from the next, as spreads of the logarithm. */
export interface PaceSpread { readonly between: number, readonly each: number }

/**
 * How many times the usual value the next one will be, learned from a gardener's own: log-normal, conjugate, exact.
 * With none it is the usual value with all its doubt; with many it is the gardener's own with only what differs from time to time.
 * @param ratios own value ÷ usual value; those not above 0 are left out.
 */
export function ownPace(ratios: readonly number[], { between, each }: PaceSpread): Range & { readonly from: number } {
  const logs = ratios.filter(one => one > 0 && Number.isFinite(one)).map(Math.log)
  const precision = 1 / between ** 2 + logs.length / each ** 2
  const mean = logs.reduce((sum, one) => sum + one, 0) / each ** 2 / precision
  const spread = Math.sqrt(1 / precision + each ** 2)
  return { low: Math.exp(mean - Z80 * spread), typical: Math.exp(mean), high: Math.exp(mean + Z80 * spread), from: logs.length }
}
