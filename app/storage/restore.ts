import { mergeDocuments, writingsOf, type Field, type GardenDocument, type Writing } from '#core/journal/document'
import { writtenEvent, type GardenEvent } from '#core/journal/event'
import { mergeEvents } from '#core/journal/journal'
import { sameData } from '#core/journal/same'
import type { Contents, Exchange, Keepsake } from './shelf'

/** How a file is taken in: added to what is here, or put in its place. */
export type ImportMode = 'merge' | 'replace'

const byId = <T extends { readonly id: string }>(all: readonly T[]) => new Map(all.map(one => [one.id, one]))
const isSame = (a: GardenEvent | undefined, b: GardenEvent) => a !== undefined && sameData(writtenEvent(a), writtenEvent(b))

/**
 * What taking a file in changes. What is here is never altered by adding: an entry that the file has differently stays as it is here.
 * @param photoIds pictures that came with the file and were not here before.
 */
export function importing(here: Contents, file: Contents, mode: ImportMode, takenAt: string, photoIds: readonly string[] = []): Exchange {
  const [known, incoming] = [byId(here.events), byId(mergeEvents(file.events))]
  const importedIds = [...incoming.keys()].filter(id => !known.has(id))
  const gone = mode === 'merge' ? [] : here.events.filter(event => !isSame(incoming.get(event.id), event))
  const documents = mode === 'merge' ? mergeDocuments(here.documents, file.documents) : mergeDocuments(file.documents)
  const after = byId(documents)
  return {
    put: {
      events: [...incoming.values()].filter(event => !known.has(event.id) || (mode === 'replace' && !isSame(known.get(event.id), event))),
      documents: documents.filter(document => !sameData(here.documents.find(({ id }) => id === document.id), document)),
    },
    removeEvents: gone.map(({ id }) => id).filter(id => !incoming.has(id)),
    removeDocuments: here.documents.map(({ id }) => id).filter(id => !after.has(id)),
    removePhotos: [],
    keepsake: { takenAt, importedIds, removed: gone, documents: here.documents, documentsAfter: documents, photoIds },
  }
}

/** The writings of a field that came after an import: those it did not leave there itself. */
function writtenSince(now: Field, after: Field | undefined): readonly Writing[] {
  const left = after ? writingsOf(after) : []
  return writingsOf(now).filter(one => !left.some(other => sameData(one, other)))
}

/** A document with the fields it had before an import, and what was written to them since. Nothing when none is left. */
function documentBefore(
  now: GardenDocument | undefined, before: GardenDocument | undefined, since: (name: string, field: Field) => readonly Writing[],
): GardenDocument | undefined {
  const base = before ?? now
  if (!base) return undefined
  const kept = Object.entries(now?.fields ?? {}).flatMap(([name, field]) => since(name, field).map(one => ({
    id: base.id, kind: base.kind, fields: { [name]: one },
  })))
  return before || kept.length > 0 ? mergeDocuments(before ? [before] : [], kept)[0] : undefined
}

/**
 * What taking an import back changes: everything is as it was before, with what was recorded since. Its pictures go unless
 * something still shows them.
 */
export function takingBack(now: Contents, keepsake: Keepsake): Exchange {
  const imported = new Set(keepsake.importedIds)
  const [current, before, after] = [byId(now.documents), byId(keepsake.documents), keepsake.documentsAfter && byId(keepsake.documentsAfter)]
  const since = (id: string) => (name: string, field: Field) =>
    after ? writtenSince(field, after.get(id)?.fields[name]) : writingsOf(field).filter(({ at }) => at > keepsake.takenAt)
  const ids = [...new Set([...current.keys(), ...before.keys()])]
  const documents = ids.flatMap(id => documentBefore(current.get(id), before.get(id), since(id)) ?? [])
  const there = byId(documents)
  const left = [...now.events.filter(({ id }) => !imported.has(id)), ...keepsake.removed]
  const shown = new Set(left.flatMap(event => event.kind === 'photographed' ? [event.photoId] : []))
  return {
    put: { events: keepsake.removed, documents: documents.filter(document => !sameData(current.get(document.id), document)) },
    removeEvents: now.events.map(({ id }) => id).filter(id => imported.has(id)),
    removeDocuments: ids.filter(id => current.has(id) && !there.has(id)),
    removePhotos: keepsake.photoIds.filter(id => !shown.has(id)),
    keepsake: undefined,
  }
}

/** What there is after a change. */
export function exchanged(here: Contents, change: Pick<Exchange, 'put' | 'removeEvents' | 'removeDocuments'>): Contents {
  const [events, documents] = [byId(here.events), byId(here.documents)]
  for (const id of change.removeEvents) events.delete(id)
  for (const id of change.removeDocuments) documents.delete(id)
  for (const event of change.put.events) events.set(event.id, event)
  for (const document of change.put.documents) documents.set(document.id, document)
  return { events: [...events.values()], documents: [...documents.values()] }
}

/** Of contents what is not known, or known otherwise. */
export function contentsBeside({ events, documents }: Contents, known: Contents): Contents {
  const [knownEvents, knownDocuments] = [byId(known.events), byId(known.documents)]
  return {
    events: events.filter(({ id }) => !knownEvents.has(id)),
    documents: documents.filter(document => !sameData(knownDocuments.get(document.id), document)),
  }
}
