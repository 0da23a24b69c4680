import type { HeapLog } from '../heated/heap-log'
import type { ReadinessTest } from '../../readiness/test'
import { READINESS_TESTS } from '../../readiness/tests'
import type { Stages } from '../../readiness/verdict'
import type { Ripeness, Surroundings } from '../contract'
import { heatLog, heatLogWords } from '../heated/heat-log'
import { heapLogOf } from '../heated/heap-log'
import { materialOf } from '../../mix/portion'
import { hotHeapApproach } from './approaches'
import { daysBetween } from '../../units/time'
import { middleCourse } from './expect'
import { coolDayOf, RAW_UNTIL_USED } from './forecast/ready-day'
import { phaseNow } from './standing'

/** What weedkillers travel in. */
const MAY_CARRY_WEEDKILLER = ['straw', 'manure', 'grass']

function mayCarryWeedkiller({ built, additions }: HeapLog, { materials }: Surroundings): boolean {
  return [...built.ingredients, ...additions.map(({ ingredient }) => ingredient)].some(one => MAY_CARRY_WEEDKILLER.includes(materialOf(one, materials)?.family ?? ''))
}

/** How far a heap has come: cool, cured, rotted. */
export function stagesOf(batch: HeapLog, surroundings: Surroundings): Stages {
  const now = phaseNow(batch, surroundings)
  const [least, most] = hotHeapApproach(batch.built.approachId).curingDays
  const middle = middleCourse(batch, surroundings)
  const cool = now.phase === 'curing' || now.phase === 'finished'
  const coolDay = now.coolSince ? daysBetween(batch.built.at, now.coolSince) : middle ? coolDayOf(middle.course, middle.question, 0) : now.day
  const at = middle ? middle.course.days.findIndex(day => day >= now.day) : -1
  const used = middle ? middle.course.used[at < 0 ? middle.course.used.length - 1 : at]! : 0
  return { cool, curedShare: cool ? Math.max(0, now.day - coolDay) / ((least + most) / 2) : 0, rottedShare: used / RAW_UNTIL_USED }
}

const HEAT_CAUTION = 'What was hot in the middle was not hot everywhere. For raw manure, sickness or seeding weeds in it, keep the intervals of your local rules; no home heap replaces them.'

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
