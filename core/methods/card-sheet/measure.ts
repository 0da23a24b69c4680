import { findMaterial } from '../../materials/book'
import type { Material } from '../../materials/material'
import type { Ingredient } from '../../mix/portion'
import type { Piece } from '../../questions/pieces'
import { CARD_KG_M2, NEWS_KG_M2 } from '../../sheets/soaking'
import type { ContainerThen } from '../../units/container'
import { ownOf, type Measuring } from '../contract'
import { quantityText } from '../../units/format'
import { counted } from '../../units/plural'
import type { UnitSystem } from '../../units/system'
import type { SheetPlan } from './plan'

/** A size as it is said: "80 × 60 cm", the unit once. */
export function sizeText({ lengthM, widthM }: Pick<Piece, 'lengthM' | 'widthM'>, units: UnitSystem): string {
  const [long, wide] = [quantityText('length', units, lengthM), quantityText('length', units, widthM)]
  const [number, unit] = long.split(/\s/)
  return unit !== undefined && wide.endsWith(unit) ? `${number} × ${wide}` : `${long} × ${wide}`
}

const NAMES = {
  card: ['box opened flat', 'boxes opened flat'], news: ['sheet of newsprint', 'sheets of newsprint'], roll: ['roll', 'rolls'],
} as const

/** A flat piece as something that can be counted and kept: as many litres as its card would be, torn. */
export function pieceContainer(piece: Piece, units: UnitSystem): { readonly material: Material, readonly container: ContainerThen } {
  const material = findMaterial(piece.sort === 'news' ? 'newsprint' : 'card-flat') as Material
  const kg = piece.lengthM * piece.widthM * (piece.sort === 'news' ? NEWS_KG_M2 : CARD_KG_M2)
  const cm = (metres: number) => Math.round(metres * 100)
  const [name, plural] = NAMES[piece.sort]
  return {
    material,
    container: {
      id: `flat-${piece.sort}-${cm(piece.lengthM)}x${cm(piece.widthM)}`, name: `${name}, ${sizeText(piece, units)}`,
      plural: `${plural}, ${sizeText(piece, units)}`, volumeL: Math.max(0.02, (kg / material.bulkDensityKgM3.typical) * 1000),
    },
  }
}

const of = (material: Material, count: number, container: ContainerThen): Ingredient => ({
  material, amount: { count, container, packing: 'loose' },
})
function piecesOf({ layout, pieces, newsLayers, layers }: SheetPlan, units: UnitSystem): Ingredient[] {
  return pieces.flatMap((piece, size): Ingredient[] => {
    const used = layout?.used[size] ?? 0
    if (used === 0) return []
    const { material, container } = pieceContainer(piece, units)
    // A roll is cut: its litres are what was laid of it.
    const count = piece.sort === 'news' ? used * newsLayers : piece.sort === 'card' ? used * layers : Math.min(piece.count, used)
    return [of(material, count, container)]
  })
}

function coverOf({ cover, coverL }: SheetPlan, measuring: Measuring): Ingredient[] {
  const container = ownOf('barrow', measuring)
  return coverL > 0 ? [of(cover.material, Math.round(coverL / container.volumeL * 10) / 10, container)] : []
}

/** What goes into it: one's own pieces and the cover, or card torn with compost. */
export function recipeOf(plan: SheetPlan, measuring: Measuring): Ingredient[] {
  if (plan.way.laid) return [...piecesOf(plan, measuring.units), ...coverOf(plan, measuring)]
  const container = ownOf('bucket', measuring)
  const litres = (value: number) => Math.round(value / container.volumeL * 10) / 10
  return [
    of(findMaterial('cardboard') as Material, litres(plan.torn.cardL), container),
    of(findMaterial('compost-finished') as Material, litres(plan.torn.compostL), container),
  ]
}

/** How many of the missing pieces there have to be: of newsprint as many as lie in a layer, of card as many as lie on one another. */
export function missingCount({ layout, missingLike, newsLayers, layers }: SheetPlan): number {
  return (layout?.missing ?? 0) * (missingLike.sort === 'news' ? newsLayers : layers)
}

/** The missing pieces as they are said: "14 boxes of 80 × 60 cm", "60 sheets of newsprint of 57 × 40 cm". */
export function missingText(plan: SheetPlan, units: UnitSystem): string {
  const [one, more] = plan.missingLike.sort === 'news' ? NAMES.news : ['box', 'boxes']
  return `${counted(missingCount(plan), one, more)} of ${sizeText(plan.missingLike, units)}`
}

/** What has to be gathered: the pieces that are missing, and the cover. */
export function wantsOf(plan: SheetPlan, measuring: Measuring): Ingredient[] {
  if (!plan.way.laid) return recipeOf(plan, measuring)
  const missing = missingCount(plan)
  const { material, container } = pieceContainer(plan.missingLike, measuring.units)
  return [...(missing > 0 ? [of(material, missing, container)] : []), ...coverOf(plan, measuring)]
}
