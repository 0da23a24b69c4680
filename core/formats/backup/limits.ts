/** What the file calls itself, and the newest version this program writes and reads. */
export const BACKUP_FORMAT = 'wastrum-garden'
export const BACKUP_VERSION = 1
/** Larger texts are refused unread: twenty years of a busy garden stay far below. */
export const BACKUP_MOST_BYTES = 64 * 1024 * 1024
export const BACKUP_MOST_ENTRIES = 300_000
/** Nothing in a garden is nested deeper; a text that is would only tire whoever reads it. */
export const BACKUP_MOST_DEPTH = 24
/** Parts of a text, entries and their values together. */
export const BACKUP_MOST_PARTS = 12_000_000
