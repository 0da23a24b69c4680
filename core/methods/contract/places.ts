import { addHours } from 'date-fns'
import type { Surroundings } from './surroundings'

/** Where it stands, and what that makes of the air outside. */
export const PLACES = [
  { id: 'outside', label: 'Outside', hint: 'as the weather goes', warmth: (outsideC: number) => outsideC },
  { id: 'shed', label: 'In a shed', hint: 'a little warmer, no frost', warmth: (outsideC: number) => Math.max(4, outsideC + 3) },
  { id: 'room', label: 'In a warm room', hint: 'as in a kitchen', warmth: () => 20 },
] as const

/** The place of this id, or outside. */
export function placeOf(id: unknown): typeof PLACES[number] {
  return PLACES.find(place => place.id === id) ?? PLACES[0]
}

/** Warmth of a place by six hours from a moment on. */
export function placeCFrom(
  from: Date, days: number, place: (typeof PLACES)[number], { weather: { ambientC } }: Pick<Surroundings, 'weather'>,
): number[] {
  return Array.from(
    { length: Math.ceil(days * 4) + 1 }, (_, quarter) => Math.round(10 * place.warmth(ambientC(addHours(from, quarter * 6 + 3)))) / 10,
  )
}
