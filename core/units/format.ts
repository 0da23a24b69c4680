import { regionLocale } from './region'
import { SHOWN_UNITS, toShown, type Quantity, type UnitSystem } from './system'

const QUARTERS = ['', '¼', '½', '¾'] as const

/**
 * A count of containers as a person says it: quarters up to ten, halves up to twenty, whole above.
 * Anything above nothing is at least "¼".
 * @param count not negative.
 */
export function roundedCount(count: number): number {
  const step = count < 10 ? 0.25 : count < 20 ? 0.5 : 1
  const rounded = Math.round(count / step) * step
  return count > 0 && rounded === 0 ? 0.25 : rounded
}

/** A count in quarters written with a vulgar fraction: 3.5 becomes "3½", 0.25 becomes "¼". */
export function countText(count: number): string {
  const rounded = roundedCount(Math.abs(count))
  const whole = Math.floor(rounded)
  const fraction = QUARTERS[Math.round((rounded - whole) * 4)] ?? ''
  return whole === 0 && fraction !== '' ? fraction : `${whole}${fraction}`
}

/** A ratio to one, as it is said: "28 : 1", "0.4 : 1" where a whole number would say nothing. */
export function ratioText(ratio: number): string {
  return `${numberText(ratio, ratio < 10 ? 1 : 0)} : 1`
}

/** A value to two figures, for what is only roughly known: 361 becomes 360, 1,052 becomes 1,100. */
export function roughly(value: number): number {
  if (!Number.isFinite(value) || value === 0) return 0
  const step = 10 ** (Math.floor(Math.log10(Math.abs(value))) - 1)
  return Math.round(value / step) * step
}

const FORMATS = new Map<string, Intl.NumberFormat>()

/** Made once: making one costs more than writing a thousand numbers with it. */
function formatOf(digits: number): Intl.NumberFormat {
  const key = `${regionLocale()} ${digits}`
  const known = FORMATS.get(key) ?? new Intl.NumberFormat(regionLocale(), { minimumFractionDigits: 0, maximumFractionDigits: digits })
  FORMATS.set(key, known)
  return known
}

/** A number with the digits its unit deserves, a thin grouping for thousands and no trailing noise. */
export function numberText(value: number, digits = 0): string {
  return formatOf(digits).format(value).replace('-', '−').replace(/^−0$/, '0')
}

/** What a kitchen and a shed of gallons measure in, litres each, and the least of which it is said (NIST Special Publication 811). */
const US_MEASURES = [
  { leastL: 5.6, holdsL: 3.785411784, one: 'gal', more: 'gal' },
  { leastL: 0.9, holdsL: 0.946352946, one: 'quart', more: 'quarts' },
  { leastL: 0.045, holdsL: 0.2365882365, one: 'cup', more: 'cups' },
  { leastL: 0, holdsL: 0.01478676478, one: 'tablespoon', more: 'tablespoons' },
] as const

/** The measure that so many litres are said in, and counts of it as they are said: quarters while they are few. */
function usMeasure(litres: number): { readonly count: (litres: number) => string, readonly unit: string } {
  const { holdsL, one, more } = (litres === 0 ? undefined : US_MEASURES.find(({ leastL }) => Math.abs(litres) >= leastL)) ?? US_MEASURES[0]
  const inMeasure = litres / holdsL
  const count = (some: number) => {
    const measures = some / holdsL
    const sign = measures < 0 ? '−' : ''
    return Math.abs(measures) < 20 ? sign + countText(measures) : numberText(measures)
  }
  return { count, unit: roundedCount(Math.abs(inMeasure)) > 1 ? more : one }
}

/** What would be none in its own unit, though there is some of it, in the next smaller one: "40 g", "20 mL". */
function finerText(quantity: Quantity, system: UnitSystem, value: number): string | undefined {
  if (quantity === 'mass') return quantityText('smallMass', system, value * 1000, 1)
  if (quantity === 'volume') return value < 0.001 ? 'a few drops' : `${numberText(value * 1000)} mL`
  return quantity === 'smallMass' ? 'a pinch' : undefined
}

/** What no rule and no scale has: said in words, wherever a record goes beyond all sense. */
export const BEYOND_MEASURE = 'beyond measure'

/** A core value with its shown unit, never none of what there is some of: 0.62 m becomes "62 cm" or "24 in", 0.5 L "0.5 L" or "2 cups". */
export function quantityText(quantity: Quantity, system: UnitSystem, value: number, digits?: number): string {
  const { symbol, digits: usual } = SHOWN_UNITS[quantity][system]
  if (!Number.isFinite(value)) return BEYOND_MEASURE
  if (quantity === 'volume' && system === 'us') {
    const { count, unit } = usMeasure(value)
    return `${count(value)} ${unit}`
  }
  const shown = toShown(quantity, system, value)
  // A rule in inches has quarters, and a thin layer is never none.
  if (quantity === 'length' && system === 'us' && shown > 0 && shown < 10) return `${countText(shown)} ${symbol}`
  const small = digits === undefined && usual === 0 && Math.abs(shown) < 3 && quantity !== 'temperature' && quantity !== 'temperatureStep'
  const text = numberText(shown, digits ?? (small ? 1 : usual))
  return (value > 0 && text === '0' && finerText(quantity, system, value)) || `${text} ${symbol}`
}

/** A sieve by its mesh: "12 mm", "½ in". */
export function sieveText(meshMm: number, system: UnitSystem): string {
  return system === 'us' ? `${countText(meshMm / 25.4)} in` : `${numberText(meshMm)} mm`
}

/** From one sieve to another: "5 to 15 mm", "¼ to ½ in". */
export function sievesText(fromMm: number, toMm: number, system: UnitSystem): string {
  return `${sieveText(fromMm, system).split(' ')[0]} to ${sieveText(toMm, system)}`
}

/** Low and high of a core quantity with one unit: "46–58 °C". One number when both round alike. */
export function spanText(quantity: Quantity, system: UnitSystem, low: number, high: number): string {
  const { digits } = SHOWN_UNITS[quantity][system]
  const first = quantity === 'volume' && system === 'us'
    ? usMeasure(high).count(low)
    : numberText(toShown(quantity, system, low), digits)
  const last = quantityText(quantity, system, high, digits)
  // A dash beside a minus cannot be read.
  const between = low < 0 && first.startsWith('−') ? ' to ' : '–'
  return last.startsWith(`${first} `) ? last : `${first}${between}${last}`
}

/** A share in whole hundredths: "38 %". */
export function percentText(share: number): string {
  return `${Math.round(100 * share)} %`
}
