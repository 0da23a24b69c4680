import { addYears } from 'date-fns'
import { quantityText } from '../../units/format'
import { isRawManure } from '../harvest'
import { litresForDepth } from '../history'
import type { SpreadKind } from './kind'

const USUAL_M = 0.02
const MOST_M = 0.03

/** Raw manure: feeds, and keeps the harvest waiting. */
export const manure: SpreadKind = {
  id: 'manure',
  takes: ({ material }) => isRawManure(material),
  refuses: ({ bed }) => bed.grows === 'poor' || bed.grows === 'sour-loving' ? 'Too rich for what grows there.' : undefined,
  dose: ({ bed, units }) => ({
    usualL: litresForDepth(bed, USUAL_M), mostL: litresForDepth(bed, MOST_M), why: `${quantityText('length', units, USUAL_M)}, dug in in autumn`,
    notes: [
      bed.eaten === 'not' ? 'Nothing is eaten from this bed: still, gloves on and hands washed.' : `Nothing is harvested for ${bed.eaten === 'touching' ? '120 days where it touches the soil' : '90 days where it stays clear of the soil'}; rules where you live may ask for more.`,
      'Ask whether hay or straw in it was sprayed with a lasting weedkiller; a bean test tells.', 'Composted first it is safer, and loses less.',
    ],
  }),
  again: ({ history }) => {
    const last = history.findLast(({ material }) => material && isRawManure(material))
    return last && addYears(new Date(last.at), 1)
  },
}
