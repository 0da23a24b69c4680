import type { Answers } from '../questions/answers'
import type { Question } from '../questions/question'
import type { Outcome } from '../outcome/outcome'

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
  readonly atSetUp: readonly Question[]
  readonly atReading: readonly Question[]
  readonly cautions: readonly string[]
  /** The least demanding use for which it is wanted. */
  readonly wantedFrom: Use
  /** Where it counts at all, no other test stands in for it: without it passed, nothing from `wantedFrom` on. Says why it counts. */
  readonly alone?: string
  /** A product that fails it is fit for nothing that this use or a more demanding one asks. */
  readonly failsFrom: Use
  judge(atSetUp: Answers, atReading: Answers): Outcome<TestResult, AnswerTrouble>
}
