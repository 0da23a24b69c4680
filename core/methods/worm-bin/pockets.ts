import type { BegunBatch, Put } from '../../journal/garden'
import type { GroundShape } from '../../picture/ground'
import { asVessel, type Site } from '../../vessel/site'
import { footprintM2 } from '../../vessel/vessel'
import type { Pocket } from '../contract'
import { numberOf } from '../../questions/question'
import { END, GRAMS, LEFT_END, LURED, WORMS_IN } from './words'
import { WORM } from './constants'

/** A pocket in the plan of a bin, metres from the middle of it. */
export interface PlacedPocket extends Pocket {
  readonly number: number
  readonly xM: number
  readonly yM: number
  readonly widthM: number
  readonly depthM: number
}

/** Columns and rows that make about so many fields of about square shape. */
function gridOf(widthM: number, depthM: number, wanted: number): { readonly columns: number, readonly rows: number } {
  const columns = Math.max(1, Math.round(Math.sqrt(wanted * widthM / depthM)))
  return { columns, rows: Math.max(1, Math.round(wanted / columns)) }
}

/** The ground of a site as it is seen from above. */
export function groundOf(site: Site): GroundShape {
  const vessel = asVessel(site)
  return vessel.shape === 'box'
    ? { shape: 'box', widthM: vessel.widthM, depthM: vessel.depthM }
    : { shape: 'circle', diameterM: vessel.diameterM }
}

/** The pockets of a bin, numbered from the far left on. One in a tower. */
export function pocketsOf(site: Site): PlacedPocket[] {
  const vessel = asVessel(site)
  const areaM2 = footprintM2(vessel)
  // A round bin is divided as the square within it.
  const [widthM, depthM]
    = vessel.shape === 'box' ? [vessel.widthM, vessel.depthM] : [vessel.diameterM * Math.SQRT1_2, vessel.diameterM * Math.SQRT1_2]
  const wanted = Math.min(WORM.pocketsMost, Math.max(1, Math.floor(areaM2 / WORM.pocketM2)))
  const { columns, rows } = gridOf(widthM, depthM, wanted)
  return Array.from({ length: columns * rows }, (_, index): PlacedPocket => {
    const [column, row] = [index % columns, Math.floor(index / columns)]
    const number = index + 1
    return {
      id: `p${number}`, label: `pocket ${number}`, number,
      xM: ((column + 0.5) / columns - 0.5) * widthM,
      yM: (0.5 - (row + 0.5) / rows) * depthM,
      widthM: widthM / columns,
      depthM: depthM / rows,
    }
  })
}

/** Whether worms have gone in, ever. In the ground they come by themselves. */
export function hasWorms({ began, did }: Pick<BegunBatch, 'began' | 'did'>): boolean {
  return (numberOf(began.answers, GRAMS) ?? 0) > 0 || did.some(({ deed }) => deed === WORMS_IN)
}

/** All that fed it, recorded or reckoned: not the bedding it began with. */
export const allFeeds = ({ puts }: Pick<BegunBatch, 'puts'>): Put[] =>
  puts.filter(({ inputs }) => inputs.some(({ role }) => role === 'feed') && inputs.length > 0).filter(({ atStart }) => !atStart)

/** The puts that fed it, as far as they were recorded. */
export const feedings = (batch: Pick<BegunBatch, 'puts'>): Put[] =>
  allFeeds(batch).filter(({ already, fromBatchId }) => !already && fromBatchId === undefined)

/** Where each feed went: where it was said, else the pocket whose turn it was. */
export function pocketIndexes(fed: readonly Put[], count: number): number[] {
  const indexes: number[] = []
  fed.forEach(({ pocket }, at) => {
    const said = pocket === undefined ? NaN : Number(pocket.replace(/^p/, '')) - 1
    indexes.push(Number.isInteger(said) && said >= 0 && said < count ? said : ((indexes[at - 1] ?? -1) + 1) % count)
  })
  return indexes
}

/** The pocket that was fed longest ago, or never. */
export function nextPocket(fed: readonly Put[], count: number): number {
  const indexes = pocketIndexes(fed, count)
  const last = Array.from({ length: count }, (_, pocket) => indexes.lastIndexOf(pocket))
  return last.indexOf(Math.min(...last))
}

/** The end that is fed since they are drawn over to it; nothing once the other end was taken. */
export function lureEnd({ did, takings }: Pick<BegunBatch, 'did' | 'takings'>): 'left' | 'right' | undefined {
  const lured = did.findLast(({ deed }) => deed === LURED)
  if (!lured || takings.some(({ at }) => at > lured.at)) return undefined
  return lured.answers[END] === LEFT_END ? 'left' : 'right'
}

/** The pockets that are fed by turns, the one whose turn it is first: all of them, or those of the end they are drawn to. */
export function pocketsInTurn(batch: BegunBatch): PlacedPocket[] {
  const places = pocketsOf(batch.began.site)
  const end = lureEnd(batch)
  const along = [...places].sort((a, b) => a.xM - b.xM || a.yM - b.yM)
  const half = Math.max(1, Math.floor(along.length / 2))
  const fedNow = new Set(end === undefined ? along : end === 'left' ? along.slice(0, half) : along.slice(-half))
  const indexes = pocketIndexes(feedings(batch), places.length)
  return places.map((place, index) => ({ place, last: indexes.lastIndexOf(index) }))
    .filter(({ place }) => fedNow.has(place)).sort((a, b) => a.last - b.last).map(({ place }) => place)
}
