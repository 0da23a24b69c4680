import { range, type Range } from '../../units/range'
import type { ChargedWith } from '../../materials/char-state'
import type { Approach, CarriesChar } from '../contract'
import { table } from '../../constants/constants'
import { sieveText, sievesText } from '../../units/format'
import type { UnitSystem } from '../../units/system'

/** A way to charge char, with how long it takes and what it wants. */
export interface ChargeWay extends Approach {
  /** It is charged within another batch and comes out with it. */
  readonly travels?: CarriesChar
  /** Days until fine pieces are four fifths charged, eight times in ten, in water of 18 °C or in the warmth that is usual for the way. */
  readonly days80: Range
  /** Piece sizes count to this power: in a tub wholly, in a heap hardly. */
  readonly sizePower: number
  /** How much faster ten kelvin more make it; 1 where it makes its own warmth. */
  readonly q10: number
  /** What it is charged with. */
  readonly with: ChargedWith
  /** Where it is done: in a tub, in a bag in water, in bedding. */
  readonly kind: 'tub' | 'bag' | 'bedding' | 'batch'
  /** Litres of compost or castings to a litre of char, in a tub. */
  readonly livingShare: number
  readonly aired: boolean
  readonly stirEveryDays: number | undefined
  /** Days in the shade after it was drained, until it is crumbly. */
  readonly driesDays: number
  /** What it wants that not everybody has. */
  readonly wants: string
  readonly work: string
}

/**
 * The ways, with working values of garden practice: fine char in a soak of compost 3 to 7 days, in a pond about two weeks, in a
 * heap two to six months.
 */
export const WAYS: readonly ChargeWay[] = table('Ways to charge', {
  days80: ['d', 'until four fifths of fine char are charged; practice'],
  sizePower: ['', 'how much longer bigger pieces take, as a power of their time in a soak; own estimate'],
  q10: ['times', 'as fast with ten kelvin more; own estimate'],
  livingShare: ['L/L', 'of compost to char; practice'],
  stirEveryDays: ['d', 'from one stir to the next; practice'],
  driesDays: ['d', 'until it is crumbly; practice'],
  shareLow: ['share', 'practice'],
  shareHigh: ['share', 'practice'],
}, [
  {
    id: 'soak',
    name: 'Soak with compost or castings',
    summary: 'Char and half to as much compost or castings, covered with sound water, stirred daily for about a week.',
    days80: range(3, 4.6, 7),
    sizePower: 1,
    q10: 1.6,
    with: 'living',
    kind: 'tub',
    livingShare: 0.6,
    aired: false,
    stirEveryDays: 1,
    driesDays: 7,
    wants: 'compost or castings, a tub',
    work: 'a stir a day',
  },
  {
    id: 'aired',
    name: 'Aired soak',
    summary: 'The same, thinner, with an air stone for two days at least; then lid ajar, in a warm place, until crumbly.',
    days80: range(2, 2.8, 4),
    sizePower: 1,
    q10: 1.6,
    with: 'living',
    kind: 'tub',
    livingShare: 0.4,
    aired: true,
    stirEveryDays: 1,
    driesDays: 7,
    wants: 'an air pump on a protected circuit',
    work: 'a look at the air twice a day',
  },
  {
    id: 'nitrogen',
    name: 'Diluted urine or a nitrogen feed',
    summary: 'One part to ten of water over the char: quick and strong, from healthy people, and not for beds of salad.',
    days80: range(4, 7, 13),
    sizePower: 0.6,
    q10: 1.4,
    with: 'urine',
    kind: 'tub',
    livingShare: 0,
    aired: false,
    stirEveryDays: 2,
    driesDays: 7,
    wants: 'urine or a liquid feed',
    work: 'a stir every other day',
  },
  {
    id: 'pond',
    name: 'Bag in a pond, butt or trough',
    summary:
        'Mesh bags on a line, weighted, in water with weeds or fish in it: two weeks and more. It floats first, and hangs when it is wet.',
    days80: range(10, 14, 20),
    sizePower: 0.5,
    q10: 1.7,
    with: 'pond',
    kind: 'bag',
    livingShare: 0,
    aired: false,
    stirEveryDays: undefined,
    driesDays: 3,
    wants: 'a pond, a rain butt with weeds, a trough',
    work: 'a look a week',
  },
  {
    id: 'bedding',
    name: 'Under animals',
    summary: 'Strewn into bedding of hens, rabbits or a stable: it takes up smell and feed for months, then goes through a heap.',
    days80: range(60, 100, 170),
    sizePower: 0.3,
    q10: 1,
    with: 'dung',
    kind: 'bedding',
    livingShare: 0,
    aired: false,
    stirEveryDays: undefined,
    driesDays: 0,
    wants: 'animals',
    work: 'none beyond mucking out',
  },
  {
    id: 'in-heap',
    name: 'In a heap',
    summary: 'A twentieth to a tenth of its volume, strewn into the layers: ready with the compost, two to six months.',
    travels: 'heap',
    days80: range(60, 100, 180),
    sizePower: 0.3,
    q10: 1,
    with: 'living',
    kind: 'batch',
    livingShare: 0,
    aired: false,
    stirEveryDays: undefined,
    driesDays: 0,
    wants: 'a heap that stands or is to be built',
    work: 'none of its own',
  },
  {
    id: 'with-worms',
    name: 'With worms',
    summary: 'A thin layer with each feed: worms carry it through the bin, and it comes out with the castings.',
    travels: 'worms',
    days80: range(60, 90, 150),
    sizePower: 0.3,
    q10: 1,
    with: 'living',
    kind: 'batch',
    livingShare: 0,
    aired: false,
    stirEveryDays: undefined,
    driesDays: 0,
    wants: 'a worm bin',
    work: 'none of its own',
  },
])

/** The way of this id, or the first. */
export function wayOf(approachId: string): ChargeWay {
  return WAYS.find(({ id }) => id === approachId) ?? WAYS[0] as ChargeWay
}

/** Piece sizes: how many times longer than fine ones they take in a soak. Practice: fine 3 to 7 days, chunks 7 to 14. */
export const SIZES = table('Sizes of char', {
  times: ['times', 'as long as fine ones in a soak; practice: fine 3 to 7 days, chunks 7 to 14'],
}, [
  { id: 'fine', label: (units: UnitSystem) => `fine, up to ${sieveText(5, units)}`, times: 1 },
  { id: 'middle', label: (units: UnitSystem) => `middle, ${sievesText(5, 15, units)}`, times: 1.45 },
  { id: 'coarse', label: (units: UnitSystem) => `chunks, ${sievesText(15, 50, units)}`, times: 2.1 },
] as const)

/** The size of this id, or the middle one. */
export function sizeOf(id: unknown): typeof SIZES[number] {
  return SIZES.find(one => one.id === id) ?? SIZES[1]
}
