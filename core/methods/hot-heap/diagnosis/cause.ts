import type { Cause } from '../../trouble'
import type { Facts } from './facts'

/** One thing that can be wrong: how it is recognised, and what helps. One file each. */
export interface PossibleCause {
  readonly id: string
  readonly title: string
  /** How strongly each symptom points to it, 0 to 1. */
  readonly symptoms: Readonly<Record<string, number>>
  /** What speaks for (above 0) and against it (below 0) in the numbers of the batch. */
  weigh(facts: Facts): readonly Evidence[]
  remedy(facts: Facts): Cause['remedy']
  readonly caution?: string
}

/** A piece of evidence in words, with its weight: about 1 is strong. */
export interface Evidence {
  readonly weight: number
  readonly text: string
}

/** Evidence that only counts when it is there. */
export function given(applies: boolean, weight: number, text: string): Evidence[] {
  return applies ? [{ weight, text }] : []
}
