import { startOfDay } from 'date-fns'
import { CLIMATES, type Climate } from '#core/garden/climate'
import { simulatedWeather } from '#core/standins/weather'

/** `GET /api/weather?climate=mild-coast`: made-up weather from today on for a week. */
export default defineEventHandler((event) => {
  const asked = String(getQuery(event).climate ?? '')
  const climate = CLIMATES.find(({ id }) => id === asked) ?? CLIMATES[0] as Climate
  setHeader(event, 'cache-control', 'no-store')
  return { place: climate.name, simulated: true, days: simulatedWeather(climate, climate.id, startOfDay(new Date()), 7) }
})
