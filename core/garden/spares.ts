import type { Material } from '../materials/material'
import type { Spare } from '../methods/method'
import type { Container } from '../units/container'
import { containerThen } from '../units/container'
import type { StoredLot } from './store'

/** What nearly everybody can get hold of when the store has nothing that helps. */
const EASY_TO_GET = ['grass-clippings', 'kitchen-veg', 'chicken-manure', 'straw-wheat', 'cardboard', 'leaves-mixed']

/** Things a remedy may take: what lies in the store, each kind once, and after it what is easy to get. */
export function sparesOf(stored: readonly StoredLot[], find: (id: string) => Material | undefined, containers: readonly Container[]): Spare[] {
  const spares = new Map<string, Spare>()
  for (const { material, lot, leftCount } of stored) {
    const known = spares.get(material.id)
    const more = known ? leftCount * lot.container.volumeL / known.container.volumeL : leftCount
    spares.set(material.id, known ? { ...known, count: known.count + more } : { material, container: lot.container, packing: lot.packing, count: leftCount })
  }
  const [bucket] = containers.filter(({ holds }) => holds === 'material')
  const easy = EASY_TO_GET.flatMap((id): Spare[] => {
    const material = find(id)
    return material && bucket && !spares.has(id) ? [{ material, container: containerThen(bucket), packing: 'loose', count: 0 }] : []
  })
  return [...spares.values(), ...easy]
}
