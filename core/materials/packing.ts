import { amountVolumeL, type Amount, type Packing } from '../units/container'
import type { Material } from './material'

/**
 * How many times more a container holds than when filled loosely. A trodden leaf sack holds two to three
 * times as much as a loose one; dense, wet stuff hardly gives. Steps by loose bulk density, kg/m³.
 */
const STEPS: readonly { readonly belowKgM3: number, readonly factor: Readonly<Record<Packing, number>> }[] = [
  { belowKgM3: 160, factor: { loose: 1, shaken: 1.4, packed: 2.4 } },
  { belowKgM3: 350, factor: { loose: 1, shaken: 1.2, packed: 1.6 } },
  { belowKgM3: 900, factor: { loose: 1, shaken: 1.05, packed: 1.15 } },
  { belowKgM3: Infinity, factor: { loose: 1, shaken: 1, packed: 1 } },
]

/** Loose litres per litre of a container filled this way; 1 to 2.4. */
export function packingFactor(material: Material, packing: Packing): number {
  const looseKgM3 = material.packsLikeKgM3 ?? material.bulkDensityKgM3.typical
  const step = STEPS.find(({ belowKgM3 }) => looseKgM3 < belowKgM3)
  return step?.factor[packing] ?? 1
}

/** The volume an amount takes once it is shaken out of its containers, in litres. */
export function looseVolumeL(material: Material, amount: Amount): number {
  return amountVolumeL(amount) * packingFactor(material, amount.packing)
}

/** The wet mass of an amount, in kilograms, at the typical bulk density. */
export function amountMassKg(material: Material, amount: Amount): number {
  return looseVolumeL(material, amount) * material.bulkDensityKgM3.typical / 1000
}
