import type { IDBPDatabase } from 'idb'

/** One step of the database's growth. Steps are never changed once released; new ones go at the end. */
export interface Migration {
  readonly version: number
  readonly name: string
  readonly grow: (database: IDBPDatabase) => void
}

export const MIGRATIONS: readonly Migration[] = [
  {
    version: 1, name: 'events-and-documents',
    grow: (database) => {
      database.createObjectStore('events', { keyPath: 'id' })
      database.createObjectStore('documents', { keyPath: 'id' })
    },
  },
  {
    version: 2, name: 'keepsake-before-an-import',
    grow: (database) => {
      database.createObjectStore('keepsakes', { keyPath: 'id' })
    },
  },
  {
    version: 3, name: 'pictures-beside-the-journal',
    grow: (database) => {
      database.createObjectStore('photos', { keyPath: 'id' })
    },
  },
  {
    version: 4, name: 'small-versions-of-pictures',
    grow: (database) => {
      database.createObjectStore('thumbs', { keyPath: 'id' })
    },
  },
  {
    version: 5, name: 'packs-to-open-a-long-journal',
    grow: (database) => {
      database.createObjectStore('packs', { keyPath: 'id', autoIncrement: true })
      database.createObjectStore('recent', { keyPath: 'id' })
    },
  },
  {
    version: 6, name: 'the-last-answers-of-forecasts',
    grow: (database) => {
      database.createObjectStore('answers', { keyPath: 'batchId' })
    },
  },
]

/** The steps still to take from a version, after checking that they are numbered without a gap. */
export function migrationsFrom(version: number, migrations: readonly Migration[] = MIGRATIONS): readonly Migration[] {
  migrations.forEach((migration, index) => {
    if (migration.version !== index + 1) throw new Error(`migration ${migration.name} is out of line`)
  })
  return migrations.slice(version)
}

export const DATABASE_VERSION = MIGRATIONS.length
