import type { Corner } from '../../ground/outline'
import { shapePieces } from '../../ground/shape'
import type { Answers } from '../../questions/answers'
import { layOut, type Layout } from '../../sheets/layout'
import { readPieces, type Piece } from '../../questions/pieces'
import { CARD_KG_M2, CARD_MOISTURE, GROUND_L_M2, NEWS_KG_M2, waterToSoakL } from '../../sheets/soaking'
import { numberOf } from '../../questions/question'
import { siteAreaM2, siteVolumeL, type Site } from '../../vessel/site'
import { coverOf } from './covers'
import { sheetWayOf, type SheetWay } from './ways'
import { COVER, COVER_M, GROUND, NEWS_LAYERS, OVERLAP_M, PIECES, SHARES } from './words'
import { SHEET } from './constants'

/** A box as most of them are when opened flat. */
export const USUAL_BOX: Piece = { sort: 'card', count: 1, ...SHEET.usualBox }

/** What a sheet is to be. */
export interface SheetPlan {
  readonly way: SheetWay
  readonly areaM2: number
  readonly overlapM: number
  /** Pieces as they are laid: newsprint as stacks of so many sheets. */
  readonly pieces: readonly Piece[]
  readonly missingLike: Piece
  /** What each size was cut from, and into how many; what is missing comes last. */
  readonly wholes: readonly Cut[]
  readonly newsLayers: number
  readonly layers: number
  /** Nothing where it is torn. */
  readonly layout: Layout | undefined
  readonly cover: ReturnType<typeof coverOf>
  readonly coverM: number
  readonly coverL: number
  /** Kilograms of card and paper as they come, and litres of water for ground, card and cover. */
  readonly cardKg: number
  readonly water: { readonly groundL: number, readonly cardL: number, readonly coverL: number }
  /** Litres of torn card and of compost, where it is torn. */
  readonly torn: { readonly cardL: number, readonly compostL: number }
}

/** A piece as it is had, and into how many strips it is cut. */
export interface Cut { readonly piece: Piece, readonly parts: number }

/**
 * A piece cut lengthwise for a trench, along the side that gives the longest run; whole where it is narrower than the trench. @param
 * stripM how wide the trench is; nothing where all of a ground is covered.
 */
function cutFor(piece: Piece, stripM: number | undefined, overlapM: number): { readonly laid: Piece, readonly cut: Cut } {
  const { widthM, lengthM } = piece
  const [best] = stripM === undefined || piece.sort === 'roll'
    ? []
    : [[lengthM, widthM] as const, [widthM, lengthM] as const]
        .map(([cutM, alongM]) => ({ cutM, alongM, parts: Math.floor(cutM / stripM + 1e-9) }))
        .filter(({ parts, alongM }) => parts >= 1 && alongM > overlapM + 0.1)
        .sort((a, b) => b.parts * (b.alongM - overlapM) - a.parts * (a.alongM - overlapM))
  return best
    ? {
        laid: { ...piece, widthM: best.cutM / best.parts, lengthM: best.alongM, count: piece.count * best.parts },
        cut: { piece, parts: best.parts },
      }
    : { laid: piece, cut: { piece, parts: 1 } }
}

/** Ground drawn in by half an overlap all around: in a trench nothing passes the edge. */
const drawnIn = (byM: number) => (corners: readonly Corner[]): Corner[] => {
  const along = (axis: 0 | 1) => corners.map(corner => corner[axis])
  const [left, right, front, back] = [Math.min(...along(0)), Math.max(...along(0)), Math.min(...along(1)), Math.max(...along(1))]
  const inset = Math.min(byM, 0.4 * (right - left), 0.4 * (back - front))
  return [[left + inset, front + inset], [right - inset, front + inset], [right - inset, back - inset], [left + inset, back - inset]]
}

/** Parts of torn card to parts of compost, by school. */
const PARTS: Readonly<Record<string, readonly [card: number, compost: number]>> = { half: [1, 2], double: [2, 1] }
const stackOf
  = (newsLayers: number, layers: number) =>
    ({ sort, count, widthM, lengthM }: Piece): Piece => ({
      sort, widthM, lengthM, count: Math.floor(count / (sort === 'news' ? newsLayers : sort === 'card' ? layers : 1)),
    })

