import * as v from 'valibot'
import type { Effect } from '../amend'
import { answersSchema, eventSchemaOf, idSchema, momentSchema, noteSchema } from './base'

/** A test of ripeness was set up: its timer runs from here. */
export const testBegunSchema = eventSchemaOf('test-begun', { batchId: idSchema, test: idSchema, answers: answersSchema })

export const testBegun: Effect<v.InferOutput<typeof testBegunSchema>> = {
  onBatch: (batch, { id, at, test, answers }) => { batch.testsBegun.push({ eventId: id, at, test, answers }) },
}

/** A test was read. `begunId` is the set-up it belongs to, if it had one; `result` what it came to then. */
export const testReadSchema = eventSchemaOf('test-read', {
  batchId: idSchema, test: idSchema, begunId: v.optional(idSchema), answers: answersSchema,
  result: v.optional(v.object({ grade: v.picklist(['passed', 'doubtful', 'failed']), text: noteSchema })),
})

export const testRead: Effect<v.InferOutput<typeof testReadSchema>> = {
  onBatch: (batch, { id, at, test, begunId, answers, result }) => {
    batch.testsRead.push({ eventId: id, at, test, begunId, answers, ...(result ? { result } : {}) })
  },
}

/** A task was put off until a moment; with a reason it is skipped, without one it waits. */
export const putOffSchema = eventSchemaOf('put-off', {
  batchId: idSchema, task: idSchema, until: momentSchema, why: v.optional(noteSchema),
})

export const putOff: Effect<v.InferOutput<typeof putOffSchema>> = {
  onBatch: (batch, { id, at, task, until, why }) => { batch.putOffs.push({ eventId: id, at, task, until, why }) },
}
