import type { BegunBatch } from '../journal/garden'
import type { Journal } from '../journal/journal'
import { daysBetween } from '../units/time'

/** So long nothing was written down that nobody remembers each day of it: a holiday, a winter. A choice. */
const GAP_DAYS = 14
/** A stretch in which nothing was written down. */
export interface Gap { readonly since: Date, readonly days: number }

/** The gap before now, while batches stand that were there before it; nothing where something was written down lately. */
export function gapBefore(
  { events, undone }: Pick<Journal, 'events' | 'undone'>, standing: readonly BegunBatch[], now: Date,
): Gap | undefined {
  let last = ''
  // What Wastrum writes by itself is nothing that a gardener did, nor is what was taken back.
  for (const { id, kind, recordedAt } of events.values())
    if (kind !== 'foretold' && kind !== 'undone' && !undone.has(id) && recordedAt > last) last = recordedAt
  if (last === '') return undefined
  const since = new Date(last)
  const days = daysBetween(since, now)
  return days >= GAP_DAYS && standing.some(({ began }) => new Date(began.at) <= since) ? { since, days: Math.floor(days) } : undefined
}
