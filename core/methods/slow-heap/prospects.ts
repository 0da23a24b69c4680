import type { BegunBatch } from '../../journal/garden'
import type { Prospect, Surroundings } from '../contract'
import { dayOfWindow, prospectOf } from '../course'
import { SLOW } from './constants'
import { slowOn } from './now'
import { windowsOf } from './windows'

/** As which its compost comes, and what it is called. */
export const COMPOST = { label: 'Compost', materialId: 'compost-finished' } as const

/** What falls through the sieve when it has rested. */
export function prospectsOf(batch: BegunBatch, surroundings: Surroundings): Prospect[] {
  return windowsOf(batch, surroundings).filter(({ id, beyond }) => id === 'ready' && !beyond).flatMap((window) => {
    const then = slowOn(batch, surroundings, Math.max(dayOfWindow(batch, window), slowOn(batch, surroundings)?.day ?? 0))
    return prospectOf(batch, window, COMPOST, then && then.volumeL * SLOW.fallsThrough)
  })
}
