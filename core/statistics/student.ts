import { Z80 } from './counts'

/** Two-sided 80 % quantiles of Student's t by degrees of freedom, from 1 on; beyond the table the normal one. */
const T80 = [
  3.078, 1.886, 1.638, 1.533, 1.476, 1.44, 1.415, 1.397, 1.383, 1.372, 1.363, 1.356, 1.35, 1.345, 1.341, 1.337, 1.333, 1.33, 1.328, 1.325,
] as const

/** The mean of values with the 80 % interval that they speak for; nothing of fewer than one, no interval of one. */
export function meanInterval(
  values: readonly number[],
): { readonly mean: number, readonly low?: number, readonly high?: number, readonly spread?: number } | undefined {
  const n = values.length
  if (n === 0 || !values.every(Number.isFinite)) return undefined
  const mean = values.reduce((sum, one) => sum + one, 0) / n
  if (n === 1) return { mean }
  const spread = Math.sqrt(values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (n - 1))
  const half = (T80[n - 2] ?? Z80) * spread / Math.sqrt(n)
  return { mean, low: mean - half, high: mean + half, spread }
}

/** The chance that so many of so many, or more, or as few, fall one way when either is as likely: two-sided sign test. Within 0..1. */
export function signChance(oneWay: number, of: number): number {
  const most = Math.max(oneWay, of - oneWay)
  let tail = 0
  let term = 0.5 ** of
  for (let k = 0; k <= of; k++) {
    if (k >= most) tail += term
    term *= (of - k) / (k + 1)
  }
  return Math.min(1, 2 * tail)
}
