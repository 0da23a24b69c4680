import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Forecast } from '#core/methods/contract'
import type { LastAnswer } from '~/storage/shelf'
import { BUILD } from '~/utils/build'

/** A forecast and the question it answers. */
interface Kept { readonly key: string, readonly forecast: Forecast, readonly lastEventId: string | undefined, readonly before?: Before }

/** The forecast that a new one took the place of, and what was recorded in between, if anything was. */
interface Before { readonly forecast: Forecast, readonly causedBy: string | undefined }

/**
 * The last answer of each batch's forecast. They are derived: what is kept of them beside the journal is a copy, so that a garden
 * opens with what it knew.
 */
export const useForecastStore = defineStore('forecasts', () => {
  const kept = shallowRef<ReadonlyMap<string, Kept>>(new Map())
  /** The batch that is being worked on and how far it is, 0 to 1. */
  const working = ref<{ readonly batchId: string, readonly share: number }>()

  /** The worker does not answer: what is shown is rough. */
  const silent = ref(false)

  const forecastOf = (batchId: string): Forecast | undefined => kept.value.get(batchId)?.forecast
  const keyOf = (batchId: string) => kept.value.get(batchId)?.key
  /** What was believed before, in this visit, and the record that changed it. */
  const beforeOf = (batchId: string): Before | undefined => kept.value.get(batchId)?.before
  /** @param lastEventId the last record of the batch when it was asked. */
  function keep(batchId: string, key: string, forecast: Forecast, lastEventId?: string): void {
    const old = kept.value.get(batchId)
    const before = old ? { before: { forecast: old.forecast, causedBy: lastEventId === old.lastEventId ? undefined : lastEventId } } : {}
    kept.value = new Map([...kept.value, [batchId, { key, forecast, lastEventId, ...before }]])
  }
  /** What was kept of an earlier visit, as far as this build wrote it. */
  function recall(answers: readonly LastAnswer[]): void {
    kept.value = new Map(answers
      .filter(({ version }) => version === BUILD)
      .map(({ batchId, key, forecast, lastEventId }) => [batchId, { key, forecast, lastEventId }]))
  }
  /** What is kept of a batch for the next visit. */
  function answerOf(batchId: string): LastAnswer | undefined {
    const one = kept.value.get(batchId)
    return one && { batchId, version: BUILD, key: one.key, forecast: one.forecast, lastEventId: one.lastEventId }
  }
  function reset(): void {
    kept.value = new Map()
    working.value = undefined
    silent.value = false
  }
  return { forecastOf, keyOf, beforeOf, kept, keep, recall, answerOf, working, silent, reset }
})
