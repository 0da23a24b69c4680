import {
  BlobReader, BlobWriter, configure, TextReader, ZipReader, ZipWriter, type FileEntry, type Entry,
} from '@zip.js/zip.js/index-native.js'
import * as v from 'valibot'
import { fail, ok, type Outcome } from '../outcome/outcome'
import { BACKUP_MOST_BYTES } from './backup'
import { parsedWithin } from './backup/json'

// Whoever packs is away from the page already.
configure({ useWebWorkers: false })

/** A picture as it lies beside the journal. */
export interface PhotoFile {
  readonly id: string
  readonly picture: Blob
}

/** Which of how many files this is, and how many pictures are in all of them together. */
export interface PartMark {
  readonly part: number
  readonly of: number
  readonly picturesHere: number
  readonly picturesInAll: number
}

const GARDEN = 'garden.json'
const MARK = 'part.json'
const PHOTO_NAME = /^photos\/([\w.-]{1,64})\.jpg$/
/** A file that a phone can still pass on; what is more goes into another one. */
export const PART_MOST_BYTES = 180 * 1024 * 1024
/** Far above any part; larger files are not opened. */
export const ARCHIVE_MOST_BYTES = 2 * 1024 * 1024 * 1024
const MOST_ENTRIES = 20_000
const PHOTO_MOST_BYTES = 20_000_000
/** Text packs to a twentieth at best, a picture hardly at all: what unpacks to far more is a trap. */
const MOST_UNPACKED_OF = { garden: 200, photo: 20 } as const
const MARK_MOST_BYTES = 2000

const markSchema = v.object({
  format: v.literal('wastrum-part'), part: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(10_000)),
  of: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(10_000)), picturesHere: v.pipe(v.number(), v.integer(), v.minValue(0)),
  picturesInAll: v.pipe(v.number(), v.integer(), v.minValue(0)),
})

/** How pictures are shared out among files: in their order, none larger than a part may be, and at least one. */
export function partsOf<T extends { readonly bytes: number }>(photos: readonly T[], most = PART_MOST_BYTES): T[][] {
  const parts: T[][] = [[]]
  let size = 0
  for (const photo of photos) {
    if (size > 0 && size + photo.bytes > most) {
      parts.push([])
      size = 0
    }
    parts.at(-1)!.push(photo)
    size += photo.bytes
  }
  return parts
}

/**
 * One zip: the backup as people can read it (in the first part), and pictures. Pictures are packed as they are: they are small already.
 * They are asked for one after the other, so that no more than one is in memory.
 */
export async function writeArchive({
  backup, mark, photos, onShare = () => {},
}: {
  readonly backup?: string | undefined
  readonly mark: PartMark
  readonly photos: AsyncIterable<PhotoFile> | Iterable<PhotoFile>
  readonly onShare?: (share: number) => void
}): Promise<Blob> {
  const zip = new ZipWriter(new BlobWriter('application/zip'), { extendedTimestamp: false })
  if (backup !== undefined) await zip.add(GARDEN, new TextReader(backup), { level: 6 })
  await zip.add(MARK, new TextReader(JSON.stringify({ format: 'wastrum-part', ...mark })), { level: 0 })
  let written = 0
  for await (const { id, picture } of photos) {
    await zip.add(`photos/${id}.jpg`, new BlobReader(picture), { level: 0 })
    onShare(++written / Math.max(1, mark.picturesHere))
  }
  return zip.close()
}

/** Why a file was not opened, in a gardener's words. */
export interface ArchiveTrouble {
  readonly message: string
}

/** Whether these bytes begin as a zip does. */
export function isArchive(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 0x03 && bytes[3] === 0x04
}

/** The start of a JPEG: anything else under photos/ is not a picture of ours. */
async function isJpeg(picture: Blob): Promise<boolean> {
  const [first, second, third] = new Uint8Array(await picture.slice(0, 3).arrayBuffer())
  return first === 0xff && second === 0xd8 && third === 0xff
}

/** A picture that is listed in a file; it is unpacked when it is asked for. */
export interface PackedPhoto {
  readonly id: string
  readonly bytes: number
  /** The picture, or nothing when it does not match its check sum or is no picture. */
  open(): Promise<Blob | undefined>
}

