import { judgeCauses, type PossibleCause } from '../../diagnosis/judge'
import type { BegunBatch } from '../../journal/garden'
import type { Diagnosis, Looking, Remedy, Surroundings, Symptom } from '../contract'

/** Something to do that takes nothing from the store. */
export function justDo(text: string, deeds: readonly string[] = [], waterL = 0): Remedy {
  return { text, parts: [], waterL, deeds }
}

/** What is found of a sense speaks for these symptoms, by sense and finding. */
export type Noticing = Readonly<Record<string, Readonly<Record<string, string>>>>

/** What may be wrong with the batches of a method. */
export interface Diagnosing<Facts> {
  readonly symptoms: readonly Symptom[]
  /** What was found, as long as it speaks of today. */
  readonly looking: Looking
  readonly noticing: Noticing
  /** What its figures tell beside that, before what was found. */
  noticedBesides?(batch: BegunBatch, surroundings: Surroundings): readonly string[]
  /** What causes are weighed by; nothing while nothing is known of it. */
  factsOf(batch: BegunBatch, surroundings: Surroundings, symptoms: readonly string[]): Facts | undefined
  readonly causes: readonly PossibleCause<Facts, Remedy>[]
}

/** Makes a diagnosis of what a method knows of its troubles. */
export function diagnosisBy<Facts>(by: Diagnosing<Facts>): Diagnosis {
  return {
    symptoms: by.symptoms,
    noticed: (batch, surroundings) => {
      const found = by.looking.allNow(batch, surroundings.now).flatMap(({ sense, finding }) => by.noticing[sense]?.[finding] ?? [])
      return [...new Set([...(by.noticedBesides?.(batch, surroundings) ?? []), ...found])]
    },
    causes: (batch, surroundings, symptoms) => {
      const facts = symptoms.length > 0 ? by.factsOf(batch, surroundings, symptoms) : undefined
      return facts ? judgeCauses(by.causes, facts, symptoms) : []
    },
  }
}
