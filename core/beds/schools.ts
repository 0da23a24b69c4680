import * as v from 'valibot'
import { documentValues, type GardenDocument } from '../journal/document'

/** How often char is given: once for good, or a little every few years. Both end at the same sum. */
export const CHAR_SCHOOLS = ['once', 'every-few-years'] as const
export type CharSchool = typeof CHAR_SCHOOLS[number]
/** The document that keeps what a gardener decided about beds. */
export const BEDS_ID = 'beds-choices'

/** The school of a garden: once for good, until it is said otherwise. */
export function readCharSchool(documents: readonly GardenDocument[]): CharSchool {
  const document = documents.find(({ id }) => id === BEDS_ID)
  const parsed = v.safeParse(v.picklist(CHAR_SCHOOLS), document && documentValues(document).charSchool)
  return parsed.success ? parsed.output : 'once'
}
