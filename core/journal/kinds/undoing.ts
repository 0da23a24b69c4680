import { eventSchemaOf, idSchema } from './base'

/** Another event is taken back. Undoing an undo brings the first one back. */
export const undoneSchema = eventSchemaOf('undone', { targetId: idSchema })

/** Which events stand is settled before folding (see `standingEvents`); by itself an undo changes nothing. */
export function applyUndone(): void {}
