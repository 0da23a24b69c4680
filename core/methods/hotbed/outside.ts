import { dayOfYear } from '../../units/time'
import { addDays, startOfDay } from 'date-fns'
import { daylightHours, sunMJ } from '../../heat/slab/sun'
import type { SlabWeather } from '../../heat/slab/bed'
import type { Surroundings } from '../contract'
import { BED } from './constants'

/** How far north the garden lies, °, south below 0: as was said; else by where its summer is. */
export function latitudeOf({ now, weather: { ambientC, latitudeDeg } }: Pick<Surroundings, 'weather' | 'now'>): number {
  const year = now.getFullYear() + 1
  const usual = ambientC(new Date(year, 0, 20)) > ambientC(new Date(year, 6, 20)) ? -BED.usualLatitudeDeg : BED.usualLatitudeDeg
  return latitudeDeg ?? usual
}

/** Hours of daylight of so many days from one on, at a latitude. */
export function daylightFrom(from: Date, days: number, latitudeDeg: number): Float64Array {
  return Float64Array.from({ length: days }, (_, day) => daylightHours(dayOfYear(addDays(from, day)), latitudeDeg))
}

/** How much more sun than usual a day has, by what lies between its coldest and its hottest hour. */
export function skyTimes({ minC, maxC }: { readonly minC: number, readonly maxC: number }): number {
  return Math.min(BED.sky.most, Math.max(BED.sky.least, 1 + BED.sky.perK * (maxC - minC - BED.sky.usualK)))
}

const tenth = (value: number) => Math.round(10 * value) / 10

/** The weather of so many days from one on: air by day and night, sun by month and sky. Equal questions have equal answers. */
export function bedWeather(
  from: Date, days: number, surroundings: Pick<Surroundings, 'weather' | 'now'>,
): SlabWeather {
  const { weather: { ambientC, extremesC, measured: weatherKnown } } = surroundings
  const latitude = latitudeOf(surroundings)
  const first = startOfDay(from)
  const all = Array.from({ length: days + 2 }, (_, day) => {
    const noon = addDays(first, day + 0.5)
    const known = extremesC?.(noon)
    const when = dayOfYear(noon)
    return {
      airC: tenth(ambientC(noon)), swingK: tenth(known ? Math.max(0.5, (known.maxC - known.minC) / 2) : BED.halfSwingK),
      sun: tenth(sunMJ(when, latitude) * (known ? skyTimes(known) : 1)), hours: tenth(daylightHours(when, latitude)),
      known: weatherKnown?.(noon) ? 1 : 0,
    }
  })
  return {
    airC: all.map(one => one.airC), swingK: all.map(one => one.swingK), sunMJ: all.map(one => one.sun),
    daylight: all.map(one => one.hours),
    ...(weatherKnown ? { measured: all.map(one => one.known) } : {}),
  }
}
