import type { Batch, TestBegun, TestRead } from '../journal/garden'
import { DAY_MS } from '../units/time'
import type { ReadinessTest, TestResult } from './test'

/** Where a test of a batch stands. */
export type TestState
  = | { readonly kind: 'open', readonly test: ReadinessTest }
    | { readonly kind: 'running', readonly test: ReadinessTest, readonly begun: TestBegun, readonly readableAt: Date }
    | { readonly kind: 'read', readonly test: ReadinessTest, readonly at: string, readonly result: TestResult }

/** What a test came to: as it was told when it was read; tests read by earlier versions are judged now. */
export function resultOf(
  { testsBegun }: Pick<Batch, 'testsBegun'>, test: ReadinessTest,
  { begunId, answers, result }: Pick<TestRead, 'begunId' | 'answers' | 'result'>,
): TestResult | undefined {
  if (result) return result
  const judged = test.judge(testsBegun.find(({ eventId }) => eventId === begunId)?.answers ?? {}, answers)
  return judged.ok ? judged.value : undefined
}

/** The state of each test: a running one counts before an older result, so that a repeat can be read. */
export function testStates(batch: Pick<Batch, 'testsBegun' | 'testsRead'>, tests: readonly ReadinessTest[]): TestState[] {
  return tests.map((test) => {
    const read = batch.testsRead.findLast(one => one.test === test.id)
    const begun = batch.testsBegun.findLast(one => one.test === test.id && !batch.testsRead.some(({ begunId }) => begunId === one.eventId))
    if (begun && (!read || begun.at > read.at))
      return { kind: 'running', test, begun, readableAt: new Date(Date.parse(begun.at) + test.days * DAY_MS) }
    const result = read && resultOf(batch, test, read)
    return read && result ? { kind: 'read', test, at: read.at, result } : { kind: 'open', test }
  })
}
