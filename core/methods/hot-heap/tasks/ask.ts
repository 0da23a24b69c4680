import { addDays, format } from 'date-fns'
import type { StandingBatch } from '../../../journal/garden'
import { quantityText } from '../../../units/format'
import type { Surroundings } from '../../method'
import type { Task, TaskAction } from '../../task'
import type { PhaseNow } from '../standing'

/** A task before it knows its batch. */
export type Ask = Omit<Task, 'id' | 'batchId'>

/** What tasks are made from. */
export interface Look {
  readonly batch: StandingBatch
  readonly surroundings: Surroundings
  readonly now: PhaseNow
}

export const dayText = (at: string | Date) => format(new Date(at), 'd MMMM')
export const temperatureText = ({ surroundings }: Look, celsius: number) => quantityText('temperature', surroundings.units, celsius)

/** A task that is due on a day and can wait so many days. */
export function ask(action: TaskAction, title: string, reason: string, due: Date, days: number, urgency: Task['urgency'] = 'usual'): Ask {
  return { action, title, reason, due, until: addDays(due, days), urgency }
}
