import { A_START } from '../materials/char-state'
import { daysBetween } from '../units/time'
import { bedAreaM2, type Bed } from './bed'
import { BEDS } from './constants'
import { spreadDepthM, spreadStuff, type BedHistory, type OnBed } from './history'
import { isCharged } from './spreading/char'

/** A bed whose food raw char still holds: since when, and how much of it. */
export interface Robbed { readonly since: string, readonly charL: number }

const isRawChar = (one: OnBed) => {
  const stuff = spreadStuff(one)
  if (stuff === undefined || one.charL <= BEDS.nothingL) return false
  return stuff.char ? stuff.char.charged < A_START : !isCharged(stuff)
}
const feeds = ({ material }: OnBed) => material?.family === 'finished' || material?.family === 'manure' || material?.family === 'feed'

/** What raw char takes from a bed now; nothing where it was fed since, where it is long ago, or where it is next to nothing. */
export function robbedBy(bed: Pick<Bed, 'ground'>, history: BedHistory, now: Date): Robbed | undefined {
  const raw = history.filter(one => isRawChar(one) && daysBetween(one.at, now) <= BEDS.robs.days && daysBetween(one.at, now) >= 0)
  const last = raw.at(-1)
  const charL = raw.reduce((sum, one) => sum + one.charL, 0)
  if (!last || charL < BEDS.robs.leastLM2 * bedAreaM2(bed)) return undefined
  const fedL = history.filter(one => one.at >= last.at && feeds(one)).reduce((sum, { litres }) => sum + litres, 0)
  return spreadDepthM(bed, fedL) >= BEDS.robs.feedM ? undefined : { since: last.at, charL }
}

/** What helps a bed that raw char robs. */
export function robbedAdvice({ eaten }: Pick<Bed, 'eaten'>): string {
  return 'Raw char takes food and water from what is sown. A finger of compost or castings on top helps at once, or a nitrogen feed '
    + `watered in; ${eaten === 'touching'
      ? 'no urine where salad and roots grow against the soil'
      : 'urine in ten parts of water does as well, on the ground and not on leaves'}. Or let it lie until it has had its winter.`
}
