import type { TestAnswers } from '../journal/garden'
import type { Outcome } from '../outcome/outcome'

/** One thing that is asked when a test is set up or read. */
export type TestQuestion
  = | { readonly id: string, readonly kind: 'choice', readonly label: string, readonly choices: readonly { readonly id: string, readonly label: string }[] }
    | { readonly id: string, readonly kind: 'count', readonly label: string, readonly usual: number, readonly most: number }
    | { readonly id: string, readonly kind: 'temperature', readonly label: string }
    | { readonly id: string, readonly kind: 'percent', readonly label: string, readonly usual: number }

/** What a test came to. `doubtful` says that it cannot tell. */
export interface TestResult {
  readonly grade: 'passed' | 'doubtful' | 'failed'
  readonly text: string
}

/** Why answers give no result, in a gardener's words. */
export interface AnswerTrouble { readonly message: string }

/** What can be done with a product, from the least to the most demanding. */
export const USES = ['mulch', 'beds', 'potting', 'seeds'] as const
export type Use = typeof USES[number]

/** A guided test of ripeness: how it is set up, how long it takes, what is asked and what the answers mean. One file each. */
export interface ReadinessTest {
  readonly id: string
  readonly name: string
  readonly purpose: string
  /** Days from setting up to reading; 0 when it is read at once. */
  readonly days: number
  readonly setUp: readonly string[]
  readonly reading: readonly string[]
  readonly atSetUp: readonly TestQuestion[]
  readonly atReading: readonly TestQuestion[]
  readonly cautions: readonly string[]
  /** The least demanding use for which it is wanted. */
  readonly wantedFrom: Use
  /** A product that fails it is fit for nothing that this use or a more demanding one asks. */
  readonly failsFrom: Use
  judge(atSetUp: TestAnswers, atReading: TestAnswers): Outcome<TestResult, AnswerTrouble>
}

/** A number among answers, if it is one. */
export function numberOf(answers: TestAnswers, id: string): number | undefined {
  const value = answers[id]
  return typeof value === 'number' && Number.isFinite(value) ? value : undefined
}
