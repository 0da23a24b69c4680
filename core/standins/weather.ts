import { dayOfYear } from '../units/time'
import { addDays, format } from 'date-fns'
import { usualTemperatureC, type Climate } from '../garden/climate'
import { seededRandom, seedFromText } from '../random/random'

/** One day of made-up weather. */
export interface WeatherDay {
  readonly date: string
  readonly minC: number
  readonly maxC: number
  readonly rainMm: number
}

/** How far a day strays from the usual: spells of about four days, up to six degrees. */
function straying(place: string, at: Date): number {
  const daily = (offset: number) => seededRandom(seedFromText(`${place} ${format(addDays(at, offset), 'yyyy-MM-dd')}`))() - 0.5
  return 6 * (daily(0) + daily(-1) + daily(-2) + daily(-3))
}

function dayAt(climate: Climate, place: string, at: Date): WeatherDay {
  const chance = seededRandom(seedFromText(`${place} rain ${format(at, 'yyyy-MM-dd')}`))
  const mean = usualTemperatureC(climate, dayOfYear(at)) + straying(place, at)
  const swing = 3 + 3 * chance()
  const monthRain = climate.rainMm[at.getMonth()] ?? 0
  // One day in three is wet; so the month's sum comes out right on average.
  const rainMm = chance() < 1 / 3 ? monthRain / 10 * 2 * chance() : 0
  const tenth = (value: number) => Math.round(value * 10) / 10
  return { date: format(at, 'yyyy-MM-dd'), minC: tenth(mean - swing), maxC: tenth(mean + swing), rainMm: tenth(rainMm) }
}

/** Made-up weather of a place from a day on: the same place and day always give the same. */
export function simulatedWeather(climate: Climate, place: string, from: Date, days: number): WeatherDay[] {
  return Array.from({ length: days }, (_, index) => dayAt(climate, place, addDays(from, index)))
}
