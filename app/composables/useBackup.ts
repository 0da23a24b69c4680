import { format } from 'date-fns'
import { BACKUP_MOST_BYTES, readBackup, writeBackup, type Backup } from '#core/formats/backup'
import { readSettings } from '#core/garden/settings'
import type { GardenEvent } from '#core/journal/event'
import { findMethod } from '#core/methods'
import type { StoredPhoto } from '~/storage/shelf'
import { afterImport, keepsakeOf, undoneImport, type ImportMode } from '~/storage/restore'

/** What a file holds, said before anything is taken in. */
export interface BackupPreview {
  readonly backup: Backup
  readonly fileName: string
  readonly gardenName: string
  /** "1 heap and 2 cages". */
  readonly batches: string
  readonly fresh: number
  readonly pictures: number
}

const UNKNOWN = 'from a newer Wastrum'

/** What was begun, by what it is. */
function batchesIn(events: readonly GardenEvent[]): string {
  const counts = new Map<string, number>()
  for (const event of events) {
    if (event.kind !== 'began' && event.kind !== 'built') continue
    const one = findMethod(event.methodId)?.words.one ?? UNKNOWN
    counts.set(one, (counts.get(one) ?? 0) + 1)
  }
  const said = [...counts].map(([one, count]) => `${count} ${one}${count === 1 || one === UNKNOWN ? '' : 's'}`)
  return said.length > 0 ? new Intl.ListFormat('en-GB').format(said) : 'nothing begun'
}

/** Writing the garden to one file, reading it back, and taking an import back. */
export function useBackup() {
  const store = useGardenStore()
  const troubles = shallowRef<readonly string[]>([])
  const preview = shallowRef<BackupPreview>()
  const pictures = shallowRef<readonly StoredPhoto[]>([])

  const textNow = (now: Date) => writeBackup(store.journal.events.values(), store.documents, now.toISOString())

  function save(): void {
    const now = new Date()
    download(textNow(now), 'application/json', `wastrum-${format(now, 'yyyy-MM-dd')}.json`)
  }

  /** The garden and every picture that is kept here, in one zip. */
  async function saveWithPictures(): Promise<void> {
    const now = new Date()
    const [kept, { writeArchive }] = await Promise.all([store.photos(), import('#core/formats/archive')])
    if (!kept.ok) {
      troubles.value = [kept.error.message]
      return
    }
    const photos = await Promise.all(kept.value.map(async ({ id, picture }) => ({ id, bytes: new Uint8Array(await picture.arrayBuffer()) })))
    download(writeArchive({ backup: textNow(now), photos }), 'application/zip', `wastrum-${format(now, 'yyyy-MM-dd')}.zip`)
  }

  /** The text of a backup, out of its zip if it is in one; pictures wait until it is taken in. */
  async function opened(file: File): Promise<string | undefined> {
    pictures.value = []
    const head = new Uint8Array(await file.slice(0, 4).arrayBuffer())
    const { isArchive, readArchive } = await import('#core/formats/archive')
    if (!isArchive(head)) return file.size > BACKUP_MOST_BYTES ? ' '.repeat(BACKUP_MOST_BYTES + 1) : await file.text()
    const archive = readArchive(new Uint8Array(await file.arrayBuffer()))
    if (!archive.ok) {
      troubles.value = [archive.error.message]
      return undefined
    }
    pictures.value = archive.value.photos.map(({ id, bytes }) => ({ id, picture: new Blob([bytes as BlobPart], { type: 'image/jpeg' }) }))
    return archive.value.backup
  }

  async function look(file: File): Promise<void> {
    preview.value = undefined
    troubles.value = []
    const text = await opened(file)
    if (text === undefined) return
    const read = readBackup(text)
    if (!read.ok) {
      troubles.value = read.error.map(({ message }) => message)
      return
    }
    const { events, documents } = read.value
    preview.value = {
      backup: read.value, fileName: file.name, gardenName: readSettings(documents).gardenName,
      batches: batchesIn(events),
      pictures: pictures.value.length,
      fresh: events.filter(({ id }) => !store.journal.events.has(id)).length,
    }
  }

  async function take(mode: ImportMode): Promise<void> {
    const file = preview.value?.backup
    if (!file) return
    if (pictures.value.length > 0 && !(await store.keepPhotos(pictures.value)).ok) return
    const here = { events: [...store.journal.events.values()], documents: store.documents }
    const done = await store.replace(afterImport(here, file, mode), keepsakeOf(here, file, new Date().toISOString()))
    if (done.ok) preview.value = undefined
  }

  async function takeBack(): Promise<void> {
    if (store.keepsake) await store.replace(undoneImport({ events: [...store.journal.events.values()], documents: store.documents }, store.keepsake))
  }

  return { save, saveWithPictures, look, take, takeBack, preview, troubles }
}
