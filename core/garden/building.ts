import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { between, LIMITS, litresSchema, momentSchema } from '../journal/kinds/base'
import type { MaterialBook } from '../materials/book'
import { ingredientsOf, type Ingredient } from '../mix/portion'
import type { Stratum } from '../vessel/strata'
import { planValues, readPlanValues, type Plan } from './plan'

/** A heap that is being built right now: the plan as it was, and what has been done of it. */
export interface Building {
  readonly startedAt: string
  readonly name: string
  readonly place: string
  readonly plan: Plan
  readonly waterL: number
  /** Steps that are done, by their place in the order of work. */
  readonly done: readonly number[]
  /** Containers really used at a layer, where they differ from the plan. */
  readonly used: readonly { readonly layer: number, readonly count: number }[]
  /** Litres of water really used, when they were said. */
  readonly usedWaterL?: number
}

/** There is one heap under way at a time on the bench. */
export const BUILDING_ID = 'building.bench'
export const BUILDING_KIND = 'building'

const step = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(400))
const text = v.pipe(v.string(), v.maxLength(LIMITS.name))
const schema = v.object({
  startedAt: momentSchema, name: text, place: text, waterL: litresSchema,
  done: v.fallback(v.array(step), []),
  used: v.fallback(v.array(v.object({ layer: step, count: between(0, 10_000) })), []),
  usedWaterL: v.fallback(v.optional(litresSchema), undefined),
})

/** The heap that is being built, if one is. */
export function readBuilding(documents: readonly GardenDocument[]): Building | undefined {
  const document = documents.find(({ id }) => id === BUILDING_ID)
  if (!document) return undefined
  const values = Object.fromEntries(Object.entries(documentValues(document)).filter(([, value]) => value !== null))
  const plan = readPlanValues(values)
  const parsed = v.safeParse(schema, values)
  return plan && parsed.success && values.removed !== true ? { ...parsed.output, plan } : undefined
}

/** A building under way as fields of its document. */
export function buildingValues({ startedAt, name, place, plan, waterL, done, used, usedWaterL }: Building): Record<string, FieldValue> {
  return {
    ...planValues(plan),
    startedAt,
    name,
    place,
    waterL,
    done: [...done],
    used: used.map(one => ({ ...one })),
    usedWaterL: usedWaterL ?? null,
    removed: false,
  }
}

/** A step ticked or unticked. */
export function withStep(building: Building, at: number, isDone: boolean): Building {
  const others = building.done.filter(one => one !== at)
  return { ...building, done: isDone ? [...others, at].sort((a, b) => a - b) : others }
}

/** What was really used at a layer; as planned when it is what the plan says. */
export function withUsed(building: Building, layer: number, count: number, planned: number): Building {
  const others = building.used.filter(one => one.layer !== layer)
  return { ...building, used: count === planned ? others : [...others, { layer, count }].sort((a, b) => a.layer - b.layer) }
}

/**
 * What has gone in, layer by layer as used. Layers that were not ticked count too: who starts the heap says it is built.
 * @param strata the layers of the plan, bottom to top, with the counts that were planned.
 */
export function usedIngredients({ plan, used }: Building, strata: readonly Stratum[], book: MaterialBook): Ingredient[] {
  return ingredientsOf(plan.ingredients, book).flatMap((ingredient) => {
    const count = strata.reduce((sum, { materialId, amount }, layer) =>
      materialId === ingredient.material.id ? sum + (used.find(one => one.layer === layer)?.count ?? amount.count) : sum, 0)
    return count > 0 ? [{ ...ingredient, amount: { ...ingredient.amount, count } }] : []
  })
}
