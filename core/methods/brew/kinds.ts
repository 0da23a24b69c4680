import type { Approach } from '../contract'
import { table } from '../../constants/constants'

/** A kind of brew with what goes in, how long it takes and how it is given. */
export interface BrewKind extends Approach {
  /** Days from the start to its height at 20 °C, and how much faster ten kelvin more make it. */
  readonly days20: number
  readonly q10: number
  /** It is used while it stands within so many times its days to the height. */
  readonly use: { readonly from: number, readonly until: number }
  readonly height: { readonly label: string, readonly coming: string, readonly begun: string, readonly announced: string }
  /** Foam in a bucket at its height, m, where foam tells anything. */
  readonly foamM?: number
  /** Parts of water to one part. */
  readonly parts: { readonly low: number, readonly usual: number, readonly high: number }
  readonly stirEveryDays: number | undefined
  readonly aired: boolean
  readonly strained: boolean
  /** It stinks by nature. */
  readonly stinks: boolean
  /** What goes into a litre of water. */
  readonly perLitre: readonly Portion[]
  /** Share of the vessel that may be filled: the rest is for foam and stirring. */
  readonly fill: number
}

/** One thing that goes in: kilograms for a litre of water, said in a gardener's words. */
export interface Portion {
  readonly id: string
  readonly materialId?: string
  readonly name: string
  readonly kgPerL: number
  /** Room it takes in the liquid, litres a kilogram. */
  readonly takesL: number
  readonly how: string
}

const FOAM = {
  label: 'Foam at its height', coming: 'Foam at its height between', begun: 'Foam near its height since',
  announced: 'has its foam at its height',
} as const
const READY = {
  label: 'Ready to strain', coming: 'Ready to strain between', begun: 'May be ready to strain since',
  announced: 'may be ready to strain',
} as const

/** The kinds, with working values of garden practice; each with its range in `forecast.ts`. */
export const KINDS: readonly BrewKind[] = table('Kinds of brew', {
  days20: ['d', 'to the height at 20 °C; practice, a quarter off either way'],
  q10: ['times', 'as fast with ten kelvin more; practice'],
  use: ['times', 'its days to the height, used from and until; practice'],
  parts: ['parts', 'of water to one; practice'],
  foamM: ['m', 'of foam in a bucket at its height; own estimate'],
  stirEveryDays: ['d', 'from one stir to the next; practice'],
  fill: ['share', 'of the vessel may be filled; practice'],
  kgPerL: ['kg/L', 'in a litre of water; practice'],
  takesL: ['L/kg', 'room it takes; own estimate'],
}, [
  {
    id: 'starter',
    name: 'Leaf-mould starter',
    summary: 'Rain water, boiled potato, a little sea salt and a handful of threaded leaf mould: given when the foam is highest.',
    days20: 4.5, q10: 2.3, use: { from: 0.85, until: 1.35 }, height: FOAM, foamM: 0.07,
    parts: { low: 10, usual: 15, high: 20 }, stirEveryDays: undefined, aired: false, strained: false, stinks: false, fill: 0.8,
    perLitre: [
      {
        id: 'mould', materialId: 'leaf-mould', name: 'leaf mould with white threads', kgPerL: 0.018, takesL: 0.9,
        how: 'from under the top litter of a healthy tree, in a weighted cloth bag',
      },
      { id: 'starch', name: 'boiled potato', kgPerL: 0.015, takesL: 0.9, how: 'in a second bag, kneaded into the water until it is milky' },
      { id: 'salt', name: 'sea salt', kgPerL: 0.001, takesL: 0, how: 'stirred in, for its minerals' },
    ],
  },
  {
    id: 'tea',
    name: 'Aerated compost tea',
    summary: 'Compost or castings in a bag, water without chlorine, air for a day or two, used at once.',
    days20: 1.5,
    q10: 1.8,
    use: { from: 0.65, until: 1.35 },
    height: { label: 'Tea at its best', coming: 'At its best between', begun: 'Near its best since', announced: 'is at its best' },
    parts: { low: 1, usual: 4, high: 10 }, stirEveryDays: undefined, aired: true, strained: false, stinks: false, fill: 0.75,
    perLitre: [{
      id: 'compost',
      materialId: 'worm-castings',
      name: 'castings or ripe compost',
      kgPerL: 0.05,
      takesL: 0.8,
      how: 'in a cloth bag hung in the stream of air',
    }],
  },
  {
    id: 'green',
    name: 'Fermented green liquor',
    summary: 'Fresh greens and a little dry stuff under water, lid loose, stirred daily for about a week, strained.',
    days20: 7, q10: 2, use: { from: 0.8, until: 2.5 }, height: READY,
    parts: { low: 5, usual: 7, high: 10 }, stirEveryDays: 1, aired: false, strained: true, stinks: false, fill: 0.85,
    perLitre: [
      {
        id: 'greens', materialId: 'weeds-soft', name: 'fresh greens without seeds', kgPerL: 0.6, takesL: 0.95,
        how: 'chopped, pushed under with a stone on a lid of mesh',
      },
      {
        id: 'dry', materialId: 'straw-wheat', name: 'dry straw or leaves', kgPerL: 0.067, takesL: 0.8,
        how: 'among the greens: with nothing but green it turns slimy and draws flies',
      },
    ],
  },
  {
    id: 'weed', name: 'Weed or nettle liquor', summary: 'Weeds, roots and all, drowned for two to four weeks. It stinks, and feeds.',
    days20: 20, q10: 2, use: { from: 0.7, until: 3 }, height: READY,
    parts: { low: 8, usual: 10, high: 15 }, stirEveryDays: 3, aired: false, strained: true, stinks: true, fill: 0.85,
    perLitre: [{
      id: 'weeds',
      materialId: 'weeds-soft',
      name: 'weeds or nettles',
      kgPerL: 0.1,
      takesL: 0.95,
      how: 'roots and seeds too: in four weeks they are drowned',
    }],
  },
])

/** The kind of this id, or the first. */
export function kindOf(approachId: string): BrewKind {
  return KINDS.find(({ id }) => id === approachId) ?? KINDS[0] as BrewKind
}

/** Days to the height at a steady temperature: D20 · Q10^((20 − T)/10). @param celsius of the liquid, −20 to 50. */
export function daysToHeight({ days20, q10 }: Pick<BrewKind, 'days20' | 'q10'>, celsius: number): number {
  return days20 * q10 ** ((20 - celsius) / 10)
}
