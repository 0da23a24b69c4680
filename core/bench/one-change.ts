import type { Lever } from '../mix/lever'
import type { Ingredient } from '../mix/portion'

const sameContainer = (one: Ingredient, { candidate }: Extract<Lever, { kind: 'add' }>) =>
  one.material.id === candidate.material.id
  && one.amount.container.id === candidate.container.id
  && one.amount.packing === candidate.packing
  && !one.prepared

/** What lies on the bench after one change: more of something, something new, some of it taken out, or prepared otherwise. */
export function changedBy(lever: Lever, ingredients: readonly Ingredient[]): Ingredient[] {
  if (lever.kind === 'add') {
    const { material, container, packing } = lever.candidate
    const at = ingredients.findIndex(one => sameContainer(one, lever))
    return at < 0
      ? [...ingredients, { material, amount: { count: lever.count, container, packing } }]
      : ingredients.map((one, index) => index === at ? { ...one, amount: { ...one.amount, count: one.amount.count + lever.count } } : one)
  }
  return ingredients.flatMap((one, index) => {
    if (index !== lever.ingredientIndex) return [one]
    if (lever.kind === 'prepare') {
      const { material, amount } = one
      return [{ material, amount, ...(lever.as ? { prepared: lever.as } : {}) }]
    }
    const count = one.amount.count - lever.count
    return count > 0 ? [{ ...one, amount: { ...one.amount, count } }] : []
  })
}
