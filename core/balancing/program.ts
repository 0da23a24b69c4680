import { fail, ok, type Outcome } from '../outcome/outcome'

/** A quantity the solver chooses. Bounds may be infinite; lower bounds are finite. */
export interface Variable {
  readonly low: number
  readonly high: number
  readonly integer: boolean
  readonly cost: number
}

/** A linear combination that has to stay at or below a limit: Σ coefficient × variable ≤ most. */
export interface Row {
  readonly terms: ReadonlyMap<number, number>
  readonly most: number
}

/** A mixed-integer linear programme to be minimised. */
export interface Program {
  readonly variables: readonly Variable[]
  readonly rows: readonly Row[]
}

/** Why a programme has no solution in hand. */
export type SolveTrouble = 'impossible' | 'unbounded' | 'gave-up'

/** What solves programmes: a real solver, handed in. */
export interface Solver {
  /** Share of the cost by which something better may be missed, 0 for exactly the best. */
  readonly gap: number
  /** The same solver, content with another gap. */
  within(gap: number): Solver
  solve(program: Program): Outcome<readonly number[], SolveTrouble>
}

const name = (index: number) => `x${index}`
const signed = (value: number) => `${value < 0 ? '-' : '+'} ${Math.abs(value).toExponential(12)}`

function sumText(terms: Iterable<readonly [number, number]>): string {
  const parts = [...terms].filter(([, value]) => value !== 0).map(([index, value]) => `${signed(value)} ${name(index)}`)
  return parts.length > 0 ? parts.join(' ') : `+ 0 ${name(0)}`
}

/** A programme in the CPLEX LP text format, which most solvers read. Coefficients keep 13 digits. */
export function programText({ variables, rows }: Program): string {
  const bounds = variables.map(({ low, high }, index) =>
    high === Infinity ? `${name(index)} >= ${low}` : `${low} <= ${name(index)} <= ${high}`,
  )
  const integers = variables.flatMap(({ integer }, index) => integer ? [name(index)] : [])
  return [
    'Minimize',
    ` obj: ${sumText(variables.map(({ cost }, index) => [index, cost] as const))}`,
    'Subject To',
    ...rows.map(({ terms, most }, index) => ` r${index}: ${sumText(terms)} <= ${most}`),
    'Bounds',
    ...bounds.map(bound => ` ${bound}`),
    ...(integers.length > 0 ? ['General', ` ${integers.join(' ')}`] : []),
    'End',
  ].join('\n')
}

/** The part of the HiGHS solver that is used; the loaded solver is handed in. */
export interface LpSolver {
  solve(problem: string, options?: Readonly<Record<string, string | number | boolean>>): {
    readonly Status: string
    readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>
  }
}

/** How hard to try: relative gap at which an answer counts as best, and seconds after which it gives up. */
export interface Effort {
  readonly gap: number
  readonly seconds: number
}

/** Seldom does the first way of asking end without an answer; the second looks for no shortcuts. */
const ATTEMPTS = [{ mip_heuristic_effort: 0.2 }, { presolve: 'off' }] as const

/** Good enough for a heap: within a bucket in twenty of the best, as no bucket is filled more evenly. */
export const GARDEN_EFFORT: Effort = { gap: 0.05, seconds: 2 }

/** Answers that stand; all others are asked for again, more carefully. */
const SETTLED = ['Optimal', 'Infeasible', 'Unbounded']

const TROUBLE: Readonly<Record<string, SolveTrouble>> = {
  'Infeasible': 'impossible', 'Primal infeasible or unbounded': 'impossible', 'Unbounded': 'unbounded',
}

/** HiGHS (Huangfu and Hall 2018) as a `Solver`. What it answers is rounded to whole numbers where they were asked for. */
export function solverOf(highs: LpSolver, effort: Effort): Solver {
  const solve: Solver['solve'] = (program) => {
    const text = programText(program)
    const attempt = (options: Readonly<Record<string, string | number>>) =>
      highs.solve(text, { mip_rel_gap: effort.gap, mip_abs_gap: effort.gap, time_limit: effort.seconds, output_flag: false, ...options })
    const solved = ATTEMPTS.reduce<ReturnType<typeof attempt> | undefined>(
      (known, options) => (known && SETTLED.includes(known.Status) ? known : attempt(options)), undefined,
    )
    if (solved?.Status !== 'Optimal') return fail(TROUBLE[solved?.Status ?? ''] ?? 'gave-up')
    const values = program.variables.map(({ integer, low, high }, index) => {
      const value = solved.Columns[name(index)]?.Primal ?? 0
      return Math.min(high, Math.max(low, integer ? Math.round(value) : value))
    })
    return values.every(Number.isFinite) ? ok(values) : fail('gave-up')
  }
  return { gap: effort.gap, within: gap => solverOf(highs, { ...effort, gap }), solve }
}
