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
import { SHEET } from './constants'
import type { Cut, SheetPlan } from './plan'

/** A size as it is said: "80 × 60 cm", the unit once. */
export function sizeText({ lengthM, widthM }: Pick<Piece, 'lengthM' | 'widthM'>, units: UnitSystem): string {
  const [long, wide] = [quantityText('length', units, lengthM), quantityText('length', units, widthM)]
  const [number, unit] = long.split(/\s/)
  return unit !== undefined && wide.endsWith(unit) ? `${number} × ${wide}` : `${long} × ${wide}`
}

const NAMES = {
  card: ['box opened flat', 'boxes opened flat'], news: ['sheet of newsprint', 'sheets of newsprint'], roll: ['roll', 'rolls'],
} as const
/** What a piece is called: what is smaller than any box is a piece of card. */
const nameOf = ({ sort, widthM, lengthM }: Piece): readonly [one: string, more: string] =>
  sort === 'card' && Math.max(widthM, lengthM) < SHEET.leastBoxM ? ['piece of card', 'pieces of card'] : NAMES[sort]

/** A flat piece as something that can be counted and kept: as many litres as its card would be, torn. */
export function pieceContainer(piece: Piece, units: UnitSystem): { readonly material: Material, readonly container: ContainerThen } {
  const material = findMaterial(piece.sort === 'news' ? 'newsprint' : 'card-flat') as Material
  const kg = piece.lengthM * piece.widthM * (piece.sort === 'news' ? NEWS_KG_M2 : CARD_KG_M2)
  const cm = (metres: number) => Math.round(metres * 100)
  const [name, plural] = nameOf(piece)
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
/** So many of what is had make so many places: newsprint lies in its sheets, card in its layers, and some is cut into strips. */
function wholesFor(places: number, { piece, parts }: Cut, { newsLayers, layers }: Pick<SheetPlan, 'newsLayers' | 'layers'>): number {
  return Math.ceil(places * (piece.sort === 'news' ? newsLayers : layers) / parts - 1e-9)
}

function piecesOf(plan: SheetPlan, units: UnitSystem): Ingredient[] {
  return plan.pieces.flatMap((piece, size): Ingredient[] => {
    const used = plan.layout?.used[size] ?? 0
    if (used === 0) return []
    const { material, container } = pieceContainer(plan.wholes[size]!.piece, units)
    // A roll is cut: its litres are what was laid of it.
    return [of(material, piece.sort === 'roll' ? Math.min(piece.count, used) : wholesFor(used, plan.wholes[size]!, plan), container)]
  })
}

/** How many of a gardener's own pieces are laid, rolls as cuts. */
export function ownCount(plan: SheetPlan): number {
  return plan.pieces.reduce((sum, piece, size) => {
    const used = plan.layout?.used[size] ?? 0
    return sum + (piece.sort === 'card' ? wholesFor(used, plan.wholes[size]!, plan) : used)
  }, 0)
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
export function missingCount(plan: SheetPlan): number {
  return wholesFor(plan.layout?.missing ?? 0, plan.wholes.at(-1)!, plan)
}

/** The missing pieces as they are said: "14 boxes of 80 × 60 cm", "60 sheets of newsprint of 57 × 40 cm". */
export function missingText(plan: SheetPlan, units: UnitSystem): string {
  const { piece } = plan.wholes.at(-1)!
  const [name, plural] = nameOf(piece)
  // Of boxes it is said beside them that they are opened flat.
  const [one, more] = name === NAMES.card[0] ? ['box', 'boxes'] : [name, plural]
  return `${counted(missingCount(plan), one, more)} of ${sizeText(piece, units)}`
}

/** What has to be gathered: the pieces that are missing, and the cover. */
export function wantsOf(plan: SheetPlan, measuring: Measuring): Ingredient[] {
  if (!plan.way.laid) return recipeOf(plan, measuring)
  const missing = missingCount(plan)
  const { material, container } = pieceContainer(plan.wholes.at(-1)!.piece, measuring.units)
  return [...(missing > 0 ? [of(material, missing, container)] : []), ...coverOf(plan, measuring)]
}
