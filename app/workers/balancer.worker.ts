import { expose } from 'comlink'
import highsLoader from 'highs'
import wasmUrl from 'highs/runtime?url'
import type { Answer } from '#core/balancing/answers'
import { balanceAsked, type Asked, type Found } from '#core/balancing/asked'
import { rehearsal } from '#core/balancing/rehearsal'
import { GARDEN_EFFORT, solverOf, type LpSolver } from '#core/balancing/program'

const solver = highsLoader({ locateFile: () => wasmUrl }).then(highs => solverOf(highs as unknown as LpSolver, GARDEN_EFFORT))

/** The balancing, away from the page. */
const balancer = {
  hello: () => true as const,
  /** Resolves once the solver is loaded and has been run once. */
  async ready(): Promise<void> {
    balanceAsked(rehearsal(), await solver)
  },
  async ask(asked: Asked, onAnswer: (answers: readonly Answer[]) => void): Promise<Found> {
    return balanceAsked(asked, await solver, onAnswer)
  },
}
export type Balancer = typeof balancer

expose(balancer)
