import type { HeapLog } from '../heated/heap-log'
import { RIPE_AT } from '../../heat/ripe'
import type { ReadinessTest } from '../../readiness/test'
import { READINESS_TESTS } from '../../readiness/tests'
import type { Stages } from '../../readiness/verdict'
import type { Ripeness, Surroundings } from '../contract'
import { heatLog, heatLogWords } from '../../lots/heat-log'
import { heapLogOf } from '../heated/heap-log'
import { materialOf } from '../../mix/portion'
import { middleCourse } from './expect'
import { phaseNow } from './standing'
import { HOT } from './constants'

/** What weedkillers travel in. */
const MAY_CARRY_WEEDKILLER = ['straw', 'manure', 'grass']

function mayCarryWeedkiller({ built, additions }: HeapLog, { materials }: Surroundings): boolean {
  return [...built.ingredients, ...additions.map(({ ingredient }) => ingredient)].some(one =>
    MAY_CARRY_WEEDKILLER.includes(materialOf(one, materials)?.family ?? ''),
  )
}

/** How far a heap has come: cool, cured, rotted, by what its rawer fifth would still respire. */
export function stagesOf(batch: HeapLog, surroundings: Surroundings): Stages {
  const now = phaseNow(batch, surroundings)
  const middle = middleCourse(batch, surroundings)
  const cool = now.phase === 'curing' || now.phase === 'finished'
  const heat = now.phase === 'stalled' ? { cool, notCool: 'its heat is still to come' } : { cool }
  if (!middle) return { ...heat, curedShare: 0, rottedShare: 0 }
  const { days, rawness } = middle.course
  const at = days.findIndex(day => day >= now.day)
  const left = Math.max(0.1, rawness[at < 0 ? days.length - 1 : at]!)
  return { ...heat, curedShare: cool ? RIPE_AT / left : 0, rottedShare: HOT.rawAbove * RIPE_AT / left }
}

const HEAT_CAUTION
  = 'What was hot in the middle was not hot everywhere. For raw manure, sickness or seeding weeds in it, keep the intervals of your local '
    + 'rules; no home heap replaces them.'

/** The tests that count for a heap. */
export function testsFor(batch: HeapLog, surroundings: Surroundings): ReadinessTest[] {
  return READINESS_TESTS.filter(({ id }) => id !== 'weedkiller' || mayCarryWeedkiller(batch, surroundings))
}

/** Tests and stages of a hot heap: the bean test only where there is something in it that may carry weedkiller. */
export const ripeness: Ripeness = {
  tests: (batch, surroundings) => testsFor(heapLogOf(batch), surroundings),
  stages: (batch, surroundings) => stagesOf(heapLogOf(batch), surroundings),
  notes: (batch, { units }) => ({ title: 'How hot it was', lines: heatLogWords(heatLog(heapLogOf(batch)), units), caution: HEAT_CAUTION }),
}
