import { fail, ok, type Outcome } from '../outcome/outcome'
import type { Range } from '../units/range'
import { GROWING, PARTS, type PartId } from './constants'

/** So much of a part, as it lies loose. */
export interface MixPart {
  readonly partId: PartId
  readonly litres: number
}

/** What parts become when they are mixed: shares of the mix's own volume, water by the suction that it is held against, in cm. */
export interface GrowingMix {
  /** What it comes to, less than its parts together. */
  readonly litres: number
  readonly pores: number
  readonly waterAt10: number
  readonly waterAt50: number
  /** Air at 10 cm of suction, and the water that a root takes easily. */
  readonly airAt10: number
  readonly easyWater: number
  /** In a saturated extract, mS/cm. */
  readonly salts: Range
  readonly kgL: number
}

/** Why nothing comes of it. */
export type NoMix = 'nothing in it' | 'less than nothing of a part'

const partOf = (id: PartId) => PARTS.find(one => one.id === id)!

/**
 * By how much parts shrink together: fine grains fill the voids of coarse ones, most where half is stony, and all of it settles.
 * @param stony share of stony parts by volume, 0 to 1. @returns share of the sum of parts that is lost, below 0.2.
 */
export function shrinks(stony: number, handling: number = GROWING.handling): number {
  const share = Math.min(1, Math.max(0, stony))
  return GROWING.fills * share * (1 - share) + handling
}

/**
 * A mix of parts by volume. Solids and water are what they were; what it shrinks by is taken from the air first.
 * @param parts litres of each, loose. @param handling share by which it settles; own mixes know it better.
 */
export function mixOf(parts: readonly MixPart[], handling: number = GROWING.handling): Outcome<GrowingMix, NoMix> {
  if (parts.some(({ litres }) => !(litres >= 0) || !Number.isFinite(litres))) return fail('less than nothing of a part')
  const sumL = parts.reduce((sum, { litres }) => sum + litres, 0)
  if (!(sumL > 0)) return fail('nothing in it')
  const mean = (of: (part: typeof PARTS[number]) => number) =>
    parts.reduce((sum, { partId, litres }) => sum + litres / sumL * of(partOf(partId)), 0)
  const kept = 1 - shrinks(mean(({ stony }) => (stony ? 1 : 0)), handling)
  const pores = Math.max(0, 1 - (1 - mean(one => one.pores)) / kept)
  const held = (of: (part: typeof PARTS[number]) => number) => Math.min(pores, mean(of) / kept)
  const [waterAt10, waterAt50] = [held(one => one.waterAt10), held(one => one.waterAt50)]
  const [low, high] = [mean(one => one.salts[0]), mean(one => one.salts[1])]
  return ok({
    litres: sumL * kept, pores, waterAt10, waterAt50, airAt10: pores - waterAt10, easyWater: waterAt10 - waterAt50,
    salts: { low, typical: Math.sqrt(low * high), high }, kgL: mean(one => one.kgL) / kept,
  })
}

/** Litres of each part for so much mix, by their shares of the sum. @param shares of any sum above 0. @param litres of mix wanted. */
export function partsFor(
  shares: readonly MixPart[], litres: number, handling: number = GROWING.handling,
): Outcome<readonly MixPart[], NoMix> {
  const mix = mixOf(shares, handling)
  return mix.ok ? ok(shares.map(one => ({ ...one, litres: one.litres * litres / mix.value.litres }))) : mix
}
