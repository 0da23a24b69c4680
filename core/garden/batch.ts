import type { StandingBatch } from '../journal/garden'
import type { MaterialBook } from '../materials/book'
import type { Method, Proposal } from '../methods/method'
import { mixBalance } from '../mix/balance'
import { ingredientsOf, portionOf, type Ingredient } from '../mix/portion'
import type { Stratum } from '../vessel/strata'

/** A batch as the proposal it was built from, for its sheet and its drawing. */
export function batchProposal(batch: StandingBatch, book: MaterialBook): Proposal {
  const ingredients = ingredientsOf(batch.built.ingredients, book)
  const balance = mixBalance(ingredients.map(portionOf), batch.built.waterL)
  const { vessel, approachId, waterL } = batch.built
  return { vessel, approachId, waterL, ingredients, volumeL: balance.ok ? balance.value.volumeL : 0 }
}

/** The layers of a batch from the bottom up: as built, with what was added since on top. */
export function batchStrata(batch: StandingBatch, method: Method, book: MaterialBook): Stratum[] {
  const proposal = batchProposal(batch, book)
  const builtL = looseSumL(proposal.ingredients)
  const additions = ingredientsOf(batch.additions.map(({ ingredient }) => ingredient), book)
  const sum = builtL + looseSumL(additions) || 1
  const built = method.strata(proposal).map(stratum => ({ ...stratum, heightShare: stratum.heightShare * builtL / sum }))
  const added = additions.map((ingredient): Stratum => {
    const { material, looseVolumeL } = portionOf(ingredient)
    return { materialId: material.id, family: material.family, short: material.short, role: 'other', amount: ingredient.amount, waterL: 0, heightShare: looseVolumeL / sum }
  })
  return [...built, ...added]
}

function looseSumL(ingredients: readonly Ingredient[]): number {
  return ingredients.reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
}

/** What went in and what came out, in loose litres. */
export interface InAndOut {
  readonly inL: number
  readonly outL: number
  readonly share: number
}

/** The yield of a finished batch, or nothing while it stands. */
export function inAndOut(batch: StandingBatch, book: MaterialBook): InAndOut | undefined {
  if (!batch.finish) return undefined
  const additions = batch.additions.map(({ ingredient }) => ingredient)
  const inL = looseSumL(ingredientsOf([...batch.built.ingredients, ...additions], book))
  const outL = batch.finish.products.reduce((sum, { amount }) => sum + amount.count * amount.container.volumeL, 0)
  return { inL, outL, share: inL > 0 ? outL / inL : 0 }
}
