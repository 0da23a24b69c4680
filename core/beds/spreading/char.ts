import { addYears } from 'date-fns'
import { quantityText } from '../../units/format'
import { bedAreaM2, type Bed } from '../bed'
import { charOnBedL, type BedHistory } from '../history'
import { CHAR_CEILING, CHAR_TARGET, LITTLE_L_M2, YEARS_BETWEEN } from '../schools'
import type { Asked, SpreadKind } from './kind'

/** From here on something is spread for its char. */
const MOSTLY_CHAR = 0.25
/** Months of the northern year in which sowing and planting are near: uncharged char then takes the feed from what is sown. */
const SPRING = [2, 3, 4, 5, 6]
/** Less than this is a smear. */
const NOTHING_L = 0.05
const CHARGED = 'char-charged'

const layerL = (bed: Pick<Bed, 'ground' | 'depthM'>) => bedAreaM2(bed) * bed.depthM * 1000

/** Litres of char that a bed can still take before the ceiling, never below 0. */
export function charRoomL(bed: Pick<Bed, 'ground' | 'depthM'>, history: BedHistory): number {
  return Math.max(0, CHAR_CEILING * layerL(bed) - charOnBedL(history))
}

const isCharged = ({ material, charShare }: Pick<Asked, 'material' | 'charShare'>) => material.id === CHARGED || (material.family !== 'char' && charShare > 0)

function lastChar(history: BedHistory): string | undefined {
  return history.findLast(({ charL }) => charL > NOTHING_L)?.at
}

/** Char itself, raw or charged: to a target, under a ceiling, all that was ever given counted. */
export const char: SpreadKind = {
  id: 'char',
  takes: ({ charShare }) => charShare >= MOSTLY_CHAR,
  refuses: (asked) => {
    const { bed, history, seasonMonth, charShare } = asked
    if (bed.grows === 'sour-loving') return 'Char makes soil less sour: not where blueberries, heather and their like grow.'
    if (!isCharged(asked) && SPRING.includes(seasonMonth)) return 'Raw char takes food and water from what is sown now. Charge it first, or dig it in in autumn.'
    if (charRoomL(bed, history) < NOTHING_L * charShare) return `It has ${Math.round(100 * CHAR_CEILING)} % char in its top layer already, with all that was ever given: more brings salts and too much lime.`
    return undefined
  },
  dose: (asked) => {
    const { bed, history, school, charShare, material, units } = asked
    const given = charOnBedL(history)
    const toTarget = Math.max(0, CHAR_TARGET * layerL(bed) - given)
    const wanted = school === 'once' ? toTarget : Math.min(toTarget, LITTLE_L_M2 * bedAreaM2(bed))
    const room = charRoomL(bed, history)
    return {
      usualL: Math.min(wanted, room) / charShare, mostL: room / charShare,
      why: school === 'once' ? `${Math.round(100 * CHAR_TARGET)} % of the top layer, once for good` : `${quantityText('volume', units, LITTLE_L_M2, 1)} of char to ${quantityText('area', units, 1, 0)}, every ${YEARS_BETWEEN} years, up to ${Math.round(100 * CHAR_TARGET)} % of the top layer`,
      notes: [
        'Damp it, rake it into the top few centimetres on a still day, and water it.',
        ...(isCharged(asked) ? [] : ['It is raw: give a nitrogen feed with it, and let it lie over winter.']),
        ...(bed.reaction === 'limy' ? ['The soil is limy: test again before the next dose, char is limy too.'] : []),
        ...(bed.reaction === 'untested' ? ['A soil test first: char raises the pH.'] : []),
        ...(charShare < 0.999 && material.family === 'char' ? [`${Math.round(100 * charShare)} % of it is char, the rest is what it was charged with.`] : []),
      ],
    }
  },
  again: ({ bed, history, school }) => {
    const last = lastChar(history)
    if (last === undefined || charOnBedL(history) >= CHAR_TARGET * layerL(bed) - NOTHING_L || school === 'once') return undefined
    return addYears(new Date(last), YEARS_BETWEEN)
  },
}
