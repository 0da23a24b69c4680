import type { TestState } from './taken'
import { USES, type Use } from './test'
import { READY } from './constants'

/** What speaks for ripeness beside the tests: the stages of its own course. */
export interface Stages {
  /** It no longer heats by itself. */
  readonly cool: boolean
  /** Why it is not over with its heat, where it is not that it still heats. */
  readonly notCool?: string
  /** Share of the curing that is behind it, 0 to 1 and above. */
  readonly curedShare: number
  /** So much of what can rot has rotted, as far as the model knows, against what is needed: 1 is enough. */
  readonly rottedShare: number
  /** What speaks against any use of it now, each in half a sentence: food that lies open, feed that was not eaten. */
  readonly against?: readonly string[]
}

/** What was seen of a batch, beside its tests. */
export interface Evidence {
  /** Against any use of it now. */
  readonly against: readonly string[]
  /** Decay has begun, or there is nothing in it that has to rot before it is a mulch. */
  readonly begun: boolean
  /** What is said beside a verdict, in whole sentences. */
  readonly minds: readonly string[]
}

const NOTHING_SEEN: Evidence = { against: [], begun: true, minds: [] }

/** Whether a product is fit for a use, and what is still missing. */
export interface UseVerdict {
  readonly use: Use
  readonly fit: 'yes' | 'not-yet' | 'no'
  readonly missing: readonly string[]
  /** What to mind though it is fit. */
  readonly minds: readonly string[]
}

const NAMES: Readonly<Record<Use, string>> = { mulch: 'Mulch', beds: 'Beds', potting: 'Potting mixes', seeds: 'Seed mixes' }

/** The name of a use as it is shown. */
export function useName(use: Use): string {
  return NAMES[use]
}

const reaches = (from: Use, use: Use) => USES.indexOf(use) >= USES.indexOf(from)

function stagesMissing(use: Use, { cool, notCool, curedShare, rottedShare }: Stages): string[] {
  return [
    ...(cool ? [] : [notCool ?? 'it still heats by itself']),
    ...(rottedShare >= 0.98 || use === 'mulch' ? [] : ['by the model too much of it is still raw']),
    ...(curedShare >= 1 || !reaches('potting', use) ? [] : [`${Math.round(100 * Math.max(0, curedShare))} % of its curing is behind it`]),
    ...(curedShare >= 0.5 || use !== 'beds' ? [] : ['it has hardly cured yet']),
  ]
}

const nameOf = ({ test }: TestState) => test.name.toLowerCase().replace(/\?$/, '')

/** Several tests together give the verdict; one green light does not, and no other stands in for one that counts alone. */
export function verdictFor(
  use: Use, states: readonly TestState[], stages: Stages, { against, begun, minds }: Evidence = NOTHING_SEEN,
): UseVerdict {
  const read = states.flatMap(state => state.kind === 'read' ? [state] : [])
  const failed = read.filter(({ test, result }) => result.grade === 'failed' && reaches(test.failsFrom, use))
  if (failed.length > 0) return { use, fit: 'no', missing: failed.map(({ test }) => `“${test.name}” failed`), minds }
  const hasPassed = (state: TestState) => state.kind === 'read' && state.result.grade === 'passed'
  const all = states.filter(({ test }) => reaches(test.wantedFrom, use))
  const wanted = all.filter(({ test }) => test.alone === undefined)
  const passed = wanted.filter(hasPassed).length
  const open = wanted.filter(state => !hasPassed(state))
  const short = Math.max(0, Math.min(READY.enoughPassed[use], wanted.length) - passed)
  const missing = [
    ...against,
    ...(begun ? [] : ['what went in last has hardly begun to rot']),
    ...stagesMissing(use, stages),
    ...all.flatMap(state => state.test.alone === undefined || hasPassed(state) ? [] : [`the ${nameOf(state)}: ${state.test.alone}`]),
    ...(short > 0
      ? [
          `${short} more ${short === 1 ? 'test' : 'tests'} passed, of: `
          + `${open.map(nameOf).join(', ')}`,
        ]
      : []),
  ]
  return { use, fit: missing.length > 0 ? 'not-yet' : 'yes', missing, minds }
}
