import { ok, type Outcome } from '../outcome/outcome'
import { unitOf, type OfferUnit } from './offer'
import { LIMIT_NAMES, type LimitName, type Problem } from './problem'
import type { Row, Solver, SolveTrouble, Variable } from './program'
import { workOut, type LimitValue } from './region'
import { mostOf } from './relaxation'
import { limitRows, type Span } from './rows'
import { cheapest } from './search'

/** A limit that the nearest possible heap misses, with what it has and where the limit lies. */
export interface Missed extends LimitValue {
  readonly limit: LimitName
}

/** How dear it is to miss each: how big it is was asked for, so that what is wrong with the stuff comes out. */
const WEIGHT: Readonly<Record<LimitName, number>> = {
  'too-green': 3, 'too-brown': 3, 'too-wet': 3, 'airless': 3, 'mats': 2, 'overdone': 2, 'one-material': 1, 'char': 1, 'left-lying': 2,
  'too-little': 20, 'too-much': 20,
}
/** With a good heap of so much of the wanted litres, only the size is missed. */
const A_HEAP_OF_SORTS = 0.3
/** Spans of coarseness that are looked at: the volume is then right to a few per cent. */
const SPANS = 3
/** So much of every limit must be missed before it is worth a word. */
const WORTH_A_WORD = 0.005

/** The size of what a row sums up over a heap, so that missing different limits can be compared. */
function sizeOf({ terms, most }: Row, units: readonly OfferUnit[], heapL: number): number {
  const perLitre = units.map(({ looseL }, index) => Math.abs(terms.get(index) ?? 0) / looseL)
  return Math.max(Math.abs(most), perLitre.reduce((sum, value) => sum + value, 0) / units.length * heapL, 1e-9)
}

/** Every limit made of rubber: each may give way by a variable of its own, at a cost. */
function rubbery(problem: Problem, units: readonly OfferUnit[], span: Span) {
  const { offers, limits } = problem
  const { byLimit, always } = limitRows(problem, units, span)
  const variables: Variable[] = [
    ...offers.map(({ most, pinned }): Variable => ({ low: pinned ?? 0, high: pinned ?? mostOf(most), integer: false, cost: 0 })),
    { low: 0, high: Infinity, integer: false, cost: 0 },
  ]
  const rows: Row[] = [...always]
  for (const limit of LIMIT_NAMES) {
    for (const row of byLimit[limit]) {
      rows.push({ terms: new Map([...row.terms, [variables.length, -1]]), most: row.most })
      variables.push({ low: 0, high: Infinity, integer: false, cost: WEIGHT[limit] / sizeOf(row, units, limits.volumeL.low) })
    }
  }
  return { variables, rows }
}

/**
 * What the heap of what there is misses that comes nearest to all limits, the worst first. Nothing is missed when only whole
 * containers stand in the way: then the list is empty.
 */
export function whatIsMissed(problem: Problem, solver: Solver): Outcome<readonly Missed[], SolveTrouble> {
  const nothing: Missed = { limit: 'too-little', is: 0, edge: problem.limits.volumeL.low }
  if (!problem.offers.some(({ most, pinned }) => (pinned ?? most) > 0)) return ok([nothing])
  const units = problem.offers.map(unitOf)
  const coarse = units.map(({ coarseness }) => coarseness)
  const [from, to] = [Math.min(...coarse), Math.max(...coarse)]
  const tried = Array.from({ length: to > from ? SPANS : 1 }, (_, part): Span => ({
    from: from + ((to - from) * part) / SPANS, to: to > from ? from + ((to - from) * (part + 1)) / SPANS : to,
  })).flatMap((span) => {
    const program = rubbery(problem, units, span)
    const solved = solver.solve(program)
    return solved.ok
      ? [
          {
            counts: solved.value.slice(0, units.length),
            cost: program.variables.reduce((sum, { cost }, index) => sum + cost * (solved.value[index] ?? 0), 0),
          },
        ]
      : []
  })
  const smaller = cheapest(problem, units.map(({ looseL }) => -looseL), solver, undefined, ['too-little'])
  const biggest = smaller.ok ? workOut(problem, smaller.value.counts) : undefined
  if (
    biggest
    && biggest.measures.volumeL >= A_HEAP_OF_SORTS * problem.limits.volumeL.low
    && biggest.measures.volumeL < problem.limits.volumeL.low
  )
    return ok([{ ...nothing, is: biggest.measures.volumeL }])
  const nearest = tried.sort((a, b) => a.cost - b.cost)[0]
  const worked = nearest && workOut(problem, nearest.counts)
  if (!worked) return ok([nothing])
  return ok(worked.broken.filter(({ by }) => by > WORTH_A_WORD).map(({ limit }) => ({ limit, ...worked.of[limit] })))
}
