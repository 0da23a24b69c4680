import type { Quantity } from './record'
import { numberText, quantityText } from '../../units/format'
import type { UnitSystem } from '../../units/system'

/** Foam and thin layers are read to the millimetre. */
const SMALL_M = 0.1

/** A value of a quantity with its unit. */
export function valueText({ unit }: Pick<Quantity, 'unit'>, value: number, units: UnitSystem): string {
  if (unit === 'percent') return `${numberText(value)} %`
  if (unit === 'none') return numberText(value, 1)
  return quantityText(unit, units, value, unit === 'length' && value < SMALL_M ? 1 : undefined)
}

/** A value at a spot as it is said: "core 55 °C", "62 cm high". */
export function spotText(quantity: Pick<Quantity, 'unit' | 'spots'>, spot: string, value: number, units: UnitSystem): string {
  const said = quantity.spots.find(({ id }) => id === spot)?.said ?? `${spot} {}`
  return said.replace('{}', valueText(quantity, value, units))
}
