import * as v from 'valibot'
import type { FieldValue } from '../journal/document'
import { between, idSchema, nameSchema, noteSchema } from '../journal/kinds/base'
import {
  carbonFraction, FAMILIES, RANGED_VALUES, RISKS, usualKind, type Material, type RangedValue, type Risk,
} from '../materials/material'
import { range, type Range } from '../units/range'

const MONTH = between(1, 12)

function rangeSchema(low: number, high: number) {
  const value = between(low, high)
  return v.pipe(
    v.object({ low: value, typical: value, high: value }),
    v.check(one => one.low <= one.typical && one.typical <= one.high, 'is not in order: low, typical, high'),
  )
}

/** Bounds within which a value can be a material at all. */
export const OWN_LIMITS: Readonly<Record<RangedValue, readonly [low: number, high: number]>> = {
  nitrogenFraction: [0.0001, 0.5],
  carbonToNitrogen: [0.5, 2000],
  moistureFraction: [0, 0.98],
  bulkDensityKgM3: [5, 3000],
}

/** What a gardener can say of a material, each on its own. */
const FIELDS = {
  name: nameSchema,
  short: nameSchema,
  family: v.picklist(FAMILIES),
  nitrogenFraction: rangeSchema(...OWN_LIMITS.nitrogenFraction),
  carbonToNitrogen: rangeSchema(...OWN_LIMITS.carbonToNitrogen),
  moistureFraction: rangeSchema(...OWN_LIMITS.moistureFraction),
  bulkDensityKgM3: rangeSchema(...OWN_LIMITS.bulkDensityKgM3),
  keepsDays: between(0, 3650),
  months: v.array(MONTH),
  note: noteSchema,
} as const

export type OwnField = keyof typeof FIELDS

/** The document of a material that the gardener has named or changed. */
export function materialDocumentId(materialId: string): string {
  return `material.${materialId}`
}

/** The library material that one's own begins from. */
export function basedOn(values: Readonly<Record<string, FieldValue>>): string | undefined {
  const parsed = v.safeParse(idSchema, values.basedOn)
  return parsed.success ? parsed.output : undefined
}

const CARBON_LIMIT = 0.6
/** What a gardener's own word says of it, whatever it was begun from. */
const NAMED: Readonly<Partial<Record<Risk, RegExp>>> = {
  dung: /\b(dung|manure|droppings|slurry|muck)\b/i,
  urine: /\burine\b/i,
  meat: /\b(meat|fish|bones?|offal|carcass|blood)\b/i,
  juglone: /\bwalnut/i,
  weedkiller: /weedkiller|sprayed/i,
}

/**
 * Nitrogen, ratio and carbon hang together, and carbon hardly varies: who says only one of nitrogen and ratio has said the other as well.
 * Who says both may have said more carbon than there can be: then the nitrogen gives way.
 */
function inKeeping(said: Material, base: Material, typed: readonly RangedValue[]): Partial<Material> {
  const carbon = carbonFraction(base)
  const [nitrogen, ratio] = [typed.includes('nitrogenFraction'), typed.includes('carbonToNitrogen')]
  const over = ({ low, typical, high }: Range, of: number) => range(of / high, of / typical, of / low)
  if (ratio && !nitrogen) return { nitrogenFraction: over(said.carbonToNitrogen, carbon) }
  if (nitrogen && !ratio) return { carbonToNitrogen: over(said.nitrogenFraction, carbon) }
  const most = CARBON_LIMIT * (1 - said.ashFraction)
  return nitrogen && ratio && carbonFraction(said) > most && said.family !== 'char'
    ? { nitrogenFraction: over(said.carbonToNitrogen, most) }
    : {}
}

/**
 * A material with what the gardener says of it. What is missing or unreadable stays as in the base,
 * so that one damaged field falls back alone.
 */
export function ownMaterial(id: string, base: Material, values: Readonly<Record<string, FieldValue>>): Material {
  const said = Object.entries(FIELDS).flatMap(([field, schema]) => {
    const parsed = v.safeParse(schema as v.GenericSchema, values[field])
    return parsed.success ? [[field, parsed.output] as const] : []
  })
  const fields = Object.fromEntries(said.filter(([field]) => field !== 'note')) as Partial<Material>
  const typed = RANGED_VALUES.filter(value => fields[value] !== undefined)
  const kind = usualKind({ ...base, ...fields })
  const brings = RISKS.filter(
    risk =>
      base.brings.includes(risk)
      || (fields.family !== undefined && kind.brings.includes(risk))
      || NAMED[risk]?.test(`${fields.name ?? ''} ${fields.short ?? ''}`),
  )
  const derived = inKeeping({ ...base, ...fields }, base, typed)
  return Object.freeze({
    ...base,
    ...fields,
    ...derived,
    brings,
    ...(fields.family === undefined || fields.family === base.family ? {} : { reaction: kind.reaction, spreading: kind.spreading }),
    id,
    ...(fields.bulkDensityKgM3 ? { packsLikeKgM3: undefined } : {}),
    known: { ...base.known, ...Object.fromEntries(typed.map(value => [value, { kind: 'typed' as const }])) },
  })
}
