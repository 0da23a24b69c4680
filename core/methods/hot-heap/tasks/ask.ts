import { addDays } from 'date-fns'
import type { HeapLog } from '../../heated/heap-log'
import { HEAT, TURNED } from '../../heated/words'
import { quantityText } from '../../../units/format'
import type { Surroundings, Task, TaskDoing } from '../../contract'
import type { PhaseNow } from '../standing'

/** A task before it knows its batch. */
export type Ask = Omit<Task, 'id' | 'batchId'>

/** What tasks are made from. */
export interface Seen {
  readonly batch: HeapLog
  readonly surroundings: Surroundings
  readonly now: PhaseNow
}

interface Action { readonly label: string, readonly icon: string, readonly doing: TaskDoing }

/** Why a cover is asked for no more: it lies on it. */
export const COVERED = 'covered'

/** What a heap can ask for, and what the tap on it does. */
const ACTIONS = {
  reading: { label: 'Read', icon: 'i-ph-thermometer', doing: { kind: 'pad', pad: HEAT } },
  squeeze: { label: 'Squeeze', icon: 'i-ph-hand-grabbing', doing: { kind: 'pad', pad: 'squeeze' } },
  turned: { label: 'Turned', icon: 'i-ph-shovel', doing: { kind: 'deed', deed: TURNED } },
  browns: { label: 'Done, turned', icon: 'i-ph-shovel', doing: { kind: 'deed', deed: TURNED } },
  watered: { label: 'Watered', icon: 'i-ph-drop', doing: { kind: 'pad', pad: 'watered' } },
  cover: { label: 'Covered', icon: 'i-ph-umbrella', doing: { kind: 'rest', why: COVERED, said: 'covered' } },
  test: { label: 'To the tests', icon: 'i-ph-flask', doing: { kind: 'page', page: 'ready' } },
  finish: { label: 'Take it out', icon: 'i-ph-funnel', doing: { kind: 'page', page: 'take' } },
  open: { label: 'Look into it', icon: 'i-ph-magnifying-glass', doing: { kind: 'page', page: 'wrong' } },
} as const satisfies Readonly<Record<string, Action>>

export const temperatureText = ({ surroundings }: Seen, celsius: number) => quantityText('temperature', surroundings.units, celsius)

/** A task that is due on a day and can wait so many days. */
export function ask(
  action: keyof typeof ACTIONS, title: string, reason: string, due: Date, days: number, urgency: Task['urgency'] = 'usual',
): Ask {
  return { action, ...ACTIONS[action], title, reason, due, until: addDays(due, days), urgency }
}
