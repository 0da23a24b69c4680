import { findMaterial } from '../../materials/book'
import type { Material } from '../../materials/material'
import { looseL, portionOf, type Ingredient } from '../../mix/portion'
import type { MulchKind } from '../../mulch/kinds'
import type { Proposal } from '../contract'
import { MULCHED } from './constants'

/** Something that is spread, and its share of all of it by volume. */
export interface Shared { readonly material: Material, readonly share: number }

/** What a kind is usually spread of: one thing, or two half and half. */
export function usualStuff({ materialId, besideId }: Pick<MulchKind, 'materialId' | 'besideId'>): readonly Shared[] {
  const ids = [materialId, ...(besideId ? [besideId] : [])]
  return ids.map(id => ({ material: findMaterial(id) as Material, share: 1 / ids.length }))
}

/** What it is spread of. */
export interface Stuff {
  readonly some: readonly Ingredient[]
  readonly main: Material
  readonly shares: readonly Shared[]
}

/** What lies on the bench, or what is usual for its kind. */
export function stuffOf({ ingredients }: Pick<Proposal, 'ingredients'>, kind: MulchKind): Stuff {
  const some = ingredients.filter(({ amount }) => amount.count > 0)
  const wholeL = looseL(some)
  const shares = wholeL > 0 ? some.map(one => ({ material: one.material, share: portionOf(one).looseVolumeL / wholeL })) : usualStuff(kind)
  return { some, shares, main: [...shares].sort((a, b) => b.share - a.share)[0]!.material }
}

/** "grass", or "grass and leaves". */
export const stuffText = (shares: readonly Shared[]) =>
  [...shares].sort((a, b) => b.share - a.share).slice(0, 3).map(({ material }) => material.short).join(' and ')

/** The half that is missing of a kind that wants fresh and dry together; nothing where both are there, or one will do. */
export function missingHalf({ besideId }: Pick<MulchKind, 'besideId'>, shares: readonly Shared[]): 'dry' | 'fresh' | undefined {
  if (!besideId) return undefined
  const dry = shares.reduce((sum, { material, share }) => sum + (material.moistureFraction.typical < MULCHED.dryMoisture ? share : 0), 0)
  if (dry < MULCHED.leastHalf) return 'dry'
  return dry > 1 - MULCHED.leastHalf ? 'fresh' : undefined
}
