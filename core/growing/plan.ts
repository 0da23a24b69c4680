import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { between, idSchema, LIMITS, nameSchema } from '../journal/kinds/base'
import { POTS, PURPOSES, type PurposeId } from './constants'
import type { MixedIn } from './propose'
import type { Offered } from './offered'
import { litresForPots, type Pot } from './pot'

/** So much of a lot, or of a material that no lot was chosen for. */
export interface PlannedPart { readonly lotId?: string, readonly materialId: string, readonly litres: number }

/** A mix as it is thought of: what for, in which pots and how many, of what. */
export interface MixPlan {
  readonly purposeId: PurposeId
  readonly pot: Pot
  /** How many pots; none where it is wanted by the litre. */
  readonly count: number
  readonly litres: number
  readonly parts: readonly PlannedPart[]
  readonly called: string
}

/** A mix that is kept to be made again, by its own name. */
export interface KeptMix extends MixPlan { readonly id: string }

export const MIX_KIND = 'growing-mix'
export const MIX_BENCH_ID = `${MIX_KIND}.bench`

/** Without its id: what is written down of a pot. */
export const potOf = ({ topM, bottomM, heightM }: typeof POTS[number]): Pot => ({ topM, bottomM, heightM })

export const EMPTY_MIX: MixPlan = { purposeId: 'seeds', pot: potOf(POTS[0]), count: 0, litres: 20, parts: [], called: '' }

const side = between(0.01, 3)
const schema = v.object({
  purposeId: v.fallback(v.picklist(PURPOSES.map(({ id }) => id)), EMPTY_MIX.purposeId),
  pot: v.fallback(
    v.object({ topM: side, bottomM: side, heightM: between(0.02, 1.5), measuredL: v.optional(between(0.01, 5000)) }), EMPTY_MIX.pot,
  ),
  count: v.fallback(between(0, 5000), 0),
  litres: v.fallback(between(0.1, 10_000), EMPTY_MIX.litres),
  parts: v.fallback(v.pipe(
    v.array(v.object({ lotId: v.optional(idSchema), materialId: idSchema, litres: between(0, 10_000) })), v.maxLength(LIMITS.items),
  ), []),
  called: v.fallback(v.pipe(v.string(), v.maxLength(LIMITS.name)), ''),
})

function readMix(document: GardenDocument): MixPlan | undefined {
  const present = Object.fromEntries(Object.entries(documentValues(document)).filter(([, value]) => value !== null))
  const parsed = v.safeParse(schema, { ...EMPTY_MIX, ...present })
  return parsed.success && present.removed !== true ? parsed.output : undefined
}

/** The mix that lies on the bench for mixes. */
export function readMixBench(documents: readonly GardenDocument[]): MixPlan {
  const document = documents.find(({ id }) => id === MIX_BENCH_ID)
  return (document && readMix(document)) ?? EMPTY_MIX
}

/** The gardener's own recipes, by name. */
export function readKeptMixes(documents: readonly GardenDocument[]): KeptMix[] {
  return documents.filter(({ id, kind }) => kind === MIX_KIND && id !== MIX_BENCH_ID).flatMap((document) => {
    const mix = readMix(document)
    return mix && v.is(nameSchema, mix.called) ? [{ ...mix, id: document.id }] : []
  }).sort((a, b) => a.called < b.called ? -1 : 1)
}

/** A mix as fields of its document. */
export function mixValues({ purposeId, pot, count, litres, parts, called }: MixPlan): Record<string, FieldValue> {
  return { purposeId, pot: { ...pot }, count, litres, parts: parts.map(part => ({ ...part })), called, removed: false }
}

/** Litres of mix that are wanted: for the pots with a tenth to spare, else as said. */
export const wantedL = ({ pot, count, litres }: Pick<MixPlan, 'pot' | 'count' | 'litres'>): number =>
  count > 0 ? litresForPots(pot, count) : litres

/** The parts of a plan by what is offered: of a lot that is gone another of its material, or fetched; what is unknown is left out. */
export function mixedIn({ parts }: Pick<MixPlan, 'parts'>, offered: readonly Offered[]): readonly MixedIn[] {
  return parts.flatMap(({ lotId, materialId, litres }) => {
    const of = offered.find(one => one.lotId === lotId && one.materialId === materialId)
      ?? offered.find(one => one.materialId === materialId)
    return of ? [{ of, litres }] : []
  })
}

/** What is mixed in as parts of a plan. */
export const plannedParts = (mixed: readonly MixedIn[]): readonly PlannedPart[] =>
  mixed.map(({ of, litres }) => ({ ...(of.lotId === undefined ? {} : { lotId: of.lotId }), materialId: of.materialId, litres }))
