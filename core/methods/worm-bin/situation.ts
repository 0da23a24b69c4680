import type { Situation, Surroundings } from '../contract'
import type { BegunBatch } from '../../journal/garden'
import { situationOf, type KnownRow } from '../course'
import { wormApproach } from './approaches'
import type { WormCourse } from './bin-case'
import { middleOf } from './forecast'
import { hasWorms } from './pockets'

const WORMS: KnownRow<WormCourse> = { id: 'wormsKg', label: 'Worms', unit: 'mass', of: ({ wormsKg }) => wormsKg }
const ROWS: readonly KnownRow<WormCourse>[] = [
  { id: 'backlogKg', label: 'Feed that lies uneaten', unit: 'mass', of: ({ backlogKg }) => backlogKg, foundBy: ['leftShare'] },
  { id: 'binC', label: 'Warmth of the bedding', unit: 'temperature', of: ({ binC }) => binC },
  { id: 'moisture', label: 'Water in the bedding', unit: 'percent', of: ({ moisture }) => moisture },
]
const CASTINGS: KnownRow<WormCourse> = { id: 'castingsL', label: 'Castings', unit: 'volume', of: ({ castingsL }) => castingsL }

/** What is known of a bin today; of worms nothing before they are in, of castings nothing in a tower. */
export function situate(batch: BegunBatch, surroundings: Surroundings): Situation {
  const inTower = wormApproach(batch.began.approachId).id === 'tower'
  const rows = [...(hasWorms(batch) ? [WORMS] : []), ...ROWS, ...(inTower ? [] : [CASTINGS])]
  return situationOf(batch, surroundings, middleOf(batch, surroundings), rows)
}
