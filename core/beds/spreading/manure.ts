import { addYears } from 'date-fns'
import { quantityText } from '../../units/format'
import { rawNote } from '../harvest'
import { bedAreaM2 } from '../bed'
import { latestOf, litresForDepth, spreadDepthM } from '../history'
import type { SpreadKind, Stuff } from './kind'
import { BEDS } from '../constants'

/** Grams of nitrogen in a litre as it lies: bulk density × dry share × nitrogen of the dry matter. */
function nitrogenGPerL({ bulkDensityKgM3, moistureFraction, nitrogenFraction }: Stuff['material']): number {
  return bulkDensityKgM3.typical * (1 - moistureFraction.typical) * nitrogenFraction.typical
}

/** Manure as it came from the animal, not out of a batch. */
export function manureAsItComes({ material }: Pick<Stuff, 'material'>): boolean {
  return material.family === 'manure' && material.brings.includes('dung')
}

/** Raw manure: feeds, and keeps the harvest waiting. */
export const manure: SpreadKind = {
  id: 'manure',
  takes: manureAsItComes,
  refuses: ({ bed }) => bed.grows === 'poor' || bed.grows === 'sour-loving' ? 'Too rich for what grows there.' : undefined,
  dose: ({ bed, units, material, carried }) => {
    const within = (depthM: number, gramsM2: number) =>
      Math.min(litresForDepth(bed, depthM), (bedAreaM2(bed) * gramsM2) / nitrogenGPerL(material))
    const usualL = within(BEDS.manureUsualM, BEDS.nitrogenGM2.usual)
    const thin = usualL < litresForDepth(bed, BEDS.manureUsualM) - 1e-9
    return {
      usualL,
      mostL: within(BEDS.manureMostM, BEDS.nitrogenGM2.most),
      why: `${quantityText('length', units, spreadDepthM(bed, usualL), 1)}, dug in in autumn${thin ? ': it is strong' : ''}`,
      notes: [
        ...rawNote(bed, carried),
        'Ask whether hay or straw in it was sprayed with a lasting weedkiller; a bean test tells.',
        'Composted first it is safer, and loses less.',
      ],
    }
  },
  again: ({ history }) => {
    const last = history.findLast(({ material }) => material && manureAsItComes({ material }))
    return last && addYears(new Date(latestOf(last)), 1)
  },
}
