import { fail, ok, type Outcome } from '../../outcome/outcome'
import { BACKUP_FORMAT, BACKUP_MOST_DEPTH, BACKUP_MOST_PARTS } from './limits'

const QUOTE = 0x22
const BACKSLASH = 0x5C
const COMMA = 0x2C
const OPENS = new Set([0x5B, 0x7B])
const CLOSES = new Set([0x5D, 0x7D])

/** Whether a text of JSON keeps within what a garden needs, seen without building anything from it. */
export function withinLimits(text: string, depthMost = BACKUP_MOST_DEPTH, partsMost = BACKUP_MOST_PARTS): boolean {
  let depth = 0
  let parts = 0
  for (let at = 0; at < text.length; at++) {
    const sign = text.charCodeAt(at)
    if (sign === QUOTE) {
      for (at++; at < text.length && text.charCodeAt(at) !== QUOTE; at++) if (text.charCodeAt(at) === BACKSLASH) at++
    }
    else if (OPENS.has(sign)) {
      if (++depth > depthMost || ++parts > partsMost) return false
    }
    else if (CLOSES.has(sign)) depth--
    else if (sign === COMMA && ++parts > partsMost) return false
  }
  return true
}

/** JSON that keeps within limits, as plain data. */
export function parsedWithin(text: string): Outcome<unknown, 'too-nested' | 'broken'> {
  if (!withinLimits(text)) return fail('too-nested')
  try {
    return ok(JSON.parse(text) as unknown)
  }
  catch {
    return fail('broken')
  }
}

/** Whether a text that cannot be read to its end began as a backup. */
export function beganAsBackup(text: string): boolean {
  return /^\s*\{/.test(text) && text.slice(0, 400).includes(BACKUP_FORMAT)
}

/** What is whole in a backup that is not: its entries stand a line each, and each line can be read by itself. */
export function salvaged(text: string): { readonly events: unknown[], readonly documents: unknown[] } {
  const events: unknown[] = []
  const documents: unknown[] = []
  for (const line of text.split('\n')) {
    const entry = /^\s*(\{.*\}),?\s*$/.exec(line)?.[1]
    const read = entry ? parsedWithin(entry) : undefined
    if (!read?.ok || read.value === null || typeof read.value !== 'object') continue
    if ('fields' in read.value) documents.push(read.value)
    else if ('recordedAt' in read.value) events.push(read.value)
  }
  return { events, documents }
}
