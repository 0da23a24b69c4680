export { readBackup, type Backup, type BackupTrouble, type Doubt, type ReadBackup } from './read'
export { writeBackup } from './write'
export { oddEntry, strangeDocument, strangeEntry, type LeftOut } from './odd'
export { BACKUP_FORMAT, BACKUP_MOST_BYTES, BACKUP_MOST_ENTRIES, BACKUP_VERSION } from './limits'
