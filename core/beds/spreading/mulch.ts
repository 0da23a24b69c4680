import { addYears } from 'date-fns'
import { quantityText } from '../../units/format'
import { latestOf } from '../history'
import { BEDS } from '../constants'
import { batchNotes, batchRefusal, yearlyL } from './compost'
import { lastOf, type SpreadKind } from './kind'

const asMulch: Pick<SpreadKind, 'takes'> = { takes: ({ material }) => material.spreading === 'mulch' }

/** Coarse and half-rotted stuff: on top as a mulch, never dug in. */
export const mulch: SpreadKind = {
  id: 'mulch',
  ...asMulch,
  refuses: batchRefusal,
  dose: (asked) => {
    const { units } = asked
    return {
      usualL: yearlyL(asMulch, asked, BEDS.mulchUsualM), mostL: yearlyL(asMulch, asked, BEDS.mulchMostM),
      why: `${quantityText('length', units, BEDS.mulchUsualM, 1)} on top as a mulch, at most `
        + quantityText('length', units, BEDS.mulchMostM, 1),
      notes: [
        'On top, a hand clear of stems. Not dug in: it would take the nitrogen from what grows.',
        'Onto damp, weeded ground, and not around seedlings: slugs like it.', ...batchNotes(asked),
      ],
    }
  },
  beyond: () => ['So deep it keeps the rain off and the ground cold: rake some of it off before spring, or onto another bed.'],
  again: ({ history }) => {
    const last = lastOf(asMulch, history)
    return last && addYears(new Date(latestOf(last)), 1)
  },
}
