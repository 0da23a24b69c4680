/** The two ways gardeners measure; switching never touches what was recorded. */
export type UnitSystem = 'metric' | 'us'

/** What can be shown in either system. The core's own unit stands in brackets. */
export type Quantity = 'density' | 'volume' | 'length' | 'mass' | 'smallMass' | 'temperature' | 'temperatureStep' | 'area' | 'rain'

/** How one quantity is written in one system. */
export interface ShownUnit {
  readonly symbol: string
  readonly spoken: string
  readonly perCoreUnit: number
  readonly offset: number
  /** Digits after the point that still mean something to a person. */
  readonly digits: number
}

const unit = (symbol: string, spoken: string, perCoreUnit: number, digits: number, offset = 0): ShownUnit => ({
  symbol, spoken, perCoreUnit, digits, offset,
})

/** Exact definitions: 1 US gal = 3.785411784 L, 1 in = 2.54 cm, 1 lb = 0.45359237 kg (NIST Special Publication 811). */
export const SHOWN_UNITS: Readonly<Record<Quantity, Readonly<Record<UnitSystem, ShownUnit>>>> = {
  /** kilogram a cubic metre, which is gram a litre */
  density: { metric: unit('g/L', 'grams a litre', 1, 0), us: unit('lb/gal', 'pounds a gallon', 3.785411784 / 1000 / 0.45359237, 1) },
  /** litre */
  volume: { metric: unit('L', 'litres', 1, 0), us: unit('gal', 'gallons', 1 / 3.785411784, 1) },
  /** metre, shown in centimetres or inches */
  length: { metric: unit('cm', 'centimetres', 100, 0), us: unit('in', 'inches', 100 / 2.54, 0) },
  /** kilogram */
  mass: { metric: unit('kg', 'kilograms', 1, 0), us: unit('lb', 'pounds', 1 / 0.45359237, 0) },
  /** gram, of what is weighed in a kitchen; an ounce is 28.349523125 g */
  smallMass: { metric: unit('g', 'grams', 1, 0), us: unit('oz', 'ounces', 1 / 28.349523125, 1) },
  /** degree Celsius */
  temperature: { metric: unit('°C', 'degrees Celsius', 1, 0), us: unit('°F', 'degrees Fahrenheit', 1.8, 0, 32) },
  /** a difference of temperatures in kelvin */
  temperatureStep: { metric: unit('°C', 'degrees', 1, 0), us: unit('°F', 'degrees', 1.8, 0) },
  /** square metre */
  area: { metric: unit('m²', 'square metres', 1, 2), us: unit('sq ft', 'square feet', 10.763910416709722, 1) },
  /** millimetre of rain */
  rain: { metric: unit('mm', 'millimetres', 1, 0), us: unit('in', 'inches', 1 / 25.4, 2) },
}

/**
 * A core value in the unit a gardener reads.
 * @param value in the core's unit for this quantity; finite.
 */
export function toShown(quantity: Quantity, system: UnitSystem, value: number): number {
  const { perCoreUnit, offset } = SHOWN_UNITS[quantity][system]
  return value * perCoreUnit + offset
}

/**
 * What a gardener read or typed, in the core's unit.
 * @param shown in the shown unit; finite.
 */
export function fromShown(quantity: Quantity, system: UnitSystem, shown: number): number {
  const { perCoreUnit, offset } = SHOWN_UNITS[quantity][system]
  return (shown - offset) / perCoreUnit
}
