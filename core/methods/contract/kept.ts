import type { BegunBatch } from '../../journal/garden'
import type { Forecast } from '../../learning/forecast'
import type { Lasting, Surroundings } from './surroundings'

const GROUPS = ['units', 'materials', 'weather', 'garden', 'past'] as const satisfies readonly (keyof Lasting)[]
interface Kept<T> { readonly around: Lasting, readonly forecast: Forecast | undefined, readonly made: T }

const sameAround = (one: Lasting, other: Lasting) =>
  one.now.getTime() === other.now.getTime() && GROUPS.every(group => one[group] === other[group])

/**
 * Something worked out of a batch, kept until the batch, its forecast or anything that it was worked out of has changed: a screen
 * asks for it many times over. Whoever works it out sees no more than it is kept by.
 */
export function keptFor<T, B extends Pick<BegunBatch, 'id'> = BegunBatch>(
  make: (batch: B, around: Lasting, forecast: Forecast | undefined) => T,
): (batch: B, surroundings: Surroundings) => T {
  const kept = new WeakMap<B, Kept<T>>()
  return (batch, { now, units, materials, weather, garden, past, forecastOf }) => {
    const around: Lasting = { now, units, materials, weather, garden, past }
    const forecast = forecastOf?.(batch.id)
    const known = kept.get(batch)
    if (known && known.forecast === forecast && sameAround(known.around, around)) return known.made
    const made = make(batch, around, forecast)
    kept.set(batch, { around, forecast, made })
    return made
  }
}
