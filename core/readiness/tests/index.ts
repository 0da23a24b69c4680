import type { ReadinessTest } from '../test'
import { bag } from './bag'
import { look } from './look'
import { noReheat } from './no-reheat'
import { sprout } from './sprout'
import { weedkiller } from './weedkiller'

/** Every guided test. A new test is a file and a line here; a method names those that count for it. */
export const READINESS_TESTS: readonly ReadinessTest[] = [look, noReheat, bag, sprout, weedkiller]

/** The test of this id, if this version knows it. */
export function findTest(id: string): ReadinessTest | undefined {
  return READINESS_TESTS.find(test => test.id === id)
}
