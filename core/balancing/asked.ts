import { balancedAnswers, type Answer } from './answers'
import { smallestChanges, type Impossible } from './changes'
import { unitOf } from './offer'
import type { Problem } from './problem'
import type { Solver, SolveTrouble } from './program'
import { workOut } from './region'
import { cheapest, NEARLY } from './search'
import { gatheredL, spoils } from './spoiling'

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

/** Of the most that can go in of what spoils, an answer holds so much: the rest of the wishes has some room. */
const NEARLY_ALL = 0.9
/** Where no more than this of what is to be used up can go in, something has to be fetched or left out first. */
const WORTH_DOING = 0.5

/** The same problem with as much of what spoils as can go in at all, and how much that is of what was to be used. */
function asMuchAsCan(problem: Problem, solver: Solver): { readonly problem: Problem, readonly share: number } {
  const { spoilingLeastL = 0, ...limits } = problem.limits
  const free = { ...problem, limits }
  if (spoilingLeastL === 0) return { problem, share: 0 }
  const most = cheapest(
    free, problem.offers.map(offer => spoils(offer) ? -gatheredL(offer) : 0), solver.gap > 0 ? solver.within(NEARLY) : solver,
  )
  const litres = most.ok ? workOut(problem, most.value.counts)?.of['left-lying'].is ?? 0 : 0
  if (litres === 0) return { problem: free, share: 0 }
  return { problem: { ...free, limits: { ...limits, spoilingLeastL: NEARLY_ALL * litres } }, share: litres / spoilingLeastL }
}

/** A pile that may grow where browns ask for it, grown. */
const grown = (problem: Problem): Problem => {
  const { growsToL, volumeL } = problem.limits
  return growsToL === undefined || growsToL <= volumeL.high
    ? problem
    : { ...problem, limits: { ...problem.limits, volumeL: { ...volumeL, high: growsToL } } }
}

/**
 * Answers what was asked: up to three good ways, or the smallest changes that make one possible. Where not all that spoils can go in,
 * the pile grows as far as it may; then as much of it as can goes in; and where that is little, changes that would take it come first.
 * @param onAnswer told of the answers so far, each time one is found.
 */
export function balanceAsked(
  { problem: given, goalId, asBigAsCan: big }: Asked, solver: Solver, onAnswer?: (answers: readonly Answer[]) => void,
): Found {
  const wish = { goalId, ...(onAnswer ? { onAnswer } : {}) }
  const asGiven = big ? asBigAsCan(given, solver) : given
  const found = balancedAnswers(asGiven, wish, solver)
  if (found.ok) return { kind: 'answers', answers: found.value }
  if (found.error !== 'impossible') return { kind: 'trouble', trouble: found.error }
  const problem = grown(asGiven)
  const bigger = problem === asGiven ? found : balancedAnswers(problem, wish, solver)
  if (bigger.ok) return { kind: 'answers', answers: bigger.value }
  const less = asMuchAsCan(problem, solver)
  const some = less.share > 0 ? balancedAnswers(less.problem, wish, solver) : bigger
  if (some.ok && less.share >= WORTH_DOING) return { kind: 'answers', answers: some.value }
  const changes = smallestChanges(problem, solver)
  if (changes.ok && (changes.value.ways.length > 0 || !some.ok)) return { kind: 'impossible', impossible: changes.value }
  if (some.ok) return { kind: 'answers', answers: some.value }
  return { kind: 'trouble', trouble: changes.ok ? 'gave-up' : changes.error }
}
