import { unitOf, type OfferUnit } from './offer'
import type { Countable } from './rounding'
import { LIMIT_NAMES, type LimitName, type Problem } from './problem'
import type { Program, Row, Variable } from './program'
import { limitRows, type Span } from './rows'

/** Between these a count lies. */
export interface Bounds {
  readonly low: number
  readonly high: number
}

/** Variables and rows beyond those of the problem: for looking at smallest changes. */
export interface Extra {
  readonly variables: readonly Variable[]
  /** Rows over the offers (first), the water (then) and the extra variables (last). */
  readonly rows: readonly Row[]
  /** Bounds of the offers where they differ from what there is. */
  readonly bounds?: readonly Bounds[]
  /** What counts cost with the extra variables at their least; without extra variables the costs say it. */
  readonly costOf?: (counts: readonly number[]) => number
  /** What counts as much: the gap to the best is a share of it where the cost itself is about nothing. */
  readonly scale?: number
}

/** Two extras at once: the variables of the second come after those of the first, and what both cost is added up. */
export function together(offers: number, first: Extra, second: Extra): Extra {
  const shift = first.variables.length
  const own = offers + 1
  const bounds = first.bounds ?? second.bounds
  return {
    variables: [...first.variables, ...second.variables],
    rows: [
      ...first.rows,
      ...second.rows.map(({ terms, most }) => ({
        terms: new Map([...terms].map(([index, value]) => [index >= own ? index + shift : index, value])), most,
      })),
    ],
    ...(bounds ? { bounds } : {}),
    costOf: counts => (first.costOf?.(counts) ?? 0) + (second.costOf?.(counts) ?? 0),
    scale: Math.max(first.scale ?? 0, second.scale ?? 0),
  }
}

/** What to minimise, by offer and container. */
export type Costs = readonly number[]

/** More containers than this of one thing nobody carries to one heap. */
export const MOST_CONTAINERS = 400

/** A mix never takes less than this share of its loose volume (see `mixedVolumeL`): more than that over is too much by itself. */
const LEAST_MIXED_SHARE = 0.75

/** A twentieth of the wanted volume is still a heap of sorts. */
const SOMETHING = 0.05

/** What there is of an offer, within what a solver can work with. */
export function mostOf(most: number): number {
  return Math.min(MOST_CONTAINERS, Math.max(0, most))
}

/** The problem in linear form over a span of coarseness: nothing that keeps to the limits there is lost. */
export interface Relaxation {
  readonly units: readonly OfferUnit[]
  /** How each count may be chosen. */
  readonly countables: readonly Countable[]
  /** @param also rows beyond those of the problem, by the container. */
  program(span: Span, also?: readonly Row[]): Program
  /** The counts of the offers in a solution. */
  countsOf(values: readonly number[]): number[]
  costOf(values: readonly number[]): number
  readonly scale: number
  /** What counts cost by themselves. */
  costOfCounts(counts: readonly number[]): number
}

/** An offer as a variable. Measured out in steps, it counts steps, so that halves are whole numbers to the solver. */
function offerVariable(
  { most, pinned }: Problem['offers'][number], step: number, cost: number, fits: number, bounds: Bounds | undefined,
): Variable {
  const low = bounds?.low ?? pinned ?? 0
  const high = Math.max(low, bounds || pinned === undefined ? Math.min(fits, bounds?.high ?? mostOf(most)) : pinned)
  const betweenSteps = pinned !== undefined && step > 0 && Math.abs(pinned / step - Math.round(pinned / step)) > 1e-9
  if (step === 0 || betweenSteps || low === high) return { low, high, integer: false, cost }
  return { low: Math.ceil(low / step - 1e-9), high: Math.floor(high / step + 1e-9), integer: true, cost: cost * step }
}

/**
 * Sets a problem up for the solver.
 * @param dropped limits that are not asked for.
 */
export function relaxationOf(problem: Problem, costs: Costs, extra: Extra, dropped: readonly LimitName[]): Relaxation {
  const units = problem.offers.map(unitOf)
  const mostLooseL = dropped.includes('too-much') ? Infinity : problem.limits.volumeL.high / LEAST_MIXED_SHARE
  const fits = (index: number) => mostLooseL / (units[index]?.looseL ?? 1)
  const offers = problem.offers.map((offer, index) =>
    offerVariable(offer, problem.step, costs[index] ?? 0, fits(index), extra.bounds?.[index]),
  )
  const variables = [...offers, { low: 0, high: Infinity, integer: false, cost: 0 }, ...extra.variables]
  const sizes = offers.map(({ integer }) => integer ? problem.step : 1)
  // Rows are written by the container.
  const inSteps = ({ terms, most }: Row): Row => ({
    terms: new Map([...terms].map(([index, value]) => [index, value * (sizes[index] ?? 1)])), most,
  })
  return {
    units,
    scale: extra.scale ?? 0,
    countables: offers.map(({ integer, low, high }, index) => ({
      size: integer ? problem.step : 0, low: low * (sizes[index] ?? 1), high: high * (sizes[index] ?? 1),
    })),
    costOfCounts: extra.costOf ?? (counts => counts.reduce((sum, count, index) => sum + (costs[index] ?? 0) * count, 0)),
    program: (span, also = []) => {
      const { byLimit, always } = limitRows(problem, units, span)
      // Without a least volume something must still go in, or nothing at all would be the cheapest.
      const some = dropped.includes('too-little') ? byLimit['too-little'].map(({ terms, most }) => ({ terms, most: most * SOMETHING })) : []
      const asked = LIMIT_NAMES.flatMap(limit => dropped.includes(limit) ? [] : byLimit[limit])
      return { variables, rows: [...always, ...some, ...asked, ...extra.rows, ...also].map(inSteps) }
    },
    countsOf: values => units.map((_, index) => (values[index] ?? 0) * (sizes[index] ?? 1)),
    costOf: values => variables.reduce((sum, { cost }, index) => sum + cost * (values[index] ?? 0), 0),
  }
}
