import { fail, ok, type Outcome } from '../outcome/outcome'
import { LUMP_KG_L, CHAR } from './constants'

/** Kilograms of what something is made of. */
export interface Parts { readonly carbon: number, readonly ash: number, readonly water: number, readonly rest: number }

/** What becomes of a load: nothing is lost between wood, char, ash and air. */
export interface Burnt {
  readonly wood: Parts
  readonly char: Parts
  readonly looseAsh: Parts
  /** Smoke, gas and steam. */
  readonly air: Parts
  readonly charKg: number
  readonly looseAshKg: number
  readonly lumpL: number
  readonly crushedL: number
  /** Share of the dry wood that is char afterwards. */
  readonly yieldOfDry: number
}

export type BurnTrouble = 'too-wet' | 'nothing'

/**
 * Share of dry wood that becomes char, when so much water has to be boiled off first: the heat for water beyond the usual comes
 * out of the char.
 * @param usual share at a moisture of 15 %, 0 to 0.4. @param moisture wet basis, 0 to below 1.
 */
export function yieldAt(usual: number, moisture: number): number {
  const extra = Math.max(0, moisture / (1 - moisture) - CHAR.usualMoisture / (1 - CHAR.usualMoisture))
  return Math.max(0.02, usual - extra * CHAR.steamMJKg / CHAR.charMJKg)
}

/**
 * A load by mass balance: carbon, ash and water of the wood, and where each of them goes.
 * @param wetKg of the load. @param moisture wet basis. @param usualYield share of dry wood at 15 % water.
 * @returns a trouble for nothing, or for wood that will not burn (45 % and more).
 */
export function burnt(wetKg: number, moisture: number, usualYield: number): Outcome<Burnt, BurnTrouble> {
  if (!(wetKg > 0 && Number.isFinite(wetKg) && moisture >= 0)) return fail('nothing')
  if (moisture >= CHAR.tooWet) return fail('too-wet')
  const dryKg = wetKg * (1 - moisture)
  const ashKg = dryKg * CHAR.woodAsh
  const wood: Parts = {
    ash: ashKg, carbon: (dryKg - ashKg) * CHAR.carbon.wood, rest: (dryKg - ashKg) * (1 - CHAR.carbon.wood), water: wetKg * moisture,
  }
  const yieldOfDry = yieldAt(usualYield, moisture)
  const charKg = dryKg * yieldOfDry
  const charAsh = Math.min(ashKg * CHAR.ashInPieces, charKg / 2)
  const char: Parts = {
    ash: charAsh, carbon: (charKg - charAsh) * CHAR.carbon.char, rest: (charKg - charAsh) * (1 - CHAR.carbon.char), water: 0,
  }
  const looseAsh: Parts = { ash: ashKg - charAsh, carbon: 0, rest: 0, water: 0 }
  const air: Parts = { ash: 0, carbon: wood.carbon - char.carbon, rest: wood.rest - char.rest, water: wood.water }
  return ok({
    wood, char, looseAsh, air, charKg, looseAshKg: looseAsh.ash, lumpL: charKg / LUMP_KG_L, crushedL: charKg / CHAR.crushedKgL.typical,
    yieldOfDry,
  })
}
