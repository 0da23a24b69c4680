import MiniSearch from 'minisearch'
import type { Material } from './material'
import { LIBRARY } from './library'

/** Of a longer word three letters in ten may be wrong; short ones are taken as they are. */
const TYPING = 0.3
const SHORT_WORD = 4

type Found = MiniSearch<Material>
const indexes = new WeakMap<readonly Material[], Found>()

function indexOf(materials: readonly Material[]): Found {
  const known = indexes.get(materials)
  if (known) return known
  const index = new MiniSearch<Material>({ fields: ['name', 'short', 'words', 'family'] })
  index.addAll(materials)
  indexes.set(materials, index)
  return index
}

const OPTIONS = { combineWith: 'AND', prefix: true, boost: { short: 3, name: 2, words: 2 } } as const

/**
 * Materials that answer to every word of a search by name or everyday word, the likeliest first; all of them for an empty one.
 * What is called just so comes first; beginnings of words count, and typing errors where nothing is found without them.
 */
export function searchMaterials(text: string, materials: readonly Material[] = LIBRARY): Material[] {
  if (text.trim() === '') return [...materials]
  const index = indexOf(materials)
  const exact = index.search(text, OPTIONS)
  const found = exact.length > 0 ? exact : index.search(text, { ...OPTIONS, fuzzy: term => term.length >= SHORT_WORD ? TYPING : false })
  const byId = new Map(materials.map(material => [material.id, material]))
  const named = (material: Material) => Number(material.name.toLowerCase() === text.trim().toLowerCase())
  return found.flatMap(({ id }) => byId.get(id as string) ?? []).sort((a, b) => named(b) - named(a))
}
