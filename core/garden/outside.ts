import type { Weather } from '../methods/contract'
import { dayOfYear } from '../units/time'
import { nextLastFrost, usualRainMm, usualTemperatureC, type Climate } from './climate'

/** The weather of a place as it usually is: nothing of it was measured. */
export function usualWeather(climate: Climate): Weather {
  return {
    ambientC: at => usualTemperatureC(climate, dayOfYear(at)),
    rainMm: at => usualRainMm(climate, at),
    nextLastFrost: at => nextLastFrost(climate, at),
    latitudeDeg: climate.latitudeDeg,
  }
}
