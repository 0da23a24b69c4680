import { balancedAnswers, type Answer } from './answers'
import { smallestChanges, type Impossible } from './changes'
import { unitOf } from './offer'
import type { Problem } from './problem'
import type { Solver, SolveTrouble } from './program'
import { workOut } from './region'
import { cheapest, NEARLY } from './search'

/** What a gardener asks of the balancing. */
export interface Asked {
  readonly problem: Problem
  readonly goalId: string
  /** Instead of filling the place: as big as what there is allows, within it. */
  readonly asBigAsCan: boolean
}

/** What comes of it. */
export type Found
  = | { readonly kind: 'answers', readonly answers: readonly Answer[] }
    | { readonly kind: 'impossible', readonly impossible: Impossible }
    | { readonly kind: 'trouble', readonly trouble: SolveTrouble }

/** An answer may stay this far below the biggest heap there could be: otherwise there is nothing to choose. */
const NEARLY_AS_BIG = 0.85

/** The same problem with its volume between nearly the biggest heap that can be and what the place holds; as it was when there is none. */
export function asBigAsCan(problem: Problem, solver: Solver): Problem {
  const biggest = cheapest(
    problem, problem.offers.map(offer => -unitOf(offer).looseL), solver.gap > 0 ? solver.within(NEARLY) : solver, undefined,
    ['too-little'],
  )
  const worked = biggest.ok ? workOut(problem, biggest.value.counts) : undefined
  if (!worked) return problem
  const low = Math.min(problem.limits.volumeL.low, worked.measures.volumeL * NEARLY_AS_BIG)
  return { ...problem, limits: { ...problem.limits, volumeL: { ...problem.limits.volumeL, low } } }
}

/**
 * Answers what was asked: up to three good ways, or the smallest changes that make one possible.
 * @param onAnswer told of the answers so far, each time one is found.
 */
export function balanceAsked(
  { problem: given, goalId, asBigAsCan: big }: Asked, solver: Solver, onAnswer?: (answers: readonly Answer[]) => void,
): Found {
  const problem = big ? asBigAsCan(given, solver) : given
  const found = balancedAnswers(problem, { goalId, ...(onAnswer ? { onAnswer } : {}) }, solver)
  if (found.ok) return { kind: 'answers', answers: found.value }
  if (found.error !== 'impossible') return { kind: 'trouble', trouble: found.error }
  const changes = smallestChanges(problem, solver)
  return changes.ok ? { kind: 'impossible', impossible: changes.value } : { kind: 'trouble', trouble: changes.error }
}
