import type { BegunBatch } from '../../journal/garden'
import type { Prospect, Surroundings } from '../contract'
import { dayOfWindow, prospectOf } from '../course'
import { WORM } from './constants'
import { binOn } from './now'
import { windowsOf } from './windows'

/** As which they come, and what they are called. */
export const CASTINGS = { label: 'Castings', materialId: 'worm-castings' } as const

/** What can be got out when a harvest is worth it. */
export function prospectsOf(batch: BegunBatch, surroundings: Surroundings): Prospect[] {
  return windowsOf(batch, surroundings).filter(({ id, beyond }) => id === 'harvest' && !beyond).flatMap((window) => {
    const then = binOn(batch, surroundings, Math.max(dayOfWindow(batch, window), binOn(batch, surroundings)?.day ?? 0))
    return prospectOf(batch, window, CASTINGS, then && then.castingsL * WORM.reachable)
  })
}
