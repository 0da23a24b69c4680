import { expose } from 'comlink'
import type { Progress } from '#core/learning/learn'
import { findMethod } from '#core/methods'
import type { Forecast, ForecastQuestion } from '#core/methods/contract'

/** Work between two breaths, ms: in a breath a newer question or a change of mind is heard. */
const BREATH_MS = 40

let wanted = 0

/** The forecasting, away from the page. */
const forecaster = {
  hello: () => true as const,
  /** Answers a question, or nothing when it was given up or nobody knows how. Only the latest ticket is worked on. */
  async answer(ticket: number, question: ForecastQuestion, onProgress: (progress: Progress) => void): Promise<Forecast | undefined> {
    wanted = ticket
    const steps = findMethod(question.methodId)?.life.forecaster?.answer(question)
    let breath = performance.now()
    for (let step = steps?.next(); steps && step; step = steps.next()) {
      if (step.done) return step.value
      if (performance.now() - breath < BREATH_MS) continue
      onProgress(step.value)
      await new Promise(resolve => setTimeout(resolve, 0))
      if (wanted !== ticket) return undefined
      breath = performance.now()
    }
    return undefined
  },
  giveUp(): void {
    wanted = -1
  },
}
export type Forecaster = typeof forecaster

expose(forecaster)
