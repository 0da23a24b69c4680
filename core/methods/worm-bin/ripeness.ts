import { READINESS_TESTS } from '../../readiness/tests'
import type { Ripeness } from '../contract'
import { DRIPS } from './cautions'
import { binOn } from './now'
import { WORM } from './constants'
import { sievesText } from '../../units/format'

const TESTS = ['look', 'sprout']
/** How far a bin is: by the share of castings, a look and sown seeds. It never heated. */
export const ripeness: Ripeness = {
  tests: () => READINESS_TESTS.filter(({ id }) => TESTS.includes(id)),
  stages: (batch, surroundings) => {
    const bin = binOn(batch, surroundings)
    const share = bin && bin.volumeL > 0 ? bin.castingsL / bin.volumeL / WORM.harvest.share : 0
    // More than a week of feed lies there, by what was fed and eaten: it is taken out, or eaten, first.
    const uneaten = bin !== undefined && bin.backlogDays > WORM.uneatenDays
    return { cool: true, curedShare: share, rottedShare: share, against: uneaten ? ['feed lies in it uneaten'] : [] }
  },
  notes: (_, { units }) => ({
    title: 'How to take them',
    caution: 'Castings are strong: no thicker than a pencil on a bed, a tenth to a fifth of a mix. Seeds of tomato and '
      + 'melon come through alive.',
    lines: [
      'Sideways: feed one end for two to four weeks, take the other.',
      'By light: small cones under a lamp, the outside taken off every ten minutes.',
      `By drum or sieve of ${sievesText(3, 6, units)}: castings, small ones with cocoons, big ones; the last two `
      + 'go back.', DRIPS,
    ],
  }),
}
