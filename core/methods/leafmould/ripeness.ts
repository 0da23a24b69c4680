import { READINESS_TESTS } from '../../readiness/tests'
import type { Ripeness } from '../contract'
import { cageOn } from './now'
import { GRADES } from './rates'

/** Tests that say something about mould: it never heated, and nothing in it ferments. */
const TESTS = ['look', 'sprout']

/** How ripe a cage is: by what is left of the leaves, a look and sown seeds. */
export const ripeness: Ripeness = {
  tests: () => READINESS_TESTS.filter(({ id }) => TESTS.includes(id)),
  stages: (batch, surroundings) => {
    const cage = cageOn(batch, surroundings)
    const rotted = cage ? (1 - cage.left) / (1 - GRADES[1].massLeft) : 0
    return { cool: true, curedShare: rotted, rottedShare: rotted }
  },
  notes: (batch, surroundings) => {
    const cage = cageOn(batch, surroundings)
    return {
      title: 'What it is good for',
      caution:
        'Leaf mould holds water and air and hardly feeds. It never got hot: seeds and sickness in it are alive. Walnut leaves: a year '
        + 'longer.',
      lines: GRADES.map(({ label, massLeft, use }) => `${label}: ${use}${cage && cage.left <= massLeft ? ', by the model now' : ''}.`),
    }
  },
}
