import { unitOf } from './offer'
import type { Problem } from './problem'

/** Nobody carries out less of one thing than this share of the loose litres: it changes nothing. */
export const SLIVER_SHARE = 0.025

/** Feeds and starters are strewn, what is pinned was wanted: neither is ever too little. */
function mayBeLittle({ material, pinned }: Problem['offers'][number]): boolean {
  return pinned !== undefined || material.family === 'feed' || material.part !== 'mix'
}

/** The offers of one thing of which a choice holds a sliver: the smallest first; nothing when there is none. */
export function sliverOf({ offers }: Problem, counts: readonly number[]): readonly number[] | undefined {
  const looseL = offers.map((offer, index) => unitOf(offer).looseL * (counts[index] ?? 0))
  const wholeL = looseL.reduce((sum, litres) => sum + litres, 0)
  const things = new Map<string, number[]>()
  offers.forEach(({ material, prepared }, index) => {
    const thing = `${material.id} ${prepared ?? ''}`
    things.set(thing, [...things.get(thing) ?? [], index])
  })
  const slivers = [...things.values()].filter(own => !own.some(index => mayBeLittle(offers[index]!))).flatMap((own) => {
    const share = own.reduce((sum, index) => sum + looseL[index]!, 0) / wholeL
    return share > 0 && share < SLIVER_SHARE - 1e-9 ? [{ own, share }] : []
  })
  return slivers.sort((a, b) => a.share - b.share)[0]?.own
}
