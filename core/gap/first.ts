import { addDays } from 'date-fns'
import { inRoundOrder, putOffName, type RoundTask } from '../garden/round'
import type { NewEvent } from '../journal/event'
import type { Method, Task } from '../methods/contract'

/** So many are asked for on one day after it; the others follow on the days after. A choice. */
const A_DAY = 4
/** A word for it in the log. */
const AFTER_A_GAP = 'after the gap'

/** Whether more has come up than is asked for on one day: a few things need no catching up, however long ago the last entry was. */
export function pilesUp(tasks: readonly RoundTask[]): boolean {
  return tasks.length > A_DAY
}

/** What is looked at first after a gap: what only a hand, a nose or a thermometer knows; one thing a batch. */
export function lookFirst(tasks: readonly RoundTask[], methodOf: (batchId: string) => Method | undefined): RoundTask[] {
  const isLook = ({ batchId, doing }: Task) => {
    const pad = doing.kind === 'pad' && methodOf(batchId)?.life.pads.find(one =>
      one.kind === 'sense' ? one.sense.id === doing.pad : one.kind === 'gauge' && one.quantity.id === doing.pad)
    return Boolean(pad)
  }
  const ordered = inRoundOrder(tasks)
  return [...new Set(ordered.map(({ batchId }) => batchId))].map(id =>
    ordered.find(one => one.batchId === id && one.urgency === 'now')
    ?? ordered.find(one => one.batchId === id && isLook(one))
    ?? ordered.find(one => one.batchId === id)!)
}

/** What fell due in a gap is spread over the days to come, what is looked at first left out: four a day. */
export function spreadOut(tasks: readonly RoundTask[], first: readonly RoundTask[], now: Date): NewEvent[] {
  return inRoundOrder(tasks.filter(task => !first.includes(task) && task.urgency !== 'now')).map((task, index): NewEvent => ({
    kind: 'put-off', at: now.toISOString(), batchId: task.batchId, task: putOffName(task),
    until: addDays(now, 1 + Math.floor(index / A_DAY)).toISOString(), why: AFTER_A_GAP,
  }))
}
