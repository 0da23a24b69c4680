import { isForBalancing, offersAtHand } from '../balancing/at-hand'
import type { Offer } from '../balancing/offer'
import { spoilingL } from '../balancing/spoiling'
import type { Problem } from '../balancing/problem'
import type { StoredLot } from '../garden/store'
import type { Supply } from '../garden/supply'
import { aroundIn } from '../materials/book'
import type { MaterialBook } from '../materials/book'
import { isSpoilt } from '../materials/keeping'
import type { Material } from '../materials/material'
import { packingFactor } from '../materials/packing'
import type { Comfort } from '../mix/judgement'
import type { Candidate } from '../mix/lever'
import { type Ingredient, looseL } from '../mix/portion'
import { containerThen, jugOf, type Container, type ContainerThen } from '../units/container'
import type { UnitSystem } from '../units/system'
import { vesselVolumeL, type Vessel } from '../vessel/vessel'

/** What can be had nearly everywhere, offered beside what the store holds, and the most litres of it that are got together in a week. */
const COMMON = [
  ['leaves-mixed', 960], ['cardboard', 320], ['straw-wheat', 800], ['grass-clippings', 300], ['kitchen-veg', 60],
  ['horse-manure-straw', 600],
] as const
/** Light stuff comes by the sack, heavy and wet stuff by the bucket. */
const SACK_BELOW_KG_M3 = 160
/** A vessel counts as filled from here on: what is loose settles by a tenth within days. */
const FILLED_SHARE = 0.75
/** This pile stays this pile: what is added or taken out leaves it between these shares of its litres. */
const PILE_SHARES = { low: 0.6, high: 1.8 }
/** A small pile may grow by this much whatever it is: what is wet and green takes three times its litres of browns. */
const PILE_GROWS_L = 250
/** And so many times what spoils in it: the wettest wants four times its litres of something dry. */
const BROWNS_TIMES = 5
/** Of what lies there and spoils, at least so much goes in. */
const SPOILING_USED = 0.8
/** A heap of a wished size may be this far off. */
const WISH_LEEWAY = 0.1
/** Most of the litres that may be char. */
const CHAR_MOST = 0.1

/** The container a gardener would take for a material. */
export function usualContainer({ bulkDensityKgM3 }: Pick<Material, 'bulkDensityKgM3'>, containers: readonly Container[]): Container {
  const wanted = bulkDensityKgM3.typical < SACK_BELOW_KG_M3 ? 'sack' : 'bucket'
  return containers.find(({ id }) => id === wanted) ?? containers[0] as Container
}

/** Something that can be fetched, in the container it would be fetched in, and how many of them come in while the rest keeps. */
export interface Around { readonly material: Material, readonly container: ContainerThen, readonly obtainable: number }

/** What can be had in this month of the northern year, in the gardener's containers, as much of it as comes in or is got in a week. */
export function aroundHere(
  materials: MaterialBook, containers: readonly Container[], month: number, supplies: readonly Supply[],
): Around[] {
  return aroundIn(month, COMMON.flatMap(([id]) => materials.find(id) ?? [])).map((material) => {
    const container = containerThen(usualContainer(material, containers))
    const supply = supplies.find(({ materialId }) => materialId === material.id)
    const usualL = COMMON.find(([id]) => id === material.id)?.[1] ?? Infinity
    return { material, container, obtainable: (supply?.obtainableL ?? usualL) / container.volumeL }
  })
}

/** Nitrogen for browns without greens, by what it comes in: what is in the store, else a little of each kind. */
const FEEDS = ['urine', 'feather-meal', 'blood-meal', 'poultry-pellets']
/** So much of a feed nobody strews into one heap. */
const FEED_MOST_L = 25

/** Nitrogen feeds as they could be strewn in, measured in a jug: what the store has of them, or a bought bag. */
export function feedsFor(materials: MaterialBook, stored: readonly StoredLot[], units: UnitSystem): Offer[] {
  return FEEDS.flatMap((id): Offer[] => {
    const material = materials.find(id)
    const leftL = stored.filter(one => one.material.id === id).reduce((sum, one) => sum + one.leftLooseL, 0)
    return material
      ? [
          {
            material, container: jugOf(units), packing: 'loose', inStore: leftL > 0, most: leftL, obtainable: FEED_MOST_L,
            daysLeft: material.keepsDays,
          },
        ]
      : []
  })
}

/** What might be added to a mix: what is left in the store, and what can be fetched. */
export function candidatesFor(filled: readonly Ingredient[], stored: readonly StoredLot[], around: readonly Around[]): Candidate[] {
  const left = stored.filter(({ material, keeping }) => !isSpoilt(material, keeping)).map(({ lot, material, leftLooseL }) => {
    const planned = looseL(filled.filter(one => one.material.id === material.id))
    return {
      material, container: lot.container, packing: lot.packing,
      count: Math.floor((Math.max(0, leftLooseL - planned) / packingFactor(material, lot.packing) / lot.container.volumeL) * 2) / 2,
      inStore: true,
    }
  })
  const offered = around.map(({ material, container, obtainable }) => ({
    material, container, packing: 'loose' as const, count: Math.floor(obtainable * 2) / 2, inStore: false,
  }))
  return [...left.filter(({ material }) => isForBalancing(material)), ...offered].filter(({ count }) => count >= 0.5)
}

/** How a balance is wanted, besides what lies on the bench. */
export interface BalanceWish {
  readonly goalId: string
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
  /** Of loosely mixed litres, so much stands in the vessel. */
  readonly standsShare: number
  readonly ingredients: readonly Ingredient[]
  readonly pinned: readonly string[]
  readonly capped: readonly string[]
  readonly stored: readonly StoredLot[]
  readonly around: readonly Around[]
  readonly feeds: readonly Offer[]
  readonly comfort: Comfort
}

/** The bench and the store as a problem for the solver. @param wishL litres to build in this vessel, when a size is wished. */
export function problemOf(
  { vessel, standsShare, ingredients, pinned, capped, stored, around, comfort, feeds }: OnTheBench,
  { step, fetching, fill, oneMaterialMost }: BalanceWish, wishL: number | undefined,
): Problem {
  const wholeL = vesselVolumeL(vessel) / standsShare
  const pileL = looseL(ingredients)
  const offers = offersAtHand({ bench: ingredients, pinned, capped, stored, around, fetching })
  const spoilsL = spoilingL(offers)
  const volumeL = fill === 'pile' && pileL > 0
    ? { low: Math.min(wholeL, pileL) * PILE_SHARES.low, high: Math.min(wholeL, Math.max(pileL * PILE_SHARES.high, pileL + PILE_GROWS_L)) }
    : fill === 'wish' && wishL !== undefined
      ? { low: wishL * (1 - WISH_LEEWAY), high: Math.min(wholeL, wishL * (1 + WISH_LEEWAY)) }
      : { low: wholeL * FILLED_SHARE, high: wholeL }
  return {
    offers,
    limits: {
      comfort, volumeL, oneMaterialMost, charMost: CHAR_MOST,
      ...(spoilsL > 0 ? { spoilingLeastL: SPOILING_USED * spoilsL, growsToL: Math.min(wholeL, spoilsL * BROWNS_TIMES) } : {}),
    },
    feeds,
    step,
  }
}
