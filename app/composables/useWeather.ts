import * as v from 'valibot'
import { format } from 'date-fns'
import { dayOfYear, usualTemperatureC } from '#core/garden/climate'
import { readNotedWeather, weatherDocument } from '#core/garden/weather-notes'

const weatherSchema = v.object({
  place: v.string(),
  days: v.pipe(v.array(v.object({ date: v.string(), minC: v.number(), maxC: v.number(), rainMm: v.number() })), v.minLength(1), v.maxLength(14)),
})

/**
 * Weather beyond what is usual for the season. The demo asks the stand-in station; a gardener's own garden knows only what was
 * noted in it by hand, and is never given weather that was made up.
 */
export function useWeather() {
  const { settings, now, store } = useGarden()
  const weather = useWeatherStore()
  const madeUp = computed(() => store.which === 'demo')
  const noted = computed(() => readNotedWeather(store.documents))
  const notedKey = computed(() => JSON.stringify(noted.value))

  async function fetchWeather(): Promise<void> {
    if (!madeUp.value) return weather.hear(noted.value.length > 0 ? noted.value.map(({ day, ...of }) => ({ ...of, at: new Date(`${day}T12:00`) })) : undefined)
    try {
      const answer = v.parse(weatherSchema, await $fetch('/api/weather', { query: { climate: settings.value.climate.id }, timeout: 4000 }))
      weather.hear(answer.days.map(({ date, ...day }) => ({ ...day, at: new Date(`${date}T12:00`) })))
    }
    catch {
      weather.hear(undefined)
    }
  }
  watch([madeUp, notedKey], fetchWeather, { immediate: true })
  useEventListener('online', fetchWeather)

  const usualC = computed(() => usualTemperatureC(settings.value.climate, dayOfYear(now.value)))
  const usualRainMm = computed(() => settings.value.climate.rainMm[now.value.getMonth()] ?? 0)
  const today = computed(() => noted.value.find(({ day }) => day === format(now.value, 'yyyy-MM-dd')))
  async function note(minC: number, maxC: number, rainMm: number): Promise<void> {
    await store.write([weatherDocument({ day: format(now.value, 'yyyy-MM-dd'), minC, maxC, rainMm })])
  }
  return { days: computed(() => madeUp.value ? weather.days : undefined), reached: computed(() => weather.reached), madeUp, usualC, usualRainMm, noted, today, note }
}
