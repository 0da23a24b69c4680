import * as v from 'valibot'
import { documentValues, type GardenDocument } from '../journal/document'

/** How often char is given: a little every few years, or once for good. Both end at the same sum. */
export const CHAR_SCHOOLS = ['every-few-years', 'once'] as const
export type CharSchool = typeof CHAR_SCHOOLS[number]
/** The document that keeps what a gardener decided about beds. */
export const BEDS_ID = 'beds-choices'

/** What each is called, and what its people say for it. */
export const CHAR_SCHOOL_WORDS: Readonly<Record<CharSchool, { readonly label: string, readonly why: string }>> = {
  'every-few-years': {
    label: 'a little every few years',
    why: 'A few litres a square metre on more ground: each is seen to do well before more follows, and nothing is locked up at once.',
  },
  'once': { label: 'once for good', why: 'A tenth of the top layer at once: one digging, and it lasts a lifetime. Only well charged.' },
}

/** The school of a garden: a little every few years, until it is said otherwise; char cannot be taken out again. */
export function readCharSchool(documents: readonly GardenDocument[]): CharSchool {
  const document = documents.find(({ id }) => id === BEDS_ID)
  const parsed = v.safeParse(v.picklist(CHAR_SCHOOLS), document && documentValues(document).charSchool)
  return parsed.success ? parsed.output : 'every-few-years'
}
