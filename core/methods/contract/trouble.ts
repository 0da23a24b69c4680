import type { BegunBatch } from '../../journal/garden'
import type { Amount } from '../../units/container'
import type { Surroundings } from './surroundings'

/** Something seen, smelt or felt that makes one ask. `good` says why it is nothing to worry about. */
export interface Symptom {
  readonly id: string
  readonly label: string
  /** The heading it stands under: "Its smell". */
  readonly group: string
  readonly good?: string
}

/** Something to work in, in whole containers, and how much of it lies in the store. */
export interface RemedyPart {
  readonly materialId: string
  readonly short: string
  readonly amount: Amount
  readonly inStore: number
}

/** What to do about a cause, and what it is expected to change. */
export interface Remedy {
  readonly text: string
  readonly parts: readonly RemedyPart[]
  readonly waterL: number
  /** Deeds that belong to it: what one tap records with the parts and the water. */
  readonly deeds: readonly string[]
  /** What the model says would happen with it and without it; absent where the model cannot tell. */
  readonly effect?: string
}

/** A possible cause with what speaks for and against it in this batch's own numbers; the likelier the higher. */
export interface Cause {
  readonly id: string
  readonly title: string
  readonly likelihood: number
  readonly speaksFor: readonly string[]
  readonly speaksAgainst: readonly string[]
  readonly remedy: Remedy
  readonly caution?: string
}

/** What may be wrong with a batch. */
export interface Diagnosis {
  readonly symptoms: readonly Symptom[]
  /** The symptoms that the log and the readings already tell of. */
  noticed(batch: BegunBatch, surroundings: Surroundings): readonly string[]
  causes(batch: BegunBatch, surroundings: Surroundings, symptoms: readonly string[]): readonly Cause[]
}
