import { COURSE } from './constants'

/** What differs from one batch to another and is not known: factors by the spread of their logarithm, shifts by their own. */
export interface Traits<F extends string, S extends string> {
  /** As many standard normals as there are traits: the factors in their order, then the shifts. */
  readonly dimensions: number
  /** The traits at standings: 0 is usual, ±1 one spread; beyond ±4 nothing is met. */
  at(point: ArrayLike<number>): Readonly<Record<F | S, number>>
  /** The one that is usual in everything. */
  readonly usual: Readonly<Record<F | S, number>>
}

/** Traits by their spreads. @param factors spread of the logarithm, around 1. @param shifts spread in the unit of the value, around 0. */
export function traitsBy<F extends string, S extends string>(
  factors: Readonly<Record<F, number>>, shifts: Readonly<Record<S, number>>,
): Traits<F, S> {
  const [factorNames, shiftNames] = [Object.keys(factors) as F[], Object.keys(shifts) as S[]]
  const at = (point: ArrayLike<number>) => {
    const standing = (index: number) => Math.min(COURSE.farthest, Math.max(-COURSE.farthest, point[index] ?? 0))
    return Object.fromEntries([
      ...factorNames.map((name, index) => [name, Math.exp(factors[name] * standing(index))] as const),
      ...shiftNames.map((name, index) => [name, shifts[name] * standing(factorNames.length + index)] as const),
    ]) as Record<F | S, number>
  }
  return { dimensions: factorNames.length + shiftNames.length, at, usual: at([]) }
}
