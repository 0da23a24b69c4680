import { fail, ok, type Outcome } from '../outcome/outcome'
import type { Measures } from '../mix/measures'
import { GOALS, goalOf, type Goal } from './goals'
import { ingredientsTaken, unitOf } from './offer'
import type { LimitName, Problem } from './problem'
import type { Solver, SolveTrouble } from './program'
import { workOut } from './region'
import type { Costs } from './relaxation'
import { cheapest } from './search'
import type { Ingredient } from '../mix/portion'

/** One good way to build the heap, worked out with the plain mix arithmetic. */
export interface Answer {
  readonly title: string
  readonly goalId: string
  readonly counts: readonly number[]
  readonly ingredients: readonly Ingredient[]
  readonly measures: Measures
  readonly waterL: number
  readonly containers: number
  /** Loose litres that are not in the store. */
  readonly fetchL: number
  /** Loose litres of what would spoil within a fortnight. */
  readonly rescuedL: number
}

/** Carrying one more container weighs so much beside any goal: enough to settle ties, too little to change an answer that matters. */
const CARRYING = 0.01
/** Answers count as different when at least this share of the heap is. */
const DIFFERENT = 0.2
const SOON_DAYS = 14
/** The answers beside the first are there to be different: within a twentieth of their best is good enough. */
const BESIDE_GAP = 0.05

/** What each offer costs for a goal, per container. */
export function costsFor({ offers }: Problem, goal: Goal): Costs {
  return offers.map(offer => goal.costPerContainer(offer, unitOf(offer)) + CARRYING)
}

function answer(problem: Problem, goal: Goal, title: string, counts: readonly number[]): Answer | undefined {
  const worked = workOut(problem, counts)
  if (!worked) return undefined
  const looseL = problem.offers.map((offer, index) => unitOf(offer).looseL * (counts[index] ?? 0))
  const sum = (counted: (index: number) => boolean) => looseL.reduce((total, litres, index) => counted(index) ? total + litres : total, 0)
  return {
    title, goalId: goal.id, counts, measures: worked.measures, waterL: worked.waterL,
    ingredients: ingredientsTaken(problem.offers, counts),
    containers: counts.reduce((total, count) => total + count, 0),
    fetchL: sum(index => problem.offers[index]?.inStore === false),
    rescuedL: sum(index => problem.offers[index]?.inStore === true && (problem.offers[index]?.daysLeft ?? Infinity) <= SOON_DAYS),
  }
}

/** Loose litres of each material in a choice of counts, wherever it comes from. */
function litresByMaterial({ offers }: Problem, counts: readonly number[]): ReadonlyMap<string, number> {
  const litres = new Map<string, number>()
  offers.forEach((offer, index) => litres.set(offer.material.id, (litres.get(offer.material.id) ?? 0) + unitOf(offer).looseL * (counts[index] ?? 0)))
  return litres
}

/** Share of two heaps that is not alike, by loose volume: 0 the same, 1 nothing in common. */
export function difference(problem: Problem, a: readonly number[], b: readonly number[]): number {
  const [one, other] = [litresByMaterial(problem, a), litresByMaterial(problem, b)]
  const sum = (of: (first: number, second: number) => number) => [...one].reduce((total, [id, litres]) => total + of(litres, other.get(id) ?? 0), 0)
  const both = sum((first, second) => first + second)
  return both > 0 ? sum((first, second) => Math.abs(first - second)) / both : 0
}

/** The offer that makes up most of an answer and is not pinned: leaving it out gives another kind of heap. */
function mainstay({ offers }: Problem, counts: readonly number[]): number | undefined {
  const litres = offers.map((offer, index) => offer.pinned === undefined ? unitOf(offer).looseL * (counts[index] ?? 0) : 0)
  const most = Math.max(0, ...litres)
  return most > 0 ? litres.indexOf(most) : undefined
}

const without = (problem: Problem, left: number): Problem => ({ ...problem, offers: problem.offers.map(offer => offer.material.id === problem.offers[left]?.material.id && offer.pinned === undefined ? { ...offer, most: 0 } : offer) })

/** What was asked for, and who is told of each step of the way. */
export interface AnswerWish {
  readonly goalId: string
  readonly most?: number
  readonly onAnswer?: (answers: readonly Answer[]) => void
}

/**
 * Up to three clearly different good answers: the best for what matters most; then the best for other goals; then the best
 * without the mainstay of the first. The first is best within the solver's gap, the others nearly; each is worked out anew with the plain mix arithmetic.
 */
export function balancedAnswers(problem: Problem, { goalId, most = 3, onAnswer }: AnswerWish, solver: Solver): Outcome<readonly Answer[], SolveTrouble> {
  const wanted = goalOf(goalId)
  const first = cheapest(problem, costsFor(problem, wanted), solver)
  if (!first.ok) return first
  const beside = solver.gap > 0 ? solver.within(BESIDE_GAP) : solver
  const answers: Answer[] = []
  const take = (goal: Goal, title: string, counts: readonly number[]) => {
    if (answers.some(known => difference(problem, known.counts, counts) < DIFFERENT)) return
    const found = answer(problem, goal, title, counts)
    if (found) answers.push(found)
    onAnswer?.(answers)
  }
  take(wanted, wanted.title, first.value.counts)
  const main = mainstay(problem, first.value.counts)
  const others = GOALS.filter(({ id }) => id !== wanted.id).map(goal => ({ problem, goal, title: goal.title }))
  const left = main === undefined ? [] : [{ problem: without(problem, main), goal: wanted, title: `Without the ${problem.offers[main]?.material.short ?? ''}` }]
  for (const other of [...others, ...left]) {
    if (answers.length >= most) break
    const found = cheapest(other.problem, costsFor(other.problem, other.goal), beside)
    if (found.ok) take(other.goal, other.title, found.value.counts)
  }
  return answers.length > 0 ? ok(answers) : fail('gave-up')
}

/** The limits that stand in the way alone: dropping any one of these would make an answer possible. */
export function inTheWay(problem: Problem, solver: Solver, limits: readonly LimitName[]): LimitName[] {
  // Whether there is anything at all is all that is asked.
  const costs = problem.offers.map(() => 0)
  return limits.filter(limit => cheapest(problem, costs, solver, undefined, [limit]).ok)
}
