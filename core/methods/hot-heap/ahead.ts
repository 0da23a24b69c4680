import { addDays } from 'date-fns'
import type { HeapLog } from '../heated/heap-log'
import type { Band, Fact, Forecast, Surroundings } from '../contract'
import { monthText } from '../../units/dates'
import { quantityText, spanText } from '../../units/format'
import type { UnitSystem } from '../../units/system'
import type { HeapSeries } from '../heated/forecast/answer'
import { HOT } from './constants'

/** Days within the first two months on which a row lies above a temperature, straight between the times noted. */
export function daysAbove(days: Float64Array, row: Float32Array, celsius: number): number {
  let sum = 0
  for (let at = 1; at < days.length && days[at]! <= HOT.heatingDays; at++) {
    const [before, after, length] = [row[at - 1]! - celsius, row[at]! - celsius, days[at]! - days[at - 1]!]
    if (before > 0 && after > 0) sum += length
    else if (before * after < 0) sum += length * Math.max(before, after) / Math.abs(before - after)
  }
  return sum
}

function peakOf(days: Float64Array, row: Float32Array): { readonly celsius: number, readonly day: number } {
  const within = row.slice(0, Math.max(1, days.findLastIndex(day => day <= HOT.heatingDays) + 1))
  const celsius = Math.max(...within)
  return { celsius, day: days[within.indexOf(celsius)] ?? 0 }
}

const wholeDays = (low: number, high: number) =>
  Math.round(low) === Math.round(high) ? `${Math.round(low)}` : `${Math.round(low)}–${Math.round(high)}`

/** How hot it would get. Where it may as well stay cold, that is said instead of a range that says nothing. */
export function hottest(lowC: number, typical: { readonly celsius: number, readonly day: number }, highC: number, units: UnitSystem): Fact {
  const degrees = (celsius: number) => quantityText('temperature', units, celsius)
  const day = `around day ${Math.round(typical.day)}`
  if (highC < HOT.lukewarmC)
    return {
      label: 'Hottest', value: `under ${degrees(HOT.lukewarmC)}: it stays cold`,
      why: 'as it is now; a larger heap, more greens, a cover or warmer weather change that',
    }
  if (lowC >= HOT.coldC) return { label: 'Hottest', value: spanText('temperature', units, lowC, highC), why: `most likely ${day}` }
  return typical.celsius >= HOT.lukewarmC
    ? {
        label: 'Hottest',
        value: `about ${degrees(typical.celsius)}, at most ${degrees(highC)}; or it stays cold`,
        why: `most likely ${day}; cold air can hold it back until it is milder: large, and covered`,
      }
    : {
        label: 'Hottest',
        value: `it may stay cold; at most ${degrees(highC)}`,
        why: 'cold air holds it back until it is milder: larger, and covered',
      }
}

function facts({ built }: HeapLog, { days, series, windows, horizonDay }: Forecast, { units }: Surroundings): Fact[] {
  const { coreC, heightM } = series as Record<HeapSeries, Band>
  const [low, typical, high] = [coreC.low, coreC.typical, coreC.high].map(row => peakOf(days, row)) as [
    ReturnType<typeof peakOf>, ReturnType<typeof peakOf>, ReturnType<typeof peakOf>,
  ]
  const hot = [coreC.low, coreC.typical, coreC.high].map(row => daysAbove(days, row, HOT.hotC)) as [number, number, number]
  const window = windows.ready!.now
  const month = (day: number) => monthText(addDays(new Date(built.at), Math.round(day)))
  const weekAt = days.findIndex(day => day >= 7)
  return [
    hottest(low.celsius, typical, high.celsius, units),
    {
      label: 'Hot days', value: hot[2] < 0.5 ? 'hardly any' : wholeDays(hot[0], hot[2]),
      why: `days in the middle above ${spanText('temperature', units, HOT.hotC, HOT.hotC)}, in the first two months`,
    },
    {
      label: 'Stands', value: spanText('length', units, heightM.low[0]!, heightM.high[0]!),
      why: `high when built; ${spanText('length', units, heightM.low[weekAt]!, heightM.high[weekAt]!)} after a week`,
    },
    {
      label: 'Ready',
      value:
        window.low >= horizonDay
          ? `later than ${month(horizonDay)}`
          : window.typical >= horizonDay ? `from ${month(window.low)} on` : `most likely in ${month(window.typical)}`,
      why: window.low >= horizonDay
        ? 'looked after as the approach says'
        : `${month(window.low)} to ${month(window.high)}${window.high >= horizonDay ? ' or later' : ''}, looked after as the approach says`,
    },
  ]
}

/** What a planned heap would do: how hot, how long, how high, ready when; nothing before its forecast is there. */
export function aheadOf(log: HeapLog, surroundings: Surroundings): Fact[] {
  const forecast = surroundings.forecastOf?.(log.id)
  return forecast ? facts(log, forecast, surroundings) : []
}
