import { addYears } from 'date-fns'
import { quantityText } from '../../units/format'
import { rawNote } from '../harvest'
import { bedAreaM2 } from '../bed'
import { latestOf, litresForDepth, spreadDepthM } from '../history'
import { givenL, givenSince, lastOf, type SpreadKind, type Stuff } from './kind'
import { BEDS } from '../constants'

/** Grams of nitrogen in a litre as it lies: bulk density × dry share × nitrogen of the dry matter. */
function nitrogenGPerL({ bulkDensityKgM3, moistureFraction, nitrogenFraction }: Stuff['material']): number {
  return bulkDensityKgM3.typical * (1 - moistureFraction.typical) * nitrogenFraction.typical
}

/** Manure as it came from the animal, not out of a batch. */
export function manureAsItComes({ material }: Pick<Stuff, 'material'>): boolean {
  return material.family === 'manure' && material.brings.includes('dung')
}

const asManure: Pick<SpreadKind, 'takes'> = { takes: manureAsItComes }

/** Raw manure: feeds, and keeps the harvest waiting. */
export const manure: SpreadKind = {
  id: 'manure',
  ...asManure,
  refuses: ({ bed }) => bed.grows === 'poor' || bed.grows === 'sour-loving' ? 'Too rich for what grows there.' : undefined,
  dose: (asked) => {
    const { bed, units, material, carried } = asked
    const givenAlready = givenL(givenSince(asManure, asked, 1))
    const within = (depthM: number, gramsM2: number) =>
      Math.max(0, Math.min(litresForDepth(bed, depthM), (bedAreaM2(bed) * gramsM2) / nitrogenGPerL(material)) - givenAlready)
    const usualL = within(BEDS.manureUsualM, BEDS.nitrogenGM2.usual)
    const thin = usualL + givenAlready < litresForDepth(bed, BEDS.manureUsualM) - 1e-9
    return {
      usualL,
      mostL: within(BEDS.manureMostM, BEDS.nitrogenGM2.most),
      why: `${quantityText('length', units, spreadDepthM(bed, usualL + givenAlready), 1)} a year, dug in in autumn`
        + (thin ? ': it is strong' : ''),
      notes: [
        ...rawNote(bed, carried),
        'Ask whether hay or straw in it was sprayed with a lasting weedkiller; a bean test tells.',
        'Composted first it is safer, and loses less.',
      ],
    }
  },
  beyond: () => [
    'So much of it scorches and grows leaf instead of fruit: dig it in, let it lie four weeks before planting, nothing more of it for two '
    + 'years, and keep it from ditch and well.',
  ],
  again: ({ history }) => {
    const last = lastOf(asManure, history)
    return last && addYears(new Date(latestOf(last)), 1)
  },
}
