import type { Material } from '../materials/material'
import type { Spare } from '../methods/contract'
import type { Container } from '../units/container'
import { containerThen } from '../units/container'
import type { StoredLot } from './store'

/** What nearly everybody can get hold of when the store has nothing that helps. */
const EASY_TO_GET = ['grass-clippings', 'kitchen-veg', 'straw-wheat', 'cardboard', 'leaves-mixed']

/** What one would carry it in: about a bucket of heavy stuff, about a sack of light. */
const HANDY_L = { heavy: 12, light: 80 }
const LIGHT_KG_M3 = 160

function handyFor({ bulkDensityKgM3 }: Material, containers: readonly Container[]): Container | undefined {
  const wantedL = bulkDensityKgM3.typical < LIGHT_KG_M3 ? HANDY_L.light : HANDY_L.heavy
  const apart = ({ volumeL }: Container) => Math.abs(Math.log(volumeL / wantedL))
  return [...containers].filter(({ holds }) => holds === 'material').sort((a, b) => apart(a) - apart(b))[0]
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
