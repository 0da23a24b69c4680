import * as v from 'valibot'
import type { Growing } from '../amend'
import { KNOWN_OF, type Input, type Stood } from '../garden'
import { MEASURE_LIMITS_M } from '../../vessel/vessel'
import { between, inputsSchema, LIMITS, momentSchema } from './base'
import { DAY_MS } from '../../units/time'

/** Litres that came evenly are laid in as so many days' worth, at most so often. */
const EVERY_DAYS = 7
const MOST_PARTS = 156

/**
 * How one that stood already is known: between which moments it was begun, how far what is in it is known, what came evenly until
 * when beside what it began with, and how high it stood when that was written down.
 */
export const stoodSchema = v.pipe(
  v.object({
    from: momentSchema, to: momentSchema, noted: momentSchema, of: v.picklist(KNOWN_OF),
    evenly: v.optional(v.object({ inputs: inputsSchema, until: momentSchema })),
    heightM: v.optional(between(0, MEASURE_LIMITS_M.high)),
    usually: v.optional(v.pipe(v.string(), v.maxLength(LIMITS.id))),
  }),
  v.check(({ from, to }) => from <= to, 'ends before it begins'),
)
type Written = v.InferOutput<typeof stoodSchema>

/** What is kept of it: nothing that was not said. */
export function stoodOf({ from, to, noted, of, evenly, heightM, usually }: Written): Stood {
  return {
    from, to, noted, of, ...(evenly ? { evenly } : {}), ...(heightM === undefined ? {} : { heightM }),
    ...(usually === undefined ? {} : { usually }),
  }
}

/** Stuff that came evenly from one moment until another, as it went in week by week. @returns the part of each, with its moment. */
export function evenParts(
  inputs: readonly Input[], fromMs: number, untilMs: number,
): { readonly at: string, readonly inputs: readonly Input[] }[] {
  const spanDays = Math.max(0, untilMs - fromMs) / DAY_MS
  const parts = Math.min(MOST_PARTS, Math.max(1, Math.round(spanDays / EVERY_DAYS)))
  const each = inputs.map((one): Input => ({ ...one, amount: { ...one.amount, count: one.amount.count / parts } }))
  return Array.from({ length: parts }, (_, index) => ({
    at: new Date(fromMs + (untilMs - fromMs) * (index + 0.5) / parts).toISOString(), inputs: each,
  }))
}

/** Lays in what came evenly. */
export function putEvenly(batch: Growing, eventId: string, beganAt: string, { evenly }: Pick<Stood, 'evenly'>): void {
  if (!evenly || evenly.inputs.length === 0 || evenly.until <= beganAt) return
  for (const { at, inputs } of evenParts(evenly.inputs, Date.parse(beganAt), Date.parse(evenly.until)))
    batch.puts.push({ eventId, at, inputs, waterL: 0, atStart: false, already: true })
}
