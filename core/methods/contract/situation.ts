import type { Quantity as Unit } from '../../units/system'

/** What a number of a batch rests on: a count or a reading, a look or a squeeze, what is reckoned of it, or what is merely usual. */
export type RestsOn = 'recorded' | 'by hand' | 'reckoned' | 'usual'

/** One thing that is known of a batch today: its middle, eight times in ten between low and high, and what that rests on. */
export interface Known {
  /** The name by which header, facts, tasks and charts mean the same number. */
  readonly id: string
  /** "Warmth in the core". */
  readonly label: string
  readonly unit: Unit | 'percent' | 'none'
  /** In the core's unit; a share where the unit is percent. */
  readonly middle: number
  readonly low: number
  readonly high: number
  readonly from: RestsOn
  /** When it was read, counted, felt or seen, where it was. */
  readonly at?: Date
}

/** What is so of a batch today, worked out once: whatever a screen says of it says this. */
export interface Situation {
  readonly known: readonly Known[]
}

/** What is known of one thing, by its name. */
export function knownOf({ known }: Situation, id: string): Known | undefined {
  return known.find(one => one.id === id)
}
