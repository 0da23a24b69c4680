import type { Choice } from '../../questions/question'
import { table } from '../../constants/constants'
import { quantityText } from '../../units/format'

/** In what it is carried from the pile to the bed, litres as filled loosely. A sheet is dragged, and holds more than a barrow. */
export const CARRIERS = table('In what mulch is carried', {
  volumeL: ['L', 'filled loosely; practice'],
}, [
  { id: 'barrow', name: 'barrow', plural: 'barrows', volumeL: 85 },
  { id: 'dragged', name: 'dragged sheet', plural: 'dragged sheets', volumeL: 220 },
  { id: 'sack', name: 'sack', plural: 'sacks', volumeL: 80 },
  { id: 'bucket', name: 'bucket', plural: 'buckets', volumeL: 12 },
] as const)

/** The carrier of this id, or the barrow. */
export function carrierOf(id: unknown): typeof CARRIERS[number] {
  return CARRIERS.find(one => one.id === id) ?? CARRIERS[0]
}

export const CARRIER_CHOICES: readonly Choice[] = CARRIERS.map(({ id, name, volumeL }) => ({
  id, label: name, hint: units => `about ${quantityText('volume', units, volumeL)}`,
}))

/** So many loads hold so many litres; a tenth of one is not worth the way. */
export function loadsFor(litres: number, { volumeL }: { readonly volumeL: number }): number {
  return Math.max(0, Math.ceil(litres / volumeL - 0.1))
}
