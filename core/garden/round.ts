import { addDays, endOfDay } from 'date-fns'
import type { BegunBatch } from '../journal/garden'
import type { Method, Surroundings, Task } from '../methods/contract'

/** A task on the round, with whether it was put off to that day. */
export interface RoundTask extends Task {
  readonly place: string
  readonly putOff: boolean
}

/** What a put-off is remembered by: an urgent task is another thing than the same work in its own time. */
export function putOffName({ action, urgency }: Pick<Task, 'action' | 'urgency'>): string {
  return urgency === 'now' ? `${action}.now` : action
}

/** The tasks of a batch after what was put off: what waits moves to its day, what was skipped stays away until then. */
export function askedOf(batch: BegunBatch, method: Method, surroundings: Surroundings): RoundTask[] {
  return askedAfter(batch, method.life.tasks(batch, surroundings), surroundings)
}

/** Tasks of a batch, whoever asks them, after what was put off. */
export function askedAfter(batch: BegunBatch, tasks: readonly Task[], surroundings: Pick<Surroundings, 'now'>): RoundTask[] {
  return tasks.flatMap((task): RoundTask[] => {
    const off = batch.putOffs.findLast(one => one.task === putOffName(task))
    const until = off ? new Date(off.until) : undefined
    const waits = until && until > surroundings.now
    if (waits && off?.why !== undefined) return []
    const due = waits && until > task.due ? until : task.due
    return [{ ...task, due, until: task.until > due ? task.until : endOfDay(due), place: batch.place, putOff: Boolean(waits) }]
  })
}

/**
 * How long a task stays away when it is put off or skipped: till tomorrow, or till its window is over. What is urgent comes back
 * tomorrow in any case.
 */
export function putOffUntil(task: Task, now: Date, skipped: boolean): Date {
  const tomorrow = addDays(now, 1)
  if (!skipped || task.urgency === 'now') return tomorrow
  return task.until > tomorrow ? task.until : addDays(now, 3)
}

/** Whether a task rests by a look that finds all well: it suits whenever, and nothing is done for it. */
export function mayWait({ urgency, doing }: Pick<Task, 'urgency' | 'doing'>): boolean {
  return urgency === 'whenever' && doing.kind !== 'deed'
}

const RANK = { now: 0, usual: 1, whenever: 2 } as const

/** In the order of a walk: what is urgent first, then place by place, the place with the earliest need first. */
export function inRoundOrder<T extends Pick<RoundTask, 'urgency' | 'due' | 'place' | 'batchId'>>(tasks: readonly T[]): T[] {
  const placeOf = (task: T) => `${task.place} ${task.batchId}`
  const urgent = tasks.filter(({ urgency }) => urgency === 'now')
  const rest = tasks.filter(({ urgency }) => urgency !== 'now')
  const order = [
    ...new Set(
      [...urgent, ...[...rest].sort((a, b) => RANK[a.urgency] - RANK[b.urgency] || a.due.getTime() - b.due.getTime())].map(placeOf),
    ),
  ]
  const byPlace = (a: T, b: T) => order.indexOf(placeOf(a)) - order.indexOf(placeOf(b))
  return [
    ...[...urgent].sort((a, b) => a.due.getTime() - b.due.getTime()),
    ...rest.sort((a, b) => byPlace(a, b) || RANK[a.urgency] - RANK[b.urgency] || a.due.getTime() - b.due.getTime()),
  ]
}
