import { addDays } from 'date-fns'
import * as v from 'valibot'
import { documentValues, type FieldValue, type GardenDocument } from '../journal/document'
import { momentSchema, nameSchema } from '../journal/kinds/base'
import type { MaterialBook } from '../materials/book'
import { packingFactor } from '../materials/packing'
import { ingredientsOf, type Ingredient } from '../mix/portion'
import { planValues, readPlanValues, type Plan } from './plan'
import { drawAll, type StoredLot } from './store'

/** What is being collected for a heap, by a day. */
export interface CollectingList {
  readonly id: string
  readonly name: string
  readonly startedAt: string
  /** Day it is to be built (YYYY-MM-DD). */
  readonly by: string
  readonly plan: Plan
}

const KIND = 'collecting'

/** The lists that are being collected for, the earliest first. */
export function readCollecting(documents: readonly GardenDocument[]): CollectingList[] {
  return documents.filter(({ kind }) => kind === KIND).flatMap((document) => {
    const values = documentValues(document)
    const plan = readPlanValues(values)
    const named = v.safeParse(v.object({ name: nameSchema, startedAt: momentSchema, by: v.pipe(v.string(), v.isoDate()) }), values)
    return plan && named.success && values.removed !== true ? [{ id: document.id, ...named.output, plan }] : []
  }).sort((a, b) => a.by.localeCompare(b.by))
}

/** A list as fields of its document. */
export function collectingValues({ name, startedAt, by, plan }: Omit<CollectingList, 'id'>): Record<string, FieldValue> {
  return { ...planValues(plan), name, startedAt, by, removed: false }
}

/** One line of a collecting list: how far it is, and when to gather the rest. */
export interface CollectingLine {
  readonly ingredient: Ingredient
  /** In the containers of the list. */
  readonly wantedCount: number
  readonly thereCount: number
  readonly missingCount: number
  /** Gathered earlier it would spoil before the day. */
  readonly gatherFrom: Date
  readonly gatherBy: Date
  /** Some of what lies in the store is not counted, since it will not last until the day. */
  readonly spoilsBefore: boolean
}

/** How a list stands. */
export interface CollectingState {
  readonly lines: readonly CollectingLine[]
  /** Share of the litres that is there, 0..1. */
  readonly share: number
  readonly complete: boolean
}

/** Less than this of a container is not worth a walk. */
const ENOUGH = 0.12

/** A day past its best, stuff can still go into a heap. */
const GRACE_DAYS = 1

/**
 * How a collecting list stands against what of the store will last until its day: nothing of this is kept, so that it fills by
 * itself as stock comes in
 * and empties when it is used. Two lists that want one material both count what is there.
 */
export function collectingState(list: CollectingList, stored: readonly StoredLot[], book: MaterialBook): CollectingState {
  const gatherBy = new Date(`${list.by}T12:00:00`)
  const ingredients = ingredientsOf(list.plan.ingredients, book).filter(({ amount }) => amount.count > 0)
  const lastsUntilThen = ({ lot, material }: StoredLot) => addDays(new Date(lot.gatheredAt), material.keepsDays + GRACE_DAYS) >= gatherBy
  const lines = drawAll(stored.filter(lastsUntilThen), ingredients).map((drawn, index): CollectingLine => {
    const ingredient = ingredients[index] as Ingredient
    const { material, amount } = ingredient
    const missing = drawn.missingLooseL / packingFactor(material, amount.packing) / amount.container.volumeL
    return {
      ingredient, wantedCount: amount.count, thereCount: Math.max(0, amount.count - missing),
      missingCount: missing < ENOUGH ? 0 : missing,
      gatherBy, gatherFrom: addDays(gatherBy, -Math.floor(material.keepsDays)),
      spoilsBefore: stored.some(one => one.material.id === material.id && !lastsUntilThen(one)),
    }
  })
  const litres = (of: (line: CollectingLine) => number) =>
    lines.reduce((sum, line) => sum + of(line) * line.ingredient.amount.container.volumeL, 0)
  const wanted = litres(({ wantedCount }) => wantedCount)
  return {
    lines, share: wanted > 0 ? litres(({ thereCount }) => thereCount) / wanted : 0,
    complete: lines.every(({ missingCount }) => missingCount === 0),
  }
}

/** In the last days before building, everything that is missing is worth a reminder. */
const LAST_DAYS = 14
const KEEPS_LONG_DAYS = 90

/** What is worth gathering on a day: what spoils once its days have come, and everything shortly before the day of building. */
export function toGatherNow({ lines }: CollectingState, now: Date): CollectingLine[] {
  return lines.filter(({ missingCount, gatherFrom, gatherBy, ingredient }) => {
    const begun = ingredient.material.keepsDays < KEEPS_LONG_DAYS ? now >= gatherFrom : addDays(now, LAST_DAYS) >= gatherBy
    return missingCount > 0 && begun
  })
}
