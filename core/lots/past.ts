import type { Batch } from '../journal/garden'
import { CORE, HEAT, TURNED } from '../journal/earlier'
import { resultOf } from '../readiness/taken'
import { READINESS_TESTS } from '../readiness/tests'
import { quantityText } from '../units/format'
import { daysText } from '../units/plural'
import type { UnitSystem } from '../units/system'
import { LOTS } from './constants'
import { heatLog } from './heat-log'

const GRADE_WORDS = { passed: 'passed', doubtful: 'in doubt', failed: 'failed' } as const

/** What a batch had been through when something came out of it: how hot by its readings, turned, and what was tested, in short words. */
export function batchPast(
  { name, gauged, did, testsBegun, testsRead }: Pick<Batch, 'name' | 'gauged' | 'did' | 'testsBegun' | 'testsRead'>, until: string,
  units: UnitSystem,
): string {
  const readings = (gauged[HEAT] ?? []).filter(({ spot, at }) => spot === CORE && at <= until).map(({ at, value }) =>
    ({ at, coreC: value }))
  const { longestDays, turnsAfter } = heatLog({ readings, turns: did.filter(({ deed, at }) => deed === TURNED && at <= until) })
  const hot = longestDays >= 1
    ? [`${daysText(Math.round(longestDays))} at ${quantityText('temperature', units, LOTS.yardstickC)} or more`
      + (turnsAfter > 0 ? ', turned' : '')]
    : readings.length > 0 ? ['never read hot for a day'] : []
  const last = new Map(testsRead.filter(({ at }) => at <= until).map(read => [read.test, read]))
  const tests = [...last.values()].flatMap((read) => {
    const test = READINESS_TESTS.find(({ id }) => id === read.test)
    const result = read.result ?? (test && resultOf({ testsBegun }, test, read))
    return test && result ? [`${test.name.toLowerCase()} ${GRADE_WORDS[result.grade]}`] : []
  })
  const all = [...hot, ...tests]
  return all.length > 0 ? `${name}: ${all.join('; ')}` : ''
}
