import type { BegunBatch } from '#core/journal/garden'
import type { Method, Proposal, Surroundings } from '#core/methods/contract'
import type { Random } from '#core/random/random'

/** A case of a method: a batch at some moment of its life. */
export interface MethodCase {
  readonly batch: BegunBatch
  readonly surroundings: Surroundings
}

/** What a method brings to the suite that every method has to pass: plans and batches of its own, made from a seed. */
export interface MethodCases {
  readonly method: Method
  proposal(random: Random): Proposal
  /** A batch that stands, with whatever its pads can record done to it. */
  standing(random: Random): MethodCase
  /** The same kind of batch, ended. */
  ended(random: Random): MethodCase
}
