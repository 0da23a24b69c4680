import Papa from 'papaparse'

/** Why a table was not read to its end. */
export type TableTrouble = 'line-too-long' | 'too-many-columns' | 'too-many-rows' | 'unreadable'

/** In a gardener's words. */
export const TABLE_TROUBLES: Readonly<Record<TableTrouble, string>> = {
  'line-too-long': 'This file has lines longer than any thermometer writes: it was not read on.',
  'too-many-columns': 'This file has more columns than any thermometer writes: it was not read on.',
  'too-many-rows': 'This file has more rows than a thermometer writes in fifty years: it was not read on.',
  'unreadable': 'This file could not be read as a table. Save it as CSV and try again.',
}

/** What is still a thermometer's file. */
export const TABLE_LIMITS = { lineSigns: 20_000, columns: 120, rows: 6_000_000 } as const

const PIECE_BYTES = 256 * 1024

/** Old loggers write in the letters of western Europe, in which a degree sign is no UTF-8; some write two bytes a letter. */
export function encodingOf(head: Uint8Array): 'utf-8' | 'utf-16le' | 'windows-1252' {
  if (head[0] === 0xff && head[1] === 0xfe) return 'utf-16le'
  try {
    // `stream`, so that a letter cut in two at the end of the head is no fault.
    new TextDecoder('utf-8', { fatal: true }).decode(head, { stream: true })
    return 'utf-8'
  }
  catch {
    return 'windows-1252'
  }
}

/** Some rows of a table, and how much of it is read, 0 to 1. */
export interface TablePiece {
  readonly rows: readonly string[][]
  readonly share: number
}

/**
 * Reads a table of any size piece by piece, whole lines at a time. What no thermometer writes ends it at once: a line without an end is
 * not waited for.
 */
export async function* tableOf(
  file: Blob, limits: { readonly lineSigns: number, readonly columns: number, readonly rows: number } = TABLE_LIMITS,
): AsyncGenerator<TablePiece, TableTrouble | undefined> {
  let delimiter: string | undefined
  let rest = ''
  let count = 0
  const decoder = new TextDecoder(encodingOf(new Uint8Array(await file.slice(0, PIECE_BYTES).arrayBuffer())))
  for (let from = 0; from < file.size; from += PIECE_BYTES) {
    const ends = from + PIECE_BYTES >= file.size
    const text = rest + decoder.decode(await file.slice(from, from + PIECE_BYTES).arrayBuffer(), { stream: !ends })
    const cut = ends ? text.length : Math.max(text.lastIndexOf('\n'), text.lastIndexOf('\r')) + 1
    rest = text.slice(cut)
    if (rest.length > limits.lineSigns) return 'line-too-long'
    const whole = text.slice(0, cut)
    if (whole.trim() === '') continue
    if (whole.split(/[\r\n]/).some(line => line.length > limits.lineSigns)) return 'line-too-long'
    const parsed = Papa.parse<string[]>(whole, { skipEmptyLines: 'greedy', ...(delimiter === undefined ? {} : { delimiter }) })
    delimiter ??= parsed.meta.delimiter
    if (parsed.data.some(row => row.length > limits.columns)) return 'too-many-columns'
    count += parsed.data.length
    if (count > limits.rows) return 'too-many-rows'
    yield { rows: parsed.data, share: Math.min(1, (from + PIECE_BYTES) / file.size) }
  }
  return undefined
}
