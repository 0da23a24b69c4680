import { format } from 'date-fns'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { DAY_MS } from '#core/units/time'

/** A day of weather that is known from a station. */
export interface StationDay { readonly at: Date, readonly minC: number, readonly maxC: number, readonly rainMm: number }

/** The weather that is known beyond what is usual: some days from the station, or none. */
export const useWeatherStore = defineStore('weather', () => {
  const days = shallowRef<readonly StationDay[]>()
  /** Whether the station answered; nothing before it was asked. */
  const reached = ref<boolean>()
  /** Most days that are asked for lie far outside of what is known: they are told apart without writing them out. */
  const span = computed(() => ({ from: (days.value?.[0]?.at.getTime() ?? Infinity) - DAY_MS, to: (days.value?.at(-1)?.at.getTime() ?? -Infinity) + DAY_MS }))
  const byDay = computed(() => new Map((days.value ?? []).map(day => [format(day.at, 'yyyy-MM-dd'), { meanC: (day.minC + day.maxC) / 2, rainMm: day.rainMm }])))
  const known = (moment: Date) => moment.getTime() >= span.value.from && moment.getTime() <= span.value.to ? byDay.value.get(format(moment, 'yyyy-MM-dd')) : undefined

  function hear(told: readonly StationDay[] | undefined): void {
    days.value = told
    reached.value = told !== undefined
  }
  function reset(): void {
    days.value = undefined
    reached.value = undefined
  }
  return { days, reached, known, hear, reset }
})
