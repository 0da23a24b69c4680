import { documentValues, type GardenDocument } from '../journal/document'
import type { Garden } from '../journal/garden'
import { bookOf, LIBRARY_BOOK, type MaterialBook } from '../materials/book'
import { measuredMaterial } from '../materials/measured'
import { basedOn, materialDocumentId, ownMaterial } from './own-material'
import type { Material } from '../materials/material'

const PREFIX = materialDocumentId('')

/** The materials a gardener has named or changed: over the library's of that id, or on top of the one they begin from. */
function ownMaterials(documents: readonly GardenDocument[]): Material[] {
  return documents.filter(({ kind }) => kind === 'material').flatMap((document) => {
    const values = documentValues(document)
    const id = document.id.slice(PREFIX.length)
    const base = LIBRARY_BOOK.find(id) ?? LIBRARY_BOOK.find(basedOn(values) ?? '')
    return base && values.removed !== true ? [ownMaterial(id, base, values)] : []
  })
}

/** Every material as this garden knows it: the library, what the gardener says of it, and what they have measured, in that order. */
export function gardenMaterials(documents: readonly GardenDocument[], { measurements }: Pick<Garden, 'measurements'>): MaterialBook {
  const said = bookOf([...LIBRARY_BOOK.all, ...ownMaterials(documents)])
  return bookOf(said.all.map((material) => {
    const measured = measurements.get(material.id)
    return measured ? measuredMaterial(material, measured) : material
  }))
}
