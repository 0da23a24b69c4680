import type { GardenDocument } from '#core/journal/document'
import type { GardenEvent } from '#core/journal/event'
import type { Forecast } from '#core/methods/contract'
import type { Outcome } from '#core/outcome/outcome'
import type { StorageTrouble } from './trouble'

/** All that a garden consists of, but its pictures. */
export interface Contents {
  readonly events: readonly GardenEvent[]
  readonly documents: readonly GardenDocument[]
}

export const isEmpty = ({ events, documents }: Contents) => events.length === 0 && documents.length === 0

/** A picture beside the journal: a small JPEG. */
export interface StoredPhoto {
  readonly id: string
  readonly picture: Blob
}

/** That a backup was read in, and when: it can be taken back. */
export interface ImportMark { readonly takenAt: string }

/** What an import changed, so that it can be taken back exactly without losing what came after. */
export interface Keepsake extends ImportMark {
  /** Events that came with it. */
  readonly importedIds: readonly string[]
  /** Events that it removed or put others in place of. */
  readonly removed: readonly GardenEvent[]
  /** Documents as they were before. */
  readonly documents: readonly GardenDocument[]
  /** Documents as it left them: a field that is not so any more was written since. Earlier versions did not keep them. */
  readonly documentsAfter?: readonly GardenDocument[]
  /** Pictures that came with it. */
  readonly photoIds: readonly string[]
}

/** A change of everything at once: what comes in and what goes. */
export interface Exchange {
  readonly put: Contents
  readonly removeEvents: readonly string[]
  readonly removeDocuments: readonly string[]
  readonly removePhotos: readonly string[]
  /** What to keep of it; without one, what was kept goes too. */
  readonly keepsake: Keepsake | undefined
}

/** The last answer of a batch's forecast, with the key of its question and the last record it knew of. */
export interface LastAnswer {
  readonly batchId: string
  /** Of which version of the app it is: another one may reckon otherwise. */
  readonly version: string
  readonly key: string
  readonly lastEventId?: string | undefined
  readonly forecast: Forecast
}

export type Kept<T> = Promise<Outcome<T, StorageTrouble>>

/** Where a garden is kept. Every call is one transaction and is done when that is complete. */
export interface Shelf {
  readonly lasting: boolean
  load(): Kept<Contents & { readonly imported?: ImportMark | undefined }>
  /** Adds contents, and pictures with them. Documents are put together with what is there, field by field; told is how they are then. */
  add(contents: Contents, photos?: readonly StoredPhoto[]): Kept<readonly GardenDocument[]>
  /** Works out a change from what is there and makes it, with nothing in between. */
  exchange(work: (here: Contents, keepsake: Keepsake | undefined) => Exchange | undefined): Kept<Exchange | undefined>
  /** Something to do in a quiet moment, so that the next opening is quick. Changes nothing that can be seen. */
  tidy(): Kept<void>
  photoIds(): Kept<readonly string[]>
  photo(id: string): Kept<Blob | undefined>
  /**
   * Keeps pictures that are not there yet, and remembers them as arriving until an exchange says that they belong. @returns
   * those that were new.
   */
  addArriving(photos: readonly StoredPhoto[]): Kept<readonly string[]>
  /** Removes pictures that were arriving when something broke off. */
  clearArriving(): Kept<void>
  removePhotos(ids: readonly string[]): Kept<void>
  /** A small version of a picture, kept once it was made. */
  thumb(id: string): Kept<Blob | undefined>
  keepThumb(id: string, picture: Blob): Kept<void>
  /** The last answers of forecasts: a copy that is lost without loss. It goes into no backup. */
  answers(): Kept<readonly LastAnswer[]>
  keepAnswer(answer: LastAnswer): Kept<void>
  dropAnswers(batchIds: readonly string[]): Kept<void>
  close(): void
}
