import { fail, ok, type Outcome } from '../outcome/outcome'
import type { OfferUnit } from './offer'
import type { LimitName, Problem } from './problem'
import type { Program, Row, Solver, SolveTrouble } from './program'
import { keepsTo, ON_THE_LIMIT, type Strictness } from './region'
import { relaxationOf, type Costs, type Extra, type Relaxation } from './relaxation'
import { measurableNear } from './rounding'
import type { Span } from './rows'
import { SLIVER_SHARE, sliverOf } from './slivers'

/** A best choice: counts by offer and what it costs. */
export interface Found {
  readonly counts: readonly number[]
  readonly cost: number
}

/** A span that may hold something better, with the least that anything in it can cost. */
interface Open {
  readonly span: Span
  /** What was decided on the way here: things left out, or taken in earnest. */
  readonly decided: readonly Row[]
  readonly program: Program
  readonly atLeast: number
  /** Where that least lies, in counts that may be broken. */
  readonly least: readonly number[]
}

/** Spans narrower than this are as good as a point. */
const NARROW = 1e-4
/** To begin with no span is wider than this: its bounds on the volume are then within two per cent. */
const WIDE = 0.25
const MOST_LOOKED_INTO = 120
/** Any amount cannot end exactly on a curved limit: it may be over by this share. */
const FREE_TOLERANCE = 2e-4

/** No heap is measured to half a hundredth of its volume. */
const NEARLY_THE_VOLUME = 0.005

/** Whoever is content with this gap takes what is measurable near the least. */
export const NEARLY = 0.05
const NO_EXTRA: Extra = { variables: [], rows: [] }

function meanCoarseness(units: readonly OfferUnit[], counts: readonly number[]): number {
  const loose = units.reduce((sum, { looseL }, index) => sum + looseL * (counts[index] ?? 0), 0)
  return loose > 0 ? units.reduce((sum, { looseL, coarseness }, index) => sum + looseL * coarseness * (counts[index] ?? 0), 0) / loose : 0
}

function parted({ from, to }: Span): Span[] {
  const parts = Math.max(1, Math.ceil((to - from) / WIDE - 1e-9))
  return Array.from({ length: parts }, (_, part) => ({
    from: from + ((to - from) * part) / parts, to: from + ((to - from) * (part + 1)) / parts,
  }))
}

/** Where to cut a span that a wrong candidate came from: at its own coarseness, unless that is an end. */
function cut({ from, to }: Span, at: number): Span[] {
  if (to - from <= NARROW) return []
  const margin = (to - from) * 0.05
  const where = at > from + margin && at < to - margin ? at : (from + to) / 2
  return [{ from, to: where }, { from: where, to }]
}

/** A thing of which there was a sliver, left out, or taken with a share that is worth carrying. */
function decisions(units: readonly OfferUnit[], own: readonly number[]): Row[] {
  return [
    { terms: new Map(own.map(index => [index, units[index]!.looseL])), most: 0 },
    { terms: new Map(units.map(({ looseL }, index) => [index, SLIVER_SHARE * looseL - (own.includes(index) ? looseL : 0)])), most: 0 },
  ]
}

/** One search: the spans that are open and the best so far. */
class Search {
  private best: Found | undefined
  private gaveUp = false
  private readonly open: Open[] = []

  constructor(
    private readonly problem: Problem, private readonly relaxation: Relaxation, private readonly strictness: Strictness,
    private readonly solver: Solver,
  ) {}

  run(): Outcome<Found, SolveTrouble> {
    const coarse = this.relaxation.units.map(({ coarseness }) => coarseness)
    parted({ from: Math.min(...coarse), to: Math.max(...coarse) }).forEach(span => this.consider(span))
    for (let looked = 0; this.open.length > 0 && looked < MOST_LOOKED_INTO; looked++) this.lookInto(this.mostPromising())
    if (this.best) return ok(this.best)
    return fail(this.gaveUp || this.open.length > 0 ? 'gave-up' : 'impossible')
  }

