import * as v from 'valibot'
import { amendBatch } from '../amend'
import type { Garden } from '../garden'
import { eventSchemaOf, idSchema, LIMITS, noteSchema } from './base'

/** Answers to a test's questions: numbers and words of the test's own. */
export const answersSchema = v.pipe(
  v.record(idSchema, v.union([v.pipe(v.number(), v.finite()), idSchema])),
  v.check(answers => Object.keys(answers).length <= LIMITS.items, 'has too many answers'),
)
export type Answers = Readonly<v.InferOutput<typeof answersSchema>>

/** A test of ripeness was set up: its timer runs from here. */
export const testBegunSchema = eventSchemaOf('test-begun', { batchId: idSchema, test: idSchema, answers: answersSchema })

export function applyTestBegun(garden: Garden, event: v.InferOutput<typeof testBegunSchema>): void {
  const { id, at, test, answers } = event
  amendBatch(garden, event, batch => batch.testsBegun.push({ eventId: id, at, test, answers }))
}

/** A test was read. `begunId` is the set-up it belongs to, if it had one. */
export const testReadSchema = eventSchemaOf('test-read', { batchId: idSchema, test: idSchema, begunId: v.optional(idSchema), answers: answersSchema })

export function applyTestRead(garden: Garden, event: v.InferOutput<typeof testReadSchema>): void {
  const { id, at, test, begunId, answers } = event
  amendBatch(garden, event, batch => batch.testsRead.push({ eventId: id, at, test, begunId, answers }))
}

/** A task was put off until a moment; with a reason it is skipped, without one it waits. */
export const putOffSchema = eventSchemaOf('put-off', { batchId: idSchema, task: idSchema, until: v.pipe(v.string(), v.isoTimestamp()), why: v.optional(noteSchema) })

export function applyPutOff(garden: Garden, event: v.InferOutput<typeof putOffSchema>): void {
  const { at, task, until, why } = event
  amendBatch(garden, event, batch => batch.putOffs.push({ at, task, until, why }))
}
