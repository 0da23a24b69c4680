import { findMaterial } from '../../materials/book'
import type { Material } from '../../materials/material'
import type { Approach } from '../contract'
import { table } from '../../constants/constants'
import { BED } from './constants'

/** One way of heating a bed: what it is of, by loose parts. */
export interface BedWay extends Approach {
  readonly parts: readonly {
    readonly materialId: string
    readonly share: number
    /** What takes its place while no grass grows. */
    readonly inColdId?: string
  }[]
  /** Soil on it as usual, metres; of trays only the sand they stand in. */
  readonly soilM: number
  readonly trays: boolean
}

const MANURE = 'horse-manure-straw'

/** Every way, the first offered first. */
export const WAYS: readonly BedWay[] = table('Fillings of a hotbed', {
  parts: ['share', 'of its litres; practice'],
  soilM: ['m', 'of soil on top; practice'],
}, [
  {
    id: 'manure', name: 'Fresh manure and straw', summary: 'From a stable, some days old at most: the surest and the warmest.',
    parts: [{ materialId: MANURE, share: 1 }], soilM: 0.15, trays: false,
  },
  {
    id: 'leaves', name: 'Leaves with manure', summary: 'Half and half: milder, and longer.',
    parts: [
      { materialId: MANURE, share: 0.5 }, { materialId: 'leaves-mixed', share: 0.5 },
    ],
    soilM: 0.15, trays: false,
  },
  {
    id: 'greens', name: 'Straw with grass or seaweed',
    summary: 'Without a stable: two parts of straw, one of fresh grass or seaweed, well wetted.',
    parts: [
      { materialId: 'straw-wheat', share: 0.67 }, { materialId: 'grass-clippings', share: 0.33, inColdId: 'seaweed' },
    ],
    soilM: 0.15, trays: false,
  },
  {
    id: 'chips', name: 'Chipped green branches',
    summary: 'Three parts of fresh chips, one of grass or dung: slow to begin, cooler, and longest.',
    parts: [
      { materialId: 'chips-ramial', share: 0.75 }, { materialId: 'grass-clippings', share: 0.25, inColdId: MANURE },
    ],
    soilM: 0.15, trays: false,
  },
  {
    id: 'trays', name: 'Tray frame',
    summary: 'Trays in a hand of sand on the warm bed: seedlings share its heat, and can be carried away.',
    parts: [{ materialId: MANURE, share: 1 }], soilM: 0.06, trays: true,
  },
  {
    id: 'tub', name: 'Small buried tub',
    summary: 'A tub sunk to its rim, filled, trodden, a hand of soil and a pane on it: a few pots, two or three weeks.',
    parts: [{ materialId: MANURE, share: 1 }], soilM: 0.1, trays: false,
  },
])

/** The way of this id, or the first. */
export function bedWayOf(id: string): BedWay {
  return WAYS.find(way => way.id === id) ?? WAYS[0]!
}

/** The parts of a way with their materials, as they are to be had in air of so many °C. */
export function partsOf({ parts }: Pick<BedWay, 'parts'>, airC: number): { readonly material: Material, readonly share: number }[] {
  return parts.map(({ materialId, share, inColdId }) => ({
    material: findMaterial(airC < BED.grassGrowsC ? inColdId ?? materialId : materialId) as Material, share,
  }))
}
