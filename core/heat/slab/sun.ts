/**
 * Sun on level ground in the middle of each month, January to December, MJ a square metre and day: usual for 48° north under
 * usual clouds.
 */
const NORTH_MJ = [3.4, 5.8, 9.7, 14.2, 17.8, 19.4, 19.2, 16.2, 11.6, 7, 3.9, 2.7] as const
/** Hours between sunrise and sunset there. */
const NORTH_HOURS = [8.8, 10.3, 11.9, 13.7, 15.2, 16, 15.6, 14.2, 12.5, 10.8, 9.2, 8.4] as const
const MONTH_DAYS = 30.4375

function between(values: readonly number[], dayOfYear: number, south: boolean): number {
  const position = dayOfYear / MONTH_DAYS - 0.5 + (south ? 6 : 0)
  const before = Math.floor(position)
  const month = (index: number) => values[((index % 12) + 12) % 12]!
  return month(before) + (month(before + 1) - month(before)) * (position - before)
}

/** Usual sun of a day on level ground, MJ/m². @param dayOfYear 0 for the first of January. */
export function sunMJ(dayOfYear: number, south: boolean): number {
  return between(NORTH_MJ, dayOfYear, south)
}

/** Hours of daylight. */
export function daylightHours(dayOfYear: number, south: boolean): number {
  return between(NORTH_HOURS, dayOfYear, south)
}

/** Sun at an hour of a day with so much sun in all, W/m²: a half wave from sunrise to sunset around noon. */
export function sunWatts(totalMJ: number, daylight: number, hour: number): number {
  const at = (hour - (12 - daylight / 2)) / daylight
  return at <= 0 || at >= 1 ? 0 : totalMJ * 1e6 / (daylight * 3600) * Math.PI / 2 * Math.sin(Math.PI * at)
}

/** Air at an hour: coldest before sunrise, warmest at three in the afternoon. @param swingK half of what lies between. */
export function airAtHour(meanC: number, swingK: number, hour: number): number {
  return meanC + swingK * Math.cos(2 * Math.PI * (hour - 15) / 24)
}
