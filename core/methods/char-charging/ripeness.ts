import type { Ripeness } from '../contract'
import { ENOUGH } from '../../materials/char-state'
import { cress } from './cress'
import { soakOf } from './state'
import { takenNow } from './standing'

/** How ready charged char is: by how far it is charged and dried, and by sown seeds. */
export const ripeness: Ripeness = {
  uses: ['beds', 'potting', 'seeds'], tests: () => [cress],
  stages: (batch, surroundings) => {
    const { charged, dryingDays, driesDays } = soakOf(batch, surroundings)
    return {
      cool: true, rottedShare: charged / ENOUGH, curedShare: driesDays === 0 ? 1 : Math.min(1, (dryingDays ?? 0) / driesDays),
    }
  },
  notes: (batch, surroundings) => ({
    title: 'Taken as it is now',
    caution: 'Char makes soil less sour: not for blueberries and heather, and a soil test before the next dose.',
    lines: [
      takenNow(soakOf(batch, surroundings)), 'Beds: a tenth of the top hand\'s breadth, all that was ever given counted.',
      'Pots: a tenth of the mix at most.',
    ],
  }),
}
