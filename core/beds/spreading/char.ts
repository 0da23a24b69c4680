import { addYears } from 'date-fns'
import { quantityText } from '../../units/format'
import { rawOf } from '../../lots/carried'
import { A_START, ENOUGH } from '../../materials/char-state'
import { reactionOf } from '../../lots/stuff'
import { doubtNotes } from '../../lots/words'
import { bedAreaM2, type Bed } from '../bed'
import { rawNote } from '../harvest'
import { charOnBedL, type BedHistory } from '../history'
import { givenSince, type Asked, type SpreadKind } from './kind'
import { BEDS } from '../constants'

/** Months of the northern year in which sowing and planting are near: uncharged char then takes the feed from what is sown. */
const SPRING = [2, 3, 4, 5, 6]
const layerL = (bed: Pick<Bed, 'ground' | 'depthM'>) => bedAreaM2(bed) * bed.depthM * 1000

/** Litres of char that a bed can still take before the ceiling, never below 0. */
export function charRoomL(bed: Pick<Bed, 'ground' | 'depthM'>, history: BedHistory): number {
  return Math.max(0, BEDS.charCeiling * layerL(bed) - charOnBedL(history))
}

/**
 * Whether it no longer robs what is sown in it. Charged char of which nobody wrote down how far counts as charged, plain char as
 * raw; what went through a batch was charged there.
 */
export function isCharged({ material, charShare, char: state }: Pick<Asked, 'material' | 'charShare' | 'char'>): boolean {
  if (state) return state.charged >= A_START
  return material.family !== 'char' ? charShare > 0 : material.charged
}

/** What speaks against it because of what it was charged with, or because it lies in lumps. */
function unfit({ bed, material, char: state, carried }: Asked): string | undefined {
  const raw = rawOf(carried)
  if (material.pieces === 'lump') return 'Lumps: damp it and crush it first, then charge it.'
  if (bed.eaten === 'not') return undefined
  if (state?.with.includes('dung') && raw.some(({ risk }) => risk === 'dung'))
    return 'It lay under animals and is raw dung: through a heap with it first.'
  if (bed.eaten === 'touching' && raw.some(({ risk }) => risk === 'urine'))
    return 'It was charged with urine: not where salad and roots grow against the soil.'
  return undefined
}

function lastChar(history: BedHistory): string | undefined {
  return history.findLast(({ charL }) => charL > BEDS.nothingL)?.at
}

const asChar: Pick<SpreadKind, 'takes'> = { takes: ({ charShare }) => charShare >= BEDS.mostlyChar }

/** Char itself, raw or charged: to a target, under a ceiling, all that was ever given counted. */
export const char: SpreadKind = {
  id: 'char',
  ...asChar,
  refuses: (asked) => {
    const { bed, history, seasonMonth, charShare } = asked
    const against = unfit(asked)
    if (against) return against
    if (reactionOf(asked) === 'ash' && bed.reaction === 'limy')
      return 'There is ash in it, as sharp as lime, and the soil is limy already. Rinse it first.'
    if (bed.grows === 'sour-loving') return 'Char makes soil less sour: not where blueberries, heather and their like grow.'
    if (!isCharged(asked) && SPRING.includes(seasonMonth))
      return (asked.char && asked.char.charged > 0
        ? `It is ${Math.round(100 * asked.char.charged)} % charged, which is as good as raw: it`
        : 'Raw char') + ' '
        + 'takes food and water from what is sown now. Charge it first, or dig it in in autumn.'
    if (charRoomL(bed, history) < BEDS.nothingL * charShare)
      return (
        `It has ${Math.round(100 * BEDS.charCeiling)} % char in its top layer already, with all that was ever given: more brings salts `
        + 'and too much lime.'
      )
    return undefined
  },
  dose: (asked) => {
    const { bed, history, school, charShare, material, units } = asked
    const given = charOnBedL(history)
    const toTarget = Math.max(0, BEDS.charTarget * layerL(bed) - given)
    const lately = charOnBedL(givenSince(asChar, asked, BEDS.yearsBetween))
    const wanted = school === 'once' ? toTarget : Math.min(toTarget, Math.max(0, BEDS.littleLM2 * bedAreaM2(bed) - lately))
    const room = charRoomL(bed, history)
    return {
      usualL: Math.min(wanted, room) / charShare, mostL: room / charShare,
      why:
        school === 'once'
          ? `${Math.round(100 * BEDS.charTarget)} % of the top layer, once for good`
          : `${quantityText('volume', units, BEDS.littleLM2, 1)} of char to ${quantityText('area', units, 1, 0)}, every `
            + `${BEDS.yearsBetween} `
            + `years, up to ${Math.round(100 * BEDS.charTarget)} % of the top layer`,
      notes: [
        'Damp it, rake it into the top few centimetres on a still day, and water it.',
        ...(isCharged(asked) ? [] : ['It is raw: give a nitrogen feed with it, and let it lie over winter.']),
        ...(isCharged(asked) && asked.char && asked.char.charged < ENOUGH
          ? [
              `It is about ${Math.round(100 * asked.char.charged)} % charged: give a nitrogen feed with it, or let it lie some weeks `
              + 'before sowing.',
            ]
          : []),
        ...(reactionOf(asked) === 'ash' ? ['There is ash in it, as sharp as lime: rinse it, or test the soil first.'] : []),
        ...rawNote(bed, asked.carried), ...doubtNotes(asked.carried),
        ...(bed.reaction === 'limy' ? ['The soil is limy: test again before the next dose, char is limy too.'] : []),
        ...(bed.reaction === 'untested' ? ['A soil test first: char raises the pH.'] : []),
        ...(charShare < 0.999 && material.family === 'char'
          ? [`${Math.round(100 * charShare)} % of it is char, the rest is what it was charged with.`]
          : []),
      ],
    }
  },
  beyond: () => [
    `More than ${Math.round(100 * BEDS.charCeiling)} % of the top layer is char: salts and lime trouble what grows. It cannot be taken out `
    + 'again: work the bed deeper, test the soil, and no more char there.',
  ],
  again: ({ bed, history, school }) => {
    const last = lastChar(history)
    if (last === undefined || charOnBedL(history) >= BEDS.charTarget * layerL(bed) - BEDS.nothingL || school === 'once') return undefined
    return addYears(new Date(last), BEDS.yearsBetween)
  },
}
