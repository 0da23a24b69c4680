import { table } from '../../constants/constants'
import { numberText, spanText } from '../../units/format'
import { toShown, type UnitSystem } from '../../units/system'

/** A kind of worm by the warmth it bears, °C: idle at and below `minC`, at its best between the two, idle again at `maxC`, dying beyond. */
export interface WormKind {
  readonly id: string
  readonly name: string
  readonly minC: number
  readonly bestLowC: number
  readonly bestHighC: number
  readonly maxC: number
  readonly diesAboveC: number
  readonly diesBelowC: number
}

/** Kinds that live in rotting stuff; earthworms of the garden do not. */
export const KINDS: readonly WormKind[] = table('Kinds of worms', {
  minC: ['°C', 'idle at and below; practice'],
  bestLowC: ['°C', 'at their best from here; practice'],
  bestHighC: ['°C', 'to here; practice'],
  maxC: ['°C', 'idle again; practice'],
  diesAboveC: ['°C', 'practice'],
  diesBelowC: ['°C', 'practice'],
}, [
  {
    id: 'common', name: 'Common compost worms', minC: 5, bestLowC: 18, bestHighC: 25, maxC: 33, diesAboveC: 34, diesBelowC: 0.5,
  },
  {
    id: 'tropical', name: 'Tropical kind', minC: 12, bestLowC: 26, bestHighC: 28, maxC: 32.5, diesAboveC: 36, diesBelowC: 10,
  },
])

/** What warmth a kind likes and bears, in a line. */
export function hintOf({ bestLowC, bestHighC, diesBelowC, diesAboveC }: WormKind, units: UnitSystem): string {
  const [below, above] = [diesBelowC, diesAboveC].map(celsius => numberText(toShown('temperature', units, celsius)))
  return `best at ${spanText('temperature', units, bestLowC, bestHighC)}; die below ${below} and above ${above}`
}

/** The kind of this id, or the common one. */
export function kindOf(id: unknown): WormKind {
  return KINDS.find(kind => kind.id === id) ?? KINDS[0]!
}

const smooth = (share: number) => share <= 0 ? 0 : share >= 1 ? 1 : share * share * (3 - 2 * share)

/** Share of their best appetite at a temperature, 0 to 1: nothing at either end, all of it in the best stretch, smooth between. */
export function warmthShare({ minC, bestLowC, bestHighC, maxC }: WormKind, celsius: number): number {
  return Math.min(smooth((celsius - minC) / (bestLowC - minC)), smooth((maxC - celsius) / (maxC - bestHighC)))
}

/** Where a bin stands and what of the weather reaches it. */
export interface Shelter {
  readonly id: string
  readonly name: string
  /** Its own warmth, °C, and how much of the air's difference to it comes through. */
  readonly restsAtC: number
  readonly throughShare: number
  /** What sun and walls add on a hot day, as a share of how far its hottest hour is above the day's mean. */
  readonly noonShare: number
}

/** Places to keep worms. */
export const SHELTERS: readonly Shelter[] = table('Shelters', {
  restsAtC: ['°C', 'its own warmth; own estimate'],
  throughShare: ['share', 'of the difference to the air outside comes through; own estimate'],
  noonShare: ['share', 'of how far noon is above the mean, added by sun and walls; own estimate'],
}, [
  { id: 'shade', name: 'Outside, in the shade', restsAtC: 12, throughShare: 1, noonShare: 0.45 },
  { id: 'shed', name: 'Shed or porch', restsAtC: 13, throughShare: 0.75, noonShare: 0.35 },
  { id: 'cellar', name: 'Cellar', restsAtC: 13, throughShare: 0.25, noonShare: 0 },
  { id: 'room', name: 'In the house', restsAtC: 20, throughShare: 0.1, noonShare: 0 },
])

/** The shelter of this id, or outside. */
export function shelterOf(id: unknown): Shelter {
  return SHELTERS.find(one => one.id === id) ?? SHELTERS[0]!
}

/** The air around a bin when it is so warm outside, °C. */
export function airAround({ restsAtC, throughShare }: Shelter, outsideC: number): number {
  return restsAtC + throughShare * (outsideC - restsAtC)
}
