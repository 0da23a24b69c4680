import { endOfDay, max } from 'date-fns'
import type { Task, TaskDoing } from '../contract'
import { COURSE } from './constants'

/** A task before it is known whose it is. */
export type Ask = Omit<Task, 'id' | 'batchId'>

/** One tap opens this pad. */
export function openPad(id: string): TaskDoing {
  return { kind: 'pad', pad: id }
}

/** Whether it freezes there: the air does, and inside it is no warmer. @param insideC °C, where that is known. */
export function isFrozen(airC: number, insideC = airC): boolean {
  return airC < COURSE.frostC && insideC < 0
}

/** In frost nobody pours or stirs: what is dry waits for the thaw. @param actions what is left out then. */
export function unlessFrozen(asks: readonly Ask[], frozen: boolean, actions: readonly string[] = ['watered']): Ask[] {
  return asks.filter(({ action }) => !frozen || !actions.includes(action))
}

/** Whether a task lasts to the evening of its last day, or by the hour: what is over within days is told by the hour. */
export type Until = 'evening' | 'hour'

/** The tasks of a batch: each work once, the first that asks for it, and none that ends before it is due. */
export function tasksFrom(batchId: string, asks: readonly Ask[], until: Until = 'evening'): Task[] {
  return asks
    .filter(({ action }, at) => asks.findIndex(one => one.action === action) === at)
    .map(one => ({
      ...one, id: `${batchId}.${one.action}`, batchId,
      until: until === 'evening' ? endOfDay(max([one.until, one.due])) : max([one.until, one.due]),
    }))
}
