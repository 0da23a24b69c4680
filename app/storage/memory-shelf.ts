import { mergeDocument, type GardenDocument } from '#core/journal/document'
import type { GardenEvent } from '#core/journal/event'
import { ok } from '#core/outcome/outcome'
import type { Keepsake, LastAnswer, Shelf, StoredPhoto } from './shelf'

/** A shelf that lasts as long as the page: for browsers that keep nothing. */
export function memoryShelf(): Shelf {
  const events = new Map<string, GardenEvent>()
  const documents = new Map<string, GardenDocument>()
  const pictures = new Map<string, Blob>()
  const thumbs = new Map<string, Blob>()
  const arriving = new Set<string>()
  const answers = new Map<string, LastAnswer>()
  let kept: Keepsake | undefined
  const here = () => ({ events: [...events.values()], documents: [...documents.values()] })
  const keep = ({ id, picture }: StoredPhoto) => pictures.set(id, picture)
  const drop = (ids: Iterable<string>) => {
    for (const id of ids) for (const held of [pictures, thumbs]) held.delete(id)
  }
  return {
    lasting: false,
    load: async () => ok({ ...here(), imported: kept && { takenAt: kept.takenAt } }),
    add: async (contents, photos = []) => {
      for (const event of contents.events) events.set(event.id, event)
      photos.forEach(keep)
      return ok(contents.documents.map((document) => {
        const known = documents.get(document.id)
        const merged = known ? mergeDocument(known, document) : document
        documents.set(document.id, merged)
        return merged
      }))
    },
    exchange: async (work) => {
      const change = work(here(), kept)
      if (!change) return ok(undefined)
      for (const id of change.removeEvents) events.delete(id)
      for (const id of change.removeDocuments) documents.delete(id)
      for (const event of change.put.events) events.set(event.id, event)
      for (const document of change.put.documents) documents.set(document.id, document)
      drop(change.removePhotos)
      kept = change.keepsake
      arriving.clear()
      return ok(change)
    },
    tidy: async () => ok(undefined),
    photoIds: async () => ok([...pictures.keys()]),
    photo: async id => ok(pictures.get(id)),
    addArriving: async (photos) => {
      const fresh = photos.filter(({ id }) => !pictures.has(id))
      fresh.forEach(keep)
      for (const { id } of fresh) arriving.add(id)
      return ok(fresh.map(({ id }) => id))
    },
    clearArriving: async () => {
      drop(arriving)
      arriving.clear()
      return ok(undefined)
    },
    removePhotos: async ids => ok(drop(ids)),
    thumb: async id => ok(thumbs.get(id)),
    keepThumb: async (id, picture) => ok(void thumbs.set(id, picture)),
    answers: async () => ok([...answers.values()]),
    keepAnswer: async answer => ok(void answers.set(answer.batchId, answer)),
    dropAnswers: async ids => ok(ids.forEach(id => answers.delete(id))),
    close: () => {},
  }
}
