import { chargeOf, type Charge } from '../../heat/charge'
import { portionOf, type Ingredient } from '../../mix/portion'
import { HOT } from './constants'

/** How much of a mix goes within weeks: that is what heats. */
export interface Fuel {
  /** Of its dry matter. */
  readonly share: number
  /** Kilograms in a cubic metre, loosely mixed. */
  readonly kgM3: number
}

/** What is wrong with the fuel of a mix whose ratio, water and air are right. */
export type FuelIll = 'slow' | 'light' | 'rich'

/** The fuel of a charge. */
export function fuelOf({ rapidKg, mediumKg, slowKg, restKg, volumeL }: Charge): Fuel {
  const quickKg = rapidKg + mediumKg
  return { share: quickKg / (quickKg + slowKg + restKg), kgM3: 1000 * quickKg / volumeL }
}

/** Too little of it, spread too thin, or too much in one place; nothing where it is as heaps want it. */
export function fuelIllOf({ share, kgM3 }: Fuel): FuelIll | undefined {
  if (share < HOT.fuel.share.least) return 'slow'
  if (kgM3 < HOT.fuel.kgM3.least) return 'light'
  return share > HOT.fuel.share.most || kgM3 > HOT.fuel.kgM3.most ? 'rich' : undefined
}

/** What is wrong with the fuel of what is planned. */
export function fuelIllIn(ingredients: readonly Ingredient[], waterL: number): FuelIll | undefined {
  const charge = chargeOf(ingredients.map(portionOf), waterL)
  return charge && fuelIllOf(fuelOf(charge))
}
