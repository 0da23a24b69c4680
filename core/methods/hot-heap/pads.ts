import { heatGauge } from '../heated/heat-gauge'
import type { BegunBatch } from '../../journal/garden'
import { daysBetween } from '../../units/time'
import type { Deed, Pad, Quantity, Surroundings } from '../contract'
import { expectedAt, type ExpectedDay } from '../heated/expected'
import { heapLogOf } from '../heated/heap-log'
import { HEIGHT, TURNED } from '../heated/words'
import { expectCourse } from './expect'
import { SENSES } from './senses'
import { TURNING_CAUTIONS } from './steps'

function today(batch: BegunBatch, surroundings: Surroundings): ExpectedDay | undefined {
  const day = Math.max(0, daysBetween(batch.began.at, surroundings.now))
  return expectedAt(expectCourse(heapLogOf(batch), surroundings, Math.ceil(day) + 1), day)
}

const heat = heatGauge({ expectCourse }, { core: 'Core, a forearm deep', edge: 'Edge, a hand deep' })

const height: Quantity = {
  id: HEIGHT, label: 'Height', icon: 'i-ph-ruler', unit: 'length', limits: [0, 6], button: 'Record the height',
  spots: [{ id: 'top', label: 'Height from the ground', said: '{} high' }],
  expected: (batch, surroundings) => {
    const expected = today(batch, surroundings)
    return expected ? { top: expected.heightM.typical } : {}
  },
  answer: (batch, surroundings, { top }) => {
    const builtM = expectCourse(heapLogOf(batch), surroundings, 0)[0]?.heightM.typical
    const sunk = builtM && top !== undefined ? Math.round((1 - top / builtM) * 100) : 0
    return sunk > 0 ? `It has sunk by ${sunk} %.` : ''
  },
}

const turned: Deed = {
  id: TURNED, label: 'Turned', icon: 'i-ph-shovel', asks: [], cautions: TURNING_CAUTIONS,
  how: 'Outside to the inside, mats broken up, water where it is dry.',
  said: (batch) => {
    const turns = heapLogOf(batch).turns.length
    return { said: `turned${turns > 0 ? `, ${turns + 1} times so far` : ''}.`, answer: 'It will cool for half a day, then warm again.' }
  },
  words: () => 'Turned.',
}

/** What can be recorded of a hot heap, in the order in which it is offered. */
export const PADS: readonly Pad[] = [
  { kind: 'gauge', quantity: heat },
  ...SENSES.map((sense): Pad => ({ kind: 'sense', sense })),
  { kind: 'deed', deed: turned },
  {
    kind: 'put',
    put: { id: 'watered', label: 'Watered', icon: 'i-ph-drop', what: 'water', role: 'feed', button: 'Watered', said: 'Watered' },
  },
  { kind: 'gauge', quantity: height },
  { kind: 'put', put: { id: 'added', label: 'Added', icon: 'i-ph-plus', what: 'stuff', role: 'feed', button: 'Added', said: 'Added' } },
]
