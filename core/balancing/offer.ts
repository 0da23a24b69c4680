import { packingFactor } from '../materials/packing'
import { preparedMaterial, preparedVolumeShare, type Preparation } from '../materials/preparation'
import type { Material } from '../materials/material'
import type { Ingredient } from '../mix/portion'
import { addToTotals, emptyTotals, typicalValues, type Totals } from '../mix/totals'
import type { ContainerThen, Packing } from '../units/container'

/** Something that may go into a heap, by the container. */
export interface Offer {
  readonly material: Material
  readonly prepared?: Preparation
  readonly container: ContainerThen
  readonly packing: Packing
  /** Lies in the store, as against having to be fetched or bought. */
  readonly inStore: boolean
  /** Most containers of it there are; infinite when it is simply around. */
  readonly most: number
  /** Most that can be had of it in all, where fetching more is no use; without it there is no end to it. */
  readonly obtainable?: number
  /** So many containers lie on the bench: leaving them out is a change. */
  readonly lies?: number
  /** Exactly so many containers go in, whatever else. */
  readonly pinned?: number
  /** Days before it spoils, below 0 when it has. */
  readonly daysLeft: number
}

/** What one container of an offer brings, at typical values. */
export interface OfferUnit {
  readonly totals: Totals
  /** Loose litres as they lie in the heap. */
  readonly looseL: number
  readonly coarseness: number
  readonly mineralKg: number
}

const units = new WeakMap<Offer, OfferUnit>()

/** Looks up once what the solver multiplies many times over. */
export function unitOf(offer: Offer): OfferUnit {
  const known = units.get(offer) ?? makeUnit(offer)
  units.set(offer, known)
  return known
}

function makeUnit({ material, prepared, container, packing }: Offer): OfferUnit {
  const used = preparedMaterial(material, prepared)
  const looseL = container.volumeL * packingFactor(material, packing) * preparedVolumeShare(prepared)
  const totals = emptyTotals()
  addToTotals(totals, used, looseL, typicalValues(used))
  return { totals, looseL, coarseness: used.structure / 3, mineralKg: totals.wetMassKg - totals.waterKg - totals.organicKg }
}

/** An offer taken so many times, as an ingredient. */
export function taken({ material, prepared, container, packing }: Offer, count: number): Ingredient {
  return { material, amount: { count, container, packing }, ...(prepared ? { prepared } : {}) }
}

const alike = (a: Ingredient, b: Ingredient) =>
  a.material.id === b.material.id
  && a.prepared === b.prepared
  && a.amount.packing === b.amount.packing
  && a.amount.container.id === b.amount.container.id

/** A choice of counts as ingredients; what is partly there and partly fetched becomes one. */
export function ingredientsTaken(offers: readonly Offer[], counts: readonly number[]): Ingredient[] {
  return offers.reduce<Ingredient[]>((ingredients, offer, index) => {
    const count = counts[index] ?? 0
    if (!(count > 0)) return ingredients
    const ingredient = taken(offer, count)
    const same = ingredients.findIndex(one => alike(one, ingredient))
    if (same < 0) return [...ingredients, ingredient]
    return ingredients.map((one, at) => at === same ? { ...one, amount: { ...one.amount, count: one.amount.count + count } } : one)
  }, [])
}
