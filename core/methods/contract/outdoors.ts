import { addDays } from 'date-fns'
import type { Surroundings } from './surroundings'

/** The air and the rain of each day from a moment on, as far as they are known and then as they usually are. */
export interface Outdoors { readonly airC: number[], readonly rainMm: number[] }

/** The weather of so many days from a moment on, to the hundredth: equal questions have equal answers. */
export function weatherFrom(at: Date, days: number, { weather: { ambientC, rainMm } }: Pick<Surroundings, 'weather'>): Outdoors {
  const noons = Array.from({ length: days + 1 }, (_, day) => addDays(at, day + 0.5))
  const hundredth = (value: number) => Math.round(value * 100) / 100
  return { airC: noons.map(noon => hundredth(ambientC(noon))), rainMm: noons.map(noon => hundredth(rainMm(noon))) }
}
