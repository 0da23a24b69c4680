import { fail, ok, type Outcome } from '../outcome/outcome'
import { range, type Range } from '../units/range'
import { CHAR } from './constants'

/** How thick wood is: finger, wrist, or split logs. */
export const THICKNESSES = ['finger', 'wrist', 'split'] as const
export type Thickness = (typeof THICKNESSES)[number]

/** How a gardener knows how dry wood is. */
export type Dryness
  /** A moisture meter reads water by dry wood, in per cent. */
  = | { readonly kind: 'meter', readonly percentOfDry: number }
  /** A split weighed, dried until it loses no more, and weighed again; any unit. */
    | { readonly kind: 'weighed', readonly before: number, readonly after: number }
  /** Months under cover since it was cut green. */
    | { readonly kind: 'months', readonly months: number, readonly thickness: Thickness }
  /** It snaps and rings, or it bends and thuds. */
    | { readonly kind: 'snap', readonly snaps: boolean }

export type DrynessTrouble = 'no-number' | 'heavier-dry'
const wetBasis = (ofDry: number) => ofDry / (1 + ofDry)

function afterMonths(months: number, thickness: Thickness): Range {
  const left = (green: number, rest: number, tau: number) => rest + (green - rest) * Math.exp(-months / tau)
  const { low, typical, high } = CHAR.months[thickness]
  return range(
    left(CHAR.green.low, CHAR.atRest.low, low), left(CHAR.green.typical, CHAR.atRest.typical, typical),
    left(CHAR.green.high, CHAR.atRest.high, high),
  )
}

/**
 * Water in wood as a fraction of its wet mass, with its range.
 * Drying: M = M∞ + (M₀ − M∞)·e^(−t/τ); a meter's per cent of dry wood u is u/(1 + u) of the wet mass.
 * @returns a trouble where numbers are missing, negative, or say that drying made it heavier.
 */
export function woodMoisture(known: Dryness): Outcome<Range, DrynessTrouble> {
  switch (known.kind) {
    case 'meter': {
      const u = known.percentOfDry / 100
      if (!(u >= 0 && u <= 3)) return fail('no-number')
      return ok(
        range(wetBasis(Math.max(0, u - CHAR.meterOff)), wetBasis(u), wetBasis((u + CHAR.meterOff) * (u > CHAR.meterLowFrom ? 1.3 : 1))),
      )
    }
    case 'weighed': {
      const { before, after } = known
      if (!(before > 0 && after > 0 && Number.isFinite(before))) return fail('no-number')
      if (after > before) return fail('heavier-dry')
      const moisture = 1 - after / before
      return ok(range(Math.max(0, moisture - 0.01), moisture, Math.min(0.95, moisture + 0.01)))
    }
    case 'months':
      return known.months >= 0 && Number.isFinite(known.months) ? ok(afterMonths(known.months, known.thickness)) : fail('no-number')
    case 'snap':
      return ok(known.snaps ? range(0.12, 0.16, 0.2) : range(0.25, 0.36, 0.5))
  }
}
