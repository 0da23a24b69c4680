import Papa from 'papaparse'
import { BYTE_ORDER_MARK, plainCell } from '../formats/readings-csv'
import type { MonthAccount } from './account'

/** To the tenth, which is more than anybody counts. */
const rounded = (value: number) => Number(value.toFixed(1))

/**
 * The account of a garden as a table that spreadsheet programs open: a row a month, litres and kilograms as they are kept, whatever
 * the gardener measures in. @param nameOf a material as it is called.
 */
export function accountCsv(months: readonly MonthAccount[], nameOf: (materialId: string) => string): string {
  const made = [...new Set(months.flatMap(({ madeL }) => Object.keys(madeL)))].sort()
  const bought = [...new Set(months.flatMap(({ boughtL }) => Object.keys(boughtL)))].sort()
  const fields = [
    'month', 'kept out of the bin (L)', 'kept out of the bin (kg, reckoned)', 'water (L)', 'work noted (min)', 'work reckoned (min)',
    ...made.map(id => plainCell(`made: ${nameOf(id)} (L)`)), ...bought.map(id => plainCell(`bought: ${nameOf(id)} (L)`)),
  ]
  const data = months.map(one => [
    one.month, rounded(one.keptL), rounded(one.keptKg), rounded(one.waterL), Math.round(one.notedMinutes), Math.round(one.reckonedMinutes),
    ...made.map(id => rounded(one.madeL[id] ?? 0)), ...bought.map(id => rounded(one.boughtL[id] ?? 0)),
  ])
  return `${BYTE_ORDER_MARK}${Papa.unparse({ fields, data }, { newline: '\r\n' })}\r\n`
}
