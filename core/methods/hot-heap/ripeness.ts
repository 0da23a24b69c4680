import type { HeapLog } from '../heated/heap-log'
import { RIPE_AT } from '../../heat/ripe'
import { READINESS_TESTS } from '../../readiness/tests'
import type { Stages } from '../../readiness/verdict'
import type { Ripeness, Surroundings } from '../contract'
import { heatLog, heatLogWords } from '../../lots/heat-log'
import { heapLogOf } from '../heated/heap-log'
import { middleCourse } from './expect'
import { phaseNow, type Phase } from './standing'
import { HOT } from './constants'

const NOT_COOL: Readonly<Partial<Record<Phase, string>>> = {
  stalled: 'its heat is still to come', waits: 'it lies cold and raw, and waits for warmth', died: 'it went cool before it was done',
}

/** How far a heap has come: cool, cured, rotted, by what its rawer fifth would still respire. */
export function stagesOf(batch: HeapLog, surroundings: Surroundings): Stages {
  const now = phaseNow(batch, surroundings)
  const middle = middleCourse(batch, surroundings)
  const cool = now.phase === 'curing' || now.phase === 'finished'
  const notCool = NOT_COOL[now.phase]
  const heat = notCool ? { cool, notCool } : { cool }
  if (!middle) return { ...heat, curedShare: 0, rottedShare: 0 }
  const { days, rawness } = middle.course
  const at = days.findIndex(day => day >= now.day)
  const left = Math.max(0.1, rawness[at < 0 ? days.length - 1 : at]!)
  return { ...heat, curedShare: cool ? RIPE_AT / left : 0, rottedShare: HOT.rawAbove * RIPE_AT / left }
}

const HEAT_CAUTION
  = 'What was hot in the middle was not hot everywhere. For raw manure, sickness or seeding weeds in it, keep the intervals of your local '
    + 'rules; no home heap replaces them.'

const TESTS = ['look', 'no-reheat', 'bag', 'sprout']

/** Tests and stages of a hot heap. */
export const ripeness: Ripeness = {
  tests: () => READINESS_TESTS.filter(({ id }) => TESTS.includes(id)),
  stages: (batch, surroundings) => stagesOf(heapLogOf(batch), surroundings),
  notes: (batch, { units }) => ({ title: 'How hot it was', lines: heatLogWords(heatLog(heapLogOf(batch)), units), caution: HEAT_CAUTION }),
}
