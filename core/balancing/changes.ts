import { ok, type Outcome } from '../outcome/outcome'
import type { Preparation } from '../materials/preparation'
import type { Measures } from '../mix/measures'
import type { Ingredient } from '../mix/portion'
import { aiming } from './aim'
import { whatIsMissed, type Missed } from './missed'
import { ingredientsTaken, unitOf, type Offer } from './offer'
import { easierToMix, prepare } from './preparing'
import type { LimitName, Problem } from './problem'
import type { Row, Solver, SolveTrouble, Variable } from './program'
import { workOut } from './region'
import { mostOf, together, type Bounds, type Extra } from './relaxation'
import { cheapest } from './search'
import { SPOILS_WITHIN_DAYS } from './spoiling'

/**
 * One change that would help: more of something than there is, less of what lies there, another count of what was pinned, or
 * other preparation.
 */
export type Change
  = | { readonly kind: 'fetch', readonly offer: Offer, readonly count: number }
    | { readonly kind: 'leave', readonly offer: Offer, readonly from: number, readonly to: number }
    | { readonly kind: 'pin', readonly offer: Offer, readonly from: number, readonly to: number }
    | { readonly kind: 'prepare', readonly offer: Offer, readonly as: Preparation | undefined }

/**
 * The kind of move: measured out in halves, prepared otherwise, more or less of things, a feed strewn in, a smaller heap, or
 * pins that give way.
 */
export type WayKind = 'halves' | 'prepared' | 'smallest' | 'feed' | 'smaller-heap' | 'pins'

/** Changes that make a balance possible, as few as can be of their kind, and the heap that comes of them. */
export interface WayOut {
  readonly kind: WayKind
  readonly changes: readonly Change[]
  readonly counts: readonly number[]
  readonly ingredients: readonly Ingredient[]
  readonly measures: Measures
  readonly waterL: number
  /** What it costs the gardener, in containers fetched. */
  readonly effort: number
}

/** What can be done when nothing fits as asked. */
export interface Impossible {
  /** What stands in the way, the worst first: what the nearest heap has, and where the limit lies. */
  readonly missed: readonly Missed[]
  /** Different ways, the one that is least work first. */
  readonly ways: readonly WayOut[]
}

/**
 * Fetching a container costs one; a new thing is a walk. Leaving out what lies there costs less, unless it spoils: then it is
 * thrown away. Other counts of what is pinned were ruled out: they come last.
 */
export const CHANGE_COST = { fetch: 1, fetchNew: 1.25, leave: 0.4, leaveSpoiling: 1.5, pin: 3 } as const
/** The work of a move besides its containers. */
const MOVE_COST: Readonly<Record<WayKind, number>> = {
  'halves': 0.1, 'prepared': 0.5, 'smallest': 0, 'feed': 1, 'smaller-heap': 2, 'pins': 4,
}
/** Of changes that cost the same, the one with fewer containers in all. */
const TIE = 0.001
/** Missing the middle of what is comfortable by all that is acceptable is as bad as so many containers. */
export const AIM_WEIGHT = 6
const MOST_WAYS = 4

/** What there is, in parts that are measured out: of two and a half sacks, two when only whole ones count. */
const atHand = ({ most }: Offer, step: number) => step > 0 ? Math.floor(mostOf(most) / step + 1e-9) * step : mostOf(most)
const fetchCost = ({ inStore }: Offer) => inStore ? CHANGE_COST.fetch : CHANGE_COST.fetchNew
const leaveCost = ({ daysLeft }: Offer) => daysLeft <= SPOILS_WITHIN_DAYS ? CHANGE_COST.leaveSpoiling : CHANGE_COST.leave

/** What a choice of counts would change, by the costs above. */
export function changeCost(problem: Problem, counts: readonly number[]): number {
  return problem.offers.reduce((sum, offer, index) => {
    const count = counts[index] ?? 0
    if (offer.pinned !== undefined) return sum + CHANGE_COST.pin * Math.abs(count - offer.pinned)
    return (
      sum + fetchCost(offer) * Math.max(0, count - atHand(offer, problem.step)) + leaveCost(offer) * Math.max(0, (offer.lies ?? 0) - count)
    )
  }, 0)
}

function changesOf(problem: Problem, asked: Problem, counts: readonly number[]): Change[] {
  return problem.offers.flatMap((offer, index): Change[] => {
    const count = counts[index] ?? 0
    const before = asked.offers[index]
    const prepared: Change[]
      = before && count > 0 && before.prepared !== offer.prepared ? [{ kind: 'prepare', offer: before, as: offer.prepared }] : []
    if (offer.pinned !== undefined) return count === offer.pinned ? prepared : [{ kind: 'pin', offer, from: offer.pinned, to: count }]
    const there = atHand(offer, problem.step)
    if (count > there + 1e-9) return [...prepared, { kind: 'fetch', offer, count: count - there }]
    const lies = offer.lies ?? 0
    // A part of a container that is not measured out was not worth a word.
    return count < lies - Math.max(problem.step, 0.25) + 1e-9 ? [...prepared, { kind: 'leave', offer, from: lies, to: count }] : prepared
  })
}

