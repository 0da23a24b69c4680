import { mergeDocuments, type GardenDocument } from '../../journal/document'
import { writtenEvent, type GardenEvent } from '../../journal/event'
import { mergeEvents } from '../../journal/journal'
import { BACKUP_FORMAT, BACKUP_VERSION } from './limits'
import { sealOf } from './seal'

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
