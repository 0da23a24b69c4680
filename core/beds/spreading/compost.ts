import { addYears } from 'date-fns'
import { quantityText } from '../../units/format'
import type { Bed } from '../bed'
import { doubtNotes } from '../../lots/words'
import { isRaw, rawNote } from '../harvest'
import { manureAsItComes } from './manure'
import { latestOf, litresForDepth } from '../history'
import { charRoomL } from './char'
import type { SpreadKind } from './kind'
import { BEDS } from '../constants'
import { LOTS } from '../../lots/constants'
import { table } from '../../constants/constants'

/** Metres a year, and at most: practice spreads 2 to 5 cm, new and hungry beds up to 8. */
export const DEPTHS: Readonly<Record<Bed['grows'], { readonly usualM: number, readonly mostM: number }>> = table('Compost on a bed', {
  usualM: ['m/a', 'practice: 2 to 5 cm'],
  mostM: ['m/a', 'practice: new and hungry beds up to 8 cm'],
}, {
  'hungry': { usualM: 0.04, mostM: 0.08 },
  'usual': { usualM: 0.02, mostM: 0.05 },
  'poor': { usualM: 0.005, mostM: 0.01 },
  'sour-loving': { usualM: 0.02, mostM: 0.05 },
  'lime-loving': { usualM: 0.03, mostM: 0.05 },
})
/** Castings are strong: a film of them. */
export const CASTINGS = table('Castings on a bed', {
  usualM: ['m/a', 'a film: practice'],
  mostM: ['m/a', 'practice'],
}, { id: 'worm-castings', usualM: 0.005, mostM: 0.01 })
const MOULD = 'leaf-mould'
const FINISHED = 'finished'

/** Compost, castings, leaf mould: a depth a year; what char it carries counts. */
export const compost: SpreadKind = {
  id: 'compost',
  takes: stuff => stuff.material.family === FINISHED || (stuff.material.family === 'manure' && !manureAsItComes(stuff)),
  refuses: ({ bed, history, charShare, material }) => {
    if (bed.grows === 'sour-loving' && charShare > BEDS.someChar)
      return 'There is char in it, and char makes soil less sour: not where sour-loving plants grow.'
    if (bed.grows === 'sour-loving' && material.id !== MOULD) return 'Compost is limy as a rule: for sour-loving plants take leaf mould.'
    if (charShare > BEDS.someChar && charRoomL(bed, history) < 0.05)
      return `There is char in it, and the bed has ${Math.round(100 * BEDS.charCeiling)} % in its top layer already.`
    return undefined
  },
  dose: ({ bed, history, material, charShare, carried, units }) => {
    const depth = material.id === CASTINGS.id ? CASTINGS : DEPTHS[bed.grows]
    const ceilingL = charShare > BEDS.someChar ? charRoomL(bed, history) / charShare : Infinity
    const mostL = Math.min(litresForDepth(bed, depth.mostM), ceilingL)
    return {
      usualL: Math.min(litresForDepth(bed, depth.usualM), mostL), mostL,
      why: `${quantityText('length', units, depth.usualM, 1)}, at most ${quantityText('length', units, depth.mostM, 1)} a `
        + `year${bed.grows === 'poor' ? ': what grows there wants it lean' : ''}`,
      notes: [
        ...(charShare > BEDS.someChar
          ? [`About ${Math.round(100 * charShare)} % of it is char that went through the batch with it; it counts.`]
          : []),
        ...rawNote(bed, carried),
        ...(isRaw({ carried })
          ? [
              `Next time: three days at ${quantityText('temperature', units, LOTS.yardstickC)}, turned, and cress sown in it; then it `
              + 'waits '
              + 'no more.',
            ]
          : []),
        ...doubtNotes(carried),
        'A mask when it is dusty, gloves, hands washed: spores and soil.',
      ],
    }
  },
  again: ({ history }) => {
    const last = history.findLast(({ material }) => material?.family === FINISHED)
    return last && addYears(new Date(latestOf(last)), 1)
  },
}
