import { startOfDay, subDays } from 'date-fns'
import { CLIMATES, type Climate } from '#core/garden/climate'
import { simulatedWeather } from '#core/standins/weather'

const DAYS = 7

/**
 * `GET /api/weather?climate=mild-coast&day=2027-04-20`: made-up weather from that day on for a week, and of the week before. The
 * day is the gardener's own: theirs may be another than here.
 */
export default defineEventHandler((event) => {
  const query = getQuery(event)
  const asked = String(query.climate ?? '')
  const climate = CLIMATES.find(({ id }) => id === asked) ?? CLIMATES[0] as Climate
  setHeader(event, 'cache-control', 'no-store')
  const today = dayAsked(query.day) ?? startOfDay(new Date())
  return {
    place: climate.name, simulated: true, days: simulatedWeather(climate, climate.id, today, DAYS),
    past: simulatedWeather(climate, climate.id, subDays(today, DAYS), DAYS),
  }
})
