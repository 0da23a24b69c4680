import type { Totals } from './totals'

/** What it takes to bring a mix to a moisture. */
export type WaterNeed
  = | { readonly kind: 'add', readonly litres: number }
    /** Too wet already: so much water is more than the mix should hold. The answer is dry material. */
    | { readonly kind: 'too-wet', readonly excessL: number }

/** Litres missing to a target moisture, below 0 when there is too much: Σ m(M* − M)/(1 − M*). */
export function missingWaterL(wetMassKg: number, waterKg: number, targetMoisture: number): number {
  return (targetMoisture * wetMassKg - waterKg) / (1 - targetMoisture)
}

/**
 * Litres of water that bring summed ingredients to a target: W = Σ m(M* − M)/(1 − M*).
 * @param targetMoisture wet basis, from 0 up to but not including 1.
 */
export function waterNeed(totals: Pick<Totals, 'wetMassKg' | 'waterKg'>, targetMoisture: number): WaterNeed {
  const litres = missingWaterL(totals.wetMassKg, totals.waterKg, targetMoisture)
  return litres >= 0 ? { kind: 'add', litres } : { kind: 'too-wet', excessL: -litres * (1 - targetMoisture) }
}

/** Litres to add, 0 when the mix is too wet. */
export function waterToAddL(need: WaterNeed): number {
  return need.kind === 'add' ? need.litres : 0
}
