import type { Material } from '../materials/material'
import type { Spare } from '../methods/contract'
import type { Container } from '../units/container'
import { containerThen, everyday } from '../units/container'
import type { StoredLot } from './store'

/** What nearly everybody can get hold of when the store has nothing that helps. */
const EASY_TO_GET = ['grass-clippings', 'kitchen-veg', 'straw-wheat', 'cardboard', 'leaves-mixed']

/** Light stuff is carried by the sack, heavy stuff by the bucket. */
const LIGHT_KG_M3 = 160

function handyFor({ bulkDensityKgM3 }: Material, containers: readonly Container[]): Container | undefined {
  const wanted = everyday(bulkDensityKgM3.typical < LIGHT_KG_M3 ? 'sack' : 'bucket', containers, 'metric')
  return containers.find(({ id }) => id === wanted.id)
}

/** Things a remedy may take: what lies in the store and is still good, each kind once, and after it what is easy to get. */
export function sparesOf(
  stored: readonly StoredLot[], find: (id: string) => Material | undefined, containers: readonly Container[],
): Spare[] {
  const spares = new Map<string, Spare>()
  for (const { material, lot, leftCount, keeping } of stored) {
    // What is past its best mends nothing.
    if (keeping.daysLeft < 0) continue
    const known = spares.get(material.id)
    const more = known ? leftCount * lot.container.volumeL / known.container.volumeL : leftCount
    spares.set(
      material.id,
      known ? { ...known, count: known.count + more } : { material, container: lot.container, packing: lot.packing, count: leftCount },
    )
  }
  const easy = EASY_TO_GET.flatMap((id): Spare[] => {
    const material = find(id)
    const container = material && handyFor(material, containers)
    return container && !spares.has(id) ? [{ material, container: containerThen(container), packing: 'loose', count: 0 }] : []
  })
  return [...spares.values(), ...easy]
}
