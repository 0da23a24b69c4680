import type { BegunBatch } from '../../journal/garden'
import type { Forecast } from '../../learning/forecast'
import { HOUR_MS } from '../../units/time'
import type { Surroundings } from './surroundings'

const SIX_HOURS_MS = 6 * HOUR_MS

type Around = Pick<Surroundings, 'ambientC' | 'materials' | 'past' | 'units' | 'water'>
interface Kept<T> extends Around { readonly hour: number, readonly forecast: Forecast | undefined, readonly made: T | undefined }

/**
 * Something worked out of a batch, kept until the batch, its forecast, the weather or a quarter of the day has changed: a screen
 * asks for it many times over.
 */
export function keptFor<T>(
  make: (batch: BegunBatch, surroundings: Surroundings, forecast: Forecast | undefined) => T | undefined,
): (batch: BegunBatch, surroundings: Surroundings) => T | undefined {
  const kept = new WeakMap<BegunBatch, Kept<T>>()
  return (batch, surroundings) => {
    const { ambientC, materials, past, units, water, now } = surroundings
    const forecast = surroundings.forecastOf?.(batch.id)
    const hour = Math.floor(now.getTime() / SIX_HOURS_MS)
    const known = kept.get(batch)
    if (
      known?.hour === hour
      && known.ambientC === ambientC
      && known.materials === materials
      && known.past === past
      && known.units === units
      && known.water === water
      && known.forecast === forecast
    )
      return known.made
    const made = make(batch, surroundings, forecast)
    kept.set(batch, { hour, ambientC, materials, past, units, water, forecast, made })
    return made
  }
}
