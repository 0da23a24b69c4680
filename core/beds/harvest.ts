import { addDays } from 'date-fns'
import { rawOf, type Carried } from '../lots/carried'
import { whyRaw } from '../lots/words'
import type { Bed } from './bed'
import { latestOf, type BedHistory } from './history'
import { BEDS } from './constants'

/** Whether nothing of an animal or of people is raw in it any more. */
export function isRaw({ carried }: { readonly carried: Carried }): boolean {
  return rawOf(carried).length > 0
}

/** The day before which nothing is to be harvested from a bed, because of what is raw in what was spread at that moment. */
export function harvestAfter(at: string | Date, { eaten }: Pick<Bed, 'eaten'>): Date | undefined {
  const days = BEDS.intervalDays[eaten]
  return days > 0 ? addDays(new Date(at), days) : undefined
}

/** A harvest that waits, and why. */
export interface HarvestWait { readonly until: Date, readonly why: string }

/** Until when nothing is to be harvested from a bed, with all that was spread on it, and why; nothing when it is past. */
export function harvestWait(bed: Pick<Bed, 'eaten'>, history: BedHistory, now: Date): HarvestWait | undefined {
  const waits = history.flatMap((one) => {
    const until = isRaw(one) ? harvestAfter(latestOf(one), bed) : undefined
    return until && until > now ? [{ until, why: whyRaw(one.carried) }] : []
  })
  return waits.reduce<HarvestWait | undefined>((last, one) => last === undefined || one.until > last.until ? one : last, undefined)
}

/** What is said beside a dose of something raw. */
export function rawNote({ eaten }: Pick<Bed, 'eaten'>, carried: Carried): string[] {
  const why = whyRaw(carried)
  if (!why) return []
  return [eaten === 'not'
    ? `${why} Nothing is eaten from this bed: still, gloves on and hands washed.`
    : `${why} Nothing is harvested for `
      + `${eaten === 'touching' ? '120 days where it touches the soil' : '90 days where it stays clear of the soil'}; rules where you `
      + 'live may ask for more.',
  ]
}
