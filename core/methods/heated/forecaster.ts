import type { Forecaster, Lasting } from '../contract'
import { answerOf, effortOf } from './forecast/answer'
import { PastMemory } from './forecast/members'
import { heapLogOf, type HeapLog } from './heap-log'
import type { HeatedQuestion } from './question'

/** The forecaster of a method that heats. What was run of the batches asked for last lives as long as the worker that answers. */
export function heatedForecaster(questionOf: (log: HeapLog, around: Lasting) => HeatedQuestion | undefined): Forecaster<HeatedQuestion> {
  const remembered = new PastMemory()
  return {
    ask: (batch, around) => questionOf(heapLogOf(batch), around),
    answer: (question, share = 1) => answerOf(question, effortOf(share), share < 1 ? undefined : remembered),
  }
}
