import type { Quantity } from './record'
import { numberText, quantityText } from '../../units/format'
import type { UnitSystem } from '../../units/system'

/** A value of a quantity with its unit. */
export function valueText({ unit }: Pick<Quantity, 'unit'>, value: number, units: UnitSystem): string {
  if (unit === 'percent') return `${numberText(value)} %`
  return unit === 'none' ? numberText(value, 1) : quantityText(unit, units, value)
}

/** A value at a spot as it is said: "core 55 °C", "62 cm high". */
export function spotText(quantity: Pick<Quantity, 'unit' | 'spots'>, spot: string, value: number, units: UnitSystem): string {
  const said = quantity.spots.find(({ id }) => id === spot)?.said ?? `${spot} {}`
  return said.replace('{}', valueText(quantity, value, units))
}
