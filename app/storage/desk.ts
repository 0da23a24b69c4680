import { isArchive, openArchive, partsOf, writeArchive, type OpenedArchive, type PartMark } from '#core/formats/archive'
import { BACKUP_MOST_BYTES, readBackup, writeBackup, type Doubt, type LeftOut } from '#core/formats/backup'
import { readSettings } from '#core/garden/settings'
import { batchIdOf } from '#core/journal/event'
import { sameData } from '#core/journal/same'
import { fail, ok, type Outcome } from '#core/outcome/outcome'
import { tryOut, type Clock, type Trial } from '#core/trial/trial'
import { importing, takingBack, exchanged, type ImportMode } from './restore'
import type { Contents, Shelf, StoredPhoto } from './shelf'
import type { StorageTrouble } from './trouble'

/** How far the work is, 0 to 1, and at what. */
export type Tell = (share: number, at: string) => void

/** What a file holds, said before anything is taken in. */
export interface Preview {
  readonly fileName: string
  readonly gardenName: string
  /** Batches that it begins, by method. */
  readonly batches: readonly { readonly methodId: string, readonly count: number }[]
  readonly entries: number
  /** Entries that are not here yet, and those that are here differently: what is here stays. */
  readonly fresh: number
  readonly different: number
  readonly pictures: number
  readonly freshPictures: number
  /** Which of several files it is. */
  readonly mark: PartMark | undefined
  /** A later file of several holds pictures alone. */
  readonly picturesOnly: boolean
  readonly doubts: readonly Doubt[]
  readonly leftOut: readonly LeftOut[]
  readonly leftOutCount: number
}

/** What was taken in. */
export interface Taken {
  readonly entries: number
  readonly pictures: number
  /** Pictures that are no pictures, or do not match their check sum. */
  readonly brokenPictures: number
  /** Pictures that are here already and look different in the file: those here stay. */
  readonly differentPictures: number
}

/** What a backup with pictures will be: so many files. */
export interface SavePlan { readonly parts: readonly { readonly pictures: number, readonly bytes: number }[], readonly pictures: number }

const NOTHING: Contents = { events: [], documents: [] }
const TOO_BIG
  = 'This file is larger than any garden backup: it was not opened. Your garden is as it was. Look for the file that Wastrum saved.'
const UNREAD = 'This file could not be read: perhaps it is no longer where it was. Your garden is as it was. Choose it again.'

/** Whether a picture can be shown. Where nobody can tell, its first bytes have been looked at. */
async function decodes(picture: Blob): Promise<boolean> {
  if (typeof createImageBitmap === 'undefined') return true
  return createImageBitmap(picture).then((bitmap) => {
    bitmap.close()
    return true
  }, () => false)
}

/** Only what is alone at it changes everything at once; whoever comes second waits. */
async function alone<T>(name: string, work: () => Promise<T>): Promise<T> {
  const { locks } = globalThis.navigator ?? {}
  return locks ? await locks.request(`wastrum.files.${name}`, work) as T : work()
}

/** Lets a page breathe where there is no worker. */
const breath = () => new Promise<void>(resolve => setTimeout(resolve, 0))
const BREATH_MS = 30

/** Reading a garden from files and writing it to them. It stands between a file and a shelf, on whichever thread there is. */
export class Desk {
  private file: Contents = NOTHING
  private archive: OpenedArchive | undefined
  private parts: readonly (readonly { readonly id: string, readonly bytes: number }[])[] = []

  /** @param clock what tells how long a trial takes, ms. */
  constructor(
    private readonly name: string, private readonly shelf: Shelf, private readonly canShow = decodes,
    private readonly clock: Clock = () => performance.now(),
  ) {}

