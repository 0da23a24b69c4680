import Papa from 'papaparse'
import { SHOWN_UNITS, toShown, type UnitSystem } from '../units/system'
import type { Gauge } from '../journal/garden'

/** A text that a spreadsheet program would take for a formula is given a sign that makes it plain text. Negative numbers stay numbers. */
export function plainCell(text: string): string {
  return /^[=+\-@\t\r]/.test(text) && !/^-?\d+(\.\d+)?$/.test(text) ? `'${text}` : text
}

/** Without it, spreadsheet programs take the degree sign for something else. */
export const BYTE_ORDER_MARK = '\uFEFF'

const tenth = (value: number | undefined, units: UnitSystem) =>
  value === undefined ? '' : String(Math.round(toShown('temperature', units, value) * 10) / 10)

/** Values read at one time, by spot. */
interface Row { readonly eventId: string, readonly at: string, readonly source: string, readonly values: Record<string, number> }

function rowsOf(gauges: readonly Gauge[]): Row[] {
  const rows: Row[] = []
  for (const { eventId, at, source, spot, value } of gauges) {
    const last = rows.at(-1)
    const row = last?.eventId === eventId && last.at === at ? last : { eventId, at, source, values: {} }
    if (row !== last) rows.push(row)
    row.values[spot] = value
  }
  return rows
}

/**
 * Temperatures of a batch as a table that spreadsheet programs open and that can be read in again: UTC moments, a column a spot
 * in °C or °F.
 */
export function readingsCsv(batchName: string, spots: readonly string[], gauges: readonly Gauge[], units: UnitSystem = 'metric'): string {
  const rows = rowsOf(gauges).map(({ at, source, values }) => [
    at,
    ...spots.map(spot => tenth(values[spot], units)),
    source,
    plainCell(batchName),
  ])
  const fields = ['time', ...spots.map(spot => `${spot} ${SHOWN_UNITS.temperature[units].symbol}`), 'source', 'batch']
  return `${BYTE_ORDER_MARK}${Papa.unparse({ fields, data: rows }, { newline: '\r\n' })}\r\n`
}
