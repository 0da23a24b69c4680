import { mergeDocuments, type GardenDocument } from '#core/journal/document'
import { mergeEvents } from '#core/journal/journal'
import type { Contents, Keepsake } from './shelf'

/** How a file is taken in: added to what is here, or put in its place. */
export type ImportMode = 'merge' | 'replace'

/** What the garden holds after an import. */
export function afterImport(here: Contents, file: Contents, mode: ImportMode): Contents {
  return mode === 'merge'
    ? { events: mergeEvents(here.events, file.events), documents: mergeDocuments(here.documents, file.documents) }
    : { events: mergeEvents(file.events), documents: mergeDocuments(file.documents) }
}

/** What to keep so that an import can be undone. */
export function keepsakeOf(here: Contents, file: Contents, takenAt: string): Keepsake {
  const known = new Set(here.events.map(({ id }) => id))
  return { id: 'before-import', takenAt, events: here.events, documents: here.documents, importedIds: file.events.map(({ id }) => id).filter(id => !known.has(id)) }
}

/** Fields written after a moment, of documents as they are now. */
function writtenSince(documents: readonly GardenDocument[], moment: string): GardenDocument[] {
  return documents.map(document => ({ ...document, fields: Object.fromEntries(Object.entries(document.fields).filter(([, { at }]) => at > moment)) }))
    .filter(({ fields }) => Object.keys(fields).length > 0)
}

/** The garden as it was before an import, with everything that was recorded since. */
export function undoneImport(now: Contents, keepsake: Keepsake): Contents {
  const imported = new Set(keepsake.importedIds)
  return {
    events: mergeEvents(keepsake.events, now.events.filter(({ id }) => !imported.has(id))),
    documents: mergeDocuments(keepsake.documents, writtenSince(now.documents, keepsake.takenAt)),
  }
}
