import { ok, type Outcome } from '../outcome/outcome'
import type { Measures } from '../mix/measures'
import type { Ingredient } from '../mix/portion'
import { inTheWay } from './answers'
import { ingredientsTaken, unitOf, type Offer } from './offer'
import { LIMIT_NAMES, type LimitName, type Problem } from './problem'
import type { Row, Solver, SolveTrouble, Variable } from './program'
import { workOut } from './region'
import { mostOf, type Bounds, type Extra } from './relaxation'
import { cheapest } from './search'

/** One change that would help: more of something than there is, or another count of what was pinned. */
export type Change
  = | { readonly kind: 'fetch', readonly offer: Offer, readonly count: number }
    | { readonly kind: 'pin', readonly offer: Offer, readonly from: number, readonly to: number }

/** What a way out leaves alone: nothing, what was pinned, what there is, or the wish for a full vessel. */
export type WayKind = 'smallest' | 'pins-kept' | 'nothing-fetched' | 'smaller-heap'

/** Changes that make a balance possible, as few as can be of their kind, and the heap that comes of them. */
export interface WayOut {
  readonly kind: WayKind
  readonly changes: readonly Change[]
  readonly counts: readonly number[]
  readonly ingredients: readonly Ingredient[]
  readonly measures: Measures
  readonly waterL: number
}

/** What can be done when nothing fits as asked. */
export interface Impossible {
  /** Limits of which dropping one alone would do. */
  readonly limits: readonly LimitName[]
  /** Different ways, the one with the smallest changes first. */
  readonly ways: readonly WayOut[]
}

/** Fetching a container costs one; other counts of what is pinned cost a little more, since they were wanted; more of a new thing is a walk. */
export const CHANGE_COST = { fetch: 1, fetchNew: 1.25, pin: 1.1 } as const
/** Of changes that cost the same, the one with fewer containers in all. */
const TIE = 0.001

/** What there is, in parts that are measured out: of two and a half sacks, two when only whole ones count. */
const atHand = ({ most }: Offer, step: number) => step > 0 ? Math.floor(mostOf(most) / step + 1e-9) * step : mostOf(most)

const fetchCost = ({ inStore }: Offer) => inStore ? CHANGE_COST.fetch : CHANGE_COST.fetchNew

function wayOut(kind: WayKind, problem: Problem, counts: readonly number[]): WayOut | undefined {
  const worked = workOut(problem, counts)
  if (!worked) return undefined
  const changes = problem.offers.flatMap((offer, index): Change[] => {
    const count = counts[index] ?? 0
    if (offer.pinned !== undefined) return count === offer.pinned ? [] : [{ kind: 'pin', offer, from: offer.pinned, to: count }]
    const there = atHand(offer, problem.step)
    return count > there + 1e-9 ? [{ kind: 'fetch', offer, count: count - there }] : []
  })
  return { kind, changes, counts, ingredients: ingredientsTaken(problem.offers, counts), measures: worked.measures, waterL: worked.waterL }
}

/** What a choice of counts would change, by the costs above. */
export function changeCost(problem: Problem, counts: readonly number[]): number {
  return problem.offers.reduce((sum, offer, index) => {
    const count = counts[index] ?? 0
    if (offer.pinned !== undefined) return sum + CHANGE_COST.pin * Math.abs(count - offer.pinned)
    return sum + fetchCost(offer) * Math.max(0, count - atHand(offer, problem.step))
  }, 0)
}

/** Elastic bounds: each offer may go beyond what there is, each pin may give way, at a cost; or one of the two stays as it is. */
function elastic(problem: Problem, kind: WayKind): Extra {
  const { offers, step } = problem
  const slack = offers.length + 1
  const variables: Variable[] = []
  const rows: Row[] = []
  const bounds = offers.map((offer, index): Bounds => {
    const middle = offer.pinned ?? atHand(offer, step)
    if (offer.pinned !== undefined && kind === 'pins-kept') return { low: middle, high: middle }
    if (offer.pinned === undefined && kind === 'nothing-fetched') return { low: 0, high: middle }
    const extra = slack + variables.length
    variables.push({ low: 0, high: Infinity, integer: false, cost: offer.pinned !== undefined ? CHANGE_COST.pin : fetchCost(offer) })
    rows.push({ terms: new Map([[index, 1], [extra, -1]]), most: middle })
    if (offer.pinned !== undefined) rows.push({ terms: new Map([[index, -1], [extra, -1]]), most: -middle })
    return { low: 0, high: kind === 'nothing-fetched' ? middle : mostOf(Infinity) }
  })
  return { variables, rows, bounds, costOf: counts => changeCost(problem, counts) + TIE * counts.reduce((sum, count) => sum + count, 0) }
}

function alike(a: WayOut, b: WayOut): boolean {
  return a.counts.every((count, index) => Math.abs(count - (b.counts[index] ?? 0)) < 1e-6)
}

/**
 * Names the smallest changes, in containers, after which the limits can be kept (elastic constraints): of all changes,
 * and, when those touch both what is pinned and what there is, of each kind alone; and the largest heap that what there
 * is gives, when only size is lacking. Called when `balancedAnswers` found it impossible.
 */
export function smallestChanges(problem: Problem, solver: Solver): Outcome<Impossible, SolveTrouble> {
  const ties = problem.offers.map(() => TIE)
  const changed = (kind: WayKind) => cheapest(problem, ties, solver, elastic(problem, kind))
  const first = changed('smallest')
  if (!first.ok && first.error !== 'impossible') return first
  const limits = inTheWay(problem, solver, LIMIT_NAMES)
  const kept = problem.offers.some(({ pinned }) => pinned !== undefined) ? (['pins-kept', 'nothing-fetched'] as const) : []
  const found: [WayKind, ReturnType<typeof cheapest>][] = [['smallest', first], ...kept.map((kind): [WayKind, ReturnType<typeof cheapest>] => [kind, changed(kind)])]
  if (limits.includes('too-little')) found.push(['smaller-heap', cheapest(problem, problem.offers.map(offer => -unitOf(offer).looseL), solver, undefined, ['too-little'])])
  const ways = found.flatMap(([kind, outcome]) => outcome.ok ? [wayOut(kind, problem, outcome.value.counts)] : [])
    .filter((way): way is WayOut => way !== undefined)
  return ok({ limits, ways: ways.filter((way, index) => !ways.slice(0, index).some(earlier => alike(earlier, way))) })
}
