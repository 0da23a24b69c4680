import * as v from 'valibot'
import { fail, ok, type Outcome } from '../outcome/outcome'
import { idSchema, momentSchema } from './kinds/base'
import { turnSchema, type Turn } from './turn'

/**
 * Something that a newer version wrote and this one does not understand. It is kept word for word, travels in
 * backups, is listed in the log of its batch, can be taken back, and changes nothing.
 */
export interface ForeignEvent {
  readonly kind: 'foreign'
  readonly id: string
  readonly at: string
  readonly recordedAt: string
  readonly by: string
  readonly turn?: Turn | undefined
  readonly batchId?: string
  /** The event as it was written. */
  readonly written: Readonly<Record<string, unknown>>
}

/** Larger than any event that makes sense; more is refused. */
const MOST_SIGNS = 200_000

const baseSchema = v.object({
  kind: idSchema, id: idSchema, at: momentSchema, recordedAt: momentSchema, by: idSchema, batchId: v.optional(idSchema),
  turn: v.optional(turnSchema),
})

/** An event of an unknown kind as this version carries it, or what is wrong with the little that every event has. */
export function foreignEvent(written: unknown): Outcome<ForeignEvent, readonly v.BaseIssue<unknown>[]> {
  const parsed = v.safeParse(
    v.pipe(
      baseSchema, v.check(() => JSON.stringify(written).length <= MOST_SIGNS, 'is longer than an event can be'),
    ),
    written,
  )
  if (!parsed.success) return fail(parsed.issues)
  const { id, at, recordedAt, by, batchId, turn } = parsed.output
  return ok({
    kind: 'foreign', id, at, recordedAt, by,
    ...(batchId === undefined ? {} : { batchId }),
    ...(turn ? { turn } : {}),
    written: written as Record<string, unknown>,
  })
}
