import { constants, of } from '../../constants/constants'
import type { BegunBatch } from '../../journal/garden'
import { daysBetween } from '../../units/time'
import { amountVolumeL } from '../../units/container'
import { range } from '../../units/range'
import { takenL } from './question'
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

/** Litres of stuff that went in and were not taken out; no limit where nothing was counted. */
function stillInL({ puts, takings }: Pick<BegunBatch, 'puts' | 'takings'>): number {
  const inL = puts.flatMap(({ inputs }) => inputs).reduce((sum, { amount }) => sum + amountVolumeL(amount), 0)
  return inL > 0 ? Math.max(0, inL - takings.reduce((sum, taking) => sum + takenL(taking), 0)) : Infinity
}

/**
 * What comes with a window, around what the course says; nothing where the course says nothing of it. A height that was read may be
 * a slip: no more is told than went in.
 */
export function prospectOf(
  batch: Pick<BegunBatch, 'puts' | 'takings'>, { id }: Pick<NamedWindow, 'id'>, comes: Comes, said: number | undefined,
): Prospect[] {
  const litres = Math.min(said ?? 0, stillInL(batch))
  if (!(litres > 0)) return []
  return [{ ...comes, windowId: id, litres: range(litres * PROSPECT.low, litres, litres * PROSPECT.high) }]
}
