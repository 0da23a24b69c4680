import type { Approach } from '../contract'
import { table } from '../../constants/constants'

/** How many bays follow one another, and what that asks. */
export interface SlowApproach extends Approach {
  readonly bays: number
}

/** The main ways to fill by the caddy. */
export const APPROACHES: readonly SlowApproach[] = table('Ways to fill by the caddy', {
  bays: ['bays', 'definition'],
}, [
  {
    id: 'one-bay', name: 'One bay', bays: 1,
    summary: 'Fed on top, taken from below: least room. What is raw and what is ready lie in one heap.',
  },
  {
    id: 'two-bays', name: 'Two bays in turn', bays: 2,
    summary: 'One is filled while the other rests: what is taken has lain in peace for as long as the filling took.',
  },
  {
    id: 'three-bays', name: 'Three bays in turn', bays: 3,
    summary: 'One fills, one rests, one is used: no hurry to empty it, and twice the rest.',
  },
])

/** The approach of this id, or the usual one. */
export function slowApproach(id: string): SlowApproach {
  return APPROACHES.find(approach => approach.id === id) ?? APPROACHES[1]!
}
