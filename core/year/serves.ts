import type { Purpose } from '../methods/contract'
import { ENOUGH, type CharState } from '../materials/char-state'
import type { Material } from '../materials/material'

type Kind = Pick<Material, 'family' | 'growsAs' | 'spreading' | 'charged'>

/** What stuff is good for as it lies there, by what it is: the finest can do all that coarser can, never the other way round. */
export function servesOf({ family, growsAs, spreading, charged }: Kind, char?: CharState): readonly Purpose[] {
  if (family === 'char') return charged || (char !== undefined && char.charged >= ENOUGH) ? ['lasting'] : []
  if (growsAs === 'leaf-mould-fine') return ['seeds', 'potting', 'beds', 'mulch']
  if (growsAs === 'leaf-mould-coarse') return ['beds', 'mulch']
  if (growsAs === 'castings') return ['potting', 'beds', 'feeding']
  if (growsAs === 'compost' || growsAs === 'tower-compost') return ['potting', 'beds', 'mulch']
  if (family !== 'finished' || spreading === 'mulch') return spreading === 'mulch' || spreading === 'depth' ? ['mulch'] : []
  return spreading === 'depth' ? ['beds', 'mulch'] : []
}

/** How fine stuff is by all that it can do: what can do more is kept for what nothing else can do. */
const FINENESS: Readonly<Record<Purpose, number>> = { mulch: 0, beds: 1, feeding: 1, microbes: 1, lasting: 1, potting: 2, seeds: 3 }
export function finenessOf(serves: readonly Purpose[]): number {
  return serves.reduce((most, one) => Math.max(most, FINENESS[one]), 0)
}
