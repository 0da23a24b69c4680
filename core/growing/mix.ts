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
  /** By how much air and water may be other than said, share of them: no part was measured, and several are known better than one. */
  readonly doubt: number
}

/** Why nothing comes of it. */
export type NoMix = 'nothing in it' | 'less than nothing of a part'

const BY_ID = new Map(PARTS.map(part => [part.id, part]))
const partOf = (id: PartId) => BY_ID.get(id)!

/**
 * By how much parts shrink together: fine grains fill the voids of coarse ones, most where half is stony, and all of it settles.
 * @param stony share of stony parts by volume, 0 to 1. @returns share of the sum of parts that is lost, below 0.2.
 */
export function shrinks(stony: number, handling: number = GROWING.handling): number {
  const share = Math.min(1, Math.max(0, stony))
  return GROWING.fills * share * (1 - share) + handling
}

/** Litres of each thing in loose parts before they are mixed: what mixes are reckoned from, and added up by. */
export interface Sums {
  litres: number
  pores: number
  waterAt10: number
  waterAt50: number
  saltsLow: number
  saltsHigh: number
  kg: number
  stony: number
  /** Squares of the litres of each part: what is known of several parts is known better than of one. */
  squares: number
}

export const NO_SUMS: Readonly<Sums> = {
  litres: 0, pores: 0, waterAt10: 0, waterAt50: 0, saltsLow: 0, saltsHigh: 0, kg: 0, stony: 0, squares: 0,
}

/** Adds so many litres of a part. */
export function addPart(to: Sums, { partId, litres }: MixPart): void {
  const { pores, waterAt10, waterAt50, salts: [low, high], kgL, stony } = partOf(partId)
  to.litres += litres
  to.pores += litres * pores
  to.waterAt10 += litres * waterAt10
  to.waterAt50 += litres * waterAt50
  to.saltsLow += litres * low
  to.saltsHigh += litres * high
  to.kg += litres * kgL
  if (stony) to.stony += litres
  to.squares += litres * litres
}

/** What loose parts become when they are mixed. @param sums of more than nothing. */
export function mixFrom(sums: Readonly<Sums>, handling: number = GROWING.handling): GrowingMix {
  const kept = 1 - shrinks(sums.stony / sums.litres, handling)
  const litres = sums.litres * kept
  const pores = Math.max(0, 1 - (sums.litres - sums.pores) / litres)
  const waterAt10 = Math.min(pores, sums.waterAt10 / litres)
  const waterAt50 = Math.min(pores, sums.waterAt50 / litres)
  const [low, high] = [sums.saltsLow / sums.litres, sums.saltsHigh / sums.litres]
  return {
    litres, pores, waterAt10, waterAt50, airAt10: pores - waterAt10, easyWater: waterAt10 - waterAt50,
    salts: { low, typical: Math.sqrt(low * high), high }, kgL: sums.kg / litres,
    doubt: GROWING.unmeasured * Math.sqrt(sums.squares) / sums.litres,
  }
}

/**
 * A mix of parts by volume. Solids and water are what they were; what it shrinks by is taken from the air first.
 * @param parts litres of each, loose. @param handling share by which it settles; own mixes know it better.
 */
export function mixOf(parts: readonly MixPart[], handling: number = GROWING.handling): Outcome<GrowingMix, NoMix> {
  if (parts.some(({ litres }) => !(litres >= 0) || !Number.isFinite(litres))) return fail('less than nothing of a part')
  const sums = { ...NO_SUMS }
  for (const part of parts) addPart(sums, part)
  return sums.litres > 0 ? ok(mixFrom(sums, handling)) : fail('nothing in it')
}

/** Litres of each part for so much mix, by their shares of the sum. @param shares of any sum above 0. @param litres of mix wanted. */
export function partsFor(
  shares: readonly MixPart[], litres: number, handling: number = GROWING.handling,
): Outcome<readonly MixPart[], NoMix> {
  const mix = mixOf(shares, handling)
  return mix.ok ? ok(shares.map(one => ({ ...one, litres: one.litres * litres / mix.value.litres }))) : mix
}
