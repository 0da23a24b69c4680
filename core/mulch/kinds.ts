import type { Family } from '../materials/material'
import type { Range } from '../units/range'
import { MULCH } from './constants'
import { table } from '../constants/constants'

/** What grows where it is spread, and how it takes it. */
export const CROPS = ['trees', 'perennials', 'vegetables', 'seedlings', 'path'] as const
export type Crop = typeof CROPS[number]
/** What it is spread for. */
export const REASONS = ['weeds', 'moist', 'frost', 'feed'] as const
export type Reason = typeof REASONS[number]

type Depths = readonly [low: number, typical: number, high: number]

/** How something lies on the ground: what it is spread of, how thick, how it settles and goes. Depths in metres as spread. */
export interface MulchKind {
  readonly id: string
  readonly name: string
  readonly summary: string
  readonly families: readonly Family[]
  /** What is taken of it while nothing is said. */
  readonly materialId: string
  /** What goes with it, half and half, where one alone would not do. */
  readonly besideId?: string
  readonly depthsM: Readonly<Record<Crop, Depths>>
  /** It lies at so much of its depth once it has settled, within so many days (a factor e). */
  readonly settles: Range
  readonly settlingDays: number
  /** What goes of it a year in moist warmth of 15 °C, as a rate. */
  readonly goesYear: Range
  /** It is topped up when so much of the depth wanted, settled, is left. */
  readonly refreshedAt: number
  /** Whether wind takes it when dry, and whether slugs hide in it. */
  readonly wind: 'much' | 'some' | 'none'
  readonly slugs: 'much' | 'some' | 'none'
}

/**
 * Depths after practice: leaves 15–30 cm where they can lie, green and dry 5–8, chips 5–10, grass in films; how they settle and go are
 * working values (leaf classes of leaf mould; wood a third as fast), within ranges that forecasts draw from.
 */
