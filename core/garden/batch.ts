import type { StandingBatch } from '../journal/garden'
import { findMaterial } from '../materials/find'
import { looseVolumeL } from '../materials/packing'
import type { Method, Proposal } from '../methods/method'
import { mixBalance } from '../mix/balance'
import { portionOf, type Ingredient } from '../mix/portion'
import type { Stratum } from '../vessel/strata'

/** The ingredients a batch was built from; materials this version does not know are left out. */
export function batchIngredients({ built }: StandingBatch): Ingredient[] {
  return built.ingredients.flatMap(({ materialId, amount }) => {
    const material = findMaterial(materialId)
    return material ? [{ material, amount }] : []
  })
}

/** A batch as the proposal it was built from, for its sheet and its drawing. */
export function batchProposal(batch: StandingBatch): Proposal {
  const ingredients = batchIngredients(batch)
  const balance = mixBalance(ingredients.map(portionOf), batch.built.waterL)
  const { vessel, approachId, waterL } = batch.built
  return { vessel, approachId, waterL, ingredients, volumeL: balance.ok ? balance.value.volumeL : 0 }
}

/** The layers of a batch from the bottom up: as built, with what was added since on top. */
export function batchStrata(batch: StandingBatch, method: Method): Stratum[] {
  const built = method.strata(batchProposal(batch))
  const added = batch.additions.flatMap(({ ingredient }): Stratum[] => {
    const material = findMaterial(ingredient.materialId)
    return material ? [{ materialId: material.id, family: material.family, short: material.short, role: 'other', amount: ingredient.amount, waterL: 0, heightShare: 0 }] : []
  })
  const litres = [...built, ...added].map(({ materialId, amount }) => looseVolumeL(findMaterial(materialId)!, amount))
  const sum = litres.reduce((total, one) => total + one, 0) || 1
  return [...built, ...added].map((stratum, index) => ({ ...stratum, heightShare: (litres[index] ?? 0) / sum }))
}

/** What went in and what came out, in loose litres. */
export interface InAndOut {
  readonly inL: number
  readonly outL: number
  readonly share: number
}

/** The yield of a finished batch, or nothing while it stands. */
export function inAndOut(batch: StandingBatch): InAndOut | undefined {
  if (!batch.finish) return undefined
  const additions = batch.additions.map(({ ingredient }) => ingredient)
  const inL = [...batch.built.ingredients, ...additions].reduce((sum, { materialId, amount }) => {
    const material = findMaterial(materialId)
    return material ? sum + looseVolumeL(material, amount) : sum
  }, 0)
  const outL = batch.finish.products.reduce((sum, { amount }) => sum + amount.count * amount.container.volumeL, 0)
  return { inL, outL, share: inL > 0 ? outL / inL : 0 }
}
