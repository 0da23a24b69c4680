import { GROWING } from './constants'
import type { GrowingMix } from './mix'

/** A round pot, inside, metres. */
export interface Pot {
  readonly topM: number
  readonly bottomM: number
  readonly heightM: number
  /** What it holds to the rim, litres, where somebody filled it with water: trays and boxes are no cones. */
  readonly measuredL?: number
}

/** Litres to the rim: as measured, else of a round pot, a cone cut off, π h/12 (D² + D d + d²). */
export const rimL = ({ topM, bottomM, heightM, measuredL }: Pot) =>
  measuredL ?? 1000 * Math.PI * heightM / 12 * (topM * topM + topM * bottomM + bottomM * bottomM)

/** Litres of mix that go into a pot: to below its rim. */
export const filledL = (pot: Pot) => GROWING.potFilled * rimL(pot)

/** Litres of mix for so many pots, with something to spare. */
export const litresForPots = (pot: Pot, count: number) => count * filledL(pot) * (1 + GROWING.spare)

type Holds = Pick<GrowingMix, 'pores' | 'waterAt10' | 'waterAt50'>

/**
 * Water that a mix holds so high above where it stands, share of its volume: full at the bottom, and falling by the logarithm of the
 * height through what it holds at 10 and at 50 cm. @param heightCm 0 or more.
 */
export function waterAt({ pores, waterAt10, waterAt50 }: Holds, heightCm: number): number {
  if (heightCm <= 0) return pores
  if (heightCm <= 10) return pores + (waterAt10 - pores) * Math.log1p(heightCm) / Math.log1p(10)
  return Math.max(0, waterAt10 + (waterAt50 - waterAt10) * Math.log(heightCm / 10) / Math.log(5))
}

/** Centimetres times water from where it stands up to so high: the integral of `waterAt`. */
function waterUpTo({ pores, waterAt10, waterAt50 }: Holds, heightCm: number): number {
  const low = Math.min(heightCm, 10)
  const below = pores * low + (waterAt10 - pores) * ((1 + low) * Math.log1p(low) - low) / Math.log1p(10)
  if (heightCm <= 10) return below
  const fall = (waterAt10 - waterAt50) / Math.log(5)
  // Where nothing is held any more.
  const top = fall > 0 ? Math.min(heightCm, 10 * Math.exp(waterAt10 / fall)) : heightCm
  return below + waterAt10 * (top - 10) - fall * (top * Math.log(top / 10) - top + 10)
}

/** Air in a pot that was watered and has drained, share of its volume: the mean over its height, since water stands at its bottom. */
export function airIn(mix: Holds, heightM: number): number {
  const heightCm = 100 * heightM
  return mix.pores - waterUpTo(mix, heightCm) / heightCm
}
