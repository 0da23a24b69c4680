import type { Batch, TestBegun } from '../journal/garden'
import type { ReadinessTest, TestResult } from './test'

const DAY_MS = 86_400_000

/** Where a test of a batch stands. */
export type TestState
  = | { readonly kind: 'open', readonly test: ReadinessTest }
    | { readonly kind: 'running', readonly test: ReadinessTest, readonly begun: TestBegun, readonly readableAt: Date }
    | { readonly kind: 'read', readonly test: ReadinessTest, readonly at: string, readonly result: TestResult }

/** The state of each test: a running one counts before an older result, so that a repeat can be read. */
export function testStates(batch: Pick<Batch, 'testsBegun' | 'testsRead'>, tests: readonly ReadinessTest[]): TestState[] {
  return tests.map((test) => {
    const read = batch.testsRead.findLast(one => one.test === test.id)
    const begun = batch.testsBegun.findLast(one => one.test === test.id && !batch.testsRead.some(({ begunId }) => begunId === one.eventId))
    if (begun && (!read || begun.at > read.at)) return { kind: 'running', test, begun, readableAt: new Date(Date.parse(begun.at) + test.days * DAY_MS) }
    const setUp = read && batch.testsBegun.find(({ eventId }) => eventId === read.begunId)
    const result = read && test.judge(setUp?.answers ?? {}, read.answers)
    return read && result?.ok ? { kind: 'read', test, at: read.at, result: result.value } : { kind: 'open', test }
  })
}
