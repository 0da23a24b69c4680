import { endOfDay } from 'date-fns'
import type { Task, TaskDoing } from '../contract'

/** A task before it is known whose it is. */
export type Ask = Omit<Task, 'id' | 'batchId'>

/** One tap opens this pad. */
export function openPad(id: string): TaskDoing {
  return { kind: 'pad', pad: id }
}

/** Whether a task lasts to the evening of its last day, or by the hour: what is over within days is told by the hour. */
export type Until = 'evening' | 'hour'

/** The tasks of a batch: each work once, the first that asks for it, and none that ends before it is due. */
export function tasksFrom(batchId: string, asks: readonly Ask[], until: Until = 'evening'): Task[] {
  return asks
    .filter(({ action }, at) => asks.findIndex(one => one.action === action) === at)
    .map(one => ({
      ...one, id: `${batchId}.${one.action}`, batchId,
      until: until === 'evening' ? endOfDay(one.until) : one.until < one.due ? one.due : one.until,
    }))
}
