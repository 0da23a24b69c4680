import { addYears } from 'date-fns'
import { quantityText } from '../../units/format'
import type { Bed } from '../bed'
import { doubtNotes } from '../../lots/words'
import { isRaw, rawNote } from '../harvest'
import { manureAsItComes } from './manure'
import { latestOf, litresForDepth } from '../history'
import { charRoomL } from './char'
import { givenL, givenSince, lastOf, type Asked, type SpreadKind } from './kind'
import { BEDS } from '../constants'
import { LOTS } from '../../lots/constants'
import { reactionOf } from '../../lots/stuff'
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
export const FILM = table('Castings on a bed', {
  usualM: ['m/a', 'a film: practice'],
  mostM: ['m/a', 'practice'],
}, { usualM: 0.005, mostM: 0.01 })
const FINISHED = 'finished'

const asCompost: Pick<SpreadKind, 'takes'> = {
  takes: stuff =>
    (stuff.material.family === FINISHED && (stuff.material.spreading === 'depth' || stuff.material.spreading === 'film'))
    || (stuff.material.family === 'manure' && !manureAsItComes(stuff)),
}

/** What stands beside a dose of anything that came out of a batch. */
export function batchNotes({ bed, carried, charShare, units }: Pick<Asked, 'bed' | 'carried' | 'charShare' | 'units'>): string[] {
  return [
    ...(charShare > BEDS.someChar
      ? [`About ${Math.round(100 * charShare)} % of it is char that went through the batch with it; it counts.`]
      : []),
    ...rawNote(bed, carried),
    ...(isRaw({ carried })
      ? [
          `Next time: three days at ${quantityText('temperature', units, LOTS.yardstickC)}, turned, and cress sown in it; then it waits `
          + 'no more.',
        ]
      : []),
    ...doubtNotes(carried),
  ]
}

/** Why stuff that came out of a batch must not go there: its char, or its lime. */
export function batchRefusal(asked: Asked): string | undefined {
  const { bed, history, charShare } = asked
  const reaction = reactionOf(asked)
  if (bed.grows === 'sour-loving' && charShare > BEDS.someChar)
    return 'There is char in it, and char makes soil less sour: not where sour-loving plants grow.'
  if (bed.grows === 'sour-loving' && reaction !== 'sour') return 'Compost is limy as a rule: for sour-loving plants take leaf mould.'
  if (bed.reaction === 'limy' && reaction === 'ash')
    return 'There is ash in it, as sharp as lime, and the soil is limy already.'
  if (charShare > BEDS.someChar && charRoomL(bed, history) < 0.05)
    return `There is char in it, and the bed has ${Math.round(100 * BEDS.charCeiling)} % in its top layer already.`
  return undefined
}

/** Litres for a depth a year, what it had within the year taken off, and what room there is for the char in it. */
export function yearlyL(kind: Pick<SpreadKind, 'takes'>, asked: Asked, depthM: number): number {
  const { bed, history, charShare } = asked
  const roomL = charShare > BEDS.someChar ? charRoomL(bed, history) / charShare : Infinity
  return Math.min(roomL, Math.max(0, litresForDepth(bed, depthM) - givenL(givenSince(kind, asked, 1))))
}

/** Compost, castings, leaf mould: a depth a year; what char it carries counts. */
export const compost: SpreadKind = {
  id: 'compost',
  ...asCompost,
  refuses: batchRefusal,
  dose: (asked) => {
    const { bed, material, units } = asked
    const depth = material.spreading === 'film' ? FILM : DEPTHS[bed.grows]
    return {
      usualL: yearlyL(asCompost, asked, depth.usualM), mostL: yearlyL(asCompost, asked, depth.mostM),
      why: `${quantityText('length', units, depth.usualM, 1)}, at most ${quantityText('length', units, depth.mostM, 1)} a `
        + `year${bed.grows === 'poor' ? ': what grows there wants it lean' : ''}`,
      notes: [...batchNotes(asked), 'A mask when it is dusty, gloves, hands washed: spores and soil.'],
    }
  },
  beyond: ({ bed }) => [
    bed.grows === 'poor'
      ? 'So much makes lean plants soft and long: none there for some years.'
      : 'More than plants take up in a year: it washes out and feeds ditches. None there next year, and hungry plants into it now.',
  ],
  again: ({ history }) => {
    const last = lastOf(asCompost, history)
    return last && addYears(new Date(latestOf(last)), 1)
  },
}
