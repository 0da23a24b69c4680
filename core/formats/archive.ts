import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { fail, ok, type Outcome } from '../outcome/outcome'
import { BACKUP_MOST_BYTES } from './backup'

/** A picture as it lies beside the journal. */
export interface PhotoFile {
  readonly id: string
  readonly bytes: Uint8Array
}

/** A garden with its pictures in one file. */
export interface Archive {
  readonly backup: string
  readonly photos: readonly PhotoFile[]
}

const GARDEN = 'garden.json'
const PHOTOS = 'photos/'
const PHOTO_NAME = /^photos\/([\w.-]{1,64})\.jpg$/
export const ARCHIVE_MOST_BYTES = 512 * 1024 * 1024
const MOST_PHOTOS = 5000

/** One zip of the backup as people can read it and of every picture. Pictures are packed as they are: they are small already. */
export function writeArchive({ backup, photos }: Archive): Uint8Array {
  const files = Object.fromEntries(photos.map(({ id, bytes }) => [`${PHOTOS}${id}.jpg`, [bytes, { level: 0 }] as const]))
  return zipSync({ [GARDEN]: [strToU8(backup), { level: 6 }], ...files } as Parameters<typeof zipSync>[0])
}

/** Why a file was not opened, in a gardener's words. */
export interface ArchiveTrouble { readonly message: string }

/** Whether these bytes begin as a zip does. */
export function isArchive(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4B && bytes[2] === 0x03 && bytes[3] === 0x04
}

/** The start of a JPEG: anything else under photos/ is not a picture of ours. */
function isJpeg(bytes: Uint8Array): boolean {
  return bytes[0] === 0xFF && bytes[1] === 0xD8 && bytes[2] === 0xFF
}

/** Opens a zip written by `writeArchive`. Only what belongs in it is unpacked, and no more than fits. */
export function readArchive(bytes: Uint8Array): Outcome<Archive, ArchiveTrouble> {
  if (bytes.length > ARCHIVE_MOST_BYTES) return fail({ message: 'This file is larger than any garden backup: it was not opened.' })
  let unpacked = 0
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const wanted = (name === GARDEN && originalSize <= BACKUP_MOST_BYTES) || PHOTO_NAME.test(name)
        unpacked += wanted ? originalSize : 0
        return wanted && unpacked <= ARCHIVE_MOST_BYTES
      },
    })
    const backup = files[GARDEN]
    if (!backup) return fail({ message: 'There is no garden in this zip file: it is some other kind of file.' })
    const photos = Object.entries(files).flatMap(([name, content]): PhotoFile[] => {
      const id = PHOTO_NAME.exec(name)?.[1]
      return id && isJpeg(content) ? [{ id, bytes: content }] : []
    })
    return ok({ backup: strFromU8(backup), photos: photos.slice(0, MOST_PHOTOS) })
  }
  catch {
    return fail({ message: 'This zip file is damaged: it could not be opened. Copy it over again from where it was saved.' })
  }
}
