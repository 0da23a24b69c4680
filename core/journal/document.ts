import * as v from 'valibot'
import { idSchema, momentSchema } from './kinds/base'
import { sameData } from './same'
import { compareTurns, FIRST_TURN, laterTurn, nextTurn, turnAt, turnBeside, turnSchema, type Turn } from './turn'

/** What may stand in a field of a document: plain data. */
export type FieldValue = string | number | boolean | null | readonly FieldValue[] | { readonly [key: string]: FieldValue }

/** One writing of a field. */
export interface Writing {
  readonly value: FieldValue
  readonly at: string
  readonly by: string
  /** Where it stands among all writings, when `at` does not say it. */
  readonly turn?: Turn | undefined
}

/** A field with the writing that counts and the one it replaced last. */
export interface Field extends Writing {
  readonly before?: Writing
}

/** A small changeable thing (settings, a container, a plan): each field counts as its last writer left it. */
export interface GardenDocument {
  readonly id: string
  readonly kind: string
  readonly fields: Readonly<Record<string, Field>>
}

/** More than any document of this app or a later one holds. */
const MOST = { depth: 12, parts: 5000, text: 4000, name: 64, number: 1e15 } as const

/**
 * What is odd about a value of a document, in a few words; nothing when it is sound. One walk over its parts, whatever they are
 * nested in.
 */
function oddInValue(value: unknown): string | undefined {
  let left: number = MOST.parts
  const walk = (part: unknown, depth: number): string | undefined => {
    if (--left < 0) return 'has too many parts'
    if (depth > MOST.depth) return 'is nested too deeply'
    if (part === null || typeof part === 'boolean') return undefined
    if (typeof part === 'string') return part.length > MOST.text ? 'is too long a text' : undefined
    if (typeof part === 'number') return Number.isFinite(part) && Math.abs(part) <= MOST.number ? undefined : 'is not a number that can be'
    if (Array.isArray(part)) return firstOdd(part, depth)
    if (typeof part !== 'object') return 'is not plain data'
    if (Object.keys(part).some(name => name.length > MOST.name)) return 'has a name that is too long'
    return firstOdd(Object.values(part), depth)
  }
  const firstOdd = (parts: readonly unknown[], depth: number) => {
    for (const part of parts) {
      const odd = walk(part, depth + 1)
      if (odd) return odd
    }
    return undefined
  }
  return walk(value, 0)
}

const valueSchema = v.pipe(
  v.unknown(),
  v.rawCheck(({ dataset, addIssue }) => {
    const odd = dataset.typed ? oddInValue(dataset.value) : undefined
    if (odd) addIssue({ message: odd })
  }),
  v.transform(value => value as FieldValue),
)
const writing = { value: valueSchema, at: momentSchema, by: idSchema, turn: v.optional(turnSchema) }

export const documentSchema = v.object({
  id: idSchema,
  kind: idSchema,
  fields: v.record(idSchema, v.object({ ...writing, before: v.optional(v.object(writing)) })),
})

/** The turn at which a field was written. */
export function turnOfWriting({ at, turn }: Writing): Turn {
  return turnAt(at, turn)
}

/** The turn of the last writing among documents. */
export function lastTurnOf(documents: Iterable<GardenDocument>): Turn {
  let last = FIRST_TURN
  for (const { fields } of documents) for (const field of Object.values(fields)) last = laterTurn(last, turnOfWriting(field))
  return last
}

/** Later writings first; of one turn the moment, the device's name and then the value decide, alike everywhere. */
function byWriting(a: Writing, b: Writing): number {
  const turns = compareTurns(turnOfWriting(b), turnOfWriting(a))
  if (turns !== 0) return turns
  const key = ({ at, by, value }: Writing) => `${at} ${by} ${JSON.stringify(value)}`
  return key(a) < key(b) ? 1 : key(a) > key(b) ? -1 : 0
}

function plain({ value, at, by, turn }: Writing): Writing {
  return { value, at, by, ...(turn ? { turn } : {}) }
}

/** The writings that a field holds, the one that counts first. */
export function writingsOf(field: Field): readonly Writing[] {
  return [field, ...field.before ? [field.before] : []].map(plain)
}

function mergeField(a: Field | undefined, b: Field | undefined): Field {
  const writings = [a, b].flatMap(one => one ? writingsOf(one) : []).sort(byWriting)
  const [first, second] = writings.filter((one, index) => index === 0 || byWriting(writings[index - 1] as Writing, one) !== 0)
  return { ...(first as Writing), ...(second ? { before: second } : {}) }
}

/** Two states of one document in one: field by field, the last writing counts and the one before it is kept. */
export function mergeDocument(a: GardenDocument, b: GardenDocument): GardenDocument {
  const names = [...new Set([...Object.keys(a.fields), ...Object.keys(b.fields)])].sort()
  return {
    id: a.id, kind: a.kind < b.kind ? a.kind : b.kind,
    fields: Object.fromEntries(names.map(name => [name, mergeField(a.fields[name], b.fields[name])])),
  }
}

/** The union of documents, merged by id, in order of their ids. */
export function mergeDocuments(...sets: readonly Iterable<GardenDocument>[]): GardenDocument[] {
  const byId = new Map<string, GardenDocument>()
  for (const documents of sets) {
    for (const document of documents) {
      const known = byId.get(document.id)
      byId.set(document.id, known ? mergeDocument(known, document) : document)
    }
  }
  return [...byId.values()].sort((a, b) => a.id < b.id ? -1 : 1)
}

/**
 * A document with some fields written anew. Fields that already hold the value are left alone.
 * @param at when, by the clock of the device `by`.
 * @param last the last turn known in the whole garden: the writing counts from after it, however the clock stands.
 */
export function writeDocument(
  known: GardenDocument | undefined, id: string, kind: string, values: Readonly<Record<string, FieldValue>>, at: string, by: string,
  last: Turn = known ? lastTurnOf([known]) : FIRST_TURN,
): GardenDocument {
  const base = known ?? { id, kind, fields: {} }
  const changed = Object.entries(values).filter(
    ([name, value]) => base.fields[name] === undefined || !sameData(base.fields[name].value, value),
  )
  const beside = turnBeside(at, nextTurn(last, Date.parse(at)))
  const fields = Object.fromEntries(changed.map(([name, value]) => [name, { value, at, by, ...beside }]))
  return mergeDocument(base, { id, kind, fields })
}

/** The fields of a document that are not as they were before: what is new about it, and no more. */
export function freshFields(now: GardenDocument, known: GardenDocument | undefined): GardenDocument {
  return known
    ? { ...now, fields: Object.fromEntries(Object.entries(now.fields).filter(([name, field]) => !sameData(field, known.fields[name]))) }
    : now
}

/** The values that count, by field. */
export function documentValues({ fields }: GardenDocument): Record<string, FieldValue> {
  return Object.fromEntries(Object.entries(fields).map(([name, { value }]) => [name, value]))
}
