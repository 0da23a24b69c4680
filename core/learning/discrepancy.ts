/**
 * How far what is read strays from any one course: a residual that is carried forward (an autoregressive one, so a heap that
 * was 5 K above its course yesterday is likely above it tomorrow), and what differs from spot to spot and hour to hour.
 */
export interface Discrepancy {
  /** Standard deviation of the residual on a day. */
  readonly spread: (day: number) => number
  /** It is forgotten by a factor e in so many days. */
  readonly keepsDays: number
  /** Standard deviation of a single reading beside it. */
  readonly noise: number
}

/** A reading beside the course: its day and how far above the course it lies. */
export interface Residual { readonly day: number, readonly value: number }

/** One reading in so many is simply wrong: mistyped, beside the heap, another heap; then it lies anywhere within so much. */
const BLUNDERS = 0.07
const ANYWHERE = 120

interface Belief { readonly day: number, readonly mean: number, readonly variance: number }
interface Seen extends Belief { readonly predictedMean: number, readonly predictedVariance: number }

/** What is believed of the residual of one course at any time, and how well each reading fits it. */
export interface Carried {
  /** Logarithm of the likelihood of each reading, given those before it. */
  readonly fits: number[]
  /** Mean and variance of what is read at a time, beside the course. Its noise is in it. */
  readonly at: (day: number) => { readonly mean: number, readonly variance: number }
}

function ahead(
  { mean, variance, day }: Belief, { spread, keepsDays }: Discrepancy, to: number,
): { readonly mean: number, readonly variance: number, readonly keeps: number } {
  const keeps = Math.exp(-Math.max(0, to - day) / keepsDays)
  const own = spread(to) ** 2
  return { mean: keeps * mean, variance: keeps * keeps * variance + own * (1 - keeps * keeps), keeps }
}

/** Takes readings in one after the other (a Kalman filter); each is believed by how likely it is no blunder. */
function filtered(residuals: readonly Residual[], what: Discrepancy): { readonly seen: Seen[], readonly fits: number[] } {
  const seen: Seen[] = []
  const fits: number[] = []
  let last: Belief = { day: residuals[0]?.day ?? 0, mean: 0, variance: what.spread(residuals[0]?.day ?? 0) ** 2 }
  for (const { day, value } of residuals) {
    const { mean, variance } = ahead(last, what, day)
    const total = variance + what.noise ** 2
    const off = value - mean
    const likely = (1 - BLUNDERS) * Math.exp(-off * off / (2 * total)) / Math.sqrt(2 * Math.PI * total)
    const wrong = BLUNDERS / ANYWHERE
    const sound = likely / (likely + wrong)
    const gain = sound * variance / total
    last = { day, mean: mean + gain * off, variance: variance * (1 - gain) + sound * (1 - sound) * (variance / total * off) ** 2 }
    fits.push(Math.log(likely + wrong))
    seen.push({ ...last, predictedMean: mean, predictedVariance: variance })
  }
  return { seen, fits }
}

/** Goes back over the readings, so that what came later tells of what was before (Rauch, Tung and Striebel 1965). */
function smoothed(seen: readonly Seen[], what: Discrepancy): Belief[] {
  const back: Belief[] = [...seen]
  for (let i = seen.length - 2; i >= 0; i--) {
    const { mean, variance, day } = seen[i]!
    const next = seen[i + 1]!
    const gain = variance * Math.exp(-(next.day - day) / what.keepsDays) / next.predictedVariance
    back[i] = {
      day, mean: mean + gain * (back[i + 1]!.mean - next.predictedMean),
      variance: Math.max(0, variance + gain * gain * (back[i + 1]!.variance - next.predictedVariance)),
    }
  }
  return back
}

/** How well each reading fits, in order, given those before it: what learning weighs by. */
export function fitsOf(residuals: readonly Residual[], what: Discrepancy): number[] {
  return filtered(residuals, what).fits
}

/**
 * What readings tell of the residual of one course, before, between and after them.
 * @param residuals in order of their days, finite.
 */
export function carried(residuals: readonly Residual[], what: Discrepancy): Carried {
  const { seen, fits } = filtered(residuals, what)
  const back = smoothed(seen, what)
  const noise = what.noise ** 2
  const at = (day: number) => {
    let index = -1
    while (index + 1 < seen.length && seen[index + 1]!.day <= day) index++
    const from = seen[index]
    const fresh = { mean: 0, variance: what.spread(day) ** 2 }
    const here = from ? ahead(from, what, day) : fresh
    const next = seen[index + 1]
    if (!next) return { mean: here.mean, variance: here.variance + noise }
    const gain = here.variance * Math.exp(-(next.day - day) / what.keepsDays) / next.predictedVariance
    const later = back[index + 1]!
    return {
      mean: here.mean + gain * (later.mean - next.predictedMean),
      variance: Math.max(0, here.variance + gain * gain * (later.variance - next.predictedVariance)) + noise,
    }
  }
  return { fits, at }
}
