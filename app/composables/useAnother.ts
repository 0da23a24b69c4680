import { inputsOf } from '#core/journal/garden'
import type { Answers } from '#core/questions/answers'
import type { KnownBatch } from './useGarden'

/** Lays what went into a batch on the bench, with how it went kept beside it. */
export function useAnother() {
  const bench = useBenchPlan()
  return async ({ batch }: KnownBatch, anew: Answers = {}): Promise<void> => {
    const { methodId, approachId, site, answers } = batch.began
    const start = inputsOf({ puts: batch.puts.filter(({ atStart }) => atStart) })
    bench.replace({
      methodId, approachId, site, answers: { ...answers, ...anew },
      ingredients: start.map(({ materialId, amount, prepared }) => ({ materialId, amount, ...(prepared ? { prepared } : {}) })),
      pinned: [], capped: [], likeBatchId: batch.id,
    })
    await navigateTo('/bench')
  }
}
