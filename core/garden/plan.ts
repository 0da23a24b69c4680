import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { PREPARATIONS } from '../materials/preparation'
import type { NamedIngredient } from '../mix/portion'
import { amountSchema, idSchema, LIMITS } from '../journal/kinds/base'
import { vesselSchema } from '../journal/kinds/building'
import { VESSEL_PRESETS } from '../vessel/presets'
import type { Vessel } from '../vessel/vessel'

/** What lies on the bench: chosen, not yet built. */
export interface Plan {
  readonly methodId: string
  readonly approachId: string
  readonly vessel: Vessel
  readonly ingredients: readonly NamedIngredient[]
}

export const BENCH_PLAN_ID = 'plan.bench'

const ingredients = v.pipe(v.array(v.object({ materialId: idSchema, amount: amountSchema, prepared: v.optional(v.picklist(PREPARATIONS)) })), v.maxLength(LIMITS.items))

/** An empty bench. */
export const EMPTY_PLAN: Plan = { methodId: 'hot-heap', approachId: 'by-thermometer', vessel: VESSEL_PRESETS[0] as Vessel, ingredients: [] }

/** The plan on the bench from the garden's documents. */
export function readPlan(documents: readonly GardenDocument[]): Plan {
  const document = documents.find(({ id }) => id === BENCH_PLAN_ID)
  if (!document) return EMPTY_PLAN
  const values = documentValues(document)
  const parsed = v.safeParse(v.object({ methodId: idSchema, approachId: idSchema, vessel: vesselSchema, ingredients }), { ...EMPTY_PLAN, ...values })
  return parsed.success ? parsed.output : EMPTY_PLAN
}

/** A written ingredient as plain data of a document. */
export function namedValues({ materialId, amount, prepared }: NamedIngredient): FieldValue {
  return { materialId, amount: { ...amount, container: { ...amount.container } }, ...(prepared ? { prepared } : {}) }
}

/** A plan as fields of its document. */
export function planValues({ methodId, approachId, vessel, ingredients: planned }: Plan): Record<string, FieldValue> {
  return { methodId, approachId, vessel: { ...vessel }, ingredients: planned.map(namedValues) }
}
