import { eventSchemaOf, idSchema } from './base'

/**
 * Another event is taken back. Undoing an undo brings the first one back. Which events stand is settled before folding (see
 * `undoneIds`).
 */
export const undoneSchema = eventSchemaOf('undone', { targetId: idSchema })
