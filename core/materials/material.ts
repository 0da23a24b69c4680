import { range, scaleRange, type Range } from '../units/range'

/** What a material is drawn and grouped as. */
export const FAMILIES = [
  'leaf', 'grass', 'straw', 'paper', 'wood', 'kitchen', 'plant', 'manure', 'feed', 'finished', 'mineral', 'char',
] as const
export type Family = (typeof FAMILIES)[number]

/** What a material is to a heap: mixed in, a coarse layer under it, something to start it, or ballast that decays next to nothing. */
export const PARTS = ['mix', 'base', 'starter', 'ballast'] as const
export type Part = (typeof PARTS)[number]

/** Whether compost worms take it. */
export type WormTaste = 'yes' | 'some' | 'little' | 'thin' | 'aged' | 'no'

/** What a material may bring along that outlasts it: into a batch, what comes of it, and the bed. */
export const RISKS = ['dung', 'urine', 'meat', 'weedkiller', 'juglone', 'salts', 'seeds', 'sickness'] as const
export type Risk = (typeof RISKS)[number]

/** How coarse char is, where it is not crushed. */
export type CharPieces = 'lump' | 'coarse'

/** What a material does to the soil's reaction. Ash is lime by another name, and strong. */
export const MATERIAL_REACTIONS = ['sour', 'neutral', 'limy', 'ash'] as const
export type MaterialReaction = (typeof MATERIAL_REACTIONS)[number]

/** How it goes onto a bed: a depth of it, a film, on top as a mulch, or not at all as it is. */
export type Spreading = 'depth' | 'film' | 'mulch' | 'not'

/** What a material is in a growing mix, when it is ripe. */
export const GROWING_PARTS = [
  'compost', 'castings', 'leaf-mould-fine', 'leaf-mould-coarse', 'tower-compost', 'char', 'loam', 'sand', 'grit', 'coir', 'bark', 'perlite',
] as const
export type GrowingPart = (typeof GROWING_PARTS)[number]

/** One material with what the arithmetic needs. Fractions are 0..1; ranges are the extremes met in practice. */
export interface Material {
  readonly id: string
  readonly name: string
  /** Other words it is looked for by. */
  readonly words: string
  /** The word used in sentences: "half of the grass". */
  readonly short: string
  readonly family: Family
  /** Nitrogen as a fraction of dry matter. */
  readonly nitrogenFraction: Range
  /** Carbon to nitrogen ratio by mass of the elements. */
  readonly carbonToNitrogen: Range
  /** Water as a fraction of wet mass. */
  readonly moistureFraction: Range
  /** Wet bulk density when filled loosely, kg/m³. */
  readonly bulkDensityKgM3: Range
  /** Lignin as a fraction of volatile solids. */
  readonly ligninFraction: number
  /** Ash as a fraction of dry matter. */
  readonly ashFraction: number
  /** How well it holds a pile open: 0 mats, 3 stands like twigs. */
  readonly structure: 0 | 1 | 2 | 3
  /** Share of its loose volume that packs into mats when wet, 0..1. */
  readonly mats: number
  /** What it is to a heap; only what is mixed in counts for the ratio. */
  readonly part: Part
  /** Share of the organic matter that microbes can use within a season, where lignin does not tell (keratin). */
  readonly usableFraction?: number
  /** Days it keeps in a sack or bucket before it spoils. */
  readonly keepsDays: number
  readonly worms: WormTaste
  /** Months of the northern year in which it is around; empty means all year. */
  readonly months: readonly number[]
  readonly cautions: readonly string[]
  /** What it may bring along into whatever is made of it. */
  readonly brings: readonly Risk[]
  /** Pieces of char that are not crushed. */
  readonly pieces?: CharPieces
  /** Char that is charged as it comes. */
  readonly charged: boolean
  readonly reaction: MaterialReaction
  readonly spreading: Spreading
  /** Nothing where it has no place in pots. */
  readonly growsAs?: GrowingPart
  /** The mesh that all of it goes through as it comes, mm; nothing where nobody sieved it. */
  readonly throughMm?: number
  /** What goes through a fine sieve of it is called, and what stays on one, where that is another material; and it is such a rest. */
  readonly finerAs?: string
  readonly oversAs?: string
  readonly stayedOnSieve?: boolean
  /** Most of a mix, by loose volume, that is taken of it, 0..1: more of it holds a heap back or spoils what comes of it. */
  readonly mostShare?: number
  /** How much faster than usual it is used up, by its piece size; 1 as it comes. */
  readonly pace: number
  /** Which of its values are the gardener's own, and how they came to be known. */
  readonly known: Readonly<Partial<Record<RangedValue, Known>>>
  /** Loose bulk density that its packing goes by when its own was weighed, kg/m³. */
  readonly packsLikeKgM3?: number
}

/** The values of a material that have a range. */
export const RANGED_VALUES = ['nitrogenFraction', 'carbonToNitrogen', 'moistureFraction', 'bulkDensityKgM3'] as const
export type RangedValue = (typeof RANGED_VALUES)[number]

/** How a gardener came to a value of their own. */
export type Known = { readonly kind: 'measured', readonly times: number, readonly lastAt: string } | { readonly kind: 'typed' }

