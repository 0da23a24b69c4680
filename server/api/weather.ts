import { startOfDay, subDays } from 'date-fns'
import { CLIMATES, type Climate } from '#core/garden/climate'
import { simulatedWeather } from '#core/standins/weather'

const DAYS = 7

/** `GET /api/weather?climate=mild-coast`: made-up weather from today on for a week, and of the week before. */
export default defineEventHandler((event) => {
  const asked = String(getQuery(event).climate ?? '')
  const climate = CLIMATES.find(({ id }) => id === asked) ?? CLIMATES[0] as Climate
  setHeader(event, 'cache-control', 'no-store')
  const today = startOfDay(new Date())
  return { place: climate.name, simulated: true, days: simulatedWeather(climate, climate.id, today, DAYS), past: simulatedWeather(climate, climate.id, subDays(today, DAYS), DAYS) }
})
