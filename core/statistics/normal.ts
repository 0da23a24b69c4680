/** Standard normal distribution function (Zelen and Severo's approximation, error below 1e-7). */
export function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail
    = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI))
      * t
      * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z > 0 ? 1 - tail : tail
}

/**
 * Standard normal quantile of a share within 0 and 1 (Acklam's rational approximation, relative error below 1.2e-9); beyond ±6.3
 * nothing is told apart.
 */
export function quantileOfNormal(share: number): number {
  const p = Math.min(1 - 1e-10, Math.max(1e-10, share))
  if (p > 1 - LOW_TAIL) return -quantileOfNormal(1 - p)
  if (p < LOW_TAIL) {
    const q = Math.sqrt(-2 * Math.log(p))
    return ratio(q, TAIL.above, TAIL.below)
  }
  const q = p - 0.5
  return q * ratio(q * q, MIDDLE.above, MIDDLE.below)
}

const LOW_TAIL = 0.02425
/** Coefficients from the highest power down; the lower polynomial ends in 1. */
const MIDDLE = {
  above: [-39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239],
  below: [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572, 1],
} as const
const TAIL = {
  above: [-0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968, 2.938163982698783],
  below: [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416, 1],
} as const

const polynomial = (x: number, coefficients: readonly number[]) => coefficients.reduce((sum, one) => sum * x + one, 0)
const ratio = (x: number, above: readonly number[], below: readonly number[]) => polynomial(x, above) / polynomial(x, below)
