import { burnt, type Burnt, type BurnTrouble } from '../../char/burn'
import { woodMoisture, type Dryness, type Thickness, THICKNESSES } from '../../char/wood'
import type { Answers } from '../../questions/answers'
import { portionOf, type Ingredient } from '../../mix/portion'
import type { Outcome } from '../../outcome/outcome'
import { numberOf } from '../../questions/question'
import { range, type Range } from '../../units/range'
import { asVessel, siteVolumeL, type Site } from '../../vessel/site'
import type { MaterialBook } from '../../materials/book'
import type { Material } from '../../materials/material'
import type { LoadShape, Way } from './ways'
import { AFTER, BEFORE, KNOWN_BY, METER, MONTHS, THICK } from './words'
import { CHAR } from '../../char/constants'

const WOOD = 'wood-dry'

/** What is burnt: its mass with the water in it, and its shape. */
export interface Load extends LoadShape {
  readonly wetKg: number
  readonly dampness: Range
  /** Nothing was said: a vessel full of dry wood is taken. */
  readonly assumed: boolean
  /** Numbers of a weighing that cannot be. */
  readonly odd?: string
}

function drynessOf(answers: Answers): Dryness {
  const by = answers[KNOWN_BY]
  if (by === 'meter') return { kind: 'meter', percentOfDry: numberOf(answers, METER) ?? 18 }
  if (by === 'weighed') return { kind: 'weighed', before: numberOf(answers, BEFORE) ?? 0, after: numberOf(answers, AFTER) ?? 0 }
  if (by === 'months')
    return {
      kind: 'months', months: numberOf(answers, MONTHS) ?? 8,
      thickness: (THICKNESSES.find(one => one === answers[THICK]) as Thickness | undefined) ?? 'wrist',
    }
  return { kind: 'snap', snaps: by !== 'bends' }
}

/** Water in the wood as the gardener knows it. */
export function dampnessOf(answers: Answers): { readonly moisture: Range, readonly odd?: string } {
  const known = woodMoisture(drynessOf(answers))
  if (known.ok) return { moisture: known.value }
  return {
    moisture: range(0.12, 0.2, 0.4),
    odd:
      known.error === 'heavier-dry'
        ? 'A split cannot weigh more dry than before: weigh again.'
        : 'Say both weights of the split: before drying and when it loses no more.',
  }
}

/** Whether something is charred: wood in any shape, or peels that are dry. All else smokes. */
export function isBurnable({ family, part }: Pick<Material, 'family' | 'part'>): boolean {
  return family === 'wood' || (family === 'kitchen' && part === 'base')
}

const dryKgOf = (material: Material, litres: number) =>
  ((litres * material.bulkDensityKgM3.typical) / 1000) * (1 - material.moistureFraction.typical)

/** What goes in by what was said of it, as far as it chars; a vessel full of dry wood where nothing was. */
export function loadOf(ingredients: readonly Ingredient[], answers: Answers, site: Site, way: Way, materials: MaterialBook): Load {
  const { moisture, odd } = dampnessOf(answers)
  const said = ingredients.map(portionOf).filter(({ material, looseVolumeL }) => looseVolumeL > 0 && isBurnable(material))
  const roomL = siteVolumeL(site) * way.fills
  const wood = materials.find(WOOD)
  const litres = said.length > 0 ? said.reduce((sum, { looseVolumeL }) => sum + looseVolumeL, 0) : roomL
  const dryKg
    = said.length > 0
      ? said.reduce((sum, { material, looseVolumeL }) => sum + dryKgOf(material, looseVolumeL), 0)
      : wood
        ? dryKgOf(wood, roomL)
        : 0
  const high = asVessel(site).heightM * way.fills
  return {
    litres, wetKg: dryKg / (1 - moisture.typical), moisture: moisture.typical, dampness: moisture,
    heightM: Math.min(high, high * litres / roomL), assumed: said.length === 0, ...(odd ? { odd } : {}),
  }
}

/** A load at the usual yield of its way, and at the ends of what is usual. */
export interface Yielded { readonly typical: Outcome<Burnt, BurnTrouble>, readonly crushedL: Range }

/** What a load gives, with its range: yield and water both vary. */
export function yielded(load: Pick<Load, 'wetKg' | 'dampness' | 'moisture'>, { yieldOfDry }: Way): Yielded {
  const at = (share: number, moisture: number) =>
    burnt((load.wetKg * (1 - load.moisture)) / (1 - Math.min(0.44, moisture)), Math.min(0.44, moisture), share)
  const litres = (share: number, moisture: number) => {
    const one = at(share, moisture)
    return one.ok ? one.value.crushedL : 0
  }
  return {
    typical: burnt(load.wetKg, load.moisture, yieldOfDry.typical),
    crushedL: range(
      litres(yieldOfDry.low, load.dampness.high), litres(yieldOfDry.typical, load.moisture), litres(yieldOfDry.high, load.dampness.low),
    ),
  }
}

/** Litres of crushed char that water in the wood costs, against the same wood dry; never below 0. */
export function lostL(load: Pick<Load, 'wetKg' | 'moisture'>, way: Way, moisture = load.moisture): number {
  const dryKg = load.wetKg * (1 - load.moisture)
  const of = (share: number) => {
    const one = burnt(dryKg / (1 - share), share, way.yieldOfDry.typical)
    return one.ok ? one.value.crushedL : 0
  }
  return Math.max(0, of(CHAR.usualMoisture) - of(Math.min(0.44, moisture)))
}
