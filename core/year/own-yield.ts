import { constants, of } from '../constants/constants'
import { cameOutL, goneInL } from '../garden/batch'
import type { BegunBatch } from '../journal/garden'
import { ownPace } from '../learning/own-pace'
import type { MaterialBook } from '../materials/book'
import { range } from '../units/range'
import type { Stage } from './stock'

/** How own batches teach how much comes out. */
export const OWN_YIELD = constants('Own yields', {
  between: of(0.25, 0.15, 0.4, 'log', 'spread of yields from garden to garden; own estimate'),
  each: of(0.2, 0.1, 0.3, 'log', 'spread of yields from batch to batch in one garden; own estimate'),
  least: of(0.03, 0.02, 0.05, 'share', 'out of what went in: less was thrown away or never counted; choice'),
  most: of(20, 12, 40, 'heaps', 'the latest of a method count, no more; choice'),
})

/** Litres that came out for each litre that went in, by method, the latest last; what nobody counted is left out. */
export type OwnShares = Readonly<Record<string, readonly number[]>>

/** What own batches that are over have given. @param over the earliest first. */
export function ownShares(over: readonly BegunBatch[], book: MaterialBook): OwnShares {
  const shares: Record<string, number[]> = {}
  for (const batch of over) {
    const [inL, outL] = [goneInL(batch, book), cameOutL(batch)]
    const share = inL > 0 ? outL / inL : 0
    if (share < OWN_YIELD.least || share > 1) continue
    shares[batch.began.methodId] = [...(shares[batch.began.methodId] ?? []), share].slice(-OWN_YIELD.most)
  }
  return shares
}

/** What a plan will give, moved towards what own batches of its method have given: the more of them, the nearer and the narrower. */
export function byOwnYield(stages: readonly Stage[], inL: number, shares: readonly number[] | undefined): Stage[] {
  const expected = inL > 0 ? (stages[0]?.litres.typical ?? 0) / inL : 0
  if (!shares || shares.length === 0 || expected <= 0) return [...stages]
  const own = ownPace(shares.map(share => share / expected), OWN_YIELD)
  return stages.map(stage => ({
    ...stage,
    litres: range(stage.litres.typical * own.low, stage.litres.typical * own.typical, stage.litres.typical * own.high),
  }))
}
