import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { between, nameSchema } from '../journal/kinds/base'
import { shapeSchema } from '../ground/schema'
import { shapeAreaM2, type AreaShape } from '../ground/shape'
import { BEDS } from './constants'
import { table } from '../constants/constants'

/** What the ground is. */
export const SOILS = ['sand', 'loam', 'clay'] as const
export type Soil = typeof SOILS[number]
/** What a soil test said of it. */
export const REACTIONS = ['sour', 'neutral', 'limy', 'untested'] as const
export type Reaction = typeof REACTIONS[number]
/** What grows there, by what it wants. */
export const GROWS = ['hungry', 'usual', 'poor', 'sour-loving', 'lime-loving'] as const
export type Grows = typeof GROWS[number]
/** How what is eaten of it grows: against the soil, clear of it, or nothing is eaten. */
export const EATEN = ['touching', 'clear', 'not'] as const
export type Eaten = typeof EATEN[number]

/** A bed: its ground and what is known of it. What was spread on it is in the journal. */
export interface Bed {
  readonly id: string
  readonly name: string
  readonly ground: AreaShape
  readonly soil: Soil
  readonly reaction: Reaction
  readonly grows: Grows
  readonly eaten: Eaten
  /** Depth that is worked, metres: doses of char are shares of it. */
  readonly depthM: number
}

export const BED_KIND = 'bed'
export const BED_LIMITS = table('Measures of a bed', {
  sideM: ['m', 'what can be a bed; choice'],
  depthM: ['m', 'what can be worked; practice'],
}, { sideM: { low: 0.1, high: 100 }, depthM: { low: 0.05, high: 0.3 } } as const)

const schema = v.object({
  name: nameSchema,
  ground: shapeSchema(BED_LIMITS.sideM.low, BED_LIMITS.sideM.high),
  soil: v.fallback(v.picklist(SOILS), 'loam'),
  reaction: v.fallback(v.picklist(REACTIONS), 'untested'),
  grows: v.fallback(v.picklist(GROWS), 'usual'),
  eaten: v.fallback(v.picklist(EATEN), 'touching'),
  depthM: v.fallback(between(BED_LIMITS.depthM.low, BED_LIMITS.depthM.high), BEDS.usualDepthM),
})

/** The beds of a garden, by name; one that was dug over for good, or cannot be read, is left out. */
export function readBeds(documents: readonly GardenDocument[]): Bed[] {
  return documents.filter(({ kind }) => kind === BED_KIND).flatMap((document) => {
    const values = documentValues(document)
    const parsed = v.safeParse(schema, values)
    return parsed.success && values.removed !== true ? [{ id: document.id, ...parsed.output }] : []
  }).sort((a, b) => a.name < b.name ? -1 : 1)
}

/** A bed as the fields of its document. */
export function bedValues({ name, ground, soil, reaction, grows, eaten, depthM }: Omit<Bed, 'id'>): Record<string, FieldValue> {
  return { name, ground: { ...ground } as unknown as FieldValue, soil, reaction, grows, eaten, depthM, removed: false }
}

/** Ground of a bed, m². */
export function bedAreaM2({ ground }: Pick<Bed, 'ground'>): number {
  return shapeAreaM2(ground)
}
