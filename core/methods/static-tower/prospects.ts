import { daysBetween } from '../../units/time'
import { likelyOf, type Prospect, type Surroundings } from '../contract'
import { prospectOf } from '../course'
import type { HeapLog } from '../heated/heap-log'
import { towerOn } from './now'
import { windowsOf } from './windows'

/** As which its compost comes, and what it is called. */
export const COMPOST = { label: 'Fungal compost', materialId: 'tower-compost' } as const

/** What stands of it when it has worked its year. */
export function prospectsOf(log: HeapLog, surroundings: Surroundings): Prospect[] {
  return windowsOf(log, surroundings).filter(({ id, beyond }) => id === 'ready' && !beyond).flatMap((window) => {
    const day = Math.max(0, daysBetween(log.built.at, likelyOf(window)), towerOn(log, surroundings)?.day ?? 0)
    return prospectOf(log, window, COMPOST, towerOn(log, surroundings, day)?.volumeL)
  })
}
