import type { UnitSystem } from '../../units/system'
import type { Bed } from '../bed'
import type { BedHistory } from '../history'
import type { CharSchool } from '../schools'
import type { Stuff } from '../stuff'

export type { Stuff } from '../stuff'

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
  /** From when it may be done again, after the last of it; nothing where that does not matter. */
  again(asked: Pick<Asked, 'bed' | 'history' | 'school'>): Date | undefined
}
