import type { StampedFinding } from '../../learning/fit'
import { COURSE } from './constants'

/**
 * What was found of a row, as it happens to a course: whoever looks is believed, and the course goes on from there. `index` is its
 * place among the findings.
 */
export interface Seen<Row extends string = string> {
  readonly kind: 'seen'
  readonly day: number
  readonly index: number
  readonly row: Row
  readonly low: number
  readonly high: number
  /** Read as a number: it is so much, whatever was reckoned. A look says between what it is: what lies there stays. */
  readonly exact: boolean
  /** How far a reading strays, or how blurred its limits are, in the unit of the row; and how often it is right, 0 to 1. */
  readonly blur: number
  readonly trust: number
}

/** The findings of a question as they happen to a course, in order of their days. */
export function seenIn<Row extends string>(findings: readonly StampedFinding<Row>[]): Seen<Row>[] {
  return findings.map(({ finding }, index) => ({
    kind: 'seen', day: finding.day, index, row: finding.row, exact: finding.kind === 'value', blur: finding.spread, trust: finding.trust,
    ...(finding.kind === 'value' ? { low: finding.value, high: finding.value } : { low: finding.low, high: finding.high }),
  }))
}

/**
 * What a row is once it was looked at: what was read; or what it was reckoned to be, where that lies within what was found. From
 * just beside it, the nearer end; from far off, the middle of it.
 */
export function believed({ low, high, exact }: Pick<Seen, 'low' | 'high' | 'exact'>, reckoned: number): number {
  if (exact) return low
  if (reckoned >= low && reckoned <= high) return reckoned
  const [edge, away] = reckoned < low ? [low, low - reckoned] : [high, reckoned - high]
  const middle = (low + high) / 2
  return edge + (middle - edge) * Math.min(1, away / Math.max(1e-9, high - low))
}

/** A share from a share that looks like another drawn by chance, and is the same each time. */
const another = (share: number, index: number, step: number) => (share * step + index * COURSE.golden) % 1

/** What happens to a course, of several kinds, in order of its days; what was put in first comes first on the same moment. */
export function inTurn<T extends { readonly day: number }>(...lists: readonly (readonly T[])[]): T[] {
  return lists.flat().sort((a, b) => a.day - b.day)
}

/** The looks at one course: it takes them in as their days come, and what it was reckoned to be before each is noted. */
export interface Looks<Row extends string = string> {
  readonly seen: readonly Seen<Row>[]
  /** Takes a look in. @param reckoned what the row was reckoned to be. @returns what it is from there on. */
  take(seen: Seen<Row>, reckoned: number): number
  /** What was reckoned before each finding, by its place among them; not a number where a course did not take it in. */
  readonly before: Float64Array
}

/**
 * The looks at one course. The one in the middle believes each as it was found; of others some take it that the eye was off, and
 * a few that it was wrong. @param eye how those are drawn, 0 to 1; none for the one in the middle.
 */
export function looksAt<Row extends string>(findings: readonly StampedFinding<Row>[], eye?: number): Looks<Row> {
  const before = new Float64Array(findings.length).fill(NaN)
  return {
    seen: seenIn(findings), before,
    take: (seen, reckoned) => {
      before[seen.index] = reckoned
      if (eye === undefined) return believed(seen, reckoned)
      if (another(eye, seen.index, 7.3) > (1 + seen.trust) / 2) return reckoned
      // Even within so far that it strays as much as it is blurred.
      const off = (2 * another(eye, seen.index, 3.7) - 1) * Math.sqrt(3) * seen.blur
      const found = believed(seen, reckoned)
      return found === reckoned ? reckoned : found + off
    },
  }
}
