import type { Range } from '../../units/range'
import type { Surroundings } from './surroundings'
import type { BegunBatch } from '../../journal/garden'
import type { NamedWindow } from './look'
import type { Comes } from './purposes'

/** What will come of a standing batch with one of its windows: of several in turn, the later is made of the earlier. */
export interface Prospect extends Comes {
  readonly windowId: string
  /** As much as there is of it when its window is most likely, an 80 % range. */
  readonly litres: Range
}

/** What will come of a batch: nothing of one that is over, and nothing that nobody can tell. */
export type ProspectsOf = (batch: BegunBatch, surroundings: Surroundings) => readonly Prospect[]

/** The day on which a window is most likely. */
export function likelyOf({ from, to, likely }: Pick<NamedWindow, 'from' | 'to' | 'likely'>): Date {
  return likely ?? new Date((from.getTime() + to.getTime()) / 2)
}
