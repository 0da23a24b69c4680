import type { Span } from '../ground/outline'
import type { Sort } from '../questions/pieces'

/**
 * One size of piece while it is laid. What counts is its net cell: the piece less the overlap, so that each stands over all its
 * neighbours, and over the edge of the ground, by half of it.
 */
export interface Supply {
  readonly id: number
  readonly sort: Sort
  readonly widthM: number
  readonly lengthM: number
  /** How many there still are; of a roll, how many that are not begun. */
  left: number
  /** Metres left on the roll that is begun. */
  begunM: number
  /** Whether these are pieces that nobody has yet. */
  readonly missing: boolean
}

/** One net cell of a row, laid by a piece of a supply. */
export interface Cell { readonly supply: Supply, readonly x: number, readonly y: number, readonly widthM: number, readonly depthM: number }

/** A piece as it would lie in a row: along it, and across it, net. */
interface Lying { readonly supply: Supply, readonly along: number, readonly across: number }

const NEARLY = 1e-9

/** Both ways a piece can lie, net; a roll lies along the row only. */
function waysOf(supply: Supply, overlapM: number): Lying[] {
  const [width, length] = [
    supply.widthM - overlapM,
    (supply.sort === 'roll' ? Math.max(supply.begunM, supply.left > 0 ? supply.lengthM : 0) : supply.lengthM) - overlapM,
  ]
  if (width <= 0.02 || length <= 0.02) return []
  const one = { supply, along: length, across: width }
  return supply.sort === 'roll' ? [one] : [one, { supply, along: width, across: length }]
}

const isLeft = ({ sort, left, begunM }: Supply) => left > 0 || (sort === 'roll' && begunM > 0)

/** The net depths that rows can have with what is left. */
export function depthsOf(supplies: readonly Supply[], overlapM: number): number[] {
  return [
    ...new Set(supplies.filter(isLeft).flatMap(supply => waysOf(supply, overlapM).map(({ across }) => Math.round(across * 1e6) / 1e6))),
  ]
}

function take({ supply }: Lying, netM: number, overlapM: number): void {
  if (supply.sort !== 'roll') {
    supply.left--
    return
  }
  if (supply.begunM < netM + overlapM - NEARLY) {
    supply.left--
    supply.begunM = supply.lengthM
  }
  supply.begunM = Math.max(0, supply.begunM - netM - overlapM)
  if (supply.begunM <= overlapM + 0.05) supply.begunM = 0
}

/** What laying a piece costs where so much of the row is left: one's own first, then the smallest that ends it, or the longest. */
function costOf({ along, across, supply }: Lying, restM: number): number {
  return (supply.missing ? 1e3 : 0) + (along >= restM - NEARLY ? (supply.sort === 'roll' ? restM : along) * across : 100 - along + across)
}

/** How many looks at pieces laying may still take: what it cannot end within them is given up. */
export interface Purse { looks: number }
/** A look at a roll is worked out anew each time. */
const ROLL_LOOKS = 5

/**
 * Lays one stretch of a row, so deep, with what is left. @returns its cells, and how far they reach: short of its end also when the
 * purse is empty. Takes from the supplies and the purse.
 */
export function fillSpan(
  { from, to }: Span, y: number, depthM: number, supplies: readonly Supply[], overlapM: number, purse: Purse,
): { readonly cells: Cell[], readonly reaches: number } {
  const cells: Cell[] = []
  const lying = (supply: Supply) => waysOf(supply, overlapM).filter(({ across }) => across >= depthM - 1e-6)
  const flat = supplies.filter(({ sort }) => sort !== 'roll').flatMap(lying)
  const rolls = supplies.filter(({ sort }) => sort === 'roll')
  let x = from
  while (x < to - NEARLY && purse.looks > 0) {
    purse.looks -= 1 + flat.length + ROLL_LOOKS * rolls.length
    // How far a roll reaches changes with every cut; flat pieces are what they are.
    const ways = rolls.length > 0 ? [...flat, ...rolls.filter(isLeft).flatMap(lying)] : flat
    const restM = to - x
    let chosen: Lying | undefined
    let least = Infinity
    for (const way of ways) {
      if (!isLeft(way.supply)) continue
      const cost = costOf(way, restM)
      if (cost >= least - NEARLY) continue
      least = cost
      chosen = way
    }
    if (!chosen) break
    const netM = chosen.supply.sort === 'roll' ? Math.min(chosen.along, restM) : chosen.along
    take(chosen, netM, overlapM)
    cells.push({ supply: chosen.supply, x, y, widthM: netM, depthM: chosen.across })
    x += netM
  }
  return { cells, reaches: Math.min(x, to) }
}
