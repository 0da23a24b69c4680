import * as v from 'valibot'
import { documentValues, type GardenDocument } from '../journal/document'

/** How often char is given: once for good, or a little every few years. Both end at the same sum. */
export const CHAR_SCHOOLS = ['once', 'every-few-years'] as const
export type CharSchool = typeof CHAR_SCHOOLS[number]

/**
 * Char as a share of the worked depth: what both schools aim at in the end, and what no bed gets more of. Above a fifth salts
 * and pH trouble plants.
 */
export const CHAR_TARGET = 0.1
export const CHAR_CEILING = 0.2
/** A dose of the school that gives a little again and again, litres a square metre, and years between. Practice: 1 to 5 L/m². */
export const LITTLE_L_M2 = 3
export const YEARS_BETWEEN = 3

/** The document that keeps what a gardener decided about beds. */
export const BEDS_ID = 'beds-choices'

/** The school of a garden: once for good, until it is said otherwise. */
export function readCharSchool(documents: readonly GardenDocument[]): CharSchool {
  const document = documents.find(({ id }) => id === BEDS_ID)
  const parsed = v.safeParse(v.picklist(CHAR_SCHOOLS), document && documentValues(document).charSchool)
  return parsed.success ? parsed.output : 'once'
}
