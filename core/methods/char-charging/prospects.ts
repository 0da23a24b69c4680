import type { BegunBatch } from '../../journal/garden'
import type { Prospect, Surroundings } from '../contract'
import { prospectOf } from '../course'
import { CHARGE } from './constants'
import { soakOf } from './state'
import { windowsOf } from './windows'

/** As which it comes, and what it is called: out of a stall it is dung, and goes through a heap first. */
export function comesAs(bedding: boolean): Pick<Prospect, 'label' | 'materialId' | 'serves'> {
  return bedding
    ? { label: 'Dung with char, for a heap', materialId: 'char-charged', serves: [] }
    : { label: 'Charged char', materialId: 'char-charged' }
}

/** All of it, when it is charged and has dried. */
export function prospectsOf(batch: BegunBatch, surroundings: Surroundings): Prospect[] {
  const window = windowsOf(batch, surroundings).at(-1)
  if (!window || window.beyond) return []
  const { charL, livingL, way } = soakOf(batch, surroundings)
  return prospectOf(batch, window, comesAs(way.kind === 'bedding'), charL + CHARGE.livingStays * livingL)
}
