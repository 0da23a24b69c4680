import type { StoredLot } from '../garden/store'
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
  readonly around: readonly { readonly material: Material, readonly container: ContainerThen }[]
  /** May things that are around be fetched without asking. */
  readonly fetching: boolean
}

/** Not what one balances a heap with: they are dear, or barely decay. On the bench they stay as they are. */
const NOT_FOR_BALANCING: readonly Material['family'][] = ['finished', 'mineral', 'char', 'feed']
/** More different things nobody carries together; the rest would only slow the answer. */
const MOST_OFFERS = 18

export function isForBalancing({ family }: Material): boolean {
  return !NOT_FOR_BALANCING.includes(family)
}

/** Litres of a material in the store, loose, and the days the first of it still keeps. */
function inStore(stored: readonly StoredLot[], materialId: string): { readonly looseL: number, readonly daysLeft: number } {
  const lots = stored.filter(({ material }) => material.id === materialId)
  return {
    looseL: lots.reduce((sum, { leftLooseL }) => sum + leftLooseL, 0),
    daysLeft: Math.min(Infinity, ...lots.map(({ keeping }) => keeping.daysLeft)),
  }
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
      inStore: true, most: capped.includes(material.id) ? amount.count : Math.max(there, amount.count), daysLeft: looseL > 0 ? daysLeft : material.keepsDays,
      ...(pinned.includes(material.id) || !isForBalancing(material) ? { pinned: amount.count } : {}),
    }
  })
  const known = new Set(bench.map(({ material }) => material.id))
  const fromStore = stored.filter(({ material }) => !known.has(material.id) && isForBalancing(material)).flatMap(({ lot, material }): Offer[] => {
    if (known.has(material.id)) return []
    known.add(material.id)
    const { looseL, daysLeft } = inStore(stored, material.id)
    return [{ material, container: lot.container, packing: lot.packing, inStore: true, daysLeft, most: looseL / packingFactor(material, lot.packing) / lot.container.volumeL }]
  })
  const there = [...onBench, ...fromStore]
  const toFetch = around.flatMap(({ material, container }): Offer[] => {
    const known = there.find(offer => offer.material.id === material.id)
    const fetched: Offer = { material, container, packing: 'loose', inStore: false, most: fetching ? Infinity : 0, daysLeft: material.keepsDays }
    if (!known) return [fetched]
    // More of what is there, in the same containers; when nothing is fetched the smallest changes see to that.
    return fetching && known.pinned === undefined && !capped.includes(material.id) ? [{ ...known, inStore: false, most: Infinity, daysLeft: material.keepsDays }] : []
  })
  return [...there, ...toFetch].slice(0, Math.max(MOST_OFFERS, onBench.length))
}
