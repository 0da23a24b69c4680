import Papa from 'papaparse'
import type { Reading } from '../journal/garden'

/** A text that a spreadsheet program would take for a formula is given a sign that makes it plain text. Negative numbers stay numbers. */
export function plainCell(text: string): string {
  return /^[=+\-@\t\r]/.test(text) && !/^-?\d+(\.\d+)?$/.test(text) ? `'${text}` : text
}

/** Without it, spreadsheet programs take the degree sign for something else. */
const BYTE_ORDER_MARK = '\uFEFF'

const tenth = (value: number | undefined) => value === undefined ? '' : String(Math.round(value * 10) / 10)

/** Readings of a batch as a table that spreadsheet programs open and that can be read in again: UTC moments, °C. */
export function readingsCsv(batchName: string, readings: readonly Reading[]): string {
  const rows = readings.map(({ at, coreC, edgeC, source }) => [at, tenth(coreC), tenth(edgeC), source, plainCell(batchName)])
  return `${BYTE_ORDER_MARK}${Papa.unparse({ fields: ['time', 'core °C', 'edge °C', 'source', 'batch'], data: rows }, { newline: '\r\n' })}\r\n`
}
