import { describe, expect, it } from 'vitest'
import { GARDEN_EFFORT, programText, solverOf, type LpSolver, type Program } from './program'

/** Two sacks at most of one thing and any amount of another, at least three in all. */
const program: Program = {
  variables: [{ low: 0, high: 2, integer: true, cost: 1 }, { low: 0, high: Infinity, integer: false, cost: 1.5 }],
  rows: [{ terms: new Map([[0, -1], [1, -1]]), most: -3 }],
}
type Reply = ReturnType<LpSolver['solve']>

/** A solver that answers from a list and remembers what it was asked. */
function scripted(replies: readonly Reply[]): {
  readonly solver: LpSolver
  readonly asked: { readonly text: string, readonly options: unknown }[]
} {
  const asked: { text: string, options: unknown }[] = []
  return { asked, solver: { solve: (text, options) => {
    asked.push({ text, options })
    return replies[Math.min(asked.length, replies.length) - 1]!
  } } }
}
const optimal = (first: number, second: number): Reply => ({
  Status: 'Optimal', Columns: { x0: { Primal: first }, x1: { Primal: second } },
})

describe('a programme as text', () => {
  it('names the aim, the rows, the bounds and what is whole', () => {
    const lines = programText(program).split('\n').map(line => line.trim())
    expect(lines[0]).toBe('Minimize')
    expect(lines[1]).toMatch(/^obj: \+ 1\.0+e\+0 x0 \+ 1\.50+e\+0 x1$/)
    expect(lines).toContain('0 <= x0 <= 2')
    expect(lines).toContain('x1 >= 0')
    expect(lines[lines.indexOf('General') + 1]).toBe('x0')
    expect(lines.at(-1)).toBe('End')
  })

  it('keeps a row whose numbers are all nothing', () => {
    const empty: Program = { variables: program.variables, rows: [{ terms: new Map([[0, 0]]), most: 5 }] }
    expect(programText(empty)).toContain('r0: + 0 x0 <= 5')
  })
})

describe('a solver behind its door', () => {
  it('gives whole numbers where they were asked for, within their bounds', () => {
    const { solver } = scripted([optimal(1.9999999997, 1.0000000003)])
    expect(solverOf(solver, GARDEN_EFFORT).solve(program)).toEqual({ ok: true, value: [2, 1.0000000003] })
    const { solver: astray } = scripted([optimal(2.4, -1e-9)])
    expect(solverOf(astray, GARDEN_EFFORT).solve(program)).toEqual({ ok: true, value: [2, 0] })
  })

  it('is asked a second time, more carefully, when it ends without an answer', () => {
    const { solver, asked } = scripted([{ Status: 'Time limit reached', Columns: {} }, optimal(2, 1)])
    expect(solverOf(solver, GARDEN_EFFORT).solve(program).ok).toBe(true)
    expect(asked).toHaveLength(2)
    expect(asked[0]!.text).toBe(asked[1]!.text)
    expect(asked[0]!.options).not.toEqual(asked[1]!.options)
  })

  it('says what kept it from an answer, and never passes on what is no number', () => {
    const status = (Status: string) => solverOf(scripted([{ Status, Columns: {} }]).solver, GARDEN_EFFORT).solve(program)
    expect(status('Infeasible')).toEqual({ ok: false, error: 'impossible' })
    expect(status('Unbounded')).toEqual({ ok: false, error: 'unbounded' })
    expect(status('Time limit reached')).toEqual({ ok: false, error: 'gave-up' })
    expect(status('Something new')).toEqual({ ok: false, error: 'gave-up' })
    expect(solverOf(scripted([optimal(NaN, 1)]).solver, GARDEN_EFFORT).solve(program)).toEqual({ ok: false, error: 'gave-up' })
  })

  it('can be content with less', () => {
    const { solver, asked } = scripted([optimal(2, 1)])
    const looser = solverOf(solver, GARDEN_EFFORT).within(0.2)
    expect(looser.gap).toBe(0.2)
    looser.solve(program)
    expect(asked[0]!.options).toMatchObject({ mip_rel_gap: 0.2 })
  })
})