  /** Opens a file, checks all of it and tries it out. Nothing is changed. */
  async look(file: File, now: Date, tell: Tell): Promise<Outcome<Preview, string>> {
    this.file = NOTHING
    this.archive = undefined
    let text: string | undefined
    try {
      tell(0, 'opening the file')
      if (isArchive(new Uint8Array(await file.slice(0, 4).arrayBuffer()))) {
        const archive = await openArchive(file)
        if (!archive.ok) return fail(archive.error.message)
        this.archive = archive.value
        text = archive.value.backup
      }
      else if (file.size > BACKUP_MOST_BYTES) return fail(TOO_BIG)
      else text = await file.text()
    }
    catch {
      return fail(UNREAD)
    }
    const read
      = text === undefined
        ? ok({ ...NOTHING, writtenAt: '', doubts: [], leftOut: [], leftOutCount: 0 })
        : readBackup(text, share => tell(0.1 + 0.4 * share, 'checking every entry'))
    if (!read.ok) return fail(read.error.message)
    const here = await this.shelf.load()
    if (!here.ok) return fail(here.error.message)
    const strange = await this.tried(here.value, read.value, now, tell)
    this.file = {
      events: read.value.events.filter(({ id }) => !strange.leftOut.has(id)),
      documents: read.value.documents.filter(({ id }) => !strange.documentsLeftOut.has(id)),
    }
    const left = [...strange.leftOut.values(), ...strange.documentsLeftOut.values()]
    const photoIds = await this.shelf.photoIds()
    return ok(this.previewOf(file.name, here.value, photoIds.ok ? photoIds.value : [], {
      picturesOnly: text === undefined,
      doubts: read.value.doubts,
      leftOut: [...read.value.leftOut, ...left],
      leftOutCount: read.value.leftOutCount + left.length,
    }))
  }

  /** Entries and documents of the file that the garden would stumble over. What is here already stays, however it is. */
  private async tried(here: Contents, file: Contents, now: Date, tell: Tell): Promise<Trial> {
    const change = importing(here, file, 'merge', '')
    const { events, documents } = exchanged(here, change)
    const touched = new Set(change.put.events.flatMap(event => batchIdOf(event) ?? []))
    const trial = tryOut(events, documents, now, touched, this.clock)
    let since = performance.now()
    for (let step = trial.next(); ; step = trial.next()) {
      if (step.done) {
        const known = new Set(here.events.map(({ id }) => id))
        const { leftOut, documentsLeftOut } = step.value
        return {
          leftOut: new Map([...leftOut].filter(([id]) => !known.has(id))),
          documentsLeftOut: new Map([...documentsLeftOut].filter(([id]) => change.put.documents.some(document => document.id === id))),
        }
      }
      // Before each batch: should it hang there, the right one is blamed.
      if (step.value.at) tell(0.5 + 0.5 * step.value.share, `trying out ${step.value.at}`)
      if (performance.now() - since < BREATH_MS) continue
      if (!step.value.at) tell(0.5 + 0.5 * step.value.share, 'putting it together')
      await breath()
      since = performance.now()
    }
  }

  private previewOf(
    fileName: string, here: Contents, photoIds: readonly string[],
    found: Pick<Preview, 'picturesOnly' | 'doubts' | 'leftOut' | 'leftOutCount'>,
  ): Preview {
    const known = new Map(here.events.map(event => [event.id, event]))
    const counts = new Map<string, number>()
    for (const event of this.file.events)
      if (event.kind === 'began' || event.kind === 'built') counts.set(event.methodId, (counts.get(event.methodId) ?? 0) + 1)
    const pictures = this.archive?.photos ?? []
    return {
      ...found, fileName, gardenName: readSettings(this.file.documents).gardenName,
      batches: [...counts].map(([methodId, count]) => ({ methodId, count })),
      entries: this.file.events.length + this.file.documents.length,
      fresh: this.file.events.filter(({ id }) => !known.has(id)).length,
      different: this.file.events.filter(event => known.has(event.id) && !sameData(known.get(event.id), event)).length,
      pictures: pictures.length, freshPictures: pictures.filter(({ id }) => !photoIds.includes(id)).length, mark: this.archive?.mark,
    }
  }

  /** Takes in what was looked at. Either all of it is in, or everything is as it was. */
  take(mode: ImportMode, now: Date, tell: Tell): Promise<Outcome<Taken, StorageTrouble>> {
    return alone(this.name, async () => {
      const pictures = await this.takePictures(tell)
      if (!pictures.ok) return pictures
      const { photoIds, brokenPictures, differentPictures } = pictures.value
      tell(0.95, 'writing it down')
      const picturesOnly = this.archive !== undefined && this.archive.backup === undefined
      const done = await this.shelf.exchange((here, kept) => {
        const change = importing(here, this.file, picturesOnly ? 'merge' : mode, now.toISOString(), photoIds)
        // A later file of several belongs to the import that the first one was.
        return picturesOnly && kept && change.keepsake
          ? { ...change, keepsake: { ...kept, photoIds: [...kept.photoIds, ...photoIds] } }
          : change
      })
      if (!done.ok) {
        await this.shelf.clearArriving()
        return done
      }
      return ok({ entries: done.value?.put.events.length ?? 0, pictures: photoIds.length, brokenPictures, differentPictures })
    })
  }

