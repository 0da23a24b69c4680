import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Forecast } from '#core/methods/contract'

/** A forecast and the question it answers. */
interface Kept { readonly key: string, readonly forecast: Forecast }

/** The forecasts worked out so far in this visit, by batch. They are derived: nothing of them is stored. */
export const useForecastStore = defineStore('forecasts', () => {
  const kept = shallowRef<ReadonlyMap<string, Kept>>(new Map())
  /** The batch that is being worked on and how far it is, 0 to 1. */
  const working = ref<{ readonly batchId: string, readonly share: number }>()

  /** The worker does not answer: what is shown is rough. */
  const silent = ref(false)

  const forecastOf = (batchId: string): Forecast | undefined => kept.value.get(batchId)?.forecast
  const keyOf = (batchId: string) => kept.value.get(batchId)?.key
  function keep(batchId: string, key: string, forecast: Forecast): void {
    kept.value = new Map([...kept.value, [batchId, { key, forecast }]])
  }
  function reset(): void {
    kept.value = new Map()
    working.value = undefined
    silent.value = false
  }
  return { forecastOf, keyOf, kept, keep, working, silent, reset }
})
