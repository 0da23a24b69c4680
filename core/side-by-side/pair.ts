import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { idSchema, momentSchema, nameSchema } from '../journal/kinds/base'

/** Two batches that are alike but for one thing. */
export interface Pair {
  /** The one with what is tried, and the one without: the control. */
  readonly withId: string
  readonly withoutId: string
}

/** One question put to one pair or to several: what does this one difference do? */
export interface SideBySide {
  readonly id: string
  readonly name: string
  /** The one thing in which they differ: "a tower instead of a plain pile". */
  readonly difference: string
  readonly startedAt: string
  readonly pairs: readonly Pair[]
}

export const SIDE_BY_SIDE_KIND = 'side-by-side'
const MOST_PAIRS = 20
const schema = v.object({
  name: nameSchema, difference: nameSchema, startedAt: momentSchema,
  pairs: v.pipe(v.array(v.object({ withId: idSchema, withoutId: idSchema })), v.minLength(1), v.maxLength(MOST_PAIRS)),
})

/** The trials of a garden, the latest first; what cannot be read is left out. */
export function readSideBySide(documents: readonly GardenDocument[]): SideBySide[] {
  return documents.filter(({ kind }) => kind === SIDE_BY_SIDE_KIND).flatMap((document) => {
    const values = documentValues(document)
    const parsed = v.safeParse(schema, values)
    const pairs = parsed.success ? parsed.output.pairs.filter(({ withId, withoutId }) => withId !== withoutId) : []
    return parsed.success && pairs.length > 0 && values.removed !== true ? [{ ...parsed.output, pairs, id: document.id }] : []
  }).sort((a, b) => a.startedAt < b.startedAt ? 1 : -1)
}

/** A trial as fields of its document. */
export function sideBySideValues({ name, difference, startedAt, pairs }: Omit<SideBySide, 'id'>): Record<string, FieldValue> {
  return { name, difference, startedAt, pairs: pairs.map(pair => ({ ...pair })), removed: false }
}
