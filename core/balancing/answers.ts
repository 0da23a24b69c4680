import { fail, ok, type Outcome } from '../outcome/outcome'
import type { Measures } from '../mix/measures'
import { aiming } from './aim'
import { GOALS, goalOf, type Goal } from './goals'
import { ingredientsTaken, unitOf } from './offer'
import type { Problem } from './problem'
import type { Solver, SolveTrouble } from './program'
import { workOut } from './region'
import { illsIn } from '../mix/judgement'
import { easierToMix, preparedTitle } from './preparing'
import type { Costs } from './relaxation'
import { cheapest, NEARLY } from './search'
import { leftLying, type LeftLying } from './spoiling'
import { portionOf, type Ingredient } from '../mix/portion'

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
  /** What spoils and does not go in. */
  readonly left: readonly LeftLying[]
}

/** Carrying one more container weighs so much beside any goal: enough to settle ties, too little to change an answer that matters. */
const CARRYING = 0.01
/** Answers count as different when at least this share of the heap is. */
const DIFFERENT = 0.2
const SOON_DAYS = 14

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
    left: leftLying(problem.offers, counts),
  }
}

/** Loose litres of each thing in ingredients, wherever it comes from. */
function litresByThing(ingredients: readonly Ingredient[]): ReadonlyMap<string, number> {
  const litres = new Map<string, number>()
  for (const one of ingredients) {
    const thing = `${one.material.id} ${one.prepared ?? ''}`
    litres.set(thing, (litres.get(thing) ?? 0) + portionOf(one).looseVolumeL)
  }
  return litres
}

/** Share of two heaps that is not alike, by loose volume: 0 the same, 1 nothing in common. */
export function difference(a: Pick<Answer, 'ingredients'>, b: Pick<Answer, 'ingredients'>): number {
  const [one, other] = [litresByThing(a.ingredients), litresByThing(b.ingredients)]
  const things = new Set([...one.keys(), ...other.keys()])
  const sum = (of: (first: number, second: number) => number) =>
    [...things].reduce((total, thing) => total + of(one.get(thing) ?? 0, other.get(thing) ?? 0), 0)
  const both = sum((first, second) => first + second)
  return both > 0 ? sum((first, second) => Math.abs(first - second)) / both : 0
}

/** The offer that makes up most of an answer and neither lies there nor is pinned: leaving it out gives another kind of heap. */
function mainstay({ offers }: Problem, counts: readonly number[]): number | undefined {
  const litres = offers.map((offer, index) =>
    offer.pinned === undefined && !offer.lies ? unitOf(offer).looseL * (counts[index] ?? 0) : 0,
  )
  const most = Math.max(0, ...litres)
  return most > 0 ? litres.indexOf(most) : undefined
}

const without = (problem: Problem, left: number): Problem => ({
  ...problem,
  offers: problem.offers.map(offer =>
    offer.material.id === problem.offers[left]?.material.id && offer.pinned === undefined ? { ...offer, most: 0 } : offer,
  ),
})

const FINER_STEP = 0.5
/** Halves must bring it nearer by so much: half of the way from comfortable to barely working. */
const WORTH_HALVES = 0.4

/** Other ways are for about the same heap: no more than so many times the first. */
const BIGGER_TIMES = 1.5

/** The problem with its heap no bigger than others are to the first answer. */
function aboutAsBig(problem: Problem, first: Answer | undefined): Problem {
  const { volumeL } = problem.limits
  const high = first ? Math.min(volumeL.high, Math.max(volumeL.low * BIGGER_TIMES, first.measures.volumeL * BIGGER_TIMES)) : volumeL.high
  return { ...problem, limits: { ...problem.limits, volumeL: { ...volumeL, high } } }
}

/** How far a choice is from comfortable, all its ills together. */
function offBy(problem: Problem, counts: readonly number[]): number {
  const worked = workOut(problem, counts)
  return worked ? illsIn(worked.measures, problem.limits.comfort).reduce((sum, { severity }) => sum + severity, 0) : Infinity
}

/** The cheapest choice for a goal, drawn towards the middle of what is comfortable. */
function bestFor(problem: Problem, goal: Goal, solver: Solver): ReturnType<typeof cheapest> {
  const costs = costsFor(problem, goal)
  return cheapest(problem, costs, solver, aiming(problem, costs))
}

/** What was asked for, and who is told of each step of the way. */
export interface AnswerWish {
  readonly goalId: string
  readonly most?: number
  readonly onAnswer?: (answers: readonly Answer[]) => void
}

/**
 * Up to three clearly different good answers: the best for what matters most; then the best for other goals; then the best
 * without the mainstay of the first. The first is best within the solver's gap, the others nearly; each is worked out anew with
 * the plain mix arithmetic.
 */
export function balancedAnswers(
  problem: Problem, { goalId, most = 3, onAnswer }: AnswerWish, solver: Solver,
): Outcome<readonly Answer[], SolveTrouble> {
  const wanted = goalOf(goalId)
  const first = bestFor(problem, wanted, solver)
  if (!first.ok) return first
  const beside = solver.gap > 0 ? solver.within(NEARLY) : solver
  const answers: Answer[] = []
  const take = (of: Problem, goal: Goal, title: string, counts: readonly number[]) => {
    const found = answer(of, goal, title, counts)
    if (found && answers.some(known => difference(known, found) < DIFFERENT)) return
    if (found) answers.push(found)
    onAnswer?.(answers)
  }
  const halved = problem.step > FINER_STEP && offBy(problem, first.value.counts) > 0 ? { ...problem, step: FINER_STEP } : undefined
  const finer = halved && bestFor(halved, wanted, solver)
  const betterHalved = halved && finer?.ok && offBy(halved, finer.value.counts) < offBy(problem, first.value.counts) - WORTH_HALVES
  if (betterHalved) take(halved, wanted, `${wanted.title}, in halves`, finer.value.counts)
  else take(problem, wanted, wanted.title, first.value.counts)
  const main = mainstay(problem, first.value.counts)
  const like = aboutAsBig(problem, answers[0])
  const others = GOALS.filter(({ id }) => id !== wanted.id).map(goal => ({ problem: like, goal, title: goal.title }))
  const left
    = main === undefined
      ? []
      : [{ problem: without(like, main), goal: wanted, title: `Without the ${problem.offers[main]?.material.short ?? ''}` }]
  const easier = easierToMix(problem, first.value.counts)
  const prepared = easier ? [{ problem: easier, goal: wanted, title: '' }] : []
  for (const other of [...prepared, ...others, ...left]) {
    if (answers.length >= most) break
    const found = bestFor(other.problem, other.goal, beside)
    if (found.ok)
      take(
        other.problem, other.goal, preparedTitle(problem, other.problem, found.value.counts) || other.title || wanted.title,
        found.value.counts,
      )
  }
  return answers.length > 0 ? ok(answers) : fail('gave-up')
}