export const MULCH_KINDS: readonly MulchKind[] = table('Kinds of mulch', {
  depthsM: ['m', 'as spread, low, typical, high; practice'],
  settles: ['share', 'of its depth once settled; own estimate'],
  settlingDays: ['d', 'own estimate'],
  goesYear: ['1/a', 'rate in moist warmth of 15 °C; leaf classes of leaf mould, wood a third as fast'],
  refreshedAt: ['share', 'of the depth wanted is left, then it is topped up; practice'],
}, [
  {
    id: 'leaves',
    name: 'Leaves',
    summary: 'Autumn leaves, trodden and wetted: they sink to a third, worms take them in within a year.',
    families: ['leaf'],
    materialId: 'leaves-mixed',
    depthsM: {
      trees: [0.15, 0.25, 0.3], perennials: [0.08, 0.15, 0.2], vegetables: [0.05, 0.1, 0.15], seedlings: [0.01, 0.02, 0.03],
      path: [0.15, 0.25, 0.3],
    },
    settles: { low: 0.27, typical: 0.34, high: 0.43 }, settlingDays: 18, goesYear: { low: 0.5, typical: 0.95, high: 1.7 },
    refreshedAt: 0.4, wind: 'much', slugs: 'some',
  },
  {
    id: 'chips',
    name: 'Wood chips',
    summary: 'On top only: lasts longest, takes hardly any nitrogen as long as nobody digs it in.',
    families: ['wood'],
    materialId: 'wood-chips',
    depthsM: {
      trees: [0.06, 0.08, 0.1], perennials: [0.05, 0.06, 0.08], vegetables: [0.03, 0.04, 0.05], seedlings: [0.01, 0.02, 0.02],
      path: [0.08, 0.1, 0.15],
    },
    settles: { low: 0.72, typical: 0.8, high: 0.88 }, settlingDays: 40, goesYear: { low: 0.2, typical: 0.35, high: 0.6 },
    refreshedAt: 0.6, wind: 'none', slugs: 'some',
  },
  {
    id: 'straw',
    name: 'Straw',
    summary: 'Light and dry: under strawberries and between rows. It sinks to half with the first rain.',
    families: ['straw'],
    materialId: 'straw-wheat',
    depthsM: {
      trees: [0.1, 0.15, 0.2], perennials: [0.08, 0.1, 0.15], vegetables: [0.06, 0.1, 0.15], seedlings: [0.02, 0.03, 0.04],
      path: [0.1, 0.15, 0.2],
    },
    settles: { low: 0.4, typical: 0.5, high: 0.62 }, settlingDays: 14, goesYear: { low: 0.6, typical: 1, high: 1.7 }, refreshedAt: 0.5,
    wind: 'some', slugs: 'some',
  },
  {
    id: 'green-dry',
    name: 'Green and dry',
    summary: 'Fresh and dry mixed, a hand deep, renewed every two or three weeks: it feeds while it covers.',
    families: ['grass', 'plant', 'leaf', 'straw', 'kitchen'],
    materialId: 'grass-clippings',
    besideId: 'leaves-mixed',
    depthsM: {
      trees: [0.05, 0.07, 0.08], perennials: [0.05, 0.06, 0.08], vegetables: [0.05, 0.06, 0.08], seedlings: [0.01, 0.02, 0.03],
      path: [0.05, 0.06, 0.08],
    },
    settles: { low: 0.38, typical: 0.5, high: 0.62 }, settlingDays: 5, goesYear: { low: 5, typical: 8.5, high: 14 }, refreshedAt: 0.6,
    wind: 'none', slugs: 'much',
  },
  {
    id: 'grass',
    name: 'Grass',
    summary: 'Mowings in a thin film, dried a day, laid again after each cut: thick and wet it turns to slime.',
    families: ['grass'],
    materialId: 'grass-clippings',
    depthsM: {
      trees: [0.02, 0.03, 0.05], perennials: [0.02, 0.03, 0.04], vegetables: [0.01, 0.02, 0.03], seedlings: [0.005, 0.01, 0.01],
      path: [0.02, 0.03, 0.05],
    },
    settles: { low: 0.3, typical: 0.4, high: 0.5 }, settlingDays: 3, goesYear: { low: 5, typical: 9, high: 14 }, refreshedAt: 0.5,
    wind: 'none', slugs: 'some',
  },
  {
    id: 'compost',
    name: 'Compost',
    summary: 'Ripe or half ripe, spread flat: feeds and covers at once, weeds seed into it soonest.',
    families: ['finished'],
    materialId: 'compost-finished',
    depthsM: {
      trees: [0.03, 0.05, 0.08], perennials: [0.02, 0.04, 0.06], vegetables: [0.02, 0.03, 0.05], seedlings: [0.01, 0.01, 0.02],
      path: [0.02, 0.03, 0.05],
    },
    settles: { low: 0.72, typical: 0.8, high: 0.88 }, settlingDays: 20, goesYear: { low: 0.3, typical: 0.5, high: 0.9 },
    refreshedAt: 0.5, wind: 'none', slugs: 'none',
  },
])

/** The kind of this id, or the first. */
export function mulchKindOf(id: unknown): MulchKind {
  return MULCH_KINDS.find(kind => kind.id === id) ?? MULCH_KINDS[0]!
}

/** As what something of a family lies, by its material where that matters. */
export function mulchKindFor({
  family, structure, moistureFraction,
}: {
  readonly family: Family
  readonly structure: number
  readonly moistureFraction: { readonly typical: number }
}): MulchKind {
  const of: Readonly<Partial<Record<Family, string>>> = {
    leaf: 'leaves', wood: 'chips', straw: 'straw', finished: 'compost', manure: 'compost',
    grass: moistureFraction.typical > 0.5 ? 'grass' : 'straw',
  }
  return mulchKindOf(of[family] ?? (structure >= 2 ? 'straw' : 'green-dry'))
}

/** How thick it is spread for a crop and a reason, metres as spread loosely: never beyond what that crop bears. */
export function depthFor(kind: Pick<MulchKind, 'depthsM'>, crop: Crop, reason: Reason): Range {
  const [low, typical, high] = kind.depthsM[crop]
  const wanted = Math.min(high, Math.max(low, typical * MULCH.times[reason]))
  return { low, typical: Math.round(wanted * 200) / 200 || low, high }
}
