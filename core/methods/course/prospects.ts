import { constants, of } from '../../constants/constants'
import type { BegunBatch } from '../../journal/garden'
import { daysBetween } from '../../units/time'
import { range } from '../../units/range'
import { likelyOf, type Comes, type NamedWindow, type Prospect } from '../contract'

/** How far the litres of a standing batch lie off what its course says. */
export const PROSPECT = constants('What comes of a standing batch', {
  low: of(0.75, 0.6, 0.9, 'share', 'of what its course says: sieving, settling and what was never counted; own estimate'),
  high: of(1.2, 1.1, 1.4, 'share', 'of what its course says; own estimate'),
})

/** Day of a batch on which one of its windows is most likely. */
export function dayOfWindow({ began }: Pick<BegunBatch, 'began'>, window: NamedWindow): number {
  return Math.max(0, daysBetween(began.at, likelyOf(window)))
}

/** What comes with a window, around what the course says; nothing where the course says nothing of it. */
export function prospectOf({ id }: Pick<NamedWindow, 'id'>, comes: Comes, litres: number | undefined): Prospect[] {
  if (litres === undefined || !(litres > 0)) return []
  return [{ ...comes, windowId: id, litres: range(litres * PROSPECT.low, litres, litres * PROSPECT.high) }]
}
