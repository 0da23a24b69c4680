import { LIBRARY } from './library'
import type { Material } from './material'

const BY_ID: ReadonlyMap<string, Material> = new Map(LIBRARY.map(material => [material.id, material]))

/** The library's material of this id, if there is one. */
export function findMaterial(id: string): Material | undefined {
  return BY_ID.get(id)
}

/** Materials that are around in a month (1 to 12 of the northern year). */
export function aroundIn(month: number, materials: readonly Material[] = LIBRARY): Material[] {
  return materials.filter(({ months }) => months.length === 0 || months.includes(month))
}

/** Materials whose name or everyday word holds every word of a search, whatever the case. */
export function searchMaterials(text: string, materials: readonly Material[] = LIBRARY): Material[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  return materials.filter(({ name, short, family }) => {
    const said = `${name} ${short} ${family}`.toLowerCase()
    return words.every(word => said.includes(word))
  })
}
