import { percentText, quantityText, spanText } from '../../units/format'
import { agoText } from '../../units/ago'
import { smallMassText } from '../../units/small'
import type { Quantity as Unit, UnitSystem } from '../../units/system'
import type { Known } from './situation'

/** Less than a kilogram is said in grams or ounces: nobody calls a handful of feed none. */
const textOf = (unit: Unit, units: UnitSystem, value: number) =>
  unit === 'mass' && value < 1 ? smallMassText(units, 1000 * value) : quantityText(unit, units, value, unit === 'mass' ? 1 : undefined)

/** A number that is known, in a gardener's units. */
export function knownText({ unit, middle }: Known, units: UnitSystem): string {
  if (unit === 'percent') return percentText(middle)
  return unit === 'none' ? `${Math.round(middle)}` : textOf(unit, units, middle)
}

/** Within what it is eight times in ten, where that is more than one number. */
export function knownBand({ unit, low, high }: Known, units: UnitSystem): string {
  if (unit === 'none') return ''
  const [from, to] = unit === 'percent' ? [percentText(low), percentText(high)] : [low, high].map(one => textOf(unit, units, one))
  if (from === to) return ''
  if (unit === 'mass') return `${from} to ${to}`
  return unit === 'percent' ? `${Math.round(100 * low)}–${to}` : spanText(unit, units, low, high)
}

const FOUND = { 'recorded': 'read', 'by hand': 'found by hand', 'reckoned': '', 'usual': '' } as const

/** What a number rests on, in half a sentence: "read yesterday", "reckoned on from 12 days ago". */
export function restsText({ from, at }: Known, now: Date): string {
  if (from === 'usual') return 'as is usual'
  if (!at) return 'reckoned'
  const ago = agoText(at, now)
  if (from === 'reckoned') return `reckoned on from ${ago}`
  // What was read yesterday was read of yesterday: since then it is reckoned on.
  return ago === 'today' ? `${FOUND[from]} today` : `by what was ${FOUND[from]} ${ago}`
}
