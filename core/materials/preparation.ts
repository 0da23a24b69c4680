import { range, type Range } from '../units/range'
import type { Family, Material } from './material'

/** What can be done to a material before it goes in. */
export const PREPARATIONS = ['shredded', 'chopped', 'soaked', 'wilted'] as const
export type Preparation = typeof PREPARATIONS[number]

/**
 * What a preparation does. Dry matter stays; volume, water, structure and pace change.
 * Working figures: a mower takes leaves to about six tenths, wilting a day or two takes grass from four fifths of water to about half.
 */
interface Effect {
  readonly families: readonly Family[]
  /** Loose volume after, as a share of the loose volume before. */
  readonly volumeShare: number
  readonly pace: number
  /** Moisture after; as before where it is not named. */
  readonly moistureFraction?: Range
  readonly structure: (before: Material['structure']) => Material['structure']
  /** Share that mats after, of the share before. */
  readonly matsShare: number
  /** What is cut small is mixed in, even twigs. */
  readonly mixedIn?: true
  readonly hint: string
}

const same = (before: Material['structure']) => before
const finer = (before: Material['structure']) => before === 3 ? 2 : before

const EFFECTS: Readonly<Record<Preparation, Effect>> = {
  shredded: {
    families: ['leaf', 'straw', 'paper', 'wood', 'plant'], volumeShare: 0.6, pace: 1.6, structure: finer, matsShare: 0, mixedIn: true,
    hint: 'mown over or torn to hand size: less room, quicker, mats less',
  },
  chopped: {
    families: ['kitchen', 'plant'], volumeShare: 0.85, pace: 1.3, structure: same, matsShare: 1, mixedIn: true,
    hint: 'cut short with a spade: quicker',
  },
  soaked: {
    families: ['leaf', 'straw', 'paper', 'wood', 'char'], volumeShare: 0.85, pace: 1, moistureFraction: range(0.58, 0.66, 0.74),
    structure: same, matsShare: 1, hint: 'overnight in a tub, drained: brings its own water',
  },
  wilted: {
    families: ['grass', 'plant'], volumeShare: 0.6, pace: 1, moistureFraction: range(0.4, 0.55, 0.68),
    structure: before => (before === 0 ? 1 : before), matsShare: 0.3, hint: 'a day or two spread thin: less water, mats less',
  },
}

/** What a preparation means, in a few words. */
export function preparationHint(preparation: Preparation): string {
  return EFFECTS[preparation].hint
}

/** The preparations that make sense for a material. */
export function preparationsFor({ family, moistureFraction, structure }: Material): Preparation[] {
  return PREPARATIONS.filter((one) => {
    const { families, moistureFraction: after } = EFFECTS[one]
    const changes = !after || (one === 'wilted' ? moistureFraction.typical > after.typical : moistureFraction.typical < after.typical)
    // Sawdust is as fine as it gets.
    const finer = one !== 'shredded' || family !== 'wood' || structure > 0
    return families.includes(family) && changes && finer
  })
}

/** Loose litres that one loose litre becomes; 1 when nothing is done. */
export function preparedVolumeShare(preparation: Preparation | undefined): number {
  return preparation ? EFFECTS[preparation].volumeShare : 1
}

/** Prepared materials, made once each: samples drawn for a material are kept by its identity. */
const made = new WeakMap<Material, Map<Preparation, Material>>()

function prepare(material: Material, preparation: Preparation): Material {
  const { volumeShare, pace, moistureFraction: after, structure, matsShare, mixedIn } = EFFECTS[preparation]
  const moistureFraction = after ?? material.moistureFraction
  // Dry mass stays: what was in one litre is now in a smaller one, with other water.
  const denser = (1 - material.moistureFraction.typical) / (1 - moistureFraction.typical) / volumeShare
  const { low, typical, high } = material.bulkDensityKgM3
  return Object.freeze({
    ...material,
    short: `${preparation} ${material.short}`,
    moistureFraction,
    bulkDensityKgM3: range(low * denser, typical * denser, high * denser),
    structure: structure(material.structure),
    pace: material.pace * pace,
    mats: material.mats * matsShare,
    part: mixedIn && material.part === 'base' ? 'mix' : material.part,
  })
}

/** A material after a preparation; itself when nothing is done. */
export function preparedMaterial(material: Material, preparation: Preparation | undefined): Material {
  if (!preparation) return material
  const known = made.get(material) ?? new Map<Preparation, Material>()
  made.set(material, known)
  const ready = known.get(preparation) ?? prepare(material, preparation)
  known.set(preparation, ready)
  return ready
}
