import { dayOfYear } from '#core/units/time'
import * as v from 'valibot'
import { format, subDays } from 'date-fns'
import { usualTemperatureC } from '#core/garden/climate'
import { readNotedWeather, weatherDocument, type NotedDay } from '#core/garden/weather-notes'

const daysSchema = v.array(v.object({ date: v.string(), minC: v.number(), maxC: v.number(), rainMm: v.number() }))
const weatherSchema = v.object({
  place: v.string(), days: v.pipe(daysSchema, v.minLength(1), v.maxLength(14)),
  past: v.optional(v.pipe(daysSchema, v.maxLength(31)), []),
})
type ToldDay = v.InferOutput<typeof daysSchema>[number]

const atNoon = (day: string) => new Date(`${day}T12:00`)
/** Days before today that can still be written down. */
const NOTED_BACK = 7

/**
 * Weather beyond what is usual for the season. The demo asks the stand-in station; a gardener's own garden knows only what was
 * noted in it by hand, and is never given weather that was made up.
 */
export const useWeather = createGlobalState(() => {
  const { settings, now, store } = useGarden()
  const weather = useWeatherStore()
  const madeUp = computed(() => store.which === 'demo')
  const noted = computed(() => readNotedWeather(store.documents))
  const notedKey = computed(() => JSON.stringify(noted.value))

  async function fetchWeather(): Promise<void> {
    if (!madeUp.value) return weather.hear(undefined)
    weather.asking = true
    try {
      const answer = v.parse(
        weatherSchema,
        await $fetch('/api/weather', {
          query: { climate: settings.value.climate.id, day: format(new Date(), 'yyyy-MM-dd') }, timeout: 4000,
        }),
      )
      // What was, before what will be: the garden is thought through once, with both.
      await keepPast([...answer.past, answer.days[0]!])
      weather.hear(answer.days.map(({ date, ...day }) => ({ ...day, at: atNoon(date) })))
    }
    catch {
      weather.hear(undefined)
    }
    weather.asking = false
  }
  /** What has been is written down, a day a line, so that it is not forgotten: it counts for what a heap went through. */
  async function keepPast(told: readonly ToldDay[]): Promise<void> {
    const known = new Set(noted.value.map(({ day }) => day))
    const fresh = told
      .filter(({ date }) => !known.has(date))
      .map(({ date, minC, maxC, rainMm }) => weatherDocument({ day: date, minC, maxC, rainMm }))
    if (fresh.length > 0) await store.write(fresh)
  }
  watch(notedKey, () => weather.keep(noted.value.map(({ day, ...of }) => ({ ...of, at: atNoon(day) }))), { immediate: true })
  /** A station that did not answer, or was asked yesterday, is asked again as soon as someone looks at its weather. */
  async function askAgain(): Promise<void> {
    const today = format(now.value, 'yyyy-MM-dd')
    const isOfToday = weather.days?.[0] !== undefined && format(weather.days[0].at, 'yyyy-MM-dd') === today
    if (weather.reached !== undefined && !weather.asking && !isOfToday) await fetchWeather()
  }
  watch(madeUp, fetchWeather, { immediate: true, flush: 'sync' })
  useEventListener('online', fetchWeather)

  const usualC = computed(() => usualTemperatureC(settings.value.climate, dayOfYear(now.value)))
  const usualRainMm = computed(() => settings.value.climate.rainMm[now.value.getMonth()] ?? 0)
  /** The days that can be noted, today first, each with what was noted of it. */
  const notable = computed(() => Array.from({ length: NOTED_BACK + 1 }, (_, back) => {
    const at = subDays(now.value, back)
    const day = format(at, 'yyyy-MM-dd')
    return { day, at, noted: noted.value.find(one => one.day === day) }
  }))
  const today = computed(() => notable.value[0]?.noted)
  async function note(values: NotedDay): Promise<void> {
    await store.write([weatherDocument(values)])
  }
  return {
    days: computed(() => (madeUp.value ? weather.days : undefined)), reached: computed(() => weather.reached), madeUp, usualC,
    usualRainMm, notable, today, note, askAgain,
  }
})
