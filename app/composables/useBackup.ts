import { format } from 'date-fns'
import { BACKUP_MOST_BYTES, readBackup, writeBackup, type Backup } from '#core/formats/backup'
import { readSettings } from '#core/garden/settings'
import { afterImport, keepsakeOf, undoneImport, type ImportMode } from '~/storage/restore'

/** What a file holds, said before anything is taken in. */
export interface BackupPreview {
  readonly backup: Backup
  readonly fileName: string
  readonly gardenName: string
  readonly batches: number
  readonly fresh: number
}

/** Writing the garden to one file, reading it back, and taking an import back. */
export function useBackup() {
  const store = useGardenStore()
  const troubles = shallowRef<readonly string[]>([])
  const preview = shallowRef<BackupPreview>()

  function save(): void {
    const now = new Date()
    const text = writeBackup(store.journal.events.values(), store.documents, now.toISOString())
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
    link.download = `wastrum-${format(now, 'yyyy-MM-dd')}.json`
    link.click()
    setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
  }

  async function look(file: File): Promise<void> {
    preview.value = undefined
    troubles.value = []
    const read = readBackup(file.size > BACKUP_MOST_BYTES ? ' '.repeat(BACKUP_MOST_BYTES + 1) : await file.text())
    if (!read.ok) {
      troubles.value = read.error.map(({ message }) => message)
      return
    }
    const { events, documents } = read.value
    preview.value = {
      backup: read.value, fileName: file.name, gardenName: readSettings(documents).gardenName,
      batches: events.filter(({ kind }) => kind === 'built').length,
      fresh: events.filter(({ id }) => !store.journal.events.has(id)).length,
    }
  }

  async function take(mode: ImportMode): Promise<void> {
    const file = preview.value?.backup
    if (!file) return
    const here = { events: [...store.journal.events.values()], documents: store.documents }
    const done = await store.replace(afterImport(here, file, mode), keepsakeOf(here, file, new Date().toISOString()))
    if (done.ok) preview.value = undefined
  }

  async function takeBack(): Promise<void> {
    if (store.keepsake) await store.replace(undoneImport({ events: [...store.journal.events.values()], documents: store.documents }, store.keepsake))
  }

  return { save, look, take, takeBack, preview, troubles }
}
