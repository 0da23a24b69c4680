import { judge, type Comfort, type Judgement } from './judgement'
import { typicalTotals } from './balance'
import { portionOf, type Ingredient } from './portion'

/** The mix with another count of one ingredient, watered as it needs. */
export interface PullPoint {
  readonly count: number
  readonly judgement: Judgement
}

/** Counts at which a path is worked out, as shares of its end: closer together where little goes far. */
const SHARES = [0, 0.03, 0.07, 0.12, 0.18, 0.25, 0.33, 0.42, 0.52, 0.63, 0.75, 0.87, 1]

/** As far as one ingredient is pulled along: four times what there is, at least four containers. */
export function pullEnd({ amount }: Ingredient): number {
  return Math.max(4, Math.ceil(amount.count * 4))
}

/** The mix with this many containers of the ingredient at a place. */
export function withCount(ingredients: readonly Ingredient[], index: number, count: number): Ingredient[] {
  return ingredients.map((one, at) => at === index ? { ...one, amount: { ...one.amount, count } } : one)
}

/**
 * The way the mix point goes while one ingredient's amount runs from nothing to `end` containers.
 * @param index which ingredient. @param end count at the far end, above 0. A mix of nothing has no point and is left out.
 */
export function pullPath(ingredients: readonly Ingredient[], index: number, comfort: Comfort, end: number): PullPoint[] {
  return SHARES.flatMap((share) => {
    const count = share * end
    const present = withCount(ingredients, index, count).filter(({ amount }) => amount.count > 0)
    const judgement = judge(typicalTotals(present.map(portionOf)), comfort)
    return judgement.ok ? [{ count, judgement: judgement.value }] : []
  })
}
