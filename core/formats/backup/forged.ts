import * as v from 'valibot'
import type { GardenDocument } from '../../journal/document'
import type { GardenEvent } from '../../journal/event'
import { ok, type Outcome } from '../../outcome/outcome'

/**
 * How much further than there are entries in a file the count of a turn may be: writings of a field that was written over and over,
 * and entries of another device that are not in this file. A turn near the end of all time would win over everything written after.
 */
const BESIDE_THE_FILE = 1_000_000

const turnsOf = (entry: GardenEvent | GardenDocument) =>
  'fields' in entry ? Object.values(entry.fields).flatMap(({ turn, before }) => [turn, before?.turn]) : [entry.turn]

/**
 * Whether an entry stands where it could have come to stand: every writing counts one, so no count is far above the entries there are.
 * @param entries how many there are in its file.
 */
export function plausible<T extends GardenEvent | GardenDocument>(
  entry: T, entries: number,
): Outcome<T, readonly v.BaseIssue<unknown>[]> {
  const count = v.pipe(v.number(), v.maxValue(BESIDE_THE_FILE + entries, 'is further on than there are entries'))
  const check = v.object({ turn: count })
  for (const turn of turnsOf(entry)) {
    const found = turn && v.safeParse(check, { turn: turn[1] })
    if (found && !found.success) return { ok: false, error: found.issues }
  }
  return ok(entry)
}
