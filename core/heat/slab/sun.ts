/**
 * Sun on level ground in the middle of each month, January to December, MJ a square metre and day: usual for 48° north under
 * usual clouds.
 */
const NORTH_MJ = [3.4, 5.8, 9.7, 14.2, 17.8, 19.4, 19.2, 16.2, 11.6, 7, 3.9, 2.7] as const
const NORTH_DEG = 48
const MONTH_DAYS = 30.4375
const YEAR_DAYS = 365
const RADIANS = Math.PI / 180
/** The tilt of the earth's axis, °. */
const TILT_DEG = 23.44

function between(values: readonly number[], dayOfYear: number): number {
  const position = dayOfYear / MONTH_DAYS - 0.5
  const before = Math.floor(position)
  const month = (index: number) => values[((index % 12) + 12) % 12]!
  return month(before) + (month(before + 1) - month(before)) * (position - before)
}

/** How high the sun stands over the equator on a day, as an angle. */
const declination = (dayOfYear: number) => TILT_DEG * RADIANS * Math.sin(2 * Math.PI * (285 + dayOfYear) / YEAR_DAYS)

/** Half of the day as an angle: −tan φ · tan δ is its cosine; none in the polar night, all of it in summer there. */
function halfDay(dayOfYear: number, latitudeDeg: number): number {
  const cosine = -Math.tan(latitudeDeg * RADIANS) * Math.tan(declination(dayOfYear))
  return Math.acos(Math.min(1, Math.max(-1, cosine)))
}

/** Hours between sunrise and sunset. @param dayOfYear 0 for the first of January. @param latitudeDeg north above 0, −66 to 66. */
export function daylightHours(dayOfYear: number, latitudeDeg: number): number {
  return 24 / Math.PI * halfDay(dayOfYear, latitudeDeg)
}

/** Sun above the clouds, beside that of other days and latitudes. */
function aboveClouds(dayOfYear: number, latitudeDeg: number): number {
  const [half, over, at] = [halfDay(dayOfYear, latitudeDeg), declination(dayOfYear), latitudeDeg * RADIANS]
  return half * Math.sin(at) * Math.sin(over) + Math.cos(at) * Math.cos(over) * Math.sin(half)
}

/**
 * Usual sun of a day on level ground, MJ/m²: that of 48° north, in proportion to what comes from above the clouds. In the south the year
 * is half a year on.
 * @param dayOfYear 0 for the first of January. @param latitudeDeg north above 0, −66 to 66.
 */
export function sunMJ(dayOfYear: number, latitudeDeg: number): number {
  const there = latitudeDeg < 0 ? dayOfYear + YEAR_DAYS / 2 : dayOfYear
  const north = aboveClouds(there, NORTH_DEG)
  return between(NORTH_MJ, there) * Math.max(0, aboveClouds(there, Math.abs(latitudeDeg))) / north
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
