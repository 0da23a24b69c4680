import type { Forecaster, Lasting } from '../contract'
import { answerOf, FULL_EFFORT } from './forecast/answer'
import { PastMemory } from './forecast/members'
import { heapLogOf, type HeapLog } from './heap-log'
import type { HeatedQuestion } from './question'

/** The forecaster of a method that heats. What was run of the batches asked for last lives as long as the worker that answers. */
export function heatedForecaster(questionOf: (log: HeapLog, around: Lasting) => HeatedQuestion | undefined): Forecaster<HeatedQuestion> {
  const remembered = new PastMemory()
  return {
    ask: (batch, around) => questionOf(heapLogOf(batch), around), answer: question => answerOf(question, FULL_EFFORT, remembered),
  }
}