/** A zip that was opened: its backup, if it holds one, and its pictures, still packed. */
export interface OpenedArchive {
  readonly backup: string | undefined
  readonly mark: PartMark | undefined
  readonly photos: readonly PackedPhoto[]
}

const unpackedTooFar = ({ uncompressedSize, compressedSize }: Entry, most: number) =>
  uncompressedSize > 100_000 && uncompressedSize > compressedSize * most

/** Unpacks one file of a zip, its check sum looked at. What comes out is counted while it comes: more than was promised ends it. */
async function unpacked(entry: FileEntry, most: number, type: string): Promise<Blob> {
  const promised = Math.min(most, entry.uncompressedSize)
  const pieces: Uint8Array<ArrayBuffer>[] = []
  let size = 0
  await entry.getData(
    new WritableStream<Uint8Array>({
      write: (piece) => {
        size += piece.length
        if (size > promised) throw new Error('more than was promised')
        pieces.push(new Uint8Array(piece))
      },
    }),
    { checkSignature: true },
  )
  if (size !== entry.uncompressedSize) throw new Error('less than was promised')
  return new Blob(pieces, { type })
}

const DAMAGED = 'This zip file is damaged: it could not be opened. Your garden is as it was. Copy it over again from where it was saved.'
const TOO_LARGE = 'This file is larger than any garden backup, or unpacks to more than one: it was not opened. Your garden is as it was.'
const OTHER = 'There is no garden in this zip file: it is some other kind of file.'

function packedPhoto(id: string, entry: FileEntry): PackedPhoto {
  return {
    id, bytes: entry.uncompressedSize,
    open: async () => {
      if (entry.uncompressedSize > PHOTO_MOST_BYTES || unpackedTooFar(entry, MOST_UNPACKED_OF.photo)) return undefined
      const picture = await unpacked(entry, PHOTO_MOST_BYTES, 'image/jpeg').catch(() => undefined)
      return picture && (await isJpeg(picture)) ? picture : undefined
    },
  }
}

async function markOf(entry: FileEntry | undefined): Promise<PartMark | undefined> {
  if (!entry) return undefined
  const text = await unpacked(entry, MARK_MOST_BYTES, 'application/json').then(
    blob => blob.text(), () => '',
  )
  const json = parsedWithin(text)
  const mark = json.ok ? v.safeParse(markSchema, json.value) : undefined
  return mark?.success ? mark.output : undefined
}

/**
 * Opens a zip written by `writeArchive`, or an earlier one without a mark. Nothing is unpacked that does not belong in it, and no more
 * of anything than it may hold; pictures stay packed until they are asked for, so that the size of the file does not matter.
 */
export async function openArchive(file: Blob, mostEntries = MOST_ENTRIES): Promise<Outcome<OpenedArchive, ArchiveTrouble>> {
  if (file.size > ARCHIVE_MOST_BYTES) return fail({ message: TOO_LARGE })
  try {
    const zip = new ZipReader(new BlobReader(file))
    const photos: PackedPhoto[] = []
    const known = new Set<string>()
    let garden: FileEntry | undefined
    let marked: FileEntry | undefined
    let count = 0
    for await (const entry of zip.getEntriesGenerator()) {
      if (++count > mostEntries) return fail({ message: TOO_LARGE })
      if (entry.directory) continue
      const id = PHOTO_NAME.exec(entry.filename)?.[1]
      if (entry.filename === GARDEN) garden = entry
      else if (entry.filename === MARK) marked = entry
      else if (id !== undefined && !known.has(id)) {
        known.add(id)
        photos.push(packedPhoto(id, entry))
      }
    }
    if (!garden && photos.length === 0) return fail({ message: OTHER })
    if (garden && (garden.uncompressedSize > BACKUP_MOST_BYTES || unpackedTooFar(garden, MOST_UNPACKED_OF.garden)))
      return fail({ message: TOO_LARGE })
    const backup = garden && (await (await unpacked(garden, BACKUP_MOST_BYTES, 'application/json')).text())
    return ok({ backup, mark: await markOf(marked), photos })
  }
  catch {
    return fail({ message: DAMAGED })
  }
}