  /** Bounds a span by its plain linear programme; what cannot hold anything is closed at once. */
  private consider(span: Span, decided: readonly Row[] = []): void {
    const program = this.relaxation.program(span, decided)
    const bound = this.solved({ ...program, variables: program.variables.map(variable => ({ ...variable, integer: false })) })
    if (bound) this.open.push({ span, decided, program, atLeast: this.relaxation.costOf(bound), least: this.relaxation.countsOf(bound) })
  }

  /** The most promising span first: others are then often out of the running before they are looked into. */
  private mostPromising(): Open {
    const least = Math.min(...this.open.map(({ atLeast }) => atLeast))
    return this.open.splice(this.open.findIndex(({ atLeast }) => atLeast === least), 1)[0] as Open
  }

  private lookInto({ span, decided, program, atLeast, least }: Open): void {
    if (!this.better(atLeast)) return
    this.takeNear(least)
    this.takeNear(this.withoutSlivers(least))
    // Often that is near enough to the least, and the long way is spared; where nearly the best is asked for, always.
    if (!this.better(atLeast) || (this.best && this.solver.gap >= NEARLY)) return
    const values = this.solved(program)
    if (!values || !this.better(this.relaxation.costOf(values))) return
    const counts = this.relaxation.countsOf(values)
    const sliver = sliverOf(this.problem, counts)
    if (this.fits(counts)) this.best = { counts, cost: this.relaxation.costOf(values) }
    else if (sliver) decisions(this.relaxation.units, sliver).forEach(decision => this.consider(span, [...decided, decision]))
    else cut(span, meanCoarseness(this.relaxation.units, counts)).forEach(part => this.consider(part, decided))
  }

  /** Broken counts with what is only a sliver left out. */
  private withoutSlivers(counts: readonly number[]): readonly number[] {
    const sliver = sliverOf(this.problem, counts)
    return sliver ? this.withoutSlivers(counts.map((count, index) => sliver.includes(index) ? 0 : count)) : counts
  }

  /** Looks for something measurable near the least of a span. */
  private takeNear(least: readonly number[]): void {
    const { countables, costOfCounts } = this.relaxation
    const counts = measurableNear(least, countables, { fits: one => this.fits(one), costOf: costOfCounts })
    const cost = counts ? costOfCounts(counts) : Infinity
    if (counts && this.better(cost)) this.best = { counts, cost }
  }

  private fits(counts: readonly number[]): boolean {
    return keepsTo(this.problem, counts, this.strictness)
  }

  private better(cost: number): boolean {
    return !this.best || cost < this.best.cost - Math.max(1e-9, this.solver.gap * Math.max(this.relaxation.scale, Math.abs(this.best.cost)))
  }

  private solved(program: Program): readonly number[] | undefined {
    // By the scale of what counts, so that the solver's own gap means the same.
    const scale = this.solver.gap > 0 && this.relaxation.scale > 0 ? this.relaxation.scale : 1
    const solved = this.solver.solve(
      scale === 1 ? program : { ...program, variables: program.variables.map(variable => ({ ...variable, cost: variable.cost / scale })) },
    )
    if (!solved.ok && solved.error !== 'impossible') this.gaveUp = true
    return solved.ok ? solved.value : undefined
  }
}

/**
 * The cheapest counts that keep to the limits, up to the solver's gap: a branch and bound over the mean coarseness of
 * the mix (spatial branching, McCormick 1976) around a mixed-integer solver. A candidate counts only when the plain mix
 * arithmetic agrees that it keeps to the limits.
 * @param dropped limits that are not asked for.
 */
export function cheapest(
  problem: Problem, costs: Costs, solver: Solver, extra: Extra = NO_EXTRA, dropped: readonly LimitName[] = [],
): Outcome<Found, SolveTrouble> {
  if (problem.offers.length === 0) return fail('impossible')
  const tolerance = problem.step > 0 ? ON_THE_LIMIT : FREE_TOLERANCE
  // When exactly the best is not asked for, nor is exactly the volume.
  const strictness = { tolerance, volumeTolerance: solver.gap > 0 ? NEARLY_THE_VOLUME : tolerance, dropped }
  return new Search(problem, relaxationOf(problem, costs, extra, dropped), strictness, solver).run()
}
