import * as v from 'valibot'
import { dayOfYear, usualTemperatureC } from '#core/garden/climate'

const weatherSchema = v.object({
  place: v.string(),
  days: v.pipe(v.array(v.object({ date: v.string(), minC: v.number(), maxC: v.number(), rainMm: v.number() })), v.minLength(1), v.maxLength(14)),
})

/** Weather from the stand-in station, or what is usual for the season when it cannot be reached. */
export function useWeather() {
  const { settings, now } = useGarden()
  const weather = useWeatherStore()

  async function fetchWeather(): Promise<void> {
    try {
      const answer = v.parse(weatherSchema, await $fetch('/api/weather', { query: { climate: settings.value.climate.id }, timeout: 4000 }))
      weather.hear(answer.days.map(({ date, ...day }) => ({ ...day, at: new Date(`${date}T12:00`) })))
    }
    catch {
      weather.hear(undefined)
    }
  }
  onMounted(fetchWeather)
  useEventListener('online', fetchWeather)

  const usualC = computed(() => usualTemperatureC(settings.value.climate, dayOfYear(now.value)))
  return { days: computed(() => weather.days), reached: computed(() => weather.reached), usualC }
}
