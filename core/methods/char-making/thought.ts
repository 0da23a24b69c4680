import type { range } from '../../units/range'
import type { Proposal, Surroundings } from '../contract'
import type { Ending } from './endings'
import type { Load, Yielded } from './load'
import type { Way } from './ways'

export interface Thought {
  readonly proposal: Proposal
  readonly surroundings: Surroundings
  readonly way: Way
  readonly ending: Ending | undefined
  readonly load: Load
  readonly gives: Yielded
  /** Litres of crushed, usable char. */
  readonly crushedL: ReturnType<typeof range>
  readonly wantedL: number
}