function wayOut(kind: WayKind, problem: Problem, asked: Problem, counts: readonly number[]): WayOut | undefined {
  const worked = workOut(problem, counts)
  if (!worked) return undefined
  return {
    kind, changes: changesOf(problem, asked, counts), counts, ingredients: ingredientsTaken(problem.offers, counts),
    measures: worked.measures, waterL: worked.waterL, effort: MOVE_COST[kind] + changeCost(problem, counts),
  }
}

/** Elastic bounds: each offer may go beyond what there is, or below what lies there, at a cost; pins only where they give way. */
function elastic(problem: Problem, kind: WayKind): Extra {
  const { offers, step } = problem
  const slack = offers.length + 1
  const variables: Variable[] = []
  const rows: Row[] = []
  const costly = (index: number, sign: 1 | -1, from: number, cost: number) => {
    rows.push({ terms: new Map([[index, sign], [slack + variables.length, -1]]), most: sign * from })
    variables.push({ low: 0, high: Infinity, integer: false, cost })
  }
  const mayFetch = kind === 'smallest' || kind === 'feed' || kind === 'pins'
  const bounds = offers.map((offer, index): Bounds => {
    if (offer.pinned !== undefined) {
      if (kind !== 'pins') return { low: offer.pinned, high: offer.pinned }
      costly(index, 1, offer.pinned, CHANGE_COST.pin)
      costly(index, -1, offer.pinned, CHANGE_COST.pin)
      return { low: 0, high: mostOf(Infinity) }
    }
    const there = atHand(offer, step)
    if (mayFetch) costly(index, 1, there, fetchCost(offer))
    if (offer.lies) costly(index, -1, offer.lies, leaveCost(offer))
    return { low: 0, high: mayFetch ? mostOf(Math.max(there, offer.obtainable ?? Infinity)) : there }
  })
  return { variables, rows, bounds, costOf: counts => changeCost(problem, counts) + TIE * counts.reduce((sum, count) => sum + count, 0) }
}

/** The cheapest way of one kind, and the problem as that kind sees it. */
function wayOf(kind: WayKind, asked: Problem, problem: Problem, solver: Solver, dropped: readonly LimitName[] = []): WayOut | undefined {
  const ties = problem.offers.map(() => TIE)
  const none = problem.offers.map(() => 0)
  const costs = kind === 'smaller-heap' ? problem.offers.map(offer => -unitOf(offer).looseL / problem.limits.volumeL.low * 10) : ties
  const changing = elastic(problem, kind)
  const costing
    = kind === 'smaller-heap'
      ? {
          ...changing,
          costOf: (counts: readonly number[]) =>
            (changing.costOf?.(counts) ?? 0) + counts.reduce((sum, count, index) => sum + (costs[index] ?? 0) * count, 0),
        }
      : changing
  const found = cheapest(problem, costs, solver, together(problem.offers.length, costing, aiming(problem, none, AIM_WEIGHT)), dropped)
  return found.ok ? wayOut(kind, problem, asked, found.value.counts) : undefined
}

const alike = (a: WayOut, b: WayOut) => a.ingredients.length === b.ingredients.length
  && a.ingredients.every(
    (one, index) =>
      one.material.id === b.ingredients[index]?.material.id
      && one.prepared === b.ingredients[index]?.prepared
      && Math.abs(one.amount.count - (b.ingredients[index]?.amount.count ?? 0)) < 1e-6,
  )

/**
 * Names the smallest changes after which the limits can be kept (elastic constraints), each kind of move for itself, the least
 * work first. What is pinned stays, unless nothing else helps. Called when `balancedAnswers` found it impossible.
 */
export function smallestChanges(problem: Problem, solver: Solver): Outcome<Impossible, SolveTrouble> {
  const missed = whatIsMissed(problem, solver)
  if (!missed.ok) return missed
  const limits = missed.value.map(({ limit }) => limit)
  const eased
    = easierToMix(
      problem, problem.offers.map(({ lies = 0, pinned = lies }) => pinned),
    )
    ?? prepare(
      problem, limits.flatMap(limit => (limit === 'too-wet' || limit === 'mats' ? [limit] : [])),
    )
  const wantsNitrogen = limits.includes('too-brown') && (problem.feeds?.length ?? 0) > 0
  const fed = wantsNitrogen ? { ...problem, offers: [...problem.offers, ...problem.feeds ?? []] } : undefined
  const kinds: (() => WayOut | undefined)[] = [
    ...(problem.step > 0.5 ? [() => wayOf('halves', problem, { ...problem, step: 0.5 }, solver)] : []),
    ...(eased ? [() => wayOf('prepared', problem, eased, solver)] : []),
    () => wayOf('smallest', problem, problem, solver),
    ...(fed ? [() => wayOf('feed', problem, { ...fed, step: Math.min(0.5, problem.step) }, solver)] : []),
    ...(limits.includes('too-little')
      ? [() => wayOf('smaller-heap', problem, { ...problem, step: Math.min(0.5, problem.step) }, solver, ['too-little'])]
      : []),
  ]
  const found = kinds.flatMap(way => way() ?? [])
  if (found.length === 0 && problem.offers.some(({ pinned }) => pinned !== undefined))
    found.push(...[wayOf('pins', problem, problem, solver)].flatMap(way => way ?? []))
  const sorted = found.sort((a, b) => a.effort - b.effort)
  return ok({
    missed: missed.value,
    ways: sorted.filter((way, index) => !sorted.slice(0, index).some(earlier => alike(earlier, way))).slice(0, MOST_WAYS),
  })
}
