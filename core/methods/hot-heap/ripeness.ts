import type { StandingBatch } from '../../journal/garden'
import { READINESS_TESTS } from '../../readiness/tests'
import type { Stages } from '../../readiness/verdict'
import type { Ripeness, Surroundings } from '../method'
import { hotHeapApproach } from './approaches'
import { daysBetween } from './days'
import { middleCourse } from './expect'
import { coolDayOf, RAW_UNTIL_USED } from './forecast/ready-day'
import { phaseNow } from './standing'

/** What weedkillers travel in. */
const MAY_CARRY_WEEDKILLER = ['straw', 'manure', 'grass']

function mayCarryWeedkiller({ built, additions }: StandingBatch, { materials }: Surroundings): boolean {
  return [...built.ingredients, ...additions.map(({ ingredient }) => ingredient)].some(({ materialId }) => MAY_CARRY_WEEDKILLER.includes(materials.find(materialId)?.family ?? ''))
}

function stages(batch: StandingBatch, surroundings: Surroundings): Stages {
  const now = phaseNow(batch, surroundings)
  const [least, most] = hotHeapApproach(batch.built.approachId).curingDays
  const middle = middleCourse(batch, surroundings)
  const cool = now.phase === 'curing' || now.phase === 'finished'
  const coolDay = now.coolSince ? daysBetween(batch.built.at, now.coolSince) : middle ? coolDayOf(middle.course, middle.question, 0) : now.day
  const at = middle ? middle.course.days.findIndex(day => day >= now.day) : -1
  const used = middle ? middle.course.used[at < 0 ? middle.course.used.length - 1 : at]! : 0
  return { cool, curedShare: cool ? Math.max(0, now.day - coolDay) / ((least + most) / 2) : 0, rottedShare: used / RAW_UNTIL_USED }
}

/** Tests and stages of a hot heap: the bean test only where there is something in it that may carry weedkiller. */
export const ripeness: Ripeness = {
  tests: (batch, surroundings) => READINESS_TESTS.filter(({ id }) => id !== 'weedkiller' || mayCarryWeedkiller(batch, surroundings)),
  stages,
}
