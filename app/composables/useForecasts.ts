import type { Forecast } from '#core/learning/forecast'

/** A forecast and what it was worked out from. */
interface Kept { readonly key: string, readonly forecast: Forecast }

const kept = shallowRef<ReadonlyMap<string, Kept>>(new Map())
const working = shallowRef<{ readonly batchId: string, readonly share: number }>()

/** The forecasts worked out so far in this visit, by batch. They are derived: nothing of them is stored. */
export function useForecasts() {
  return {
    forecastOf: (batchId: string): Forecast | undefined => kept.value.get(batchId)?.forecast,
    keyOf: (batchId: string) => kept.value.get(batchId)?.key,
    /** The batch that is being worked on and how far it is, 0 to 1. */
    working,
    keep(batchId: string, key: string, forecast: Forecast): void {
      kept.value = new Map([...kept.value, [batchId, { key, forecast }]])
    },
    forget(): void {
      kept.value = new Map()
    },
  }
}
