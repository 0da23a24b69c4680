import type { Batch } from '../../journal/garden'
import { numberOf } from '../../questions/question'
import { CHAR } from '../../char/constants'

/** Of litres before crushing, litres after. */
export const USUAL_CRUSHED = CHAR.crushedShare

/** What crushing came to, by pieces: litres that stay on a 15 mm sieve, fall through 5 mm, and lie between. */
export interface Crushed {
  readonly beforeL: number
  readonly afterL: number
  readonly coarseL: number
  readonly fineL: number
  readonly middleL: number
}

/** All that was crushed of a batch. */
export function crushedOf({ did }: Pick<Batch, 'did'>, deed: string): Crushed | undefined {
  const rounds = did.filter(one => one.deed === deed).map(({ answers }) => {
    const afterL = numberOf(answers, 'afterL') ?? 0
    const [coarse, fine] = [Math.min(100, numberOf(answers, 'coarsePct') ?? 0) / 100, (numberOf(answers, 'finePct') ?? 0) / 100]
    const fineShare = Math.min(fine, 1 - coarse)
    return {
      beforeL: numberOf(answers, 'beforeL') ?? 0, afterL, coarseL: afterL * coarse, fineL: afterL * fineShare,
      middleL: afterL * (1 - coarse - fineShare),
    }
  })
  if (rounds.length === 0) return undefined
  const sum = (key: keyof Crushed) => rounds.reduce((total, one) => total + one[key], 0)
  return { beforeL: sum('beforeL'), afterL: sum('afterL'), coarseL: sum('coarseL'), fineL: sum('fineL'), middleL: sum('middleL') }
}