type Triple = readonly [low: number, typical: number, high: number]

/** A library row in the units such tables are usually written in. */
export interface MaterialRow extends Pick<
  Material,
  'id' | 'name' | 'short' | 'family' | 'structure' | 'keepsDays' | 'worms' | 'months' | 'cautions'
> {
  readonly nitrogenPct: Triple
  readonly carbonToNitrogen: Triple
  readonly moisturePct: Triple
  readonly bulkKgM3: Triple
  readonly ligninPctVs: number
  readonly ashPct: number
  readonly words?: string
  /** Where it is not told by how it stands: what has no structure mats wholly, all else not at all. */
  readonly mats?: number
  /** Where it is not told by its family: char, soil and ash are ballast, all else is mixed in. */
  readonly part?: Part
  readonly usableFraction?: number
  readonly mostShare?: number
  /** Where it is not told by its family: dung brings dung, all else nothing. */
  readonly brings?: readonly Risk[]
  readonly pieces?: CharPieces
  readonly charged?: boolean
  /** Where it is not told by its family: char is limy, all else neutral. */
  readonly reaction?: MaterialReaction
  /** Where it is not told by its family: what is finished goes on in a depth, all else has rules of its own. */
  readonly spreading?: Spreading
  readonly growsAs?: GrowingPart
  readonly throughMm?: number
  readonly finerAs?: string
  readonly oversAs?: string
  readonly stayedOnSieve?: boolean
}

const BALLAST_FAMILIES: readonly Family[] = ['char', 'mineral']

/** What a material of a family is to a heap, how much of it mats by how it stands, and what it brings, where nothing else is said of it. */
export function usualKind(
  { family, structure }: Pick<Material, 'family' | 'structure'>,
): Pick<Material, 'mats' | 'part' | 'brings' | 'reaction' | 'spreading'> {
  return {
    reaction: family === 'char' ? 'limy' : 'neutral', spreading: family === 'finished' ? 'depth' : 'not',
    mats: structure === 0 ? 1 : 0, part: BALLAST_FAMILIES.includes(family) ? 'ballast' : 'mix',
    brings: family === 'manure' ? ['dung'] : [],
  }
}

/** A material in the core's units from a row in table units (per cent and kg/m³). */
export function material(row: MaterialRow): Material {
  const { nitrogenPct, carbonToNitrogen, moisturePct, bulkKgM3, ligninPctVs, ashPct, ...same } = row
  return Object.freeze({
    ...same,
    words: row.words ?? '',
    mats: row.mats ?? usualKind(row).mats,
    part: row.part ?? usualKind(row).part,
    brings: row.brings ?? usualKind(row).brings,
    charged: row.charged ?? false,
    reaction: row.reaction ?? usualKind(row).reaction,
    spreading: row.spreading ?? usualKind(row).spreading,
    pace: 1,
    known: {},
    nitrogenFraction: scaleRange(range(...nitrogenPct), 0.01),
    carbonToNitrogen: range(...carbonToNitrogen),
    moistureFraction: scaleRange(range(...moisturePct), 0.01),
    bulkDensityKgM3: range(...bulkKgM3),
    ligninFraction: ligninPctVs / 100,
    ashFraction: ashPct / 100,
  })
}

/** Carbon as a fraction of dry matter, from nitrogen and the ratio. */
export function carbonFraction(of: Material): number {
  return of.nitrogenFraction.typical * of.carbonToNitrogen.typical
}

/**
 * Share of the organic matter that microbes can use within a season:
 * 0.830 − 0.028·L with L lignin in % of volatile solids, never below 0.05 (Chandler et al. 1980); of keratin what is known of it.
 */
export function biodegradableFraction(of: Material): number {
  return of.usableFraction ?? Math.max(0.05, 0.83 - 0.028 * of.ligninFraction * 100)
}

/** What decays at least so far within a season counts in full: the middle of what gardens bring (docs/models.md). */
const FULLY_DECAYING = 0.4
/** Of wood in pieces only the skin is within reach. */
const WOOD_REACHED = [1, 1, 0.8, 0.3] as const

/**
 * Share of a material's carbon and nitrogen that takes part in the heat of a heap, 0..1: chips and oak leaves little,
 * grass and scraps all of it; what is not mixed in none.
 */
export function partakingShare(of: Material): number {
  if (of.part !== 'mix') return 0
  const reached = of.family === 'wood' ? WOOD_REACHED[of.structure] : 1
  return Math.min(1, (biodegradableFraction(of) * reached) / FULLY_DECAYING)
}

/** How many times the most that is taken of it a mix of nothing else would be; 0 where there is no such most. */
export function dosesOf({ mostShare }: Pick<Material, 'mostShare'>): number {
  return mostShare === undefined ? 0 : 1 / mostShare
}

/** What is taken of a material of which only its worth is known. */
export const BLANK_MATERIAL: Pick<Material, 'keepsDays' | 'worms' | 'months' | 'cautions' | 'known' | 'words' | 'charged'> = {
  keepsDays: 365, worms: 'some', months: [], cautions: [], known: {}, words: '', charged: false,
}
