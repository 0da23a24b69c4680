import * as v from 'valibot'
import { worthSchema } from './worth'
import { PREPARATIONS } from '../../materials/preparation'
import { PACKINGS } from '../../units/container'
import { CHARGED_WITH } from '../../materials/char-state'
import { ROLES } from '../garden'
import { turnSchema } from '../turn'
import { between } from '../../units/bounds'

export { between }

/** Longest texts that are kept; longer ones are refused, not cut. */
export const LIMITS = { id: 64, name: 80, note: 4000, items: 60, litres: 100_000 } as const

/** Letters, digits, dot, dash and underscore, and no name that every object has: safe in file names, addresses and keys. */
export const idSchema = v.pipe(
  v.string(), v.regex(/^[\w.-]+$/, 'has signs that an id cannot have'), v.maxLength(LIMITS.id, 'is longer than an id can be'),
  v.check(id => !(id in Object.prototype), 'is a name that nothing can have'),
)

/** A moment, always in UTC with milliseconds, so that text order is time order. */
export const momentSchema = v.pipe(
  v.string(),
  v.regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/, 'is not a date and time as Wastrum writes them'),
  v.check(text => Date.parse(text) >= 0, 'is a date that does not exist, or one before 1970'),
)

export const nameSchema = v.pipe(v.string(), v.minLength(1, 'is empty'), v.maxLength(LIMITS.name, 'is too long for a name'))
export const noteSchema = v.pipe(v.string(), v.maxLength(LIMITS.note, 'is longer than a note can be'))

export const litresSchema = between(0, LIMITS.litres)
export const celsiusSchema = between(-50, 120)

export const containerThenSchema = v.object({ id: idSchema, name: nameSchema, plural: nameSchema, volumeL: between(0.01, 20_000) })
export const amountSchema = v.object({ count: between(0, 10_000), container: containerThenSchema, packing: v.picklist(PACKINGS) })

/** Taken from a lot in the store, in litres as they lay there. */
export const drawSchema = v.object({ lotId: idSchema, litres: litresSchema })
/** `worth` is what the material was taken to be when it went in: what is learnt later leaves it alone. */
const ingredientEntries = {
  materialId: idSchema,
  amount: amountSchema,
  prepared: v.optional(v.picklist(PREPARATIONS)),
  draws: v.pipe(v.array(drawSchema), v.maxLength(LIMITS.items, 'has too many parts')),
  worth: v.optional(worthSchema),
}
export const ingredientSchema = v.object(ingredientEntries)
/** An ingredient with what it is there for. */
export const inputSchema = v.object({ role: v.picklist(ROLES), ...ingredientEntries })
export const inputsSchema = v.pipe(v.array(inputSchema), v.maxLength(LIMITS.items, 'has too many ingredients'))

/** Answers to questions: numbers and words of whoever asked. */
export const answersSchema = v.pipe(
  v.record(idSchema, v.union([between(-1e9, 1e9), v.pipe(v.string(), v.maxLength(LIMITS.note, 'is longer than an answer can be'))])),
  v.check(answers => Object.keys(answers).length <= LIMITS.items, 'has too many answers'),
)

/** How far char was charged when it came out, and with what. */
const charSchema = v.object({
  charged: between(0, 1), with: v.pipe(v.array(v.picklist(CHARGED_WITH)), v.maxLength(CHARGED_WITH.length)),
  ashy: v.optional(v.boolean()),
})

/** Something that came out, before it lies in the store. */
export const productsSchema = v.pipe(
  v.array(v.object({ materialId: idSchema, amount: amountSchema, sieveMm: v.optional(between(1, 100)), char: v.optional(charSchema) })),
  v.maxLength(LIMITS.items, 'has too many products'),
)

/** What every event carries: who recorded it, when it happened and when it was written down. */
const always = { id: idSchema, at: momentSchema, recordedAt: momentSchema, by: idSchema, turn: v.optional(turnSchema) }

/** The schema of one kind of event. */
export function eventSchemaOf<const K extends string, E extends v.ObjectEntries>(kind: K, entries: E) {
  return v.object({ kind: v.literal(kind), ...always, ...entries })
}
