import { GROWING } from './constants'
import type { GrowingMix } from './mix'

/** A round pot, inside, metres. */
export interface Pot {
  readonly topM: number
  readonly bottomM: number
  readonly heightM: number
}

/** Litres to the rim of a round pot: a cone cut off, π h/12 (D² + D d + d²). */
export const rimL = ({ topM, bottomM, heightM }: Pot) =>
  1000 * Math.PI * heightM / 12 * (topM * topM + topM * bottomM + bottomM * bottomM)

/** Litres of mix that go into a pot: to below its rim. */
export const filledL = (pot: Pot) => GROWING.potFilled * rimL(pot)

/** Litres of mix for so many pots, with something to spare. */
export const litresForPots = (pot: Pot, count: number) => count * filledL(pot) * (1 + GROWING.spare)

type Holds = Pick<GrowingMix, 'pores' | 'waterAt10' | 'waterAt50'>

/** Steps into which the height of a pot is cut: none of them matters by a thousandth. */
const STEPS = 200

/**
 * Water that a mix holds so high above where it stands, share of its volume: full at the bottom, and falling by the logarithm of the
 * height through what it holds at 10 and at 50 cm. @param heightCm 0 or more.
 */
export function waterAt({ pores, waterAt10, waterAt50 }: Holds, heightCm: number): number {
  if (heightCm <= 0) return pores
  if (heightCm <= 10) return pores + (waterAt10 - pores) * Math.log1p(heightCm) / Math.log1p(10)
  return Math.max(0, waterAt10 + (waterAt50 - waterAt10) * Math.log(heightCm / 10) / Math.log(5))
}

/** Air in a pot that was watered and has drained, share of its volume: the mean over its height, since water stands at its bottom. */
export function airIn(mix: Holds, heightM: number): number {
  const heightCm = 100 * heightM
  const airs = Array.from({ length: STEPS }, (_, step) => mix.pores - waterAt(mix, (step + 0.5) / STEPS * heightCm))
  return airs.reduce((sum, air) => sum + air, 0) / STEPS
}