  private async takePictures(
    tell: Tell,
  ): Promise<
    Outcome<{ readonly photoIds: readonly string[], readonly brokenPictures: number, readonly differentPictures: number }, StorageTrouble>
  > {
    const photos = this.archive?.photos ?? []
    const known = await this.shelf.photoIds()
    if (!known.ok) return known
    const here = new Set(known.value)
    const photoIds: string[] = []
    let [brokenPictures, differentPictures] = [0, 0]
    let handful: StoredPhoto[] = []
    const put = async () => {
      const added = await this.shelf.addArriving(handful)
      handful = []
      if (added.ok) photoIds.push(...added.value)
      return added
    }
    for (const [index, photo] of photos.entries()) {
      tell(0.9 * index / photos.length, `picture ${index + 1} of ${photos.length}`)
      if (here.has(photo.id)) {
        const mine = await this.shelf.photo(photo.id)
        if (mine.ok && mine.value && mine.value.size !== photo.bytes) differentPictures++
        continue
      }
      const picture = await photo.open()
      if (picture && await this.canShow(picture)) handful.push({ id: photo.id, picture })
      else brokenPictures++
      if (handful.length < 20 && index < photos.length - 1) continue
      const added = await put()
      if (!added.ok) {
        await this.shelf.clearArriving()
        return added
      }
    }
    if (handful.length > 0) {
      const added = await put()
      if (!added.ok) {
        await this.shelf.clearArriving()
        return added
      }
    }
    return ok({ photoIds, brokenPictures, differentPictures })
  }

  /** Takes the last import back, with its pictures. */
  takeBack(): Promise<Outcome<void, StorageTrouble>> {
    return alone(this.name, async () => {
      const done = await this.shelf.exchange((now, keepsake) => keepsake && takingBack(now, keepsake))
      return done.ok ? ok(undefined) : done
    })
  }

  /** The garden as one file of text, without its pictures. */
  async save(now: Date): Promise<Outcome<Blob, StorageTrouble>> {
    const here = await this.shelf.load()
    return here.ok
      ? ok(new Blob([writeBackup(here.value.events, here.value.documents, now.toISOString())], { type: 'application/json' }))
      : here
  }

  /** How many files the garden and its pictures will be. */
  async plan(most?: number): Promise<Outcome<SavePlan, StorageTrouble>> {
    const ids = await this.shelf.photoIds()
    if (!ids.ok) return ids
    const sized: { readonly id: string, readonly bytes: number }[] = []
    for (const id of ids.value) {
      const photo = await this.shelf.photo(id)
      if (photo.ok && photo.value) sized.push({ id, bytes: photo.value.size })
    }
    this.parts = partsOf(sized, most)
    return ok({
      parts: this.parts.map(part => ({ pictures: part.length, bytes: part.reduce((sum, { bytes }) => sum + bytes, 0) })),
      pictures: sized.length,
    })
  }

  /** One of the files that were planned, counted from 0. The first holds the garden. */
  async savePart(index: number, now: Date, tell: Tell): Promise<Outcome<Blob, StorageTrouble>> {
    const here = index === 0 ? await this.shelf.load() : undefined
    if (here && !here.ok) return here
    const part = this.parts[index] ?? []
    const { shelf } = this
    async function* photos() {
      for (const { id } of part) {
        const photo = await shelf.photo(id)
        if (photo.ok && photo.value) yield { id, picture: photo.value }
      }
    }
    return ok(await writeArchive({
      backup: here && writeBackup(here.value.events, here.value.documents, now.toISOString()),
      mark: { part: index + 1, of: Math.max(1, this.parts.length), picturesHere: part.length, picturesInAll: this.parts.flat().length },
      photos: photos(), onShare: share => tell(share, `file ${index + 1} of ${this.parts.length}`),
    }))
  }
}
