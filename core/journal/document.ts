import * as v from 'valibot'
import { idSchema, momentSchema } from './kinds/base'

/** What may stand in a field of a document: plain data. */
export type FieldValue = string | number | boolean | null | readonly FieldValue[] | { readonly [key: string]: FieldValue }

/** One writing of a field. */
export interface Writing {
  readonly value: FieldValue
  readonly at: string
  readonly by: string
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

const valueSchema: v.GenericSchema<FieldValue> = v.union([
  v.pipe(v.string(), v.maxLength(4000)),
  v.pipe(v.number(), v.finite()),
  v.boolean(),
  v.null(),
  v.pipe(v.array(v.lazy(() => valueSchema)), v.maxLength(200)),
  v.record(v.pipe(v.string(), v.maxLength(64)), v.lazy(() => valueSchema)),
])
const writing = { value: valueSchema, at: momentSchema, by: idSchema }

export const documentSchema = v.object({
  id: idSchema,
  kind: idSchema,
  fields: v.record(idSchema, v.object({ ...writing, before: v.optional(v.object(writing)) })),
})

/** Later writings first; at one moment the device's name and then the value decide, alike everywhere. */
function byWriting(a: Writing, b: Writing): number {
  const key = ({ at, by, value }: Writing) => `${at} ${by} ${JSON.stringify(value)}`
  return key(a) < key(b) ? 1 : key(a) > key(b) ? -1 : 0
}

function plain({ value, at, by }: Writing): Writing {
  return { value, at, by }
}

function mergeField(a: Field | undefined, b: Field | undefined): Field {
  const writings = [a, a?.before, b, b?.before].flatMap(one => one ? [plain(one)] : []).sort(byWriting)
  const [first, second] = writings.filter((one, index) => index === 0 || byWriting(writings[index - 1] as Writing, one) !== 0)
  return { ...(first as Writing), ...(second ? { before: second } : {}) }
}

/** Two states of one document in one: field by field, the last writing counts and the one before it is kept. */
export function mergeDocument(a: GardenDocument, b: GardenDocument): GardenDocument {
  const names = [...new Set([...Object.keys(a.fields), ...Object.keys(b.fields)])].sort()
  return { id: a.id, kind: a.kind < b.kind ? a.kind : b.kind, fields: Object.fromEntries(names.map(name => [name, mergeField(a.fields[name], b.fields[name])])) }
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

/** A moment after the last writing of a field, so that the later of two quick writings counts even if the clock stood still or went back. */
function momentAfter(known: Field | undefined, at: string): string {
  return known && known.at >= at ? new Date(Date.parse(known.at) + 1).toISOString() : at
}

/** A document with some fields written anew. Fields that already hold the value are left alone. */
export function writeDocument(known: GardenDocument | undefined, id: string, kind: string, values: Readonly<Record<string, FieldValue>>, at: string, by: string): GardenDocument {
  const base = known ?? { id, kind, fields: {} }
  const changed = Object.entries(values).filter(([name, value]) => JSON.stringify(base.fields[name]?.value) !== JSON.stringify(value))
  const fields = Object.fromEntries(changed.map(([name, value]) => [name, { value, at: momentAfter(base.fields[name], at), by }]))
  return mergeDocument(base, { id, kind, fields })
}

/** The values that count, by field. */
export function documentValues({ fields }: GardenDocument): Record<string, FieldValue> {
  return Object.fromEntries(Object.entries(fields).map(([name, { value }]) => [name, value]))
}
