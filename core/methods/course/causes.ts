import { judgeCauses, type PossibleCause } from '../../diagnosis/judge'
import type { BegunBatch } from '../../journal/garden'
import { daysBetween } from '../../units/time'
import type { Diagnosis, Remedy, Surroundings, Symptom } from '../contract'

/** Something to do that takes nothing from the store. */
export function justDo(text: string, deeds: readonly string[] = [], waterL = 0): Remedy {
  return { text, parts: [], waterL, deeds }
}

/** What is found of a sense speaks for these symptoms, by sense and finding. */
export type Noticing = Readonly<Record<string, Readonly<Record<string, string>>>>

/** What may be wrong with the batches of a method. */
export interface Diagnosing<Facts> {
  readonly symptoms: readonly Symptom[]
  /** What was found speaks for so many days. */
  readonly freshDays: number
  readonly noticing: Noticing
  /** What its figures tell beside that, before what was found. */
  noticedBesides?(batch: BegunBatch, surroundings: Surroundings): readonly string[]
  /** Whether something that was found still speaks: a dry squeeze does not after a watering. */
  stillSpeaks?(batch: BegunBatch, seen: BegunBatch['observations'][number]): boolean
  /** What causes are weighed by; nothing while nothing is known of it. */
  factsOf(batch: BegunBatch, surroundings: Surroundings, symptoms: readonly string[]): Facts | undefined
  readonly causes: readonly PossibleCause<Facts, Remedy>[]
}

/** Makes a diagnosis of what a method knows of its troubles. */
export function diagnosisBy<Facts>(by: Diagnosing<Facts>): Diagnosis {
  return {
    symptoms: by.symptoms,
    noticed: (batch, surroundings) => {
      const fresh = batch.observations.filter(seen =>
        daysBetween(seen.at, surroundings.now) < by.freshDays && (by.stillSpeaks?.(batch, seen) ?? true),
      )
      const found = fresh.flatMap(({ sense, finding }) => by.noticing[sense]?.[finding] ?? [])
      return [...new Set([...(by.noticedBesides?.(batch, surroundings) ?? []), ...found])]
    },
    causes: (batch, surroundings, symptoms) => {
      const facts = symptoms.length > 0 ? by.factsOf(batch, surroundings, symptoms) : undefined
      return facts ? judgeCauses(by.causes, facts, symptoms) : []
    },
  }
}
