import { isForBalancing, offersAtHand } from '../balancing/at-hand'
import type { Problem, RatioBasis } from '../balancing/problem'
import type { StoredLot } from '../garden/store'
import type { MaterialBook } from '../materials/book'
import type { Material } from '../materials/material'
import { packingFactor } from '../materials/packing'
import type { Comfort } from '../mix/judgement'
import type { Candidate } from '../mix/lever'
import { portionOf, type Ingredient } from '../mix/portion'
import { containerThen, type Container, type ContainerThen } from '../units/container'
import { vesselVolumeL, type Vessel } from '../vessel/vessel'

/** What can be had nearly everywhere, offered beside what the store holds. */
const COMMON = ['leaves-mixed', 'cardboard', 'straw-wheat', 'grass-clippings', 'kitchen-veg', 'horse-manure-straw']
/** Light stuff comes by the sack, heavy and wet stuff by the bucket. */
const SACK_BELOW_KG_M3 = 160
/** A vessel counts as filled from here on: what is loose settles by a tenth within days. */
const FILLED_SHARE = 0.75
/** This pile stays this pile: what is added or taken out leaves it between these shares of its litres. */
const PILE_SHARES = { low: 0.6, high: 1.8 }
/** A heap of a wished size may be this far off. */
const WISH_LEEWAY = 0.1
/** Most of the litres that may be char. */
const CHAR_MOST = 0.1

/** The container a gardener would take for a material. */
export function usualContainer({ bulkDensityKgM3 }: Pick<Material, 'bulkDensityKgM3'>, containers: readonly Container[]): Container {
  const wanted = bulkDensityKgM3.typical < SACK_BELOW_KG_M3 ? 'sack' : 'bucket'
  return containers.find(({ id }) => id === wanted) ?? containers[0] as Container
}

/** Something that can be fetched, in the container it would be fetched in. */
export interface Around { readonly material: Material, readonly container: ContainerThen }

/** What can be had nearly everywhere, in the gardener's containers. */
export function aroundHere(materials: MaterialBook, containers: readonly Container[]): Around[] {
  return COMMON.flatMap((id) => {
    const material = materials.find(id)
    return material ? [{ material, container: containerThen(usualContainer(material, containers)) }] : []
  })
}

/** What might be added to a mix: what is left in the store, and what can be fetched. */
export function candidatesFor(filled: readonly Ingredient[], stored: readonly StoredLot[], around: readonly Around[]): Candidate[] {
  const left = stored.map(({ lot, material, leftLooseL }) => {
    const planned = filled.filter(one => one.material.id === material.id).reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
    return { material, container: lot.container, packing: lot.packing, count: Math.floor(Math.max(0, leftLooseL - planned) / packingFactor(material, lot.packing) / lot.container.volumeL * 2) / 2, inStore: true }
  })
  const offered = around.map(one => ({ ...one, packing: 'loose' as const, count: Infinity, inStore: false }))
  return [...left.filter(({ count, material }) => count >= 0.5 && isForBalancing(material)), ...offered]
}

/** How a balance is wanted, besides what lies on the bench. */
export interface BalanceWish {
  readonly goalId: string
  readonly ratioBasis: RatioBasis
  /** Smallest part of a container: 1, 0.5 or 0 for any amount. */
  readonly step: number
  readonly fetching: boolean
  readonly fill: 'pile' | 'full' | 'have' | 'wish'
  /** Most of the litres that may be of one kind. */
  readonly oneMaterialMost: number
}

/** What lies on the bench and around it. */
export interface OnTheBench {
  readonly vessel: Vessel
  readonly ingredients: readonly Ingredient[]
  readonly pinned: readonly string[]
  readonly capped: readonly string[]
  readonly stored: readonly StoredLot[]
  readonly around: readonly Around[]
  readonly comfort: Comfort
}

/** The bench and the store as a problem for the solver. @param wishL litres to build in this vessel, when a size is wished. */
export function problemOf({ vessel, ingredients, pinned, capped, stored, around, comfort }: OnTheBench, { ratioBasis, step, fetching, fill, oneMaterialMost }: BalanceWish, wishL: number | undefined): Problem {
  const wholeL = vesselVolumeL(vessel)
  const pileL = ingredients.reduce((sum, one) => sum + portionOf(one).looseVolumeL, 0)
  const volumeL = fill === 'pile' && pileL > 0
    ? { low: Math.min(wholeL, pileL) * PILE_SHARES.low, high: Math.min(wholeL, pileL * PILE_SHARES.high) }
    : fill === 'wish' && wishL !== undefined
      ? { low: wishL * (1 - WISH_LEEWAY), high: Math.min(wholeL, wishL * (1 + WISH_LEEWAY)) }
      : { low: wholeL * FILLED_SHARE, high: wholeL }
  return {
    offers: offersAtHand({ bench: ingredients, pinned, capped, stored, around, fetching }),
    limits: { comfort, ratioBasis, volumeL, oneMaterialMost, charMost: CHAR_MOST },
    step,
  }
}
