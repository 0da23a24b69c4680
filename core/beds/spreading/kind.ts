import type { UnitSystem } from '../../units/system'
import { DAY_MS } from '../../units/time'
import type { Bed } from '../bed'
import { BEDS } from '../constants'
import { latestOf, spreadStuff, type BedHistory, type OnBed } from '../history'
import type { CharSchool } from '../schools'
import type { Stuff } from '../../lots/stuff'

export type { Stuff } from '../../lots/stuff'

/** Everything that is weighed before something is spread. */
export interface Asked extends Stuff {
  readonly bed: Bed
  readonly history: BedHistory
  readonly school: CharSchool
  readonly now: Date
  readonly units: UnitSystem
  /** Month of the northern year, 1 to 12: January is winter everywhere. */
  readonly seasonMonth: number
}

/** How much may go on a bed, and what to mind. */
export interface Dose {
  /** Litres for the whole bed: what is usual now, and no more than. */
  readonly usualL: number
  readonly mostL: number
  /** Why so much: the rule in a sentence. */
  readonly why: string
  readonly notes: readonly string[]
}

/** One sort of stuff with its rule of spreading. The first that takes a stuff has the word on it. */
export interface SpreadKind {
  readonly id: string
  takes(stuff: Stuff): boolean
  /** Why it must not go there now, in a sentence; nothing where it may. */
  refuses(asked: Asked): string | undefined
  dose(asked: Asked): Dose
  /** What follows where more of it lies there than the most, in sentences. */
  beyond(asked: Asked): readonly string[]
  /** From when it may be done again, after the last of it; nothing where that does not matter. */
  again(asked: Pick<Asked, 'bed' | 'history' | 'school'>): Date | undefined
}

/** What of a bed's history a rule counts as its own, since so many years. */
export function givenSince(
  { takes }: Pick<SpreadKind, 'takes'>, { history, now }: Pick<Asked, 'history' | 'now'>, years: number,
): readonly OnBed[] {
  const from = now.getTime() - years * BEDS.yearDays * DAY_MS
  return history.filter((one) => {
    const stuff = spreadStuff(one)
    return stuff !== undefined && Date.parse(latestOf(one)) > from && takes(stuff)
  })
}

/** Litres that were spread. */
export const givenL = (spreads: readonly OnBed[]): number => spreads.reduce((sum, { litres }) => sum + litres, 0)

/** The last that a rule counts as its own. */
export function lastOf({ takes }: Pick<SpreadKind, 'takes'>, history: BedHistory): OnBed | undefined {
  return history.findLast((one) => {
    const stuff = spreadStuff(one)
    return stuff !== undefined && takes(stuff)
  })
}
