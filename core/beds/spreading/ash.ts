import { addYears } from 'date-fns'
import { latestOf } from '../history'
import { quantityText } from '../../units/format'
import { bedAreaM2 } from '../bed'
import { givenSince, lastOf, type SpreadKind } from './kind'
import { BEDS } from '../constants'

const isAsh: Pick<SpreadKind, 'takes'> = { takes: ({ material }) => material.reaction === 'ash' }

/** Ash of plain wood: lime by another name, and only where a soil test asks for it. */
export const ash: SpreadKind = {
  id: 'ash',
  ...isAsh,
  refuses: ({ bed, history, now }) => {
    if (bed.grows === 'sour-loving') return 'Ash is as sharp as lime: never where sour-loving plants grow.'
    if (bed.reaction === 'limy') return 'The soil is limy already, and ash is more lime.'
    if (bed.reaction === 'untested') return 'Ash only where a soil test says sour. Test it first.'
    if (bed.reaction === 'neutral' && bed.grows !== 'lime-loving')
      return 'The soil is neutral: ash would make it limy. Keep it dry for the cabbages, or a handful for the heap.'
    if (givenSince(isAsh, { history, now }, 1).length > 0) return 'It had ash within the year, and once a year is enough.'
    return undefined
  },
  dose: ({ bed, units }) => ({
    usualL: BEDS.ashUsualLM2 * bedAreaM2(bed),
    mostL: BEDS.ashMostLM2 * bedAreaM2(bed),
    why: `a handful to ${quantityText('area', units, 1, 0)}, once a year`,
    notes: [
      'Gloves, goggles, no wind: it burns skin and eyes.', 'Never together with manure or a nitrogen feed: it drives the nitrogen off.',
      'Ash of plain, untreated wood only.',
    ],
  }),
  beyond: () => [
    'So much ash burns roots and locks up iron: rake it off what can be raked off, water well, no ash or lime there for three years, '
    + 'and test the soil before then.',
  ],
  again: ({ history }) => {
    const last = lastOf(isAsh, history)
    return last && addYears(new Date(latestOf(last)), 1)
  },
}
