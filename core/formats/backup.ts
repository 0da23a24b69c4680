import * as v from 'valibot'
import { documentSchema, type GardenDocument } from '../journal/document'
import { readEvent, writtenEvent, type GardenEvent } from '../journal/event'
import { mergeEvents } from '../journal/journal'
import { mergeDocuments } from '../journal/document'
import { fail, ok, type Outcome } from '../outcome/outcome'
import { seedFromText } from '../random/random'

/** What the file calls itself, and the newest version this program writes and reads. */
export const BACKUP_FORMAT = 'wastrum-garden'
export const BACKUP_VERSION = 1

/** Larger files are refused unread: twenty years of a busy garden stay far below. */
export const BACKUP_MOST_BYTES = 64 * 1024 * 1024
export const BACKUP_MOST_ENTRIES = 300_000

/** The whole of a garden as it travels. */
export interface Backup {
  readonly events: readonly GardenEvent[]
  readonly documents: readonly GardenDocument[]
  readonly writtenAt: string
}

/** Why a file was not read. `where` names the entry, counted from 1. */
export interface BackupTrouble {
  readonly kind: 'too-big' | 'cut-off' | 'not-json' | 'foreign' | 'newer' | 'altered' | 'bad-entry'
  readonly message: string
}

/** A mark over the contents: tells a damaged file from a whole one, nothing more. */
function sealOf(events: unknown, documents: unknown): string {
  const text = JSON.stringify([events, documents])
  return [text, `${text.length}:${text.slice(0, 64)}`].map(part => seedFromText(part).toString(16).padStart(8, '0')).join('')
}

/** A garden as the text of a backup file: one entry a line, so that people can read and compare it. */
export function writeBackup(events: Iterable<GardenEvent>, documents: Iterable<GardenDocument>, writtenAt: string): string {
  const allEvents = mergeEvents(events).map(writtenEvent)
  const allDocuments = mergeDocuments(documents)
  const lines = (entries: readonly unknown[]) => entries.map(entry => `    ${JSON.stringify(entry)}`).join(',\n')
  return `{
  "format": "${BACKUP_FORMAT}",
  "version": ${BACKUP_VERSION},
  "writtenAt": "${writtenAt}",
  "seal": "${sealOf(allEvents, allDocuments)}",
  "events": [
${lines(allEvents)}
  ],
  "documents": [
${lines(allDocuments)}
  ]
}
`
}

const headSchema = v.object({
  format: v.literal(BACKUP_FORMAT),
  version: v.pipe(v.number(), v.integer(), v.minValue(1)),
  writtenAt: v.optional(v.string(), ''),
  seal: v.optional(v.string()),
  events: v.array(v.unknown()),
  documents: v.array(v.unknown()),
})

const trouble = (kind: BackupTrouble['kind'], message: string): readonly BackupTrouble[] => [{ kind, message }]
const MOST_TOLD = 5

function parsedJson(text: string): Outcome<unknown, readonly BackupTrouble[]> {
  try {
    return ok(JSON.parse(text) as unknown)
  }
  catch {
    const begun = /^\s*\{/.test(text) && text.includes(BACKUP_FORMAT)
    return fail(begun
      ? trouble('cut-off', 'This backup breaks off or is damaged: it could not be read to the end. Copy it over again from where it was saved.')
      : trouble('not-json', 'This is not a Wastrum backup: it is not written in JSON.'))
  }
}

/** What is wrong with one entry, in words with its place. */
function entryTrouble(list: string, index: number, entry: unknown, issues: readonly v.BaseIssue<unknown>[]): BackupTrouble {
  const issue = issues[0]
  const path = issue?.path?.map(({ key }) => String(key)).join(' › ') ?? ''
  const kind = entry && typeof entry === 'object' && 'kind' in entry && typeof entry.kind === 'string' ? ` (${entry.kind.slice(0, 30)})` : ''
  return { kind: 'bad-entry', message: `${list} ${index + 1}${kind}: ${path ? `“${path.slice(0, 60)}” ` : ''}${issue?.message.slice(0, 120) ?? 'cannot be read'}.` }
}

type Check<T> = (entry: unknown) => Outcome<T, readonly v.BaseIssue<unknown>[]>

const checkedDocument: Check<GardenDocument> = (entry) => {
  const parsed = v.safeParse(documentSchema, entry)
  return parsed.success ? ok(parsed.output) : fail(parsed.issues)
}

function checkedEntries<T>(list: string, check: Check<T>, entries: readonly unknown[]): Outcome<T[], readonly BackupTrouble[]> {
  const good: T[] = []
  const bad: BackupTrouble[] = []
  for (const [index, entry] of entries.entries()) {
    const checked = check(entry)
    if (checked.ok) good.push(checked.value)
    else bad.push(entryTrouble(list, index, entry, checked.error))
    if (bad.length >= MOST_TOLD) break
  }
  return bad.length > 0 ? fail(bad) : ok(good)
}

/**
 * Reads a backup file. Everything is checked before anything is handed out; a file with one bad entry is refused whole.
 * @param text the file as text, at most `BACKUP_MOST_BYTES` long.
 */
export function readBackup(text: string): Outcome<Backup, readonly BackupTrouble[]> {
  if (text.length > BACKUP_MOST_BYTES) return fail(trouble('too-big', 'This file is larger than any garden backup: it was not opened.'))
  const json = parsedJson(text)
  if (!json.ok) return json
  const head = v.safeParse(headSchema, json.value)
  if (!head.success) return fail(trouble('foreign', 'This is not a Wastrum backup: it is some other kind of file.'))
  const { version, seal, events, documents, writtenAt } = head.output
  if (version > BACKUP_VERSION) return fail(trouble('newer', 'This backup was written by a newer Wastrum. Update this one, then try again.'))
  if (events.length + documents.length > BACKUP_MOST_ENTRIES) return fail(trouble('too-big', 'This file holds more entries than any garden has: it was not read.'))
  if (seal !== undefined && seal !== sealOf(events, documents)) return fail(trouble('altered', 'This backup was changed or damaged after it was written. If you changed it on purpose, take out its “seal” line and try again.'))
  const goodEvents = checkedEntries('Event', readEvent, events)
  const goodDocuments = checkedEntries('Document', checkedDocument, documents)
  if (!goodEvents.ok) return goodEvents
  if (!goodDocuments.ok) return goodDocuments
  return ok({ events: goodEvents.value, documents: goodDocuments.value, writtenAt })
}
