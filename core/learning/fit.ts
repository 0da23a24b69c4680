import { normalShare } from '../statistics/normal'

/**
 * Something that was found of a batch, as far as it can tell one possible course from another. `row` names what of a course it
 * speaks of.
 */
export type Finding<Row extends string = string>
  = | {
    readonly kind: 'value'
    readonly row: Row
    readonly day: number
    readonly value: number
    readonly spread: number
    readonly trust: number
  }
  | {
    readonly kind: 'between'
    readonly row: Row
    readonly day: number
    readonly low: number
    readonly high: number
    readonly spread: number
    readonly trust: number
  }

/** A finding with the event it came from. */
export interface StampedFinding<Row extends string = string> {
  readonly eventId: string
  readonly at: string
  readonly finding: Finding<Row>
}

/** One finding in so many is simply wrong: mistyped, read beside the heap, another heap. */
const BLUNDERS = 0.05
/** A blunder may lie anywhere within so many spreads. */
const ANYWHERE = 25

/**
 * How well a course that has `modelled` where something was found agrees with it: the logarithm of a likelihood that
 * lets one finding in twenty be simply wrong, so no finding can do away with a course by itself.
 */
export function logFit(finding: Finding, modelled: number): number {
  if (finding.kind === 'between') {
    const share = normalShare((finding.high - modelled) / finding.spread) - normalShare((finding.low - modelled) / finding.spread)
    return finding.trust * Math.log((1 - BLUNDERS) * Math.max(0, share) + BLUNDERS / 5)
  }
  const z = (modelled - finding.value) / finding.spread
  return finding.trust * Math.log((1 - BLUNDERS) * Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI) + BLUNDERS / ANYWHERE)
}
