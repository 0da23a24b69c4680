import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { DAY_MS } from '#core/units/time'

/** A day of weather that is known, from a station or by hand. */
export interface KnownDay { readonly at: Date, readonly minC: number, readonly maxC: number, readonly rainMm: number }

/** A day of the calendar here, as a number of its own. */
const dayKey = (at: Date) => at.getFullYear() * 400 + at.getMonth() * 32 + at.getDate()

/** The weather that is known beyond what is usual: the days a station foretells, and those that were and are kept. */
export const useWeatherStore = defineStore('weather', () => {
  /** From today on, as the station tells it; nothing when it does not. */
  const days = shallowRef<readonly KnownDay[]>()
  /** The days that were written down: they count for what has been. */
  const kept = shallowRef<readonly KnownDay[]>([])
  /** Whether the station answered; nothing before it was asked. */
  const reached = ref<boolean>()
  /** The station is being asked: what is worked out now would be worked out again. */
  const asking = ref(false)
  /** What was written down counts over what was foretold. */
  const all = computed(() => [...(days.value ?? []), ...kept.value])
  /** Most days that are asked for lie far outside of what is known: they are told apart without writing them out. */
  const span = computed(() =>
    all.value.reduce(({ from, to }, { at }) => ({ from: Math.min(from, at.getTime() - DAY_MS), to: Math.max(to, at.getTime() + DAY_MS) }), {
      from: Infinity, to: -Infinity,
    }),
  )
  const byDay = computed(() => new Map(all.value.map(day => [
    dayKey(day.at), { minC: day.minC, maxC: day.maxC, meanC: (day.minC + day.maxC) / 2, rainMm: day.rainMm },
  ])))
  /** What is known of the day of a moment, a new one with each new weather. Asked a hundred thousand times, it is no action. */
  const known = computed(() => {
    const [{ from, to }, days] = [span.value, byDay.value]
    return (moment: Date) => moment.getTime() >= from && moment.getTime() <= to ? days.get(dayKey(moment)) : undefined
  })

  function hear(told: readonly KnownDay[] | undefined): void {
    days.value = told
    reached.value = told !== undefined
  }
  function keep(written: readonly KnownDay[]): void {
    kept.value = written
  }
  function reset(): void {
    days.value = undefined
    kept.value = []
    reached.value = undefined
    asking.value = false
  }
  return { days, kept, reached, asking, known, hear, keep, reset }
})
