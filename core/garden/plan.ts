import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { PREPARATIONS } from '../materials/preparation'
import type { NamedIngredient } from '../mix/portion'
import { amountSchema, answersSchema, between, idSchema, LIMITS, momentSchema, nameSchema } from '../journal/kinds/base'
import { siteSchema, vesselSchema } from '../journal/kinds/siting'
import type { Answers } from '../questions/answers'
import { VESSEL_PRESETS } from '../vessel/presets'
import type { Site } from '../vessel/site'
import type { Vessel } from '../vessel/vessel'

/** Why a plan is made: so many litres of the finished thing, by a day (YYYY-MM-DD). */
export interface Wish {
  readonly litres: number
  readonly by: string
}

/** What lies on the bench: chosen, not yet built. */
export interface Plan {
  /** Empty as long as no method was chosen. */
  readonly methodId: string
  readonly approachId: string
  readonly site: Site
  /** Answers to what the method asks while planning. */
  readonly answers: Answers
  readonly ingredients: readonly NamedIngredient[]
  /** Materials whose amounts stay as they are when the rest is balanced. */
  readonly pinned: readonly string[]
  /** Materials of which no more goes in than lies on the bench, whatever the store holds. */
  readonly capped: readonly string[]
  readonly wish?: Wish
  /** The past batch it was copied from. */
  readonly likeBatchId?: string
}

/** A plan put aside under a name. */
export interface KeptPlan extends Plan {
  readonly id: string
  readonly name: string
  readonly keptAt: string
}

export const BENCH_PLAN_ID = 'plan.bench'

const ingredients = v.pipe(
  v.array(v.object({ materialId: idSchema, amount: amountSchema, prepared: v.optional(v.picklist(PREPARATIONS)) })),
  v.maxLength(LIMITS.items),
)

/** An empty bench. */
export const EMPTY_PLAN: Plan = {
  methodId: '', approachId: '', site: { kind: 'vessel', vessel: VESSEL_PRESETS[0] as Vessel }, answers: {}, ingredients: [], pinned: [],
  capped: [],
}

const someIds = v.pipe(v.array(idSchema), v.maxLength(LIMITS.items))

const planSchema = v.object({
  methodId: v.fallback(idSchema, ''), approachId: v.fallback(idSchema, ''), site: siteSchema, ingredients,
  answers: v.fallback(answersSchema, {}),
  pinned: v.fallback(someIds, []),
  capped: v.fallback(someIds, []),
  wish: v.fallback(v.optional(v.object({ litres: between(0.1, LIMITS.litres), by: v.pipe(v.string(), v.isoDate()) })), undefined),
  likeBatchId: v.fallback(v.optional(idSchema), undefined),
})

/**
 * A plan from the fields of its document, or nothing when they make none. Fields that are not set are kept as null, so that an
 * older writing does not shine through.
 */
export function readPlanValues(values: Readonly<Record<string, FieldValue>>): Plan | undefined {
  const present = Object.fromEntries(Object.entries(values).filter(([, value]) => value !== null))
  // Earlier versions wrote the vessel alone.
  const vessel = v.safeParse(vesselSchema, present.vessel)
  const parsed = v.safeParse(planSchema, {
    ...EMPTY_PLAN,
    ...(vessel.success ? { site: { kind: 'vessel', vessel: vessel.output } } : {}),
    ...present,
  })
  return parsed.success ? parsed.output : undefined
}

/** The plan on the bench from the garden's documents. */
export function readPlan(documents: readonly GardenDocument[]): Plan {
  const document = documents.find(({ id }) => id === BENCH_PLAN_ID)
  return (document && readPlanValues(documentValues(document))) ?? EMPTY_PLAN
}

/** The plans put aside, the latest first. */
export function readKeptPlans(documents: readonly GardenDocument[]): KeptPlan[] {
  return documents.filter(({ id, kind }) => kind === 'plan' && id !== BENCH_PLAN_ID).flatMap((document) => {
    const values = documentValues(document)
    const plan = readPlanValues(values)
    const named = v.safeParse(v.object({ name: nameSchema, keptAt: momentSchema }), values)
    return plan && named.success && values.removed !== true ? [{ ...plan, ...named.output, id: document.id }] : []
  }).sort((a, b) => a.keptAt < b.keptAt ? 1 : -1)
}

/** A written ingredient as plain data of a document. */
export function namedValues({ materialId, amount, prepared }: NamedIngredient): FieldValue {
  return { materialId, amount: { ...amount, container: { ...amount.container } }, ...(prepared ? { prepared } : {}) }
}

/** A plan as fields of its document. */
export function planValues({
  methodId, approachId, site, answers, ingredients: planned, pinned, capped, wish, likeBatchId,
}: Plan): Record<string, FieldValue> {
  return {
    methodId, approachId, site: site as unknown as FieldValue, answers: { ...answers }, ingredients: planned.map(namedValues),
    pinned: [...pinned], capped: [...capped], wish: wish ? { ...wish } : null, likeBatchId: likeBatchId ?? null,
  }
}
