import { addMonths, getDaysInMonth, startOfMonth } from 'date-fns'
import * as v from 'valibot'
import { constants, of } from '../constants/constants'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { between } from '../journal/kinds/base'
import type { MonthAccount } from './account'

/** What catches rain: so much roof, and so much of it is kept. */
export interface Butt { readonly roofM2: number, readonly buttL: number }

export const BUTT_ID = 'water-butt'
export const BUTT = constants('Rain off a roof', {
  runs: of(0.8, 0.6, 0.9, 'share', 'of the rain on a roof runs into the butt; practice'),
  worthL: of(10, 5, 20, 'L', 'less is not told; choice'),
})

const schema = v.object({ roofM2: between(0, 5000), buttL: between(0, 100_000) })

/** The butt of a garden; nothing where none was said. */
export function readButt(documents: readonly GardenDocument[]): Butt | undefined {
  const document = documents.find(({ id }) => id === BUTT_ID)
  const parsed = v.safeParse(schema, document && documentValues(document))
  return parsed.success && parsed.output.buttL > 0 ? parsed.output : undefined
}

export function buttValues({ roofM2, buttL }: Butt): Record<string, FieldValue> {
  return { roofM2, buttL }
}

/** A month in which the butt does not give what the heaps drink. */
export interface DryMonth { readonly first: Date, readonly missingL: number }

/**
 * The months of the next twelve in which the butt runs dry, if as much is given as in the same month of the year before. Full to
 * begin with. @param rainMm of a day, as it usually is.
 */
export function dryMonths(
  { roofM2, buttL }: Butt, account: readonly MonthAccount[], rainMm: (at: Date) => number, now: Date,
): DryMonth[] {
  const given = new Map(account.map(({ month, waterL }) => [month, waterL]))
  let lies = buttL
  return Array.from({ length: 12 }, (_, index) => addMonths(startOfMonth(now), index)).flatMap((first): DryMonth[] => {
    const before = `${first.getFullYear() - 1}-${String(first.getMonth() + 1).padStart(2, '0')}`
    const rain = rainMm(new Date(first.getTime() + 14 * 86_400_000)) * getDaysInMonth(first) * roofM2 * BUTT.runs
    const wanted = given.get(before) ?? 0
    // Rain and cans take turns: what runs over is lost only where less is taken than comes.
    const had = Math.min(lies + rain, buttL + Math.min(rain, wanted))
    lies = Math.max(0, Math.min(buttL, had - wanted))
    const missingL = wanted - had
    return missingL >= BUTT.worthL ? [{ first, missingL }] : []
  })
}