function kilograms({ laidBySizeM2 }: Layout, pieces: readonly Piece[], missingLike: Piece, newsLayers: number, layers: number): number {
  return [...pieces, missingLike].reduce(
    (sum, { sort }, size) => sum + laidBySizeM2[size]! * (sort === 'news' ? NEWS_KG_M2 * newsLayers : CARD_KG_M2 * layers), 0,
  )
}

const planned = new Map<string, SheetPlan>()

/** The plan behind the answers of a batch or a bench. The same answers have the same plan. */
export function sheetPlan(given: { readonly site: Site, readonly approachId: string, readonly answers: Answers }): SheetPlan {
  const key = JSON.stringify([given.site, given.approachId, given.answers])
  const known = planned.get(key)
  if (known) return known
  if (planned.size > SHEET.mostKept) planned.clear()
  const made = planFor(given)
  planned.set(key, made)
  return made
}

function planFor({
  site, approachId, answers,
}: {
  readonly site: Site
  readonly approachId: string
  readonly answers: Answers
}): SheetPlan {
  const way = sheetWayOf(approachId)
  const areaM2 = siteAreaM2(site)
  const overlapM = Math.min(0.3, numberOf(answers, OVERLAP_M) ?? SHEET.usualOverlapM)
  const newsLayers = Math.max(1, Math.round(numberOf(answers, NEWS_LAYERS) ?? SHEET.usualNewsLayers))
  const layers = way.id === 'trench' ? SHEET.trenchLayers : 1
  const stripM = way.id === 'trench' && site.kind === 'area' && site.ground.shape === 'strip' ? site.ground.widthM : undefined
  const cuts = readPieces(answers[PIECES]).map(piece => cutFor(piece, stripM, overlapM))
  const pieces = cuts.map(({ laid }) => stackOf(newsLayers, layers)(laid))
  // Who has newsprint alone is short of newsprint, not of boxes.
  const sort = pieces.some(one => one.sort === 'card') || !pieces.some(one => one.sort === 'news') ? 'card' : 'news'
  const largest = pieces.filter(one => one.sort === sort).sort((a, b) => b.count - a.count)[0]
  const fits = largest && Math.min(largest.widthM, largest.lengthM) > overlapM + 0.1
  const lacking = fits ? cuts[pieces.indexOf(largest)]! : cutFor(USUAL_BOX, stripM, overlapM)
  const missingLike = { ...lacking.laid, count: 1 }
  const whole = site.kind === 'area' ? shapePieces(site.ground) : []
  const covered = stripM === undefined ? whole : whole.map(drawnIn(overlapM / 2))
  const layout = way.laid && site.kind === 'area' ? layOut({ ground: covered, pieces, missingLike, overlapM }) : undefined
  const cover = coverOf(answers[COVER])
  const coverM = way.id === 'whole' ? ((said => said > 0 ? said : cover.usualM)(numberOf(answers, COVER_M) ?? 0)) : 0
  const coverL = coverM * areaM2 * 1000
  const [card, compost] = PARTS[String(answers[SHARES])] ?? PARTS.half!
  // Mixed, the fine fills the gaps of the coarse: a quarter more goes in than the room it takes.
  const roomL = way.laid ? 0 : siteVolumeL(site) * 1.25
  const torn = { cardL: roomL * card / (card + compost), compostL: roomL * compost / (card + compost) }
  const cardKg = layout ? kilograms(layout, pieces, missingLike, newsLayers, layers) : torn.cardL * SHEET.tornKgL
  const ground = answers[GROUND] === 'dry' ? GROUND_L_M2.dry : answers[GROUND] === 'wet' ? GROUND_L_M2.wet : GROUND_L_M2.moist
  const { bulkDensityKgM3, moistureFraction } = cover.material
  return {
    way, areaM2, overlapM, pieces, missingLike, newsLayers, wholes: [...cuts, lacking].map(({ cut }) => cut),
    layers, layout, cover, coverM, coverL, cardKg, torn,
    water: {
      groundL: way.laid ? ground * areaM2 : 0, cardL: waterToSoakL(cardKg, CARD_MOISTURE.dry, CARD_MOISTURE.soaked),
      coverL: waterToSoakL((coverL / 1000) * bulkDensityKgM3.typical, moistureFraction.typical, SHEET.coverMoisture),
    },
  }
}
