import type { Plan } from '../garden/plan'
import type { MaterialBook } from '../materials/book'
import { worthOf } from '../materials/worth'
import { balancedOf, type Draft, type Method, type Proposal, type Surroundings } from '../methods/contract'
import { typicalTotals } from '../mix/balance'
import { judge, type Comfort, type Judgement } from '../mix/judgement'
import { type Ingredient, ingredientsOf, looseL, type NamedIngredient, portionOf } from '../mix/portion'
import { completed } from '../questions/question'

/** An ingredient as it is written into a plan. */
export function namedIngredient({ material, amount, prepared }: Ingredient): NamedIngredient {
  return { materialId: material.id, amount, ...(prepared ? { prepared } : {}) }
}

/** An ingredient as it is written into an event: with what it is taken to be today, so that what is learnt later leaves it alone. */
export function worthyIngredient(ingredient: Ingredient): NamedIngredient {
  return { ...namedIngredient(ingredient), worth: worthOf(ingredient.material) }
}

/** What of a plan goes in: materials that are known, of which there is some. */
export function filledOf(plan: Pick<Plan, 'ingredients'>, book: MaterialBook): Ingredient[] {
  return ingredientsOf(plan.ingredients, book).filter(({ amount }) => amount.count > 0)
}

/** How a mix is judged where mixing matters; nothing while it is empty, or while nothing of it decays. */
export function judged(filled: readonly Ingredient[], comfort: Comfort): Judgement | undefined {
  const judgement = judge(typicalTotals(filled.map(portionOf)), comfort)
  return judgement.ok ? judgement.value : undefined
}

/** A plan as its method thinks about it. @param judgement of the mix, where mixing matters. */
export function proposalOf(plan: Plan, method: Method, filled: readonly Ingredient[], judgement: Judgement | undefined): Proposal {
  const { site, approachId, answers } = plan
  return {
    site, approachId, answers: completed(method.plan.asks(approachId), answers), ingredients: filled,
    waterL: judgement?.waterL ?? 0,
    volumeL: judgement?.measures.volumeL ?? looseL(filled),
  }
}

/** A plan thought through: the proposal and what it comes to. Nothing while a mix that matters is empty. */
export function draftFor(
  plan: Plan, method: Method, surroundings: Surroundings,
): { readonly proposal: Proposal, readonly draft: Draft } | undefined {
  const filled = filledOf(plan, surroundings.materials)
  const balanced = balancedOf(method)
  const judgement = balanced && judged(filled, balanced.mixing.comfort(plan.approachId))
  if (balanced && !judgement) return undefined
  const proposal = proposalOf(plan, method, filled, judgement)
  return { proposal, draft: method.plan.draft(proposal, surroundings) }
}
