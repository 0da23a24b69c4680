import type { StoredLot } from '../garden/store'
import { isSpoilt } from '../materials/keeping'
import type { Material } from '../materials/material'
import { packingFactor } from '../materials/packing'
import type { Ingredient } from '../mix/portion'
import type { ContainerThen } from '../units/container'
import type { Offer } from './offer'

/** What can be put to the solver: what lies on the bench, what lies in the store, what can be fetched. */
export interface AtHand {
  readonly bench: readonly Ingredient[]
  readonly pinned: readonly string[]
  /** Of these no more than lies on the bench. */
  readonly capped: readonly string[]
  readonly stored: readonly StoredLot[]
  /** Things to be had nearly anywhere, in the container a gardener would take. */
  readonly around: readonly {
    readonly material: Material
    readonly container: ContainerThen
    /** Most containers of it that come in while the rest keeps. */ readonly obtainable?: number
  }[]
  /** May things that are around be fetched without asking. */
  readonly fetching: boolean
}

/** Not what one balances a heap with: they are dear, or barely decay. On the bench they stay as they are. */
const NOT_FOR_BALANCING: readonly Material['family'][] = ['finished', 'feed']
/** More different things of a store nobody carries together; the rest would only slow the answer. */
const MOST_STORED = 14

export function isForBalancing({ family, part }: Material): boolean {
  return part === 'mix' && !NOT_FOR_BALANCING.includes(family)
}

/** Litres of a material in the store, loose, and the days the first of it still keeps. */
function inStore(stored: readonly StoredLot[], materialId: string): { readonly looseL: number, readonly daysLeft: number } {
  const lots = stored.filter(({ material, keeping }) => material.id === materialId && !isSpoilt(material, keeping))
  return {
    looseL: lots.reduce((sum, { leftLooseL }) => sum + leftLooseL, 0),
    daysLeft: Math.min(Infinity, ...lots.map(({ keeping }) => keeping.daysLeft)),
  }
}

/** How many of these containers can be had in all, where that is known. */
function obtainableOf(around: AtHand['around'], { id }: Material, container: ContainerThen): { readonly obtainable?: number } {
  const known = around.find(one => one.material.id === id)
  return known?.obtainable === undefined ? {} : { obtainable: known.obtainable * known.container.volumeL / container.volumeL }
}

/**
 * The offers behind a balance: what lies on the bench first, in its containers and as prepared there, as much as there
 * is of it in the store or as was said to be there; then the rest of the store, what spoils first before the rest;
 * then what is around, to be fetched.
 */
export function offersAtHand({ bench, pinned, capped, stored, around, fetching }: AtHand): Offer[] {
  const onBench = bench.map(({ material, amount, prepared }): Offer => {
    const { looseL, daysLeft } = inStore(stored, material.id)
    const there = looseL / packingFactor(material, amount.packing) / amount.container.volumeL
    return {
      material, container: amount.container, packing: amount.packing, ...(prepared ? { prepared } : {}),
      inStore: true,
      most: capped.includes(material.id) ? amount.count : looseL > 0 ? there : amount.count,
      daysLeft: looseL > 0 ? daysLeft : material.keepsDays,
      lies: amount.count,
      ...obtainableOf(around, material, amount.container),
      ...(pinned.includes(material.id) || !isForBalancing(material) ? { pinned: amount.count } : {}),
    }
  })
  const known = new Set(bench.map(({ material }) => material.id))
  const fromStore = stored
    .filter(({ material, keeping }) => !known.has(material.id) && isForBalancing(material) && !isSpoilt(material, keeping))
    .flatMap(({ lot, material }): Offer[] => {
      if (known.has(material.id)) return []
      known.add(material.id)
      const { looseL, daysLeft } = inStore(stored, material.id)
      return [{
        material, container: lot.container, packing: lot.packing, inStore: true, daysLeft,
        most: looseL / packingFactor(material, lot.packing) / lot.container.volumeL,
      }]
    })
  const there = [...onBench, ...fromStore.slice(0, MOST_STORED)]
  const toFetch = around.flatMap(({ material, container }): Offer[] => {
    const known = there.find(offer => offer.material.id === material.id)
    const ends = obtainableOf(around, material, known?.container ?? container)
    const fetched: Offer = {
      material, container, packing: 'loose', inStore: false, most: fetching ? (ends.obtainable ?? Infinity) : 0,
      daysLeft: material.keepsDays,
      ...ends,
    }
    if (!known) return [fetched]
    // More of what is there, in the same containers; when nothing is fetched the smallest changes see to that.
    if (!fetching || known.pinned !== undefined || capped.includes(material.id)) return []
    // What is fetched comes as it is: nobody soaks it on the way.
    const { prepared, lies: _, ...same } = known
    return [{
      ...same,
      ...(prepared && prepared !== 'soaked' ? { prepared } : {}),
      inStore: false,
      most: ends.obtainable ?? Infinity,
      daysLeft: material.keepsDays,
      ...ends,
    }]
  })
  return [...there, ...toFetch]
}
