import * as v from 'valibot'
import { documentSchema, type GardenDocument } from '../../journal/document'
import { readEvent, type GardenEvent } from '../../journal/event'
import { fail, ok, type Outcome } from '../../outcome/outcome'
import { plausible } from './forged'
import { beganAsBackup, parsedWithin, salvaged } from './json'
import { BACKUP_FORMAT, BACKUP_MOST_BYTES, BACKUP_MOST_ENTRIES, BACKUP_VERSION } from './limits'
import { namesIn, oddEntry, type LeftOut } from './odd'
import { sealOf } from './seal'

/** The whole of a garden as it travels. */
export interface Backup {
  readonly events: readonly GardenEvent[]
  readonly documents: readonly GardenDocument[]
  readonly writtenAt: string
}

/** Why a file is to be looked through after it was read: it breaks off, or it is not as it was written. */
export type Doubt = 'cut-off' | 'altered'

/** What could be read of a backup, and what could not. */
export interface ReadBackup extends Backup {
  readonly doubts: readonly Doubt[]
  readonly leftOut: readonly LeftOut[]
  /** How many were left out altogether: of very many, only the first are named. */
  readonly leftOutCount: number
}

/** Why nothing of a file was read. */
export interface BackupTrouble {
  readonly kind: 'too-big' | 'too-nested' | 'cut-off' | 'not-json' | 'foreign' | 'newer' | 'nothing-sound'
  readonly message: string
}

const MESSAGES: Readonly<Record<BackupTrouble['kind'], string>> = {
  'too-big':
    'This file is larger than any garden backup: it was not opened. Your garden is as it was. Look for the file that Wastrum saved.',
  'too-nested': 'This file is knotted in a way that no garden backup is: it was not opened. Your garden is as it was.',
  'cut-off': 'This backup breaks off before its first entry: nothing in it can be read. Copy it over again from where it was saved.',
  'not-json': 'This is not a garden backup but some other kind of file. Look for one that is called wastrum with a date.',
  'foreign': 'This is not a garden backup but some other kind of file. Look for one that is called wastrum with a date.',
  'newer': 'This backup was written by a newer Wastrum. Reload this page to get the newer one, then read it again.',
  'nothing-sound': 'Nothing in this backup can be read. Copy it over again from where it was saved, or take an older one.',
}

const refused = (kind: BackupTrouble['kind']): { readonly ok: false, readonly error: BackupTrouble } =>
  fail({ kind, message: MESSAGES[kind] })

const headSchema = v.object({
  format: v.literal(BACKUP_FORMAT),
  version: v.pipe(v.number(), v.integer(), v.minValue(1)),
  writtenAt: v.optional(v.string(), ''),
  seal: v.optional(v.string()),
  events: v.array(v.unknown()),
  documents: v.array(v.unknown()),
})

type Entries = Pick<v.InferOutput<typeof headSchema>, 'events' | 'documents' | 'writtenAt'> & { readonly doubts: readonly Doubt[] }

/** The entries of a file, unchecked. */
function entriesOf(text: string): Outcome<Entries, BackupTrouble> {
  const json = parsedWithin(text)
  if (!json.ok) {
    if (json.error === 'too-nested') return refused('too-nested')
    if (!beganAsBackup(text)) return refused('not-json')
    const whole = salvaged(text)
    return whole.events.length + whole.documents.length === 0 ? refused('cut-off') : ok({ ...whole, writtenAt: '', doubts: ['cut-off'] })
  }
  const head = v.safeParse(headSchema, json.value)
  if (!head.success) return refused('foreign')
  const { version, seal, events, documents, writtenAt } = head.output
  if (version > BACKUP_VERSION) return refused('newer')
  return ok({ events, documents, writtenAt, doubts: seal !== undefined && seal !== sealOf(events, documents) ? ['altered'] : [] })
}

type Check<T> = (entry: unknown) => Outcome<T, readonly v.BaseIssue<unknown>[]>

const checkedDocument: Check<GardenDocument> = (entry) => {
  const parsed = v.safeParse(documentSchema, entry)
  return parsed.success ? ok(parsed.output) : fail(parsed.issues)
}

const MOST_NAMED = 100
const TOLD_EVERY = 500

/**
 * Reads a backup file. Every entry is checked; odd ones are left out and named, so that one of them does not close the whole garden.
 * @param text the file as text, at most `BACKUP_MOST_BYTES` long.
 * @param onShare hears how much is read, 0 to 1.
 */
export function readBackup(text: string, onShare: (share: number) => void = () => {}): Outcome<ReadBackup, BackupTrouble> {
  if (text.length > BACKUP_MOST_BYTES) return refused('too-big')
  const found = entriesOf(text)
  if (!found.ok) return found
  const { writtenAt, doubts } = found.value
  const total = found.value.events.length + found.value.documents.length
  if (total > BACKUP_MOST_ENTRIES) return refused('too-big')
  const names = namesIn(found.value.events)
  const leftOut: LeftOut[] = []
  let leftOutCount = 0
  let seen = 0
  function sound<T extends GardenEvent | GardenDocument>(list: 'event' | 'document', check: Check<T>, entries: readonly unknown[]): T[] {
    return entries.flatMap((entry, index) => {
      if (++seen % TOLD_EVERY === 0) onShare(seen / total)
      const read = check(entry)
      const checked = read.ok ? plausible(read.value, total) : read
      if (checked.ok) return [checked.value]
      leftOutCount++
      if (leftOut.length < MOST_NAMED) leftOut.push(oddEntry(list, index, entry, checked.error, names))
      return []
    })
  }
  const events = sound('event', readEvent, found.value.events)
  const documents = sound('document', checkedDocument, found.value.documents)
  if (events.length + documents.length === 0 && leftOutCount > 0) return refused('nothing-sound')
  return ok({ events, documents, writtenAt, doubts, leftOut, leftOutCount })
}
